package org.mosswake.server.gear;

import java.util.Optional;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.tow.Body;

/** Everything with a body that can be tied in: the lure kinds, and leads. */
public enum LureGearKind {
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
    CUT_BAIT,
    BENT_BAIT,
    ROTATING_BLADE,
    DIVING_PLANE,
    SOFT_EEL,
    FLY,
    DODGER,
    LIPLESS_PLUG,
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

    /** Speeds at which such a lure usually works; empty for a lead. */
    Optional<SpeedWindow> works() {
        return isLead()
                ? Optional.empty()
                : Optional.of(LureKind.valueOf(name()).works());
    }

    public boolean isLead() {
        return this == TORPEDO_LEAD || this == BALL_LEAD;
    }
}
