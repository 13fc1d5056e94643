package org.mosswake.core.sure;

/**
 * What nobody knows exactly, with how far it is usually off: the standard deviation of its logarithm, or of metres for a
 * height ({@code ESTIMATE} all, until a fit says better).
 */
public enum Unknown {
    NORMAL_DRAG_SMOOTH("drag across mono and fluorocarbon", 0.10),
    NORMAL_DRAG_BRAID("drag across braid", 0.15),
    /** They hum, and how much nobody knows beforehand. */
    NORMAL_DRAG_METAL("drag across wire and cable", 0.20),
    TANGENTIAL_DRAG("drag along a line", 0.4),
    DIAMETER("diameter of a line", 0.05),
    DRAG_AREA("drag of a lure or weight", 0.25),
    BLADE_AREA("drag of a rotating blade", 0.35),
    DIVE_AREA("dive of a lure", 0.3),
    SIDE_AREA("steering of a bar", 0.3),
    /** 0.01 by a counter, 0.03 by marks, 0.06 by counted pulls. */
    LET_OUT("let-outs: 1 % by a counter, 3 by marks, 6 by pulls", 0.03),
    CABLE_OUT("cable out by its counter", 0.01),
    /** 0.03 by a paddle wheel, 0.10 by a receiver and the tide. */
    SPEED("speed through water: 3 % by a paddle wheel, 10 by receiver and tide", 0.10),
    TIP_HEIGHT("height of a rod tip", 0.1);

    private final String words;
    private final double usual;

    Unknown(String words, double usual) {
        this.words = words;
        this.usual = usual;
    }

    public String words() {
        return words;
    }

    public double usual() {
        return usual;
    }

    /** Another the next time: nothing seen today says more of it. */
    public boolean ofTheMoment() {
        return this == LET_OUT || this == CABLE_OUT || this == SPEED || this == TIP_HEIGHT;
    }

    /** A height errs by metres, everything else by a share. */
    public boolean inMetres() {
        return this == TIP_HEIGHT;
    }
}
