package org.mosswake.server.platform.compute;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
    private static final Logger LOG = LoggerFactory.getLogger(Computing.class);
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

        /** The same, from within work that throws nothing checked. */
        default void tell(Object word) {
            try {
                say(word);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Work that tells. */
    public interface Told {
        void run(Telling telling) throws IOException;
    }

    /** One JSON value. */
    public ResponseEntity<ResponseBodyEmitter> answer(Callable<?> work) {
        return start(MediaType.APPLICATION_JSON, telling -> telling.say(called(work)));
    }

    /**
     * A JSON value a line. The answer has begun when work fails, so a fault of ours can only be its last word.
     *
     * @param failed said where the work threw
     */
    public ResponseEntity<ResponseBodyEmitter> tell(Told work, Object failed) {
        return start(MediaType.parseMediaType("application/x-ndjson"), telling -> {
            try {
                work.run(telling);
            } catch (UncheckedIOException gone) {
                throw gone.getCause();
            } catch (CancellationException gone) {
                throw gone;
            } catch (RuntimeException e) {
                LOG.error("what was being told failed", e);
                telling.say(failed);
            }
        });
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
