package org.mosswake.server.spread;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.gear.BoatTitle;
import org.mosswake.server.gear.Carried;
import org.springframework.stereotype.Service;

/** What other capabilities may know of a boat, her gear and a draft. */
@Service
public class CarriedService {
    private final BoatService boats;
    private final Aboard aboard;
    private final SpreadAssembler assembler;
    private final SpreadService spreads;

    CarriedService(BoatService boats, Aboard aboard, SpreadAssembler assembler, SpreadService spreads) {
        this.boats = boats;
        this.spreads = spreads;
        this.aboard = aboard;
        this.assembler = assembler;
    }

    /** The largest ones. */
    public List<UUID> boats(int most) {
        return boats.titles(0, most).stream().map(BoatTitle::boatId).toList();
    }

    public Carried of(UUID vessel) {
        return aboard.of(vessel).carried();
    }

    /** A draft put together; the path of its faults begins with {@code lines}. */
    public Spread assembled(UUID vessel, SpreadDraft draft) {
        return assembler.assemble(vessel, draft);
    }

    /** A spread as it was saved last; empty where it is not kept here. */
    public Optional<SpreadDraft> kept(UUID vessel, UUID spread) {
        return spreads.last(vessel, spread);
    }

    /** Lines of a draft that the skipper keeps as they are. */
    public List<SpreadLine> locked(UUID vessel, SpreadDraft draft) {
        Spread spread = assembler.assemble(vessel, draft);
        return spread.lines().stream()
                .filter(line -> draft.lines().stream()
                        .anyMatch(
                                drafted -> drafted.lineId().equals(line.id()) && Boolean.TRUE.equals(drafted.locked())))
                .toList();
    }
}
