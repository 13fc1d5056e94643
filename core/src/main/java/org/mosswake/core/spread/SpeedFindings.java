package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.spread.Finding.Mend.Change;

/** What can be said of the speed: the window all lures share, idling, the stream, the wake in shallow water. */
final class SpeedFindings {
    private final Spread spread;
    private final List<Finding> found = new ArrayList<>();

    private SpeedFindings(Spread spread) {
        this.spread = spread;
    }

    static List<Finding> of(Spread spread) {
        var findings = new SpeedFindings(spread);
        findings.window();
        findings.stream();
        findings.shallow();
        return findings.found;
    }

    private static Optional<SpeedWindow> works(SpreadLine line) {
        return line.lure().works();
    }

    private void window() {
        var lines =
                spread.lines().stream().filter(line -> works(line).isPresent()).toList();
        if (lines.isEmpty()) {
            return;
        }
        SpeedWindow shared = lines.stream()
                .map(line -> works(line).orElseThrow())
                .reduce(SpeedWindow::and)
                .orElseThrow();
        List<UUID> narrowing = lines.stream()
                .filter(line -> works(line).orElseThrow().leastMps() == shared.leastMps()
                        || works(line).orElseThrow().mostMps() == shared.mostMps())
                .map(SpreadLine::id)
                .toList();
        List<UUID> outside = lines.stream()
                .filter(line -> !works(line).orElseThrow().holds(spread.speed()))
                .map(SpreadLine::id)
                .toList();
        if (!outside.isEmpty()) {
            var finding = Finding.about(Kind.OUT_OF_WINDOW, outside).withSpeeds(shared.leastMps(), shared.mostMps());
            found.add(shared.isEmpty() ? finding : finding.withMend(Change.SPEED, Optional.empty(), nearest(shared)));
        } else {
            found.add(Finding.about(Kind.SPEED_WINDOW, narrowing).withSpeeds(shared.leastMps(), shared.mostMps()));
        }
        spread.idle()
                .filter(idle -> !shared.isEmpty() && idle.idleMps() > shared.mostMps())
                .ifPresent(idle -> found.add(
                        Finding.about(Kind.IDLE_TOO_FAST, narrowing).withSpeeds(shared.mostMps(), idle.idleMps())));
    }

    private double nearest(SpeedWindow shared) {
        return Math.max(
                shared.leastMps(), Math.min(shared.mostMps(), spread.speed().mps()));
    }

    private void stream() {
        spread.here().stream()
                .ifPresent(stream -> spread.here().headingRad().ifPresent(heading -> {
                    TwoSpeeds both = TwoSpeeds.of(spread.speed().mps(), heading, stream);
                    if (both.stopsCoverage()) {
                        found.add(Finding.about(Kind.STREAM_STOPS, List.of())
                                .withSpeeds(both.overGroundMps(), stream.mps()));
                    }
                }));
    }

    private void shallow() {
        double needed = Wake.of(spread.speed(), spread.engines()).leastDepthM();
        spread.here()
                .bottomM()
                .filter(bottom -> bottom < needed)
                .ifPresent(bottom ->
                        found.add(Finding.about(Kind.WAKE_SHALLOW, List.of()).withPlace(needed, bottom)));
    }
}
