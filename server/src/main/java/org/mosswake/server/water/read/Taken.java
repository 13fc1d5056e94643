package org.mosswake.server.water.read;

import java.time.Instant;
import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.mosswake.core.water.Grid.Kind;

/** Values as a file has them, made into those of a grid. */
final class Taken {
    /** Nobody trolls in water of over 60 °C. */
    private static final float KELVIN_OVER = 200;

    private static final double KELVIN = 273.15;
    /** Of what files give a value for nothing known. */
    private static final float ABSURD = 1e6f;

    private Taken() {}

    /** @param gap stands for nothing known, besides what no sea can be */
    static Grid grid(Kind kind, Optional<Instant> at, String name, Frame frame, float[] values, float gap) {
        if (kind != Kind.DEPTH && at.isEmpty()) {
            throw FaultException.of(FaultCode.GRID_OF_WHEN, "at", name);
        }
        int below = 0;
        int above = 0;
        for (int i = 0; i < values.length; i++) {
            float value = values[i];
            if (value == gap || !(Math.abs(value) < ABSURD)) {
                values[i] = Float.NaN;
            } else if (value < 0) {
                below++;
            } else {
                above++;
            }
        }
        // Surveys give heights as often as depths: a sea that is mostly below nought is one of heights.
        boolean heights = kind == Kind.DEPTH && below > above;
        for (int i = 0; i < values.length; i++) {
            float value = heights ? -values[i] : values[i];
            if (kind == Kind.TEMPERATURE && value > KELVIN_OVER) {
                value -= (float) KELVIN;
            }
            // Land is no shallow water.
            values[i] = kind == Kind.DEPTH && value <= 0 ? Float.NaN : value;
        }
        return new Grid(kind, kind == Kind.DEPTH ? Optional.empty() : at, frame, values);
    }
}
