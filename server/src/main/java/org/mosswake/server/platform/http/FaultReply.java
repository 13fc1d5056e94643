package org.mosswake.server.platform.http;

import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;

/** A fault as it is answered. */
public record FaultReply(FaultCode code, String field, String value, String message, String mend) {
    public static FaultReply of(Fault fault) {
        return new FaultReply(fault.code(), fault.field(), fault.value(), fault.message(), fault.mend());
    }
}
