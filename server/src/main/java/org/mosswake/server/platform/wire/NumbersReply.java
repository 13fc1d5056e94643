package org.mosswake.server.platform.wire;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.mosswake.core.fault.Fault;
import org.mosswake.server.platform.wire.NumbersBody.NumberBody;

/**
 * Numbers the skipper set.
 *
 * @param version to be sent with the next change; 0 where none was ever set
 * @param set     as kept, also those that are not used
 * @param marked  of these, what today's program does not take
 */
public record NumbersReply(int version, List<NumberBody> set, List<MarkedReply> marked) {
    public static NumbersReply of(
            MarkedReply.Where where,
            int version,
            Map<String, Double> set,
            List<Fault> faults,
            UnaryOperator<String> words) {
        return new NumbersReply(
                version,
                new TreeMap<>(set)
                        .entrySet().stream()
                                .map(entry -> new NumberBody(entry.getKey(), entry.getValue()))
                                .toList(),
                faults.stream()
                        .map(fault -> MarkedReply.of(
                                where,
                                fault.field(),
                                words.apply(fault.field()),
                                version,
                                List.of(fault.at(words.apply(fault.field())))))
                        .toList());
    }
}
