package org.mosswake.server.gear;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.strikes.Cue;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.putaway.PutAwayService;
import org.springframework.stereotype.Component;

/**
 * What each boat carries, kept as long as its stamp in the database is the same: a drag asks forty times a second, and
 * one small query instead of four is what keeps it under the finger.
 */
@Component
public class Aboard implements MarkedReply.Source {
    /**
     * Holders and gear by id.
     *
     * @param unusable gear that is kept and cannot be used, by id
     */
    public record Things(
            String stamp,
            int engines,
            double lengthM,
            Optional<Idle> idle,
            Optional<Double> propSpreadM,
            Map<UUID, Holder> holders,
            Map<UUID, LureItem> lures,
            Map<UUID, LineItem> lines,
            Map<UUID, Usable<?>> unusable,
            Carried carried) {}

    private final BoatService boats;
    private final GearService gear;
    private final GearMapper stamps;
    private final BenchNumbersService numbers;
    private final GearHistory history;
    private final PutAwayService away;
    private final Map<UUID, Things> kept = new ConcurrentHashMap<>();

    Aboard(
            BoatService boats,
            GearService gear,
            GearMapper stamps,
            BenchNumbersService numbers,
            GearHistory history,
            PutAwayService away) {
        this.away = away;
        this.history = history;
        this.boats = boats;
        this.gear = gear;
        this.stamps = stamps;
        this.numbers = numbers;
    }

    public Things of(UUID vessel) {
        String stamp = stamps.stamp(vessel);
        Things things = kept.get(vessel);
        if (things == null || !things.stamp().equals(stamp)) {
            things = read(vessel, stamp);
            kept.put(vessel, things);
        }
        return things;
    }

    private Things read(UUID vessel, String stamp) {
        return things(
                stamp,
                boats.boat(vessel),
                gear.of(vessel),
                away.ids(vessel),
                numbers.of(vessel),
                new Fits(stamps.fits(vessel)),
                new Cues(stamps.cues(vessel, List.of(Cue.values()))));
    }

    /** As a device saw it, or as it was at a moment. */
    public Things asSeen(UUID vessel, Map<UUID, Integer> versions, Instant at) {
        return things(
                "",
                history.boat(vessel, versions, at),
                history.gear(vessel, versions, at),
                Set.of(),
                numbers.of(vessel),
                Fits.NONE,
                Cues.NONE);
    }

    private static Things things(
            String stamp,
            BoatBody body,
            GearService.Gear gear,
            Set<UUID> away,
            RigNumbers numbers,
            Fits fits,
            Cues cues) {
        Boat boat = usable(body).item().orElseThrow(() -> refused(body));
        var unusable = new HashMap<UUID, Usable<?>>();
        List<LineAboard> lines = good(gear.lines().stream().map(Aboard::usable), unusable);
        List<LureAboard> lures = good(gear.lures().stream().map(Aboard::usable), unusable).stream()
                .map(lure -> lure.with(cues.on(fits.on(lure.item()))))
                .toList();
        List<ReelAboard> reels = good(gear.reels().stream().map(reel -> usable(reel, lines)), unusable);
        return new Things(
                stamp,
                boat.engines(),
                boat.lengthM(),
                body.idle(),
                Optional.ofNullable(body.propSpreadM()),
                byId(boat.holders(), Holder::id),
                byId(lures.stream().map(LureAboard::item).toList(), LureItem::id),
                byId(lines.stream().map(LineAboard::item).map(fits::on).toList(), LineItem::id),
                Map.copyOf(unusable),
                new Carried(
                        boat,
                        body.idle(),
                        Optional.ofNullable(body.propSpreadM()),
                        without(away, lures, lure -> lure.item().id()),
                        without(away, lines, line -> line.item().id()),
                        without(away, reels, reel -> reel.reel().id()),
                        numbers));
    }

    /** What is put away is still solved where it is tied, and no longer what one can tie. */
    private static <T> List<T> without(Set<UUID> away, List<T> all, Function<T, UUID> id) {
        return all.stream().filter(one -> !away.contains(id.apply(one))).toList();
    }

    private static <T> List<T> good(Stream<Usable<T>> all, Map<UUID, Usable<?>> unusable) {
        return all.flatMap(one -> {
                    one.item().ifPresentOrElse(item -> {}, () -> unusable.put(one.id(), one));
                    return one.item().stream();
                })
                .toList();
    }

    /** Of a boat that cannot be used each fault is the request's: nothing can be reckoned before she is mended. */
    private static FaultException refused(BoatBody body) {
        return new FaultException(
                usable(body).faults().stream().map(fault -> fault.under("boat")).toList());
    }

    private static Usable<Boat> usable(BoatBody body) {
        return Usable.of(body.boatId(), body.name(), body.version(), body, body::toCore);
    }

    private static Usable<LineAboard> usable(LineGearBody line) {
        return Usable.of(
                line.gearId(), line.name(), line.version(), line, () -> new LineAboard(line.toCore(), line.kind()));
    }

    private static Usable<LureAboard> usable(LureGearBody lure) {
        return Usable.of(lure.gearId(), lure.name(), lure.version(), lure, lure::aboard);
    }

    private static Usable<ReelAboard> usable(ReelGearBody reel, List<LineAboard> lines) {
        return Usable.of(reel.gearId(), reel.name(), reel.version(), reel, () -> reel(reel, lines));
    }

    @Override
    public List<MarkedReply> marked(UUID vessel) {
        Usable<Boat> boat = usable(boats.boat(vessel));
        if (boat.item().isEmpty()) {
            return List.of(boat.marked(MarkedReply.Where.BOAT));
        }
        return of(vessel).unusable().values().stream()
                .map(item -> item.marked(MarkedReply.Where.BOX))
                .toList();
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
