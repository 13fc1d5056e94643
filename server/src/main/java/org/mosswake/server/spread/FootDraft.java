package org.mosswake.server.spread;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.rig.Fitting;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.units.Force;

/** How a piece is made fast at its lower end; what is absent is tied as usual. */
public record FootDraft(
        @Nullable JointKind above,
        Fitting.@Nullable Kind fitting,
        @Nullable Double fittingN,
        @Nullable JointKind below) {
    void check(Faults faults, String path) {
        Fitting.STRENGTH_N.checkOptional(faults, path + ".fittingN", fittingN);
        if (fitting != null) {
            faults.required(path + ".fittingN", fittingN);
        }
        if (fittingN != null) {
            faults.required(path + ".fitting", fitting);
        }
    }

    static @Nullable FootDraft of(Seam seam) {
        return seam.equals(Seam.USUAL)
                ? null
                : new FootDraft(
                        seam.above().orElse(null),
                        seam.fitting().map(Fitting::kind).orElse(null),
                        seam.fitting()
                                .map(fitting -> fitting.strength().newtons())
                                .orElse(null),
                        seam.below().orElse(null));
    }

    static Seam toCore(@Nullable FootDraft draft) {
        return draft == null
                ? Seam.USUAL
                : new Seam(
                        Optional.ofNullable(draft.above()),
                        Optional.ofNullable(draft.fitting())
                                .map(kind -> new Fitting(kind, new Force(draft.fittingN()))),
                        Optional.ofNullable(draft.below()));
    }
}
