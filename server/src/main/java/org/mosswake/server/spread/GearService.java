package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.StaleWrite;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
class GearService {
    /** What a boat carries. */
    record Gear(List<LureGearBody> lures, List<LineGearBody> lines) {
        LureGearBody lure(UUID id) {
            return lures.stream()
                    .filter(lure -> lure.gearId().equals(id))
                    .findFirst()
                    .orElseThrow(() -> FaultException.of(FaultCode.NOT_FOUND, "gear", id.toString()));
        }

        LineGearBody line(UUID id) {
            return lines.stream()
                    .filter(line -> line.gearId().equals(id))
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
    Gear of(UUID vessel) {
        return new Gear(gear.lures(vessel), gear.lines(vessel));
    }

    @Transactional
    LureGearBody save(UUID vessel, LureGearBody body) {
        boats.boat(vessel);
        int changed = body.version() == 0 ? gear.insertLure(vessel, body) : gear.updateLure(vessel, body);
        LureGearBody kept = of(vessel).lure(body.gearId());
        if (changed == 0) {
            throw new StaleWrite("This lure", body, kept);
        }
        return kept;
    }

    @Transactional
    LineGearBody save(UUID vessel, LineGearBody body) {
        boats.boat(vessel);
        int changed = body.version() == 0 ? gear.insertLine(vessel, body) : gear.updateLine(vessel, body);
        LineGearBody kept = of(vessel).line(body.gearId());
        if (changed == 0) {
            throw new StaleWrite("This line", body, kept);
        }
        return kept;
    }
}
