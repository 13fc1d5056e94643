package org.mosswake.server.deck.instruments;

import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/**
 * Where instruments are heard.
 *
 * @param host     of a TCP server elsewhere
 * @param port     of that server, or the UDP port to listen on
 * @param priority of two that tell the same thing the one with the smaller number is believed
 */
record SourceBody(
        Integer version,
        String name,
        Way way,
        @Nullable String host,
        @Nullable Integer port,
        Integer priority) implements Checked {
    enum Way {
        TCP,
        UDP,
        /** A boat on an invented sea: a stand-in to try the deck with. */
        SIMULATED,
        /** What instruments wrote on another day, heard again as it was. */
        RECORDED,
        /** The sea of a practice day; its boat has it, and no other can have it. */
        PRACTICE;

        /** Heard now, of where she is now: what it tells can be kept as facts. */
        boolean isReal() {
            return this == TCP || this == UDP;
        }
    }

    private static final Accepted PORT = new Accepted(1, 65_535, "");
    private static final Accepted PRIORITY = new Accepted(1, 99, "");
    private static final int LONGEST = 60;
    private static final int LONGEST_HOST = 253;

    @Override
    public void check(Faults faults) {
        faults.required("version", version);
        faults.text("name", name, LONGEST);
        PRIORITY.check(faults, "priority", priority == null ? null : (Double) priority.doubleValue());
        if (!faults.required("way", way)) {
            return;
        }
        if (way == Way.PRACTICE) {
            faults.add(Fault.of(FaultCode.NOT_ONE_OF, "way", way.name(), "TCP, UDP, SIMULATED, RECORDED"));
        }
        if (!way.isReal()) {
            return;
        }
        PORT.check(faults, "port", port == null ? null : (Double) port.doubleValue());
        if (way == Way.TCP) {
            faults.text("host", host, LONGEST_HOST);
        }
    }
}
