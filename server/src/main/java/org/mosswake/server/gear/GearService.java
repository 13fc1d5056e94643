package org.mosswake.server.gear;

import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.http.StaleWrite;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class GearService {
    /** What a boat carries. */
    public record Gear(List<LureGearBody> lures, List<LineGearBody> lines, List<ReelGearBody> reels) {
        public LureGearBody lure(UUID id) {
            return found(lures, LureGearBody::gearId, id);
        }

        public LineGearBody line(UUID id) {
            return found(lines, LineGearBody::gearId, id);
        }

        ReelGearBody reel(UUID id) {
            return found(reels, ReelGearBody::gearId, id);
        }

        private static <T> T found(List<T> all, Function<T, UUID> idOf, UUID id) {
            return all.stream()
                    .filter(item -> idOf.apply(item).equals(id))
                    .findFirst()
                    .orElseThrow(() -> FaultException.of(FaultCode.NOT_FOUND, "gear", id.toString()));
        }
    }

    private final GearMapper gear;
    private final BoatService boats;

    GearService(GearMapper gear, BoatService boats) {
        this.gear = gear;
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    public Gear of(UUID vessel) {
        return new Gear(gear.lures(vessel), gear.lines(vessel), gear.reels(vessel));
    }

    @Write
    public LureGearBody save(UUID vessel, LureGearBody body) {
        boats.require(vessel);
        int changed = body.version() == 0 ? gear.insertLure(vessel, body) : gear.updateLure(vessel, body);
        return kept("This lure", changed, body, of(vessel).lure(body.gearId()));
    }

    @Write
    public LineGearBody save(UUID vessel, LineGearBody body) {
        boats.require(vessel);
        int changed = body.version() == 0 ? gear.insertLine(vessel, body) : gear.updateLine(vessel, body);
        return kept("This line", changed, body, of(vessel).line(body.gearId()));
    }

    @Write
    public ReelGearBody save(UUID vessel, ReelGearBody body) {
        boats.require(vessel);
        Gear aboard = of(vessel);
        requireLine(aboard, "mainLineGearId", body.mainLineGearId());
        requireLine(aboard, "backingLineGearId", body.backingLineGearId());
        int changed = body.version() == 0 ? gear.insertReel(vessel, body) : gear.updateReel(vessel, body);
        return kept("This reel", changed, body, of(vessel).reel(body.gearId()));
    }

    private static void requireLine(Gear aboard, String field, @Nullable UUID id) {
        if (id != null
                && aboard.lines().stream().noneMatch(line -> line.gearId().equals(id))) {
            throw FaultException.of(FaultCode.NOT_FOUND, field, id.toString());
        }
    }

    /** @param added items, and {@code changed} ones */
    record Imported(int added, int changed) {}

    @Write
    Imported take(UUID vessel, String table) {
        boats.require(vessel);
        GearCsv.Read read = GearCsv.read(table, of(vessel), UUID::randomUUID);
        read.lines().forEach(line -> save(vessel, line));
        read.lures().forEach(lure -> save(vessel, lure));
        read.reels().forEach(reel -> save(vessel, reel));
        int all = read.lines().size() + read.lures().size() + read.reels().size();
        int added = (int) (read.lines().stream()
                        .filter(line -> line.version() == 0)
                        .count()
                + read.lures().stream().filter(lure -> lure.version() == 0).count()
                + read.reels().stream().filter(reel -> reel.version() == 0).count());
        return new Imported(added, all - added);
    }

    private static <T> T kept(String what, int changed, T sent, T kept) {
        if (changed == 0) {
            throw new StaleWrite(what, sent, kept);
        }
        return kept;
    }
}
