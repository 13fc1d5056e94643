package org.mosswake.server.spread;

import org.mosswake.core.sure.Likely;

/** Pull of the water (N): between these four times in five. */
public record LikelyPull(double lowN, double highN) {
    public static LikelyPull of(Likely pull) {
        return new LikelyPull(pull.low(), pull.high());
    }
}
