package org.mosswake.server.platform.compute;

import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/**
 * Answers from threads of its own. Whether the reader is still there is tried every quarter of a second with a blank,
 * which JSON allows before its value; a reader who has gone gets his work stopped.
 */
@Component
public class Computing {
    private static final long BEAT_MS = 250;
    private static final long MOST_MS = 120_000;
    private static final int MOST_WAITING = 60;

    private final NewestFirst workers;
    private final ScheduledExecutorService beats = Executors.newSingleThreadScheduledExecutor(task -> {
        var thread = new Thread(task, "beats");
        thread.setDaemon(true);
        return thread;
    });

    Computing(@Value("${moss.compute-threads:0}") int threads) {
        workers = new NewestFirst(
                threads > 0 ? threads : Math.max(1, Runtime.getRuntime().availableProcessors()), MOST_WAITING);
    }

    /** Running and waiting now. */
    public int busy() {
        return workers.getActiveCount() + workers.getQueue().size();
    }

    /** Words of an answer that is told as it is found. */
    public interface Telling {
        /** @throws IOException where the reader has gone */
        void say(Object word) throws IOException;
    }

    /** Work that tells. */
    public interface Told {
        void run(Telling telling) throws IOException;
    }

    /** One JSON value. */
    public ResponseEntity<ResponseBodyEmitter> answer(Callable<?> work) {
        return start(MediaType.APPLICATION_JSON, telling -> telling.say(called(work)));
    }

    /** A JSON value a line. */
    public ResponseEntity<ResponseBodyEmitter> tell(Told work) {
        return start(MediaType.parseMediaType("application/x-ndjson"), work);
    }

    private static Object called(Callable<?> work) {
        try {
            return work.call();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private ResponseEntity<ResponseBodyEmitter> start(MediaType type, Told work) {
        var emitter = new ResponseBodyEmitter(MOST_MS);
        boolean lines = !type.equals(MediaType.APPLICATION_JSON);
        var task = new Task(emitter, work, lines);
        ScheduledFuture<?> beat =
                beats.scheduleAtFixedRate(() -> blank(emitter, task), BEAT_MS, BEAT_MS, TimeUnit.MILLISECONDS);
        task.whenOver(() -> beat.cancel(false));
        emitter.onCompletion(() -> task.cancel(true));
        emitter.onTimeout(() -> task.cancel(true));
        emitter.onError(gone -> task.cancel(true));
        workers.execute(task);
        return ResponseEntity.ok()
                .contentType(type)
                .header("Cache-Control", "no-store")
                .body(emitter);
    }

    private static void blank(ResponseBodyEmitter emitter, Task task) {
        try {
            if (!task.isDone()) {
                emitter.send(" ", MediaType.TEXT_PLAIN);
            }
        } catch (IOException | IllegalStateException gone) {
            task.cancel(true);
        }
    }
}
