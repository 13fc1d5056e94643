package org.mosswake.core.handling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.handling.SettingOrder.Placed;
import org.mosswake.core.turn.Pass;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnStudy;

/**
 * Which lines come in for a fish on one of them, nearest first, the twin last; a far centre strike clears all. What lies
 * farther out stays or comes in last, as the skipper does it, unless it comes across the fish's line as the boat turns
 * towards the fish.
 */
final class ClearingOrder {
    /** A fish takes its line up and down so far while others swing by (m, ESTIMATE). */
    private static final double FISH_M = 5;

    /** As far as the boat turns to bring the fish on her quarter (rad). */
    private static final double TO_QUARTER_RAD = Math.toRadians(40);
    /** Within this of the fish a lure counts as no farther out (m). */
    private static final double NO_FARTHER_M = 1;
    /** A tip this near the middle line has no side of its own (m). */
    private static final double MIDDLE_M = 0.25;

    private final List<Placed> placed;
    private final TurnStudy study;
    private final boolean allIn;
    private final Map<Side, List<Pass>> passes = new EnumMap<>(Side.class);

    /**
     * @param study of the turns she makes; what it followed already is not followed again
     * @param allIn lines clear of the fish come in too, the last
     */
    ClearingOrder(List<Placed> placed, TurnStudy study, boolean allIn) {
        this.placed = placed;
        this.study = study;
        this.allIn = allIn;
    }

    List<ClearStep> stepsFor(Placed struck) {
        var others = new ArrayList<>(placed);
        others.remove(struck);
        others.sort(Comparator.comparingDouble(Placed::lureAsternM)
                .thenComparing(p -> p.line().id()));
        if (isFarCentre(struck, others)) {
            return others.stream()
                    .map(p -> new ClearStep(p.line().id(), true, ClearStep.Reason.FAR_CENTRE))
                    .toList();
        }
        Set<Placed> across = comeAcross(struck);
        Placed twin = SettingOrder.twinOf(struck, others).orElse(null);
        var clear = new ArrayList<ClearStep>();
        var stay = new ArrayList<ClearStep>();
        for (Placed other : others) {
            if (other == twin) {
                continue;
            }
            boolean nearer = other.lureAsternM() <= struck.lureAsternM() + NO_FARTHER_M;
            if (nearer || across.contains(other)) {
                clear.add(new ClearStep(
                        other.line().id(), true, nearer ? ClearStep.Reason.NEARER : ClearStep.Reason.COMES_ACROSS));
            } else {
                stay.add(clear(other));
            }
        }
        if (twin != null) {
            clear.add(new ClearStep(twin.line().id(), true, ClearStep.Reason.TWIN));
        }
        clear.addAll(stay);
        return clear;
    }

    /** A line that neither lies before the fish nor comes across it. */
    private ClearStep clear(Placed other) {
        boolean bar = other.line().lure().isA(LureKind.SPREADER_BAR)
                || other.line().lure().isA(LureKind.STEERING_BAR);
        ClearStep.Reason reason =
                bar ? ClearStep.Reason.FLOATS : allIn ? ClearStep.Reason.ALL_IN : ClearStep.Reason.STAYS;
        return new ClearStep(other.line().id(), reason == ClearStep.Reason.ALL_IN, reason);
    }

    private static boolean isFarCentre(Placed struck, List<Placed> others) {
        return Math.abs(struck.tip()) <= MIDDLE_M
                && others.stream().allMatch(other -> other.lureAsternM() < struck.lureAsternM());
    }

    private Set<Placed> comeAcross(Placed struck) {
        var found = new HashSet<Placed>();
        List<Side> sides = Math.abs(struck.tip()) <= MIDDLE_M
                ? List.of(Side.PORT, Side.STARBOARD)
                : List.of(struck.tip() > 0 ? Side.STARBOARD : Side.PORT);
        int mine = placed.indexOf(struck);
        for (Side side : sides) {
            for (Pass pass : passes.computeIfAbsent(side, this::passesTo)) {
                if (pass.line() == mine || pass.other() == mine) {
                    found.add(placed.get(pass.line() == mine ? pass.other() : pass.line()));
                }
            }
        }
        return found;
    }

    /** Of all lines as she turns towards a fish on a side, whichever it is on. */
    private List<Pass> passesTo(Side side) {
        return study.comeBy(placed.stream().map(Placed::turned).toList(), side, TO_QUARTER_RAD, FISH_M);
    }
}
