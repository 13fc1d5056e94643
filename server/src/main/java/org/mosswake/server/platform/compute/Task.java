package org.mosswake.server.platform.compute;

import java.io.IOException;
import java.util.concurrent.FutureTask;
import org.mosswake.server.platform.compute.Computing.Told;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/** Runs the work and ends the answer, however it ends. */
final class Task extends FutureTask<Void> {
    private static final Logger LOG = LoggerFactory.getLogger(Task.class);

    private final ResponseBodyEmitter emitter;
    private volatile Runnable whenOver = () -> {};
    private volatile boolean readerGone;
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

    /** @param gone there is nobody to answer; else it is given up for newer ones, and says so */
    @Override
    public boolean cancel(boolean gone) {
        readerGone |= gone;
        return super.cancel(gone);
    }

    @Override
    protected void done() {
        whenOver.run();
        try {
            end();
        } catch (IllegalStateException e) {
            // The container ended the answer first.
            LOG.debug("already ended", e);
        }
    }

    private void end() {
        if (isCancelled()) {
            if (!readerGone) {
                emitter.completeWithError(new TooBusy());
            }
        } else if (failed == null || failed instanceof IOException) {
            emitter.complete();
        } else {
            emitter.completeWithError(failed);
        }
    }
}
