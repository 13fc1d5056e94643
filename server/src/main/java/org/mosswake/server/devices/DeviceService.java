package org.mosswake.server.devices;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
class DeviceService {
    static final Duration CODE_LIVES = Duration.ofMinutes(10);
    static final int MOST_TRIES = 5;
    /** Another server may have shut it out meanwhile. */
    private static final Duration BELIEVED = Duration.ofSeconds(5);

    private static final int MOST_BELIEVED = 200;

    private final DeviceMapper rows;
    private final Clock clock;
    private final Map<String, Instant> believed = new ConcurrentHashMap<>();

    DeviceService(DeviceMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<DeviceReply> all() {
        return rows.all();
    }

    /** A code that was offered before is void. */
    @Write
    String offer() {
        String code = Tokens.code();
        rows.offer(Tokens.hash(code), clock.instant().plus(CODE_LIVES));
        return code;
    }

    /** The token of a device that typed the code in time; empty, and counted, where it did not. */
    @Write
    Optional<String> pair(String code, String name) {
        DeviceMapper.PairingRow offered = rows.offered();
        if (offered == null || offered.tries() >= MOST_TRIES || offered.until().isBefore(clock.instant())) {
            return Optional.empty();
        }
        if (!Tokens.same(offered.codeHash(), Tokens.hash(Tokens.typed(code)))) {
            rows.tried();
            return Optional.empty();
        }
        rows.taken();
        String token = Tokens.token();
        rows.insert(UUID.randomUUID(), name, Tokens.hash(token));
        return Optional.of(token);
    }

    @Write
    void rename(UUID device, String name) {
        required(rows.rename(device, name), device);
    }

    @Write
    void shutOut(UUID device) {
        required(rows.shutOut(device, clock.instant()), device);
        believed.clear();
    }

    /** Whether this token opens the door, now or a few seconds ago. */
    boolean opens(String token) {
        String hash = Tokens.hash(token);
        Instant now = clock.instant();
        Instant until = believed.get(hash);
        if (until != null && until.isAfter(now)) {
            return true;
        }
        believed.remove(hash);
        if (rows.seen(hash, now) == null) {
            return false;
        }
        if (believed.size() >= MOST_BELIEVED) {
            believed.clear();
        }
        believed.put(hash, now.plus(BELIEVED));
        return true;
    }

    private static void required(int changed, UUID device) {
        if (changed == 0) {
            throw FaultException.of(FaultCode.NOT_FOUND, "device", device.toString());
        }
    }
}
