package org.mosswake.server.gear;

import java.util.List;
import java.util.function.Function;
import org.mosswake.server.platform.json.Checked;
import tools.jackson.databind.JsonNode;

/** One sort of item: how a table calls it, its columns, and where the box keeps it. Lines come before reels. */
record GearSort<T extends Checked>(
        String word, Class<T> body, List<GearColumn> columns, Function<GearService.Gear, List<T>> of) {
    static final GearSort<LureGearBody> LURE =
            new GearSort<>("lure", LureGearBody.class, GearColumns.ALL.lure(), GearService.Gear::lures);
    static final GearSort<LineGearBody> LINE =
            new GearSort<>("line", LineGearBody.class, GearColumns.ALL.line(), GearService.Gear::lines);
    static final GearSort<ReelGearBody> REEL =
            new GearSort<>("reel", ReelGearBody.class, GearColumns.ALL.reel(), GearService.Gear::reels);
    static final List<GearSort<?>> ALL = List.of(LURE, LINE, REEL);

    /** The items kept, as the fields of their bodies. */
    List<JsonNode> trees(GearService.Gear gear) {
        return of.apply(gear).stream()
                .<JsonNode>map(item -> GearCsv.JSON.valueToTree(item))
                .toList();
    }
}
