package org.mosswake.server.platform.compute;

/** So much is waiting that this would be answered too late to be of use. */
public final class TooBusy extends RuntimeException {
    TooBusy() {
        super("Newer questions came before this one could be answered. Ask it again.");
    }
}
