package org.mosswake.server.gear;

import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.server.gear.BoatBody.HolderBody;
import org.mosswake.server.gear.BoatBody.PointBody;
import org.mosswake.server.gear.BoatMapper.BoatRow;
import org.mosswake.server.gear.BoatMapper.HolderRow;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.http.StaleWrite;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class BoatService {
    private final BoatMapper boats;

    BoatService(BoatMapper boats) {
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    public List<BoatTitle> titles(int from, int count) {
        return boats.titles(from, count);
    }

    @Transactional(readOnly = true)
    int count() {
        return boats.count();
    }

    /** Refuses a boat that is not kept here. */
    @Transactional(readOnly = true)
    public void require(UUID vessel) {
        if (boats.knows(vessel) == null) {
            throw unknown(vessel);
        }
    }

    /** Where she lies: degrees north and east, and by which clock. */
    public record Home(double latitudeDeg, double longitudeDeg, ZoneId zone) {}

    @Transactional(readOnly = true)
    public Home homeOf(UUID vessel) {
        BoatRow row = row(vessel);
        return new Home(row.latitudeDeg(), row.longitudeDeg(), ZoneId.of(row.timeZone()));
    }

    @Transactional(readOnly = true)
    public String nameOf(UUID vessel) {
        return row(vessel).name();
    }

    /** Name of where she lies. */
    @Transactional(readOnly = true)
    public String placeOf(UUID vessel) {
        return row(vessel).place();
    }

    private BoatRow row(UUID vessel) {
        BoatRow row = boats.boat(vessel);
        if (row == null) {
            throw unknown(vessel);
        }
        return row;
    }

    /** As {@link #require}, and nobody else changes her until this transaction ends. */
    @Write
    public void hold(UUID vessel) {
        if (boats.locked(vessel) == null) {
            throw unknown(vessel);
        }
    }

    private void refuseForgotten(UUID vessel) {
        if (boats.forgotten(vessel) != null) {
            throw FaultException.of(FaultCode.FORGOTTEN, "boat", vessel.toString());
        }
    }

    private FaultException unknown(UUID vessel) {
        refuseForgotten(vessel);
        return FaultException.of(FaultCode.NOT_FOUND, "boat", vessel.toString());
    }

    @Transactional(readOnly = true)
    BoatBody boat(UUID vessel) {
        return body(row(vessel));
    }

    /** Version 0 makes it; any other must be the kept one. */
    @Write
    BoatBody save(BoatBody body) {
        body.toCore();
        refuseForgotten(body.boatId());
        boats.insertVessel(body.boatId());
        boats.locked(body.boatId());
        keepHoldersInUse(body);
        int changed =
                body.version() == 0 ? boats.insertBoat(row(body, 1)) : boats.updateBoat(row(body, body.version()));
        if (changed == 0) {
            throw new StaleWrite("This boat", body, boat(body.boatId()));
        }
        boats.deleteHolders(body.boatId());
        for (int i = 0; i < body.holders().size(); i++) {
            boats.insertHolder(row(body.boatId(), i, body.holders().get(i)));
        }
        boats.keepVersion(body.boatId());
        return boat(body.boatId());
    }

    private void keepHoldersInUse(BoatBody body) {
        var kept = body.holders().stream().map(HolderBody::holderId).toList();
        for (UUID used : boats.holdersInUse(body.boatId())) {
            if (!kept.contains(used)) {
                throw FaultException.of(FaultCode.HOLDER_IN_USE, "holders", used.toString());
            }
        }
    }

    private BoatBody body(BoatRow row) {
        return body(row, boats.holders(row.vesselId()));
    }

    static BoatBody body(BoatRow row, List<HolderRow> holders) {
        return new BoatBody(
                row.vesselId(),
                row.version(),
                row.name(),
                row.lengthM(),
                row.beamM(),
                row.engines(),
                row.place(),
                row.latitudeDeg(),
                row.longitudeDeg(),
                row.timeZone(),
                holders.stream().map(BoatService::body).toList(),
                row.idleMps(),
                row.drogueAreaM2(),
                row.drogueSpeedMps(),
                row.propSpreadM(),
                row.topMps());
    }

    private static HolderBody body(HolderRow row) {
        return new HolderBody(
                row.holderId(),
                row.name(),
                HolderKind.valueOf(row.kind()),
                new PointBody(row.baseAsternM(), row.baseStarboardM(), row.baseHeightM()),
                new PointBody(row.tipAsternM(), row.tipStarboardM(), row.tipHeightM()));
    }

    private static BoatRow row(BoatBody body, int version) {
        return new BoatRow(
                body.boatId(),
                version,
                body.name(),
                body.lengthM(),
                body.beamM(),
                body.engines(),
                body.place(),
                body.latitudeDeg(),
                body.longitudeDeg(),
                body.timeZone(),
                body.idleMps(),
                body.drogueAreaM2(),
                body.drogueSpeedMps(),
                body.propSpreadM(),
                body.topMps());
    }

    private static HolderRow row(UUID vessel, int ordinal, HolderBody holder) {
        return new HolderRow(
                vessel,
                holder.holderId(),
                ordinal,
                holder.name(),
                holder.kind().name(),
                holder.base().asternM(),
                holder.base().starboardM(),
                holder.base().heightM(),
                holder.tip().asternM(),
                holder.tip().starboardM(),
                holder.tip().heightM());
    }
}
