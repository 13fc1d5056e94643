package org.mosswake.bench.live;

import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.bench.spread.TwelveLines;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Heard;
import org.mosswake.core.deck.Instruments;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.live.LiveSpread;
import org.mosswake.core.live.Sample;
import org.mosswake.core.live.TowedLine;
import org.mosswake.core.sim.Practice;
import org.mosswake.core.sim.PracticeState;
import org.mosswake.core.sim.SyntheticSea;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowSolver;

/**
 * An hour of instruments that write ten times a second, read and believed, with twelve lines led along what they tell:
 * what it takes of a core, and whether memory stays as it is. Beside it the sentences alone.
 */
public final class FeedHour {
    private static final int SECONDS = 3600;
    private static final int HERTZ = 10;
    private static final double ASKED_TIMES = 20;

    private FeedHour() {}

    public static void print() {
        System.out.printf("%nAn hour of a ten hertz feed, twelve lines led along it:%n");
        hour(true);
        long halfway = 0;
        long begun = cpuNs();
        long wall = System.nanoTime();
        var day = new Day(true);
        for (int second = 0; second < SECONDS; second++) {
            day.second();
            if (second == SECONDS / 2) {
                halfway = heapKb();
            }
        }
        double seconds = (cpuNs() - begun) / 1e9;
        double took = (System.nanoTime() - wall) / 1e9;
        System.out.printf(
                "  %d sentences in %.1f s of a core: %.0f times as fast as they come (%.0f asked), %.2f %% of a core at sea%n",
                day.sentences, seconds, SECONDS / took, ASKED_TIMES, 100 * seconds / SECONDS);
        System.out.printf("  heap %d kB halfway, %d kB at the end%n", halfway, heapKb());
        begun = cpuNs();
        hour(false);
        System.out.printf("  peer: the sentences alone %.1f s%n", (cpuNs() - begun) / 1e9);
    }

    private static void hour(boolean led) {
        var day = new Day(led);
        for (int second = 0; second < SECONDS; second++) {
            day.second();
        }
    }

    private static long cpuNs() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }

    private static long heapKb() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1024;
    }

    /** A boat on the invented sea, and who hears her. */
    private static final class Day {
        private final Practice practice =
                new Practice(12, new Sample.Place(27.6, -47.3), 40, SyntheticSea::moonsTideMps, at -> Light.DAY);
        private final Instruments instruments = new Instruments();
        private final Optional<LiveSpread> live;
        private PracticeState state = practice.begin(Instant.parse("2026-06-18T09:00:00Z"), 3.9);
        private int sentences;

        private Day(boolean led) {
            live = led ? Optional.of(spread()) : Optional.empty();
        }

        private void second() {
            state = practice.second(state, List.of());
            List<String> written = practice.writes(state);
            for (int tenth = 0; tenth < HERTZ; tenth++) {
                Instant at = state.at().plus(Duration.ofMillis(100L * tenth));
                for (String sentence : written) {
                    Heard heard = NmeaReader.read(sentence);
                    heard.readings().forEach(reading -> instruments.hear("one", 1, at, reading));
                    sentences++;
                }
            }
            live.ifPresent(spread -> spread.hear(sample(instruments, state.at())));
        }

        private static LiveSpread spread() {
            Spread twelve = TwelveLines.spread();
            var labels = Labels.of(twelve.lines());
            var tows = new TowSolver();
            return new LiveSpread(
                    TwelveLines.rules(),
                    twelve.lines().stream()
                            .map(line -> TowedLine.of(
                                    line,
                                    labels.getOrDefault(
                                            line.id(), UUID.randomUUID().toString()),
                                    twelve.speed(),
                                    tows))
                            .toList(),
                    tows);
        }

        private static Sample sample(Instruments instruments, Instant at) {
            var shown = instruments.shown(at);
            var place = shown.get(Gauge.POSITION).reading();
            var ground = shown.get(Gauge.GROUND).reading();
            return Sample.fix(at, place.value(), place.second().orElseThrow())
                    .withGround(ground.value(), ground.second().orElseThrow())
                    .withWater(
                            shown.get(Gauge.WATER_SPEED).reading().value(),
                            shown.get(Gauge.HEADING).reading().value());
        }
    }
}
