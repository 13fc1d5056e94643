package org.mosswake.server.platform.compute;

import java.io.IOException;
import java.util.concurrent.FutureTask;
import org.mosswake.server.platform.compute.Computing.Told;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/** Runs the work and ends the answer, however it ends. */
final class Task extends FutureTask<Void> {
    private final ResponseBodyEmitter emitter;
    private volatile Runnable whenOver = () -> {};
    private Throwable failed;

    /** @param lines each word of the answer ends its line */
    Task(ResponseBodyEmitter emitter, Told work, boolean lines) {
        super(() -> {
            work.run(word -> say(emitter, word, lines));
            return null;
        });
        this.emitter = emitter;
    }

    private static void say(ResponseBodyEmitter emitter, Object word, boolean lines) throws IOException {
        synchronized (emitter) {
            emitter.send(word, MediaType.APPLICATION_JSON);
            if (lines) {
                emitter.send("\n", MediaType.TEXT_PLAIN);
            }
        }
    }

    void whenOver(Runnable then) {
        whenOver = then;
    }

    @Override
    protected void setException(Throwable met) {
        // Known before the end is told: done() answers by it.
        failed = met;
        super.setException(met);
    }

    @Override
    protected void done() {
        whenOver.run();
        if (isCancelled()) {
            emitter.completeWithError(new TooBusy());
        } else if (failed == null || failed instanceof IOException) {
            emitter.complete();
        } else {
            emitter.completeWithError(failed);
        }
    }
}
