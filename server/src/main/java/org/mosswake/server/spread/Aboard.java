package org.mosswake.server.spread;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.spread.Boat;
import org.mosswake.core.spread.Holder;
import org.mosswake.core.spread.Idle;
import org.mosswake.core.spread.LineItem;
import org.mosswake.core.spread.LureItem;
import org.springframework.stereotype.Component;

/**
 * What each boat carries, kept as long as its stamp in the database is the same: a drag asks forty times a second, and
 * one small query instead of four is what keeps it under the finger.
 */
@Component
class Aboard {
    /** Holders and gear by id. */
    record Things(
            String stamp,
            int engines,
            double lengthM,
            Optional<Idle> idle,
            Optional<Double> propSpreadM,
            Map<UUID, Holder> holders,
            Map<UUID, LureItem> lures,
            Map<UUID, LineItem> lines,
            Carried carried) {}

    private final BoatService boats;
    private final GearService gear;
    private final GearMapper stamps;
    private final BenchNumbersService numbers;
    private final Map<UUID, Things> kept = new ConcurrentHashMap<>();

    Aboard(BoatService boats, GearService gear, GearMapper stamps, BenchNumbersService numbers) {
        this.boats = boats;
        this.gear = gear;
        this.stamps = stamps;
        this.numbers = numbers;
    }

    Things of(UUID vessel) {
        String stamp = stamps.stamp(vessel);
        Things things = kept.get(vessel);
        if (things == null || !things.stamp().equals(stamp)) {
            things = read(vessel, stamp);
            kept.put(vessel, things);
        }
        return things;
    }

    private Things read(UUID vessel, String stamp) {
        BoatBody body = boats.boat(vessel);
        Boat boat = body.toCore();
        GearService.Gear carried = gear.of(vessel);
        var lines = carried.lines().stream()
                .map(line -> new LineAboard(line.toCore(), line.kind()))
                .toList();
        return new Things(
                stamp,
                boat.engines(),
                boat.lengthM(),
                body.idle(),
                Optional.ofNullable(body.propSpreadM()),
                byId(boat.holders(), Holder::id),
                byId(carried.lures().stream().map(LureGearBody::toCore).toList(), LureItem::id),
                byId(lines.stream().map(LineAboard::item).toList(), LineItem::id),
                new Carried(
                        boat,
                        body.idle(),
                        Optional.ofNullable(body.propSpreadM()),
                        carried.lures().stream().map(LureGearBody::aboard).toList(),
                        lines,
                        carried.reels().stream().map(reel -> reel(reel, lines)).toList(),
                        numbers.of(vessel)));
    }

    private static ReelAboard reel(ReelGearBody reel, List<LineAboard> lines) {
        return new ReelAboard(
                reel.toCore(line(lines, reel.backingLineGearId()).map(LineAboard::item)),
                reel.count(),
                line(lines, reel.mainLineGearId()));
    }

    private static Optional<LineAboard> line(List<LineAboard> lines, @Nullable UUID id) {
        return lines.stream().filter(line -> line.item().id().equals(id)).findFirst();
    }

    private static <T> Map<UUID, T> byId(List<T> items, Function<T, UUID> id) {
        return items.stream().collect(Collectors.toMap(id, Function.identity()));
    }
}
