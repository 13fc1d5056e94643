package org.mosswake.core.gear;

import java.util.function.ToDoubleFunction;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.TowLimits;

/** A coefficient of an item that observations can be fitted to. */
public enum Coefficient {
    /** Cn of a line: the least sure one of wire and cable, which hum. */
    NORMAL_DRAG(new Accepted(0.3, TowLimits.NORMAL_DRAG.most(), ""), body -> 0) {
        @Override
        public LinePiece in(LinePiece line, double value) {
            return new LinePiece(
                    line.lengthM(), line.diameterM(), line.densityKgPerM3(), value, line.tangentialDragCoefficient());
        }
    },
    DRAG_AREA(new Accepted(2e-5, 0.5, "m²"), Body::dragAreaM2) {
        @Override
        public Body in(Body b, double value) {
            return new Body(b.massKg(), b.volumeM3(), value, b.diveAreaM2(), b.sideAreaM2());
        }
    },
    /** Of a lipped plug or a diving plane. */
    DIVE_AREA(new Accepted(1e-5, 0.5, "m²"), Body::diveAreaM2) {
        @Override
        public Body in(Body b, double value) {
            return new Body(b.massKg(), b.volumeM3(), b.dragAreaM2(), value, b.sideAreaM2());
        }
    },
    /** Of a bar that steers. */
    SIDE_AREA(new Accepted(1e-5, 0.5, "m²"), Body::sideAreaM2) {
        @Override
        public Body in(Body b, double value) {
            return new Body(b.massKg(), b.volumeM3(), b.dragAreaM2(), b.diveAreaM2(), value);
        }
    };

    private final Accepted range;
    private final ToDoubleFunction<Body> part;

    Coefficient(Accepted range, ToDoubleFunction<Body> part) {
        this.range = range;
        this.part = part;
    }

    public boolean ofLine() {
        return this == NORMAL_DRAG;
    }

    /** Its value in a line of the boat's. */
    public double of(LineItem line) {
        return line.metre().normalDragCoefficient();
    }

    /** Its value in a lure or weight of the boat's. */
    public double of(LureItem lure) {
        return part.applyAsDouble(lure.body());
    }

    /** Values looked at: of the sign of the old one, so that a bar keeps its side. */
    public Accepted range(double old) {
        return old < 0 ? new Accepted(-range.least(), -range.most(), range.unit()) : range;
    }

    public LinePiece in(LinePiece line, double value) {
        return line;
    }

    /** The body with this coefficient changed; itself for one of lines. */
    public Body in(Body body, double value) {
        return body;
    }
}
