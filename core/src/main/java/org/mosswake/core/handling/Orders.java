package org.mosswake.core.handling;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.mosswake.core.handling.SettingOrder.Placed;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.turn.TurnStudy;

/**
 * In which order to set the lines, and which to clear for a fish on each. Lines that fly are left out.
 *
 * @param clearing by the struck line: first those to clear, in order, then those that stay
 */
public record Orders(List<SetStep> setting, Map<UUID, List<ClearStep>> clearing) {
    /** @param allIn the skipper's way with a fish on: every line in */
    public static Orders of(SolvedSpread solved, Spread spread, TurnRules rules, boolean allIn) {
        return of(solved, spread, new TurnStudy(rules), new HashMap<>(), allIn);
    }

    /** With what was followed before, to which this spread's is added. */
    static Orders of(
            SolvedSpread solved,
            Spread spread,
            TurnStudy study,
            Map<SettingOrder.Swing, List<TurnFrame>> swings,
            boolean allIn) {
        var tows = new TowSolver();
        List<Placed> placed = solved.lines().stream()
                .filter(line -> line.lureAsternM().isPresent())
                .map(line -> new Placed(
                        line.line(),
                        line.lureAsternM().orElseThrow(),
                        line.line().turned(spread.speed(), tows)))
                .toList();
        var clearing = new LinkedHashMap<UUID, List<ClearStep>>();
        var order = new ClearingOrder(placed, study, allIn);
        placed.forEach(struck -> clearing.put(struck.line().id(), order.stepsFor(struck)));
        return new Orders(new SettingOrder(placed, study.rules(), swings).steps(), clearing);
    }
}
