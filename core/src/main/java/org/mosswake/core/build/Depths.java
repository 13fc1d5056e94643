package org.mosswake.core.build;

import java.util.Optional;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.spread.Here;

/** Depths a playbook's deep positions are sought for, in this water and light. */
final class Depths {
    /** Just above and just below a layer (m). */
    private static final double BESIDE_M = 1.2;

    /** Nothing is sought nearer to the bottom (m). */
    private static final double CLEAR_M = 0.3;
    /** As good as a depth that is sought (m). */
    private static final double NEAR_M = 0.25;

    private final Playbook p;
    private final Optional<Double> bottom;
    private final Optional<Here.Band> bait;
    private final LightDepth.Band byLight;
    private int bracketing;
    private int byLightSeen;

    Depths(Situation s, Playbook p, LightDepth.Band byLight) {
        this.p = p;
        this.bottom = s.conditions().number(Topic.DEPTH);
        this.bait = p.is(Playbook.Trait.STAYS_DOWN)
                ? Optional.empty()
                : s.conditions().bait();
        this.byLight = byLight;
    }

    /** Depth of water: as known, else the middle of what the playbook is fished in. */
    double bottomM() {
        return bottom.orElseGet(() -> Math.sqrt(p.waterFromM() * Math.min(p.waterToM(), 4 * p.waterFromM())));
    }

    boolean bottomKnown() {
        return bottom.isPresent();
    }

    /** Empty for a position by let-out. Deep lines bracket a layer: one just under it, the next just above. */
    Optional<Placing.Target> of(Slot slot) {
        if (!slot.deep()) {
            return Optional.empty();
        }
        if (bait.isPresent()) {
            boolean under = bracketing++ % 2 == 0;
            return Optional.of(
                    about(under ? bait.get().bottomM() + BESIDE_M : bait.get().topM() - BESIDE_M));
        }
        Slot.Reach reach = slot.reach();
        return Optional.of(
                switch (reach.aim()) {
                    case DEPTH -> new Placing.Target(kept(reach.least()), kept(reach.most()));
                    case OFF_BOTTOM ->
                        new Placing.Target(kept(bottomM() - reach.most()), kept(bottomM() - reach.least()));
                    case SHARE -> about((reach.least() + reach.most()) / 2 * bottomM());
                    case BY_LIGHT -> about(byLight(byLightSeen++));
                    case LET_OUT -> throw new IllegalStateException();
                });
    }

    private Placing.Target about(double depth) {
        double kept = kept(depth);
        return new Placing.Target(kept - NEAR_M, kept + NEAR_M);
    }

    private double byLight(int seen) {
        LightDepth.Band band = byLight.over(bottomM(), 2);
        return band.topM() + (seen == 0 ? 0.7 : 0.1) * (band.bottomM() - band.topM());
    }

    private double kept(double depth) {
        return Math.max(0.8, Math.min(depth, bottomM() - CLEAR_M));
    }

    boolean brackets() {
        return bait.isPresent();
    }
}
