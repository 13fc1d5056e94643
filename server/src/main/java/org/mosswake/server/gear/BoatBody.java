package org.mosswake.server.gear;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.spread.Wake;
import org.mosswake.server.platform.json.Checked;

/**
 * A boat as sent and answered; {@code version} 0 makes a new one.
 *
 * @param idleMps        through the water with all engines in gear
 * @param drogueAreaM2   drag area of a drogue that was tried, and
 * @param drogueSpeedMps the idle speed seen with it
 * @param propSpreadM    between the outermost propellers
 * @param topMps         the most she makes; from her length where it is absent
 */
record BoatBody(
        UUID boatId,
        Integer version,
        String name,
        Double lengthM,
        Double beamM,
        Integer engines,
        String place,
        Double latitudeDeg,
        Double longitudeDeg,
        String timeZone,
        List<HolderBody> holders,
        @Nullable Double idleMps,
        @Nullable Double drogueAreaM2,
        @Nullable Double drogueSpeedMps,
        @Nullable Double propSpreadM,
        @Nullable Double topMps)
        implements Checked {
    record HolderBody(UUID holderId, String name, HolderKind kind, PointBody base, PointBody tip) {
        Holder toCore() {
            return new Holder(holderId, name, kind, base.toCore(), tip.toCore());
        }
    }

    record PointBody(Double asternM, Double starboardM, Double heightM) {
        DeckPoint toCore() {
            return new DeckPoint(asternM, starboardM, heightM);
        }

        void check(Faults faults, String path) {
            Boat.DECK_M.check(faults, path + ".asternM", asternM);
            Boat.DECK_M.check(faults, path + ".starboardM", starboardM);
            Boat.DECK_M.check(faults, path + ".heightM", heightM);
        }
    }

    @Override
    public void check(Faults faults) {
        faults.required("boatId", boatId);
        faults.required("version", version);
        faults.text("name", name, Boat.LONGEST_NAME);
        faults.text("place", place, Boat.LONGEST_NAME);
        Boat.LENGTH_M.check(faults, "lengthM", lengthM);
        Boat.BEAM_M.check(faults, "beamM", beamM);
        faults.required("engines", engines);
        Place.check(faults, latitudeDeg, longitudeDeg, timeZone);
        Idle.IDLE_MPS.checkOptional(faults, "idleMps", idleMps);
        Wake.PROP_SPREAD_M.checkOptional(faults, "propSpreadM", propSpreadM);
        Boat.TOP_MPS.checkOptional(faults, "topMps", topMps);
        if (topMps != null && idleMps != null && topMps < idleMps) {
            faults.add(FaultCode.OUT_OF_RANGE, "topMps", topMps, idleMps, Boat.TOP_MPS.most(), "m/s");
        }
        Idle.DROGUE_M2.checkOptional(faults, "drogueAreaM2", drogueAreaM2);
        if (drogueAreaM2 != null && idleMps != null) {
            new Accepted(0.1, 0.99 * idleMps, "m/s").check(faults, "drogueSpeedMps", drogueSpeedMps);
        }
        if (faults.count("holders", holders, 1, Boat.MOST_HOLDERS)) {
            for (int i = 0; i < holders.size(); i++) {
                checkHolder(faults, "holders[" + i + "]", holders.get(i));
            }
        }
    }

    private static void checkHolder(Faults faults, String path, HolderBody holder) {
        if (!faults.required(path, holder)) {
            return;
        }
        faults.required(path + ".holderId", holder.holderId());
        faults.text(path + ".name", holder.name(), Boat.LONGEST_NAME);
        faults.required(path + ".kind", holder.kind());
        if (faults.required(path + ".base", holder.base())) {
            holder.base().check(faults, path + ".base");
        }
        if (faults.required(path + ".tip", holder.tip())) {
            holder.tip().check(faults, path + ".tip");
        }
    }

    /** Empty when the idle speed is not known; by the beam until a drogue was tried. */
    Optional<Idle> idle() {
        if (idleMps == null) {
            return Optional.empty();
        }
        return Optional.of(
                drogueAreaM2 == null || drogueSpeedMps == null
                        ? Idle.estimated(idleMps, beamM, engines)
                        : Idle.fitted(idleMps, drogueAreaM2, drogueSpeedMps, engines));
    }

    Boat toCore() {
        return new Boat(
                name,
                lengthM,
                beamM,
                engines,
                holders.stream().map(HolderBody::toCore).toList(),
                Optional.ofNullable(topMps));
    }
}
