package org.mosswake.server.spread;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.spread.Calibration;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.sure.Sighting;
import org.mosswake.core.tow.Fit;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.GearService;
import org.mosswake.server.gear.LureGearBody;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.spread.CalibrationBody.ObservationBody;
import org.mosswake.server.spread.CalibrationMapper.CalibrationRow;
import org.mosswake.server.spread.CalibrationMapper.SeenRow;
import org.mosswake.server.spread.CalibrationReply.SeenReply;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fits of coefficients to what was seen: tried, kept with the gear, listed, taken back. */
@Service
class CalibrationService {
    private final CalibrationMapper calibrations;
    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final GearService gear;
    private final Clock clock;

    CalibrationService(
            CalibrationMapper calibrations, SpreadAssembler assembler, Aboard aboard, GearService gear, Clock clock) {
        this.calibrations = calibrations;
        this.assembler = assembler;
        this.aboard = aboard;
        this.gear = gear;
        this.clock = clock;
    }

    CalibrationReply attempt(UUID vessel, CalibrationBody body) {
        Calibration calibration = calibration(vessel, body);
        return reply(vessel, body, calibration, calibration.fit());
    }

    private CalibrationReply reply(UUID vessel, CalibrationBody body, Calibration calibration, Fit fit) {
        var seen = new ArrayList<SeenReply>();
        for (int i = 0; i < calibration.observations().size(); i++) {
            Calibration.Observation o = calibration.observations().get(i);
            seen.add(new SeenReply(
                    o.kind(),
                    o.seenM(),
                    fit.before().get(i),
                    fit.after().get(i),
                    o.speed().mps(),
                    o.line().letOutM(),
                    o.line().deep().map(rig -> rig.cableOutM()).orElse(null)));
        }
        return new CalibrationReply(
                null,
                body.gearId(),
                name(vessel, body.gearId()),
                body.coefficient(),
                calibration.old(),
                fit.value(),
                fit.standardError().orElse(null),
                fit.scatterM(),
                body.reason(),
                null,
                null,
                seen);
    }

    /** Keeps the fit and changes the item; the same id again answers what was kept. */
    @Write
    CalibrationReply keep(UUID vessel, UUID id, CalibrationBody body) {
        Calibration calibration = calibration(vessel, body);
        CalibrationReply fit = reply(vessel, body, calibration, calibration.fit());
        var now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        if (calibrations.insert(vessel, id, fit, now) == 1) {
            List<Sighting> sightings = calibration.sightings(fit.newValue());
            for (int i = 0; i < fit.observations().size(); i++) {
                int number = i;
                Sighting sighting = sightings.get(i);
                calibrations.insertSeen(vessel, id, i, fit.observations().get(i), sighting.noise());
                sighting.slopes()
                        .forEach((factor, slope) -> calibrations.insertSlope(vessel, id, number, factor, slope));
            }
            set(vessel, fit.gearId(), fit.coefficient(), fit.newValue());
        }
        return known(all(vessel), id);
    }

    @Transactional(readOnly = true)
    List<CalibrationReply> all(UUID vessel) {
        List<SeenRow> seen = calibrations.seen(vessel);
        GearService.Gear carried = gear.of(vessel);
        return calibrations.all(vessel).stream()
                .map(row -> reply(row, name(carried, row.gearId()), seen))
                .toList();
    }

    /** Puts the old value back. The row stays, with the time. */
    @Write
    CalibrationReply takeBack(UUID vessel, UUID id) {
        List<CalibrationReply> all = all(vessel);
        CalibrationReply fit = known(all, id);
        if (fit.takenBackAt() != null) {
            throw FaultException.of(FaultCode.CALIBRATION_TAKEN_BACK, "calibrationId");
        }
        boolean latest = all.stream()
                .filter(other -> other.takenBackAt() == null
                        && other.gearId().equals(fit.gearId())
                        && other.coefficient() == fit.coefficient())
                .findFirst()
                .orElseThrow()
                .calibrationId()
                .equals(id);
        if (!latest) {
            throw FaultException.of(FaultCode.CALIBRATION_NOT_LATEST, "calibrationId");
        }
        double value = value(vessel, fit.gearId(), fit.coefficient());
        if (value != fit.newValue()) {
            throw FaultException.of(FaultCode.CALIBRATION_CHANGED, "calibrationId", value);
        }
        calibrations.takeBack(vessel, id, clock.instant().truncatedTo(ChronoUnit.MICROS));
        set(vessel, fit.gearId(), fit.coefficient(), fit.oldValue());
        return known(all(vessel), id);
    }

    private Calibration calibration(UUID vessel, CalibrationBody body) {
        var observations = new ArrayList<Calibration.Observation>();
        for (int i = 0; i < body.observations().size(); i++) {
            ObservationBody seen = body.observations().get(i);
            observations.add(new Calibration.Observation(
                    seen.kind(),
                    line(vessel, "observations[" + i + "]", body.gearId(), seen),
                    new SpeedThroughWater(seen.speedThroughWaterMps()),
                    seen.seenM()));
        }
        return new Calibration(
                body.gearId(), body.coefficient(), value(vessel, body.gearId(), body.coefficient()), observations);
    }

    private SpreadLine line(UUID vessel, String path, UUID item, ObservationBody seen) {
        if (seen.kind() != Calibration.Kind.RATED) {
            return assembler.line(vessel, path + ".line", seen.line());
        }
        LureItem lure = aboard.of(vessel).lures().get(item);
        if (lure == null) {
            throw FaultException.of(FaultCode.CALIBRATION_WITHOUT_ITEM, path + ".stated");
        }
        return Calibration.rated(
                lure,
                seen.stated().line(),
                new Force(seen.stated().strengthN()),
                seen.stated().letOutM());
    }

    private double value(UUID vessel, UUID item, Coefficient coefficient) {
        Aboard.Things things = aboard.of(vessel);
        if (coefficient.ofLine() && things.lines().containsKey(item)) {
            return coefficient.of(things.lines().get(item));
        }
        if (!coefficient.ofLine() && things.lures().containsKey(item)) {
            return coefficient.of(things.lures().get(item));
        }
        throw FaultException.of(FaultCode.NOT_FOUND, "gearId", item.toString());
    }

    private void set(UUID vessel, UUID item, Coefficient coefficient, double value) {
        GearService.Gear carried = gear.of(vessel);
        if (coefficient.ofLine()) {
            gear.save(vessel, carried.line(item).with(value));
        } else {
            gear.save(vessel, carried.lure(item).with(coefficient, value));
        }
    }

    private String name(UUID vessel, UUID item) {
        return name(gear.of(vessel), item);
    }

    private static String name(GearService.Gear carried, UUID item) {
        return carried.lures().stream()
                .filter(lure -> lure.gearId().equals(item))
                .map(LureGearBody::name)
                .findFirst()
                .orElseGet(() -> carried.line(item).name());
    }

    private static CalibrationReply known(List<CalibrationReply> all, UUID id) {
        return all.stream()
                .filter(reply -> id.equals(reply.calibrationId()))
                .findFirst()
                .orElseThrow(() -> FaultException.of(FaultCode.NOT_FOUND, "calibration", id.toString()));
    }

    private static CalibrationReply reply(CalibrationRow row, String name, List<SeenRow> seen) {
        return new CalibrationReply(
                row.calibrationId(),
                row.gearId(),
                name,
                row.coefficient(),
                row.oldValue(),
                row.newValue(),
                row.standardError(),
                row.scatterM(),
                row.reason(),
                row.madeAt(),
                row.takenBackAt(),
                seen.stream()
                        .filter(s -> s.calibrationId().equals(row.calibrationId()))
                        .map(SeenRow::reply)
                        .toList());
    }
}
