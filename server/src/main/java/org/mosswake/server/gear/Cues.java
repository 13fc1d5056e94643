package org.mosswake.server.gear;

import java.util.List;
import org.mosswake.core.deck.CuedWindow;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.strikes.Cue;
import org.mosswake.server.gear.GearMapper.CueRow;

/** What crews saw of how lures run, by lure; what was taken back is not among it. */
record Cues(List<CueRow> rows) {
    static final Cues NONE = new Cues(List.of());

    /** Working at the speeds at which it was seen to. */
    LureItem on(LureItem item) {
        List<Cue> its = rows.stream()
                .filter(row -> row.gearId().equals(item.id()))
                .map(CueRow::cue)
                .toList();
        return its.isEmpty()
                ? item
                : item.works()
                        .map(works -> item.working(CuedWindow.of(works, its)))
                        .orElse(item);
    }
}
