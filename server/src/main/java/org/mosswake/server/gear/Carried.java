package org.mosswake.server.gear;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.rig.RigNumbers;

/** A boat with all she carries. */
public record Carried(
        Boat boat,
        Optional<Idle> idle,
        Optional<Double> propSpreadM,
        List<LureAboard> lures,
        List<LineAboard> lines,
        List<ReelAboard> reels,
        RigNumbers numbers) {}
