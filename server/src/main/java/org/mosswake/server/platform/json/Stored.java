package org.mosswake.server.platform.json;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads what an earlier edition may have kept: what no longer fits is said, and never stops the reader. */
@Component
public class Stored {
    private final JsonMapper json;

    Stored(JsonMapper json) {
        this.json = json;
    }

    /**
     * @param value  whole and right by today's rules; empty where it is not
     * @param faults why it is empty
     */
    public record Read<T>(Optional<T> value, List<Fault> faults) {}

    /**
     * Whole, whether or not its numbers are in today's ranges: whoever uses it says so.
     *
     * @throws FaultException where it has not the shape
     */
    public <T> T asIs(String kept, Class<T> type) {
        WireFaults.begin();
        try {
            T value = json.readValue(kept, type);
            WireFaults.current().throwIfAny();
            return value;
        } finally {
            WireFaults.end();
        }
    }

    public <T> Read<T> read(JsonNode kept, Class<T> type) {
        WireFaults.begin();
        try {
            T value = json.treeToValue(kept, type);
            Faults faults = WireFaults.current();
            if (faults.isEmpty() && value instanceof Checked checked) {
                checked.check(faults);
            }
            return faults.isEmpty() && value != null
                    ? new Read<>(Optional.of(value), List.of())
                    : new Read<>(Optional.empty(), faults.list());
        } catch (JacksonException e) {
            return new Read<>(Optional.empty(), WireFaults.current().list());
        } finally {
            WireFaults.end();
        }
    }
}
