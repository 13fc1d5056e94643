package org.mosswake.server.platform.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Ends this server, and the PostgreSQL started for it, when the start command is gone without having said so: nothing is
 * left running that nobody can name.
 */
public final class ParentWatch {
    private static final long EVERY_MS = 1000;

    private ParentWatch() {}

    /** Does nothing where the server was started by hand. */
    public static void begin() {
        String parent = System.getenv("MOSS_PARENT");
        if (parent == null || parent.isBlank()) {
            return;
        }
        long pid = Long.parseLong(parent);
        var thread = new Thread(() -> watch(pid), "parent-watch");
        thread.setDaemon(true);
        thread.start();
    }

    private static void watch(long pid) {
        try {
            while (ProcessHandle.of(pid).filter(ProcessHandle::isAlive).isPresent()) {
                Thread.sleep(EVERY_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return;
        }
        System.err.println("Moss Wake: the start command is gone; stopping the server and its database");
        Runtime.getRuntime().addShutdownHook(new Thread(ParentWatch::stopDatabase));
        System.exit(0);
    }

    /** As pg_ctl does: it goes when the last of its clients has gone. */
    private static void stopDatabase() {
        String file = System.getenv("MOSS_POSTMASTER");
        if (file == null || file.isBlank()) {
            return;
        }
        try {
            long pid = Long.parseLong(Files.readAllLines(Path.of(file)).get(0).strip());
            ProcessHandle.of(pid).ifPresent(ProcessHandle::destroy);
        } catch (IOException | NumberFormatException e) {
            System.err.println("Moss Wake: PostgreSQL could not be stopped: " + e.getMessage());
        }
    }
}
