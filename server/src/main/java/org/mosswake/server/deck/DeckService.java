package org.mosswake.server.deck;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.deck.ChangeOver;
import org.mosswake.core.deck.DeckSheet;
import org.mosswake.core.deck.GoingOut;
import org.mosswake.core.deck.Routine;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.call.RulesService;
import org.mosswake.server.call.WaysService;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.Carried;
import org.mosswake.server.spread.SpreadAssembler;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;

@Service
class DeckService {
    private final SpreadService spreads;
    private final OriginService origins;
    private final WaysService ways;
    private final RulesService rules;
    private final SpreadAssembler assembler;
    private final Aboard aboard;

    DeckService(
            SpreadService spreads,
            OriginService origins,
            WaysService ways,
            RulesService rules,
            SpreadAssembler assembler,
            Aboard aboard) {
        this.assembler = assembler;
        this.aboard = aboard;
        this.spreads = spreads;
        this.origins = origins;
        this.ways = ways;
        this.rules = rules;
    }

    DeckReply sheet(UUID vessel, UUID spread) {
        Spread kept = spreads.assembled(vessel, spread);
        Map<UUID, String> labels = Labels.of(kept.lines());
        List<Routine.Carries> lines = carried(kept);
        return DeckReply.of(DeckSheet.of(
                origins.playbookOf(vessel, spread),
                kept.speed().mps(),
                lines,
                kept.lines().stream()
                        .map(line -> GoingOut.of(
                                line, labels.get(line.id()), kept.speed().mps()))
                        .toList(),
                ways.numbers(vessel),
                rules.table(vessel)));
    }

    List<Routine.Carries> carried(UUID vessel, UUID spread) {
        return carried(spreads.assembled(vessel, spread));
    }

    private static List<Routine.Carries> carried(Spread kept) {
        Map<UUID, String> labels = Labels.of(kept.lines());
        return kept.lines().stream()
                .flatMap(line -> carried(line).map(kind -> new Routine.Carries(line.id(), labels.get(line.id()), kind)))
                .toList();
    }

    ChangeOverReply change(UUID vessel, ChangeOverBody body) {
        Spread now = assembler.assemble(vessel, body.draft());
        Spread next = spreads.assembled(vessel, body.spreadId());
        Carried carried = aboard.of(vessel).carried();
        var counts = new HashMap<UUID, Integer>();
        carried.lures().forEach(lure -> counts.put(lure.item().id(), lure.count()));
        carried.reels().forEach(reel -> counts.put(reel.reel().id(), reel.count()));
        return ChangeOverReply.of(ChangeOver.of(now, Set.copyOf(body.outLineIds()), next, counts));
    }

    /** What its hooks carry: the first of its tackle; a lead is nothing that fish take. */
    private static Stream<LureKind> carried(SpreadLine line) {
        Optional<LureItem> first = line.tackle().stream()
                .map(TacklePiece::item)
                .flatMap(Optional::stream)
                .findFirst();
        return first.stream()
                .flatMap(item -> Arrays.stream(LureKind.values())
                        .filter(kind -> kind.name().equals(item.kind())));
    }
}
