package org.mosswake.core.spread;

/** The one change of a mend, as what it must be. */
public final class Offered {
    private Offered() {}

    public static <T extends Change> T by(Mend mend, Class<T> kind) {
        if (mend.changes().size() != 1) {
            throw new AssertionError("not one change: " + mend);
        }
        return kind.cast(mend.changes().get(0));
    }

    static <T extends Change> T by(Finding finding, Class<T> kind) {
        return by(finding.mend().orElseThrow(), kind);
    }

    /** A figure of what is said, in SI. */
    static double said(Finding finding, int at) {
        return finding.text().figures().get(at).si();
    }
}
