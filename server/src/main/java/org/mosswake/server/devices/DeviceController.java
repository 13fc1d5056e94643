package org.mosswake.server.devices;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DeviceController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_CODE = 20;
    private static final Duration REMEMBERED = Duration.ofDays(400);

    private final DeviceService devices;
    private final Lan lan;
    private final Clock clock;

    DeviceController(DeviceService devices, Lan lan, Clock clock) {
        this.devices = devices;
        this.lan = lan;
        this.clock = clock;
    }

    /** @param addresses where devices find the server; none: it is on no network */
    record DevicesReply(List<DeviceReply> devices, List<String> addresses) {}

    /** @param until when it is void */
    record CodeReply(String code, Instant until, List<String> addresses) {}

    record DeviceName(String name) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.text("name", name, LONGEST_NAME);
        }
    }

    /** @param name of the device, for whoever may shut it out one day */
    record PairingBody(String code, String name) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.text("code", code, LONGEST_CODE);
            faults.text("name", name, LONGEST_NAME);
        }
    }

    @GetMapping("/api/devices")
    DevicesReply all() {
        return new DevicesReply(devices.all(), lan.addresses());
    }

    @PutMapping("/api/devices/{device}")
    DevicesReply rename(@PathVariable UUID device, @RequestBody DeviceName body) {
        devices.rename(device, body.name());
        return all();
    }

    /** It reads and writes nothing from now on; what it has not sent it keeps. */
    @PostMapping("/api/devices/{device}/shut-out")
    DevicesReply shutOut(@PathVariable UUID device) {
        devices.shutOut(device);
        return all();
    }

    /** The code that pairs the next device, once, within ten minutes. */
    @PostMapping("/api/pairing/code")
    CodeReply offer() {
        if (!lan.isOn()) {
            throw FaultException.of(FaultCode.NOT_ON_A_NETWORK, "pairing");
        }
        return new CodeReply(devices.offer(), clock.instant().plus(DeviceService.CODE_LIVES), lan.addresses());
    }

    /** Over the boat's network: the device is known from now on by the cookie it is given. */
    @PostMapping("/api/pairing")
    ResponseEntity<@Nullable Void> pair(@RequestBody PairingBody body, HttpServletRequest request) {
        if (!request.isSecure()) {
            throw FaultException.of(FaultCode.NOT_ON_A_NETWORK, "pairing");
        }
        String token = devices.pair(body.code(), body.name())
                .orElseThrow(() -> FaultException.of(FaultCode.CODE_IS_VOID, "code"));
        ResponseCookie cookie = ResponseCookie.from(PairedOnly.COOKIE, token)
                .httpOnly(true)
                .secure(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(REMEMBERED)
                .build();
        return ResponseEntity.noContent()
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .build();
    }
}
