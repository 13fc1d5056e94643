package org.mosswake.server.tow;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.server.platform.json.Checked;

/** The pinned request of {@code POST /api/tow}. */
record TowRequest(Double speedThroughWaterMps, Double tipHeightM, List<LinkWire> chainFromLure) implements Checked {
    record LinkWire(@Nullable BodyWire body, LineWire line) {
        Link toCore() {
            return new Link(Optional.ofNullable(body).map(BodyWire::toCore), line.toCore());
        }
    }

    record BodyWire(Double massKg, Double volumeM3, Double dragAreaM2, Double diveAreaM2, Double sideAreaM2) {
        Body toCore() {
            return new Body(massKg, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2);
        }

        void check(Faults faults, String path) {
            Body.check(faults, path + ".", massKg, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2);
        }
    }

    record LineWire(
            Double lengthM,
            Double diameterM,
            Double densityKgPerM3,
            Double normalDragCoefficient,
            Double tangentialDragCoefficient) {
        LinePiece toCore() {
            return new LinePiece(lengthM, diameterM, densityKgPerM3, normalDragCoefficient, tangentialDragCoefficient);
        }

        void check(Faults faults, String path) {
            LinePiece.check(
                    faults,
                    path + ".",
                    lengthM,
                    diameterM,
                    densityKgPerM3,
                    normalDragCoefficient,
                    tangentialDragCoefficient);
        }
    }

    @Override
    public void check(Faults faults) {
        TowLimits.SPEED_MPS.check(faults, "speedThroughWaterMps", speedThroughWaterMps);
        TowLimits.TIP_HEIGHT_M.check(faults, "tipHeightM", tipHeightM);
        if (faults.count("chainFromLure", chainFromLure, 1, TowLimits.MOST_PIECES)) {
            for (int i = 0; i < chainFromLure.size(); i++) {
                checkLink(faults, "chainFromLure[" + i + "]", chainFromLure.get(i));
            }
        }
    }

    private static void checkLink(Faults faults, String path, LinkWire link) {
        if (!faults.required(path, link)) {
            return;
        }
        if (link.body() != null) {
            link.body().check(faults, path + ".body");
        }
        if (faults.required(path + ".line", link.line())) {
            link.line().check(faults, path + ".line");
        }
    }

    Tow toCore() {
        return new Tow(
                new SpeedThroughWater(speedThroughWaterMps),
                tipHeightM,
                chainFromLure.stream().map(LinkWire::toCore).toList());
    }
}
