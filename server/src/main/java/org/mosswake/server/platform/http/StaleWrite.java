package org.mosswake.server.platform.http;

/** Someone saved in between. Carries both sides so that nothing is lost. */
public final class StaleWrite extends RuntimeException {
    private final transient Object yours;
    private final transient Object theirs;

    /**
     * @param what   e.g. "This spread"
     * @param yours  as sent
     * @param theirs as kept now, with its version
     */
    public StaleWrite(String what, Object yours, Object theirs) {
        super(what + " was changed elsewhere since you opened it.");
        this.yours = yours;
        this.theirs = theirs;
    }

    Object yours() {
        return yours;
    }

    Object theirs() {
        return theirs;
    }
}
