package org.mosswake.server.platform.wire;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.fault.Fault;

/**
 * Something kept that today's rules do not take: it is shown and not used, until it is mended or taken out.
 *
 * @param where   it is mended
 * @param name    which one, and {@code words} for it
 * @param version to mend it by
 * @param says    what is wrong with it, and {@code mend}
 */
public record MarkedReply(Where where, String name, String words, int version, String says, String mend) {
    /** Where the skipper mends it. */
    public enum Where {
        BOAT,
        BOX,
        NUMBERS,
        BENCH_NUMBERS,
        RULES,
        PLAN
    }

    /** What one capability keeps for a vessel and cannot use. */
    public interface Source {
        List<MarkedReply> marked(UUID vessel);
    }

    /** @param words are used for the name in what it says */
    public static MarkedReply of(Where where, String name, String words, int version, List<Fault> faults) {
        return new MarkedReply(
                where,
                name,
                words,
                version,
                faults.isEmpty()
                        ? "it cannot be read"
                        : faults.stream().map(Fault::message).collect(Collectors.joining("; ")),
                faults.isEmpty() ? "Enter it anew." : faults.get(0).mend());
    }
}
