package org.mosswake.server.deck.practice;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.sim.Offer;
import org.mosswake.core.sim.Practice;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.server.deck.live.LiveService;
import org.mosswake.server.deck.practice.PracticeBody.PracticeLooked;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.LureAboard;
import org.mosswake.server.spread.SpreadAssembler;
import org.springframework.stereotype.Component;

/** What the lines that are out offer the fish of a practice day, as the live spread has them. */
@Component
class PracticeLines {
    private static final double USUAL_LENGTH_M = 0.15;

    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final LiveService live;

    PracticeLines(SpreadAssembler assembler, Aboard aboard, LiveService live) {
        this.assembler = assembler;
        this.aboard = aboard;
        this.live = live;
    }

    List<Practice.Line> of(UUID boat, PracticeLooked body) {
        Map<UUID, Instant> clean = body.lines().stream()
                .collect(Collectors.toMap(
                        PracticeLooked.LineOut::lineId, PracticeLooked.LineOut::cleanSince, (one, other) -> other));
        if (clean.isEmpty()) {
            return List.of();
        }
        Spread spread = assembler.assemble(boat, body.draft());
        Optional<LiveMoment> moment = live.moment(
                boat,
                spread,
                clean.keySet().stream()
                        .sorted(Comparator.comparing(UUID::toString))
                        .toList(),
                Optional.ofNullable(body.spreadId()));
        if (moment.isEmpty() || !moment.get().towing()) {
            return List.of();
        }
        var lines = new HashMap<UUID, SpreadLine>();
        spread.lines().forEach(line -> lines.put(line.id(), line));
        Map<UUID, LureAboard> lures = aboard.of(boat).carried().lures().stream()
                .collect(Collectors.toMap(lure -> lure.item().id(), lure -> lure));
        return moment.get().lines().stream()
                .filter(place -> !place.slack() && lines.containsKey(place.id()))
                .map(place -> line(lines.get(place.id()), place, moment.get(), lures, clean.get(place.id())))
                .toList();
    }

    private static Practice.Line line(
            SpreadLine line,
            LiveMoment.LivePlace place,
            LiveMoment moment,
            Map<UUID, LureAboard> lures,
            Instant cleanSince) {
        Optional<LureItem> lure = line.tackle().stream()
                .map(TacklePiece::item)
                .flatMap(Optional::stream)
                .findFirst();
        Optional<LureAboard> carried = lure.map(item -> lures.get(item.id()));
        double pace = lure.flatMap(LureItem::works)
                .map(works -> 2 * place.lureMps() / (works.leastMps() + works.mostMps()))
                .orElse(1.0);
        var offer = new Offer(
                line.holder().name(),
                Math.max(0, place.lureDepthM()),
                carried.map(LureAboard::role).orElse(ColourRole.IMITATOR),
                carried.map(LureAboard::lengthM).orElse(USUAL_LENGTH_M),
                pace,
                place.bend());
        LiveMoment.Node at = place.nodes().get(0);
        double heading = Math.toRadians(moment.motion().headingDeg());
        return new Practice.Line(
                line.id(),
                offer,
                at.northM() * Math.cos(heading) + at.eastM() * Math.sin(heading),
                -at.northM() * Math.sin(heading) + at.eastM() * Math.cos(heading),
                cleanSince);
    }
}
