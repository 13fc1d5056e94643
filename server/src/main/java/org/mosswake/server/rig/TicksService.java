package org.mosswake.server.rig;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.rig.TickBody.Ticked;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done of an evening's list, and what somebody counted aboard. */
@Service
class TicksService {
    private final Documents documents;
    private final SpreadService spreads;

    TicksService(Documents documents, SpreadService spreads) {
        this.documents = documents;
        this.spreads = spreads;
    }

    @Transactional(readOnly = true)
    List<Ticked> ticks(UUID vessel, UUID spread) {
        String prefix = spread + "/";
        return documents.versions(vessel, DocumentKind.TICK, prefix).stream()
                .map(one -> new Ticked(one.name().substring(prefix.length()), one.version(), one.isKept()))
                .toList();
    }

    /** An open task has no document; a stale tick is answered with how it stands. */
    @Write
    List<Ticked> tick(UUID vessel, UUID spread, TickBody body) {
        spreads.requireSpread(vessel, spread);
        var write = new Documents.Change("This tick", spread + "/" + body.task(), body.version(), body);
        if (body.done()) {
            documents.put(
                    vessel,
                    DocumentKind.TICK,
                    write,
                    Map.of("done", true),
                    kept -> standing(vessel, spread, body.task()));
        } else {
            documents.remove(vessel, DocumentKind.TICK, write, kept -> standing(vessel, spread, body.task()));
        }
        return ticks(vessel, spread);
    }

    private Ticked standing(UUID vessel, UUID spread, String task) {
        return ticks(vessel, spread).stream()
                .filter(one -> one.task().equals(task))
                .findFirst()
                .orElse(new Ticked(task, 0, false));
    }

    /** By item. */
    @Transactional(readOnly = true)
    Map<String, StockBody> stock(UUID vessel) {
        var stock = new LinkedHashMap<String, StockBody>();
        documents
                .all(vessel, DocumentKind.STOCK)
                .forEach(kept -> stock.put(kept.name(), stock(kept.name(), Optional.of(kept))));
        return stock;
    }

    @Write
    StockBody count(UUID vessel, StockBody body) {
        spreads.requireBoat(vessel);
        var write = new Documents.Change("This count", body.item(), body.version(), body);
        if (body.amount() == null) {
            documents.remove(vessel, DocumentKind.STOCK, write, kept -> stock(body.item(), kept));
            return stock(body.item(), Optional.empty());
        }
        return stock(
                body.item(),
                Optional.of(documents.put(
                        vessel,
                        DocumentKind.STOCK,
                        write,
                        Map.of("amount", body.amount()),
                        kept -> stock(body.item(), kept))));
    }

    private static StockBody stock(String item, Optional<Kept> kept) {
        return new StockBody(
                item,
                kept.map(one -> one.body().path("amount").asDouble(0)).orElse(null),
                kept.map(Kept::version).orElse(0));
    }
}
