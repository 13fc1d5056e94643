package org.mosswake.server.strikes;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.platform.http.FaultReply;

/**
 * What became of each fact of a request; one that is refused holds up none of the others.
 *
 * @param lacking contents that facts of the request name and that are not here: send them
 */
record FactsReply(List<Taken> facts, List<String> lacking) {
    enum Outcome {
        KEPT,
        /** It was here already. */
        KEPT_BEFORE,
        REFUSED
    }

    /**
     * @param faults why it was refused
     * @param kept   what is kept under its id, as received, where that is another
     */
    record Taken(
            @Nullable UUID factId,
            Outcome outcome,
            List<FaultReply> faults,
            @Nullable String kept) {}
}
