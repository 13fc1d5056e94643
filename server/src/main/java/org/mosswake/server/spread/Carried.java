package org.mosswake.server.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.spread.Boat;
import org.mosswake.core.spread.Idle;

/** A boat with all she carries. */
public record Carried(
        Boat boat,
        Optional<Idle> idle,
        Optional<Double> propSpreadM,
        List<LureAboard> lures,
        List<LineAboard> lines,
        List<ReelAboard> reels,
        RigNumbers numbers) {}
