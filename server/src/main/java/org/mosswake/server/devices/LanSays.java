package org.mosswake.server.devices;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** On the terminal, for whoever starts it: where devices find it, and the code for the first. */
@Component
@ConditionalOnProperty("moss.lan.port")
class LanSays {
    private final Lan lan;
    private final DeviceService devices;

    LanSays(Lan lan, DeviceService devices) {
        this.lan = lan;
        this.devices = devices;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        String code = devices.offer();
        lan.addresses().forEach(address -> System.out.println("On the boat's network: " + address));
        System.out.printf(
                "Pair a phone or tablet with %s-%s, within ten minutes; Devices shows another code.%n",
                code.substring(0, 4), code.substring(4));
    }
}
