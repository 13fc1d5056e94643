package org.mosswake.core.course;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;

/**
 * A course that was followed with every line, laid anew with wider turns where lines met: half a turn to one side that is clear
 * does not make one to the other side clear that comes at once after it.
 */
public record Followed(Laid laid, Towed towed, Passage.Sailed sailed) {
    private static final double WIDER = 1.25;
    private static final int MOST = 4;

    /**
     * Empty where no course can be laid.
     *
     * @param depth of the bottom
     * @param gone  hears how much of the way is done, 0 to 1
     */
    public static Optional<Followed> of(
            Courses.Ask asked, Optional<Field> depth, TurnRules rules, List<TurnLine> lines, DoubleConsumer gone) {
        Optional<Followed> best = Optional.empty();
        Courses.Ask ask = asked;
        for (int time = 0; time < MOST; time++) {
            Optional<Laid> laid = Courses.lay(ask);
            if (laid.isEmpty()) {
                break;
            }
            Track track = laid.get().track();
            int pieces = track.pieces().size();
            Passage.Sailed sailed = new Passage(track, ask.towed(), ask.band(), depth, rules, lines)
                    .sail(piece -> gone.accept((double) piece / pieces));
            var here = new Followed(laid.get(), ask.towed(), sailed);
            if (best.isEmpty()
                    || sailed.met().size() < best.get().sailed().met().size()) {
                best = Optional.of(here);
            }
            double wider = WIDER * ask.towed().radiusM();
            if (sailed.met().isEmpty() || wider > RoundSearch.WIDEST_M) {
                break;
            }
            ask = ask.towing(ask.towed().turning(wider));
        }
        return best;
    }
}
