package org.mosswake.server.platform.demo;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** The same id for the same words on every machine, so that addresses and pictures of the demo stay. */
public final class DemoIds {
    public static final UUID QUIET_LEDGER = of("boat Quiet Ledger");
    public static final UUID SPRAT = of("boat Sprat");
    public static final UUID SLOW_ALMANAC = of("boat Slow Almanac");
    public static final UUID MIXED_SURFACE = of("spread mixed surface");
    public static final UUID FAST_LADDER = of("spread fast ladder");
    public static final UUID TWELVE_LINES = of("spread twelve lines");
    public static final UUID LIVE_BAITS = of("spread live baits");
    public static final UUID SOUND_DEEP = of("spread deep in the sound");

    private DemoIds() {}

    public static UUID of(String words) {
        return UUID.nameUUIDFromBytes(("moss-wake demo: " + words).getBytes(StandardCharsets.UTF_8));
    }
}
