package org.mosswake.core.deck;

import org.mosswake.core.strikes.Cue;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * What to do when the crew sees that a lure does not run as it should (handbook §8).
 *
 * @param says    what is seen, as a crew would say it
 * @param act     what to do now
 * @param stepMps by how much faster that lure wants it; negative is slower (ESTIMATE: the step a throttle makes)
 */
public record CueAnswer(Cue cue, String says, Sentence act, double stepMps) {
    private static final double STEP_MPS = 0.1;

    public static CueAnswer of(Cue cue) {
        return switch (cue) {
            case TIP_TOO_FAST ->
                new CueAnswer(
                        cue,
                        "the tip beats too fast",
                        Sentence.of("ease her by {0}, and look again", Figure.speed(STEP_MPS)),
                        -STEP_MPS);
            case STILL_TIP ->
                new CueAnswer(
                        cue,
                        "the tip is still",
                        Sentence.of(
                                "wind it in: weed or a fouled lure; clean, it wants {0} more", Figure.speed(STEP_MPS)),
                        STEP_MPS);
            case SLACK ->
                new CueAnswer(
                        cue,
                        "the line is slack",
                        Sentence.of("a little faster, {0}", Figure.speed(STEP_MPS)),
                        STEP_MPS);
            case BAIT_OVERTAKES ->
                new CueAnswer(
                        cue,
                        "the bait overtakes the boat",
                        Sentence.of("too slow for it: {0} more", Figure.speed(STEP_MPS)),
                        STEP_MPS);
            case CIRCLES ->
                new CueAnswer(
                        cue,
                        "it runs in circles",
                        Sentence.of(
                                "too fast for it: ease by {0}; a bait that still circles is tied anew",
                                Figure.speed(STEP_MPS)),
                        -STEP_MPS);
        };
    }
}
