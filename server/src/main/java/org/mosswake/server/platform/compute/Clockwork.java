package org.mosswake.server.platform.compute;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Looks again and again, on a daemon thread of its own. A look that fails is said, and the next one comes all the same. */
public final class Clockwork {
    private static final Logger LOG = LoggerFactory.getLogger(Clockwork.class);

    private final String failing;
    private final ScheduledExecutorService thread;

    /**
     * @param name    of its thread
     * @param failing what is said of a look that failed
     */
    public Clockwork(String name, String failing) {
        this.failing = failing;
        thread = thread(name);
    }

    /** One daemon thread that does things later. */
    static ScheduledExecutorService thread(String name) {
        return Executors.newSingleThreadScheduledExecutor(task -> {
            var thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    @FunctionalInterface
    public interface Look {
        @SuppressWarnings("java:S112")
        void look() throws Exception;
    }

    /** @param everyS from the end of one look to the next (s) */
    public void every(long firstS, long everyS, Look look) {
        thread.scheduleWithFixedDelay(() -> take(look), firstS, everyS, TimeUnit.SECONDS);
    }

    /** As soon as the thread is free. */
    public void once(Look look) {
        thread.execute(() -> take(look));
    }

    /** A schedule whose task throws never runs again. */
    private void take(Look look) {
        try {
            look.look();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (Exception e) {
            LOG.warn("{}: {}", failing, e.toString());
        }
    }

    public void stop() {
        thread.shutdownNow();
    }
}
