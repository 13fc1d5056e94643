package org.mosswake.core.deck;

import java.util.List;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.strikes.Cue;

/** Speeds at which a lure works as its crew has seen it run: its own window, a step up or down for each cue that stands. */
public final class CuedWindow {
    /** More than this share of its middle no cues move it: then it is another lure, or the window was wrong (ESTIMATE). */
    static final double MOST_SHARE = 0.2;

    private CuedWindow() {}

    public static SpeedWindow of(SpeedWindow works, List<Cue> cues) {
        double middle = (works.leastMps() + works.mostMps()) / 2;
        double most = MOST_SHARE * middle;
        double steps =
                cues.stream().mapToDouble(cue -> CueAnswer.of(cue).stepMps()).sum();
        double by = Math.max(-most, Math.min(most, steps));
        return new SpeedWindow(works.leastMps() + by, works.mostMps() + by);
    }
}
