package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** What can be said of the speed: the window all lures share, idling, the stream, the wake in shallow water. */
final class SpeedFindings {
    private final Spread spread;
    private final List<SolvedLine> lines;
    private final List<Finding> found = new ArrayList<>();

    private SpeedFindings(Spread spread, List<SolvedLine> lines) {
        this.spread = spread;
        this.lines = lines;
    }

    static List<Finding> of(Spread spread, List<SolvedLine> lines) {
        var findings = new SpeedFindings(spread, lines);
        findings.window();
        findings.stream();
        findings.shallow();
        return findings.found;
    }

    private static Optional<SpeedWindow> works(SolvedLine line) {
        return line.line().lure().works();
    }

    private Lines whose(Predicate<SpeedWindow> asked) {
        return Lines.of(lines.stream()
                .filter(line -> works(line).filter(asked).isPresent())
                .toList());
    }

    private void window() {
        Optional<SpeedWindow> all =
                lines.stream().flatMap(line -> works(line).stream()).reduce(SpeedWindow::and);
        if (all.isEmpty()) {
            return;
        }
        SpeedWindow shared = all.get();
        Lines narrowing = whose(works -> works.leastMps() == shared.leastMps() || works.mostMps() == shared.mostMps());
        Lines outside = whose(works -> !works.holds(spread.speed()));
        found.add(outside.ids().isEmpty() ? works(shared, narrowing) : worksNot(shared, outside));
        spread.idle()
                .filter(idle -> !shared.isEmpty() && idle.tooFastFor(shared.mostMps()))
                .ifPresent(idle -> found.add(idles(idle, shared, narrowing)));
    }

    private static Finding works(SpeedWindow shared, Lines narrowing) {
        return Finding.of(
                Kind.SPEED_WINDOW,
                narrowing,
                "Every lure works",
                Sentence.of(
                        "From {0} to {1}; " + narrowing.few() + narrowing.say(" narrows", " narrow") + " it.",
                        Figure.speed(shared.leastMps()),
                        Figure.speed(shared.mostMps())));
    }

    private Finding worksNot(SpeedWindow shared, Lines outside) {
        Figure least = Figure.speed(shared.leastMps());
        Figure most = Figure.speed(shared.mostMps());
        String title = outside.names() + outside.say(" does", " do") + " not work at this speed";
        if (shared.isEmpty()) {
            return Finding.of(
                    Kind.OUT_OF_WINDOW,
                    outside,
                    title,
                    Sentence.of(
                            "No speed suits every lure out: one works only from {0}, another only to {1}. Change one.",
                            least, most));
        }
        boolean up = spread.speed().mps() < shared.leastMps();
        Figure to = Figure.speed(up ? SpeedUnit.tenthAbove(least.si()) : SpeedUnit.tenthBelow(most.si()));
        return Finding.of(
                        Kind.OUT_OF_WINDOW,
                        outside,
                        title,
                        Sentence.of("Every lure out works from {0} to {1}.", least, most))
                .mendedBy(new Change.Speed(to.si()), up ? "Speed up to {0}" : "Slow to {0}", to);
    }

    private static Finding idles(Idle idle, SpeedWindow shared, Lines narrowing) {
        return Finding.of(
                Kind.IDLE_TOO_FAST,
                narrowing,
                "She idles too fast for " + narrowing.names(),
                idle.remedies(shared.mostMps())
                        .map(ways -> slower(idle, ways, narrowing))
                        .orElseThrow());
    }

    private static Sentence slower(Idle idle, Idle.Remedies ways, Lines narrowing) {
        String said = "Idle is {0}; " + narrowing.names() + narrowing.say(" works", " work") + " to {1}."
                + " A drogue of {2} of drag area slows her to {1}; keep its line clear of the propellers."
                + " Or in gear {3} of the time.";
        Sentence sentence = Sentence.of(
                said,
                Figure.speed(idle.idleMps()),
                Figure.speed(ways.toMps()),
                Figure.area(ways.drogueAreaM2()),
                Figure.share(ways.shareInGear()));
        return ways.oneEngineMps()
                .map(mps -> sentence.and(" One engine alone makes {0}.", Figure.speed(mps)))
                .orElse(sentence);
    }

    private void stream() {
        spread.here().stream()
                .ifPresent(stream -> spread.here().headingRad().ifPresent(heading -> {
                    TwoSpeeds both = TwoSpeeds.of(spread.speed().mps(), heading, stream);
                    if (both.stopsCoverage()) {
                        found.add(Finding.of(
                                Kind.STREAM_STOPS,
                                Sentence.of("The stream holds her in place"),
                                Sentence.of(
                                        "Over the bottom she makes {0} against {1} of stream: no new water is fished. Turn across it or with it.",
                                        Figure.speed(both.overGroundMps()), Figure.speed(stream.mps()))));
                    }
                }));
    }

    private void shallow() {
        double needed = Wake.of(spread.speed(), spread.engines()).leastDepthM();
        spread.here()
                .bottomM()
                .filter(bottom -> bottom < needed)
                .ifPresent(bottom -> found.add(Finding.of(
                        Kind.WAKE_SHALLOW,
                        Sentence.of("Too shallow for this wake"),
                        Sentence.of(
                                "The crests are drawn for water deeper than {0}. Here it is {1}: they stand closer together.",
                                Figure.distance(needed), Figure.distance(bottom)))));
    }
}
