package org.mosswake.server.gear;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.wire.MarkedReply;

/**
 * A kept thing as core can use it, or why it cannot: ranges may have grown narrower since it was kept.
 *
 * @param faults empty where it can be used
 */
public record Usable<T>(UUID id, String name, int version, Optional<T> item, List<Fault> faults) {
    static <T> Usable<T> of(UUID id, String name, int version, Checked kept, Supplier<T> toCore) {
        var faults = new Faults();
        kept.check(faults);
        if (faults.isEmpty()) {
            try {
                return new Usable<>(id, name, version, Optional.of(toCore.get()), List.of());
            } catch (FaultException e) {
                e.faults().forEach(faults::add);
            }
        }
        return new Usable<>(id, name, version, Optional.empty(), faults.list());
    }

    MarkedReply marked(MarkedReply.Where where) {
        return MarkedReply.of(where, id.toString(), name, version, faults);
    }
}
