package org.mosswake.server.water;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.water.Running;
import org.mosswake.server.platform.json.Checked;

/**
 * How a boat runs out and what she burns; what is absent nobody told.
 *
 * @param version  of what is kept; 0 for nothing yet
 * @param runMps   over ground
 * @param runLph   litres an hour at that speed, {@code trollLph} while she trolls
 * @param tankL    that can be used
 */
record RunningBody(
        Integer version,
        @Nullable Double runMps,
        @Nullable Double runLph,
        @Nullable Double trollLph,
        @Nullable Double tankL)
        implements Checked {
    @Override
    public void check(Faults faults) {
        faults.required("version", version);
        Running.RUN_MPS.checkOptional(faults, "runMps", runMps);
        Running.LPH.checkOptional(faults, "runLph", runLph);
        Running.LPH.checkOptional(faults, "trollLph", trollLph);
        Running.TANK_L.checkOptional(faults, "tankL", tankL);
    }

    RunningBody at(int other) {
        return new RunningBody(other, runMps, runLph, trollLph, tankL);
    }

    Running toCore() {
        return new Running(
                Optional.ofNullable(runMps),
                Optional.ofNullable(runLph),
                Optional.ofNullable(trollLph),
                Optional.ofNullable(tankL));
    }
}
