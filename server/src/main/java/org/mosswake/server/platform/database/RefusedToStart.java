package org.mosswake.server.platform.database;

import java.net.BindException;

/** A start that must not go on, with a sentence for whoever started it. */
public final class RefusedToStart extends RuntimeException {
    RefusedToStart(String sentence) {
        super(sentence);
    }

    /** Prints the plain reason of a failed start, without a stack trace where the reason is known. */
    public static void explain(RuntimeException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof RefusedToStart || cause instanceof BindException) {
                System.err.println("Moss Wake did not start: " + cause.getMessage());
                return;
            }
            if (cause.getClass().getSimpleName().equals("PortInUseException")) {
                System.err.println("Moss Wake did not start: " + cause.getMessage() + ". Choose another with --port.");
                return;
            }
        }
        System.err.println("Moss Wake did not start: " + e);
        e.printStackTrace();
    }
}
