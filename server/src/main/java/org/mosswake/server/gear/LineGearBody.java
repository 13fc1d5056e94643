package org.mosswake.server.gear;

import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.server.platform.json.Checked;

/** A kind of line aboard; {@code version} 0 makes a new one. */
public record LineGearBody(
        UUID gearId,
        Integer version,
        String name,
        LineKind kind,
        Double diameterM,
        Double densityKgPerM3,
        Double normalDragCoefficient,
        Double tangentialDragCoefficient,
        Double strengthN)
        implements Checked {
    public static final Accepted STRENGTH_N = new Accepted(1, 20_000, "N");

    @Override
    public void check(Faults faults) {
        faults.required("gearId", gearId);
        faults.required("version", version);
        faults.text("name", name, LureGearBody.LONGEST_NAME);
        faults.required("kind", kind);
        LinePiece.check(faults, "", 1.0, diameterM, densityKgPerM3, normalDragCoefficient, tangentialDragCoefficient);
        STRENGTH_N.check(faults, "strengthN", strengthN);
    }

    LineItem toCore() {
        return new LineItem(
                gearId,
                name,
                kind,
                new LinePiece(1, diameterM, densityKgPerM3, normalDragCoefficient, tangentialDragCoefficient),
                new Force(strengthN));
    }

    public LineGearBody with(double normalDrag) {
        return new LineGearBody(
                gearId,
                version,
                name,
                kind,
                diameterM,
                densityKgPerM3,
                normalDrag,
                tangentialDragCoefficient,
                strengthN);
    }
}
