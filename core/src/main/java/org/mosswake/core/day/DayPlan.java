package org.mosswake.core.day;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.Coverage;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.clock.Step;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.clock.Timeline;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.School;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** The day of a call as steps: backwards from lines in, then what changes while fishing. */
public final class DayPlan {
    /** Catching live bait along the beach and over a wreck (ESTIMATE). */
    public static final Duration USUAL_CATCH_BAIT = Duration.ofMinutes(75);

    private static final int LIVE_BAITS = 12;
    /** Leaders over and above the lines, for teeth and tangles (ESTIMATE). */
    private static final int SPARE_LEADERS = 3;
    /** Midday, for the rule of new and full moon: so long before and after noon. */
    private static final Duration AROUND_NOON = Duration.ofHours(2);
    /** No more steps of depth than a crew reads. */
    private static final int MOST_SETTINGS = 16;

    /** Deep lines are fished no deeper than this (practice); over more water the column ends there. */
    public static final double DEEPEST_M = 90;

    private static final double NEAR_BOTTOM_M = 1;
    private static final double APART_M = 3;

    /**
     * @param runOut    from the berth
     * @param catchBait where the skipper set it
     * @param linesIn   where the skipper set it
     * @param home      where the skipper set it
     * @param tide      turns of the day
     */
    public record Wishes(
            Duration runOut,
            Optional<Duration> catchBait,
            Optional<Instant> linesIn,
            Optional<Instant> home,
            ZoneId zone,
            SunDay sun,
            List<TideStation.Turn> tide) {}

    private DayPlan() {}

    public static List<Step> of(Situation s, Call call, Wishes wishes) {
        Playbook p = call.taken();
        Instant linesIn = wishes.linesIn().orElseGet(() -> linesIn(wishes.sun()));
        Instant home = wishes.home().orElseGet(() -> home(s, wishes.sun(), linesIn));
        boolean live = p.is(Trait.LIVE_BAIT);
        int aboard = s.conditions().count(Topic.LIVE_BAIT).orElse(0);
        Duration bait = wishes.catchBait().orElse(live && aboard < LIVE_BAITS ? USUAL_CATCH_BAIT : Duration.ZERO);
        int dead = p.is(Trait.DEAD_BAIT) ? s.conditions().count(Topic.DEAD_BAIT).orElse(0) : 0;
        int leaders = Math.max(call.lines().lines() + SPARE_LEADERS, dead);
        var needs = new Timeline.Needs(
                linesIn,
                wishes.linesIn().isPresent() ? "your hour" : lightWords(wishes.sun()),
                call.lines().lines(),
                wishes.runOut(),
                bait,
                Math.max(0, LIVE_BAITS - aboard),
                dead,
                leaders,
                Timeline.Needs.USUAL_SET_MINUTES,
                Timeline.Needs.USUAL_TIE_MINUTES,
                home.isAfter(linesIn) ? home : linesIn.plus(Duration.ofHours(1)),
                p.is(Trait.OVER_GROUND));
        return Timeline.of(needs, wishes.zone(), wishes.tide(), fishing(s, call, wishes.sun(), needs));
    }

    /** At dawn, else when shapes can be told, else at sunrise; where none of them comes, six hours before noon. */
    private static Instant linesIn(SunDay sun) {
        return sun.dawn().or(sun::firstLight).or(sun::rise).orElse(sun.noon().minus(Duration.ofHours(6)));
    }

    private static String lightWords(SunDay sun) {
        if (sun.dawn().or(sun::firstLight).or(sun::rise).isPresent()) {
            return "it is first light";
        }
        return sun.up().isPresent() ? "the sun does not set" : "it stays dark";
    }

    /** Sunset, or four hours after lines in for those who fish the early hours only. */
    private static Instant home(Situation s, SunDay sun, Instant linesIn) {
        return s.schools().is(School.HOURS, 1)
                ? linesIn.plus(Duration.ofHours(4))
                : sun.set().filter(linesIn::isBefore).orElse(linesIn.plus(Duration.ofHours(9)));
    }

    private static List<Step> fishing(Situation s, Call call, SunDay sun, Timeline.Needs needs) {
        var steps = new ArrayList<Step>();
        call.planB()
                .ifPresent(planB -> planB.at()
                        .filter(at -> at.isAfter(needs.linesIn()) && at.isBefore(needs.home()))
                        .ifPresent(at -> steps.add(new Step(
                                Step.Kind.CHANGE,
                                at,
                                Duration.ZERO,
                                "plan B: " + planB.id().words(),
                                Sentence.of("by then the hour speaks for it")))));
        Playbook p = call.taken();
        BaitNeed.of(s, p, call.lines().lines()).stream()
                .map(need -> need.step(needs.linesIn(), needs.home()))
                .filter(step -> step.at().isBefore(needs.home()))
                .forEach(steps::add);
        if (p.is(Trait.STEPS_BY_LIGHT)) {
            byLight(s, sun, needs, steps);
        } else if (p.is(Trait.DEEP) && !p.is(Trait.STAYS_DOWN)) {
            coverage(s, sun, needs, steps);
        }
        return steps;
    }

    /** An hour of sun at a time, and the step down. */
    private static void byLight(Situation s, SunDay sun, Timeline.Needs needs, List<Step> steps) {
        sun.rise().ifPresent(rise -> {
            for (Duration after = Duration.ofHours(1);
                    after.compareTo(LightDepth.COHO.stepAfter()) <= 0;
                    after = after.plusHours(1)) {
                Instant at = rise.plus(after);
                LightDepth.Band band = LightDepth.COHO.at(at, rise);
                LightDepth.Band there = s.conditions()
                        .number(Topic.DEPTH)
                        .map(d -> band.over(d, 2))
                        .orElse(band);
                if (at.isAfter(needs.linesIn()) && at.isBefore(needs.home())) {
                    steps.add(new Step(
                            Step.Kind.DEPTH,
                            at,
                            Duration.ZERO,
                            "deeper",
                            Sentence.of(
                                    "coho go down with the light: fish {0} to {1}",
                                    Figure.distance(there.topM()), Figure.distance(there.bottomM()))));
                }
            }
        });
    }

    /** The column on a clock, where its depth is known. */
    private static void coverage(Situation s, SunDay sun, Timeline.Needs needs, List<Step> steps) {
        Optional<Double> depth = s.conditions().number(Topic.DEPTH);
        if (depth.isEmpty() || depth.get() < 4 * APART_M) {
            return;
        }
        double bottom = Math.min(DEEPEST_M, depth.get() - NEAR_BOTTOM_M);
        boolean reached = bottom < DEEPEST_M;
        double top = Math.max(2, 0.25 * Math.min(DEEPEST_M, depth.get()));
        var column = new Coverage(top, bottom, Coverage.USUAL_STEP_M, Coverage.USUAL_EVERY, APART_M);
        boolean moon = s.moment().nearNewOrFull() && reached;
        Optional<Instant> noon = moon ? Optional.of(sun.noon()) : Optional.empty();
        int deep = deepLines(s);
        column
                .settings(
                        needs.linesIn(),
                        needs.home(),
                        deep,
                        noon.map(at -> at.minus(AROUND_NOON)),
                        noon.map(at -> at.plus(AROUND_NOON)))
                .stream()
                .limit(MOST_SETTINGS)
                .forEach(setting -> steps.add(step(setting)));
    }

    /** One deep line alone, two else. */
    private static int deepLines(Situation s) {
        return s.conditions().count(Topic.CREW).filter(crew -> crew == 1).isPresent() ? 1 : 2;
    }

    private static Step step(Coverage.Setting setting) {
        String why = setting.nearBottom()
                ? ": midday near new or full moon, the lower one just clear of the bottom"
                : ": every band gets its turn";
        return new Step(
                Step.Kind.DEPTH,
                setting.at(),
                Duration.ZERO,
                "move the deep lines",
                setting.lowerM()
                        .map(lower -> Sentence.of(
                                "{0} and {1}" + why, Figure.distance(setting.upperM()), Figure.distance(lower)))
                        .orElseGet(() -> Sentence.of("{0}" + why, Figure.distance(setting.upperM()))));
    }
}
