package org.mosswake.server.platform.compute;

import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/** Runs the newest task first; when too many wait, the oldest is given up. */
final class NewestFirst extends ThreadPoolExecutor {
    NewestFirst(int threads, int waiting) {
        super(threads, threads, 1, TimeUnit.MINUTES, new Stack(waiting), task -> {
            var thread = new Thread(task, "compute");
            thread.setDaemon(true);
            return thread;
        });
        allowCoreThreadTimeOut(true);
    }

    /** Offers go to the head; the executor takes from there. */
    private static final class Stack extends LinkedBlockingDeque<Runnable> {
        private final int most;

        Stack(int most) {
            this.most = most;
        }

        @Override
        public boolean offer(Runnable task) {
            boolean taken = super.offerFirst(task);
            while (size() > most) {
                if (pollLast() instanceof FutureTask<?> oldest) {
                    oldest.cancel(false);
                }
            }
            return taken;
        }
    }
}
