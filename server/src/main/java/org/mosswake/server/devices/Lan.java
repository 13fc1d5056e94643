package org.mosswake.server.devices;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The boat's own network, where this server is on it.
 *
 * @see LanConnector
 */
@Component
class Lan {
    private final int port;
    private final List<String> hosts;

    /**
     * @param port  0: not on it
     * @param hosts names and addresses that its certificate is for
     */
    Lan(@Value("${moss.lan.port:0}") int port, @Value("${moss.allowed-hosts:}") List<String> hosts) {
        this.port = port;
        this.hosts = List.copyOf(hosts);
    }

    boolean isOn() {
        return port > 0;
    }

    /** Where a device finds it, the likeliest first. */
    List<String> addresses() {
        return hosts.stream().map(host -> "https://%s:%d".formatted(host, port)).toList();
    }
}
