package org.mosswake.server.spread;

import org.mosswake.core.spread.LureKind;
import org.mosswake.core.tow.Body;

/** Everything with a body that can be tied in: the lure kinds, and leads. */
enum LureGearKind {
    BULLET_SKIRT,
    FAST_BULLET,
    POPPING_HEAD,
    FEATHER,
    LIPPED_PLUG,
    FLUTTER_SPOON,
    HAIR_JIG,
    SQUID,
    SPREADER_BAR,
    STEERING_BAR,
    LIVE_BAIT,
    EEL_BAIT,
    ROTATING_BLADE,
    TORPEDO_LEAD,
    BALL_LEAD;

    private static final double USUAL_LEAD_KG = 0.45;

    Body usual() {
        return switch (this) {
            case TORPEDO_LEAD -> LureKind.torpedoLead(USUAL_LEAD_KG);
            case BALL_LEAD -> LureKind.ballLead(USUAL_LEAD_KG);
            default -> LureKind.valueOf(name()).usual();
        };
    }

    boolean isLead() {
        return this == TORPEDO_LEAD || this == BALL_LEAD;
    }
}
