package org.mosswake.server.weights;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Weights as the days have them, beside the shipped ones.
 *
 * @param version    0 until they were switched on for the first time
 * @param since      when those in use were taken; absent while they are off
 * @param usedDays   that those in use were fitted from
 * @param days       out, by a method and with a plan; others teach nothing of it
 * @param without    days out of which method or plan is not known
 * @param asked      of the latest days
 * @param another    of those, on how many another method would have come first
 * @param moved      those that move by a tenth or more, the farthest first
 */
record WeightsReply(
        int version,
        boolean on,
        @Nullable Instant since,
        @Nullable Integer usedDays,
        int days,
        int without,
        int strikes,
        double lineHours,
        int asked,
        int another,
        List<MovedWeight> moved) {
    /**
     * @param from   shipped, or the skipper's own (tenths)
     * @param to     as the days have it (tenths)
     * @param sure   standard deviation of it (tenths)
     * @param spells in which it held
     * @param used   by the call at present (tenths)
     */
    record MovedWeight(String key, String words, int from, int to, double sure, int spells, int used) {}
}
