package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** The day reckoned backwards from when the lines must be in. Each step ends when the next one begins. */
public final class Timeline {
    private static final Duration LOOK = Duration.ofMinutes(20);
    private static final LocalTime EVENING = LocalTime.of(19, 0);
    private static final Duration BRINE = Duration.ofMinutes(25);
    /** Brine firms bait overnight: no less than this before it is used (ESTIMATE). */
    private static final Duration BRINE_FIRMS = Duration.ofHours(8);

    private Timeline() {}

    /**
     * What the day needs.
     *
     * @param linesIn      when every line must fish
     * @param lines        to be set
     * @param runOut       from the berth to the water
     * @param catchBait    time for live bait on the way; zero without
     * @param liveBaits    wanted
     * @param deadBaits    to be brined
     * @param leaders      to be tied
     * @param setMinutes   for one line, farthest first, with its action checked
     * @param tieMinutes   for one leader
     * @param home         when the day ends
     * @param withTheStream whether the method goes with it, and so turns with it
     */
    public record Needs(
            Instant linesIn,
            String because,
            int lines,
            Duration runOut,
            Duration catchBait,
            int liveBaits,
            int deadBaits,
            int leaders,
            double setMinutes,
            double tieMinutes,
            Instant home,
            boolean withTheStream) {
        public static final Accepted RUN_MIN = new Accepted(0, 600, "min");
        public static final Accepted BAIT_MIN = new Accepted(0, 360, "min");
        /** Practice: four minutes for a line with its action checked, six for a leader crimped and pulled. */
        public static final double USUAL_SET_MINUTES = 4;

        public static final double USUAL_TIE_MINUTES = 6;

        public Needs {
            var faults = new Faults();
            RUN_MIN.check(faults, "runOutMin", (double) runOut.toMinutes());
            BAIT_MIN.check(faults, "catchBaitMin", (double) catchBait.toMinutes());
            faults.throwIfAny();
        }
    }

    /** Steps in the order of the clock. */
    public static List<Step> of(Needs needs, ZoneId zone, List<TideStation.Turn> tide, List<Step> fishing) {
        var steps = new ArrayList<Step>();
        Instant linesIn = needs.linesIn();
        Duration setting = minutes(needs.lines() * needs.setMinutes());
        Instant set = linesIn.minus(setting);
        steps.add(new Step(
                Step.Kind.SET,
                set,
                setting,
                "set " + needs.lines() + (needs.lines() == 1 ? " line" : " lines"),
                Sentence.of(
                        "{0} a line, farthest first, so that all fish by {1}: " + needs.because(),
                        Figure.minutes(needs.setMinutes()),
                        Figure.clock(linesIn))));
        Instant look = set.minus(LOOK);
        steps.add(new Step(
                Step.Kind.FISH,
                look,
                LOOK,
                "look for life",
                Sentence.of("birds, bait, weed, a change of colour: look before the first line goes out")));
        Instant arrive = look;
        if (!needs.catchBait().isZero()) {
            arrive = look.minus(needs.catchBait());
            steps.add(new Step(
                    Step.Kind.BAIT,
                    arrive,
                    needs.catchBait(),
                    "catch bait",
                    Sentence.of(
                            "{0} live baits wanted; without them dead bait is the fall-back",
                            Figure.count(needs.liveBaits()))));
        }
        Instant leave = arrive.minus(needs.runOut());
        steps.add(new Step(
                Step.Kind.LEAVE,
                leave,
                needs.runOut(),
                "leave",
                Sentence.of(
                        "{0} of run, to be there at {1}",
                        Figure.minutes(needs.runOut().toMinutes()), Figure.clock(arrive))));
        evening(needs, leave, zone, steps);
        tide.stream()
                .filter(turn -> !turn.at().isBefore(set) && !turn.at().isAfter(needs.home()))
                .map(turn -> tide(turn, needs.withTheStream()))
                .forEach(steps::add);
        steps.addAll(fishing);
        steps.add(new Step(
                Step.Kind.HOME,
                needs.home(),
                Duration.ZERO,
                "lines up",
                Sentence.of("stomachs opened, log written, gear rinsed")));
        steps.sort(
                Comparator.comparing(Step::at).thenComparing(step -> step.kind().ordinal()));
        return List.copyOf(steps);
    }

    private static void evening(Needs needs, Instant leave, ZoneId zone, List<Step> steps) {
        Instant evening = leave.atZone(zone)
                .toLocalDate()
                .minusDays(1)
                .atTime(EVENING)
                .atZone(zone)
                .toInstant();
        if (needs.deadBaits() > 0) {
            Instant latest = needs.linesIn().minus(BRINE_FIRMS).minus(BRINE);
            Instant at = evening.isBefore(latest) ? evening : latest;
            steps.add(new Step(
                    Step.Kind.EVENING,
                    at,
                    BRINE,
                    "brine " + needs.deadBaits() + " baits",
                    Sentence.of("they firm overnight in ice, salt and water below freezing")));
            evening = at.plus(BRINE);
        }
        if (needs.leaders() > 0) {
            Duration tie = minutes(needs.leaders() * needs.tieMinutes());
            steps.add(new Step(
                    Step.Kind.EVENING,
                    evening,
                    tie,
                    "tie " + needs.leaders() + " leaders",
                    Sentence.of(
                            "{0} each, crimps pulled; as many as baits and lures, and spares",
                            Figure.minutes(needs.tieMinutes()))));
            evening = evening.plus(tie);
        }
        steps.add(new Step(
                Step.Kind.EVENING,
                evening,
                Duration.ofMinutes(20),
                "mark lines, check the rules",
                Sentence.of("let-outs marked, knots pulled, tethers on, and the local rules read again")));
    }

    private static Step tide(TideStation.Turn turn, boolean withTheStream) {
        String title = switch (turn.event()) {
            case HIGH -> "high water";
            case LOW -> "low water";
            case FLOOD_BEGINS -> "flood begins";
            case EBB_BEGINS -> "ebb begins";
        };
        return new Step(
                Step.Kind.TIDE,
                turn.at(),
                Duration.ZERO,
                title,
                turn.event().ofTheStream()
                        ? Sentence.of("the stream turns: fish change sides of the structure"
                                + (withTheStream ? ", and the boat turns round with it" : ""))
                        : Sentence.of("{0} of water over the chart's zero", Figure.distance(turn.heightM())));
    }

    private static Duration minutes(double minutes) {
        return Duration.ofSeconds(Math.round(minutes * 60));
    }
}
