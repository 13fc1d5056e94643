package org.mosswake.core.build;

import org.mosswake.core.call.Box;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.StartSpeed;
import org.mosswake.core.playbook.School;
import org.mosswake.core.spread.LinePlacer;
import org.mosswake.core.spread.Wake;
import org.mosswake.core.units.SpeedThroughWater;

/** What one search reckons with: who wishes what, at which speed, in which wake, over which bottom. */
record Reckoning(
        FirstSpread.Wish wish, SpeedThroughWater speed, int engines, Wake wake, Depths depths, LinePlacer placer) {
    static Reckoning of(FirstSpread.Wish wish) {
        return of(wish, new SpeedThroughWater(StartSpeed.of(wish.s(), wish.p())));
    }

    static Reckoning of(FirstSpread.Wish wish, SpeedThroughWater speed) {
        Situation s = wish.s();
        int engines = engines(s, speed.mps());
        return new Reckoning(
                wish,
                speed,
                engines,
                Wake.of(speed, engines, s.outfit().propSpreadM()),
                new Depths(s, wish.p(), wish.byLight()),
                new LinePlacer());
    }

    /** One engine where she idles faster than the lures are fished and that is his way to slow her. */
    private static int engines(Situation s, double mps) {
        int all = s.outfit().boat().engines();
        boolean slow = s.outfit().idle().filter(idle -> idle.tooFastFor(mps)).isPresent();
        return slow && s.schools().is(School.SLOWING, 0) ? Math.min(1, all) : all;
    }

    /** Let-out that leaves on the reel what the playbook wants kept (m). */
    double reelMostM(Box.Reel reel) {
        return reel.rod().capacityM(reel.main().orElseThrow().item().diameterM())
                - wish.p().keepM();
    }
}
