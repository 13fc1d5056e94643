package org.mosswake.core.fault;

import java.util.List;
import java.util.stream.Collectors;

/** Input was refused; carries every fault found. */
public final class FaultException extends RuntimeException {
    private final transient List<Fault> faults;

    public FaultException(List<Fault> faults) {
        super(faults.stream().map(Fault::message).collect(Collectors.joining("; ")));
        this.faults = List.copyOf(faults);
    }

    public static FaultException of(FaultCode code, String field, Object... values) {
        return new FaultException(List.of(Fault.of(code, field, values)));
    }

    public List<Fault> faults() {
        return faults;
    }
}
