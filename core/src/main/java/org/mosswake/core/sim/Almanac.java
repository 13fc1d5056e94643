package org.mosswake.core.sim;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.log.LogEntry;

/** Twenty invented years of the demo's third boat, and what was planned for the days of the last ones. */
public final class Almanac {
    private static final long SEED = 2007;
    private static final int FIRST = 2007;
    private static final int LAST = 2026;
    private static final double LATITUDE_DEG = 27.6;
    private static final double LONGITUDE_DEG = -47.3;
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");

    private Almanac() {}

    public static List<LogEntry> entries() {
        return InventedYears.of(
                SEED, FIRST, LAST, LATITUDE_DEG, LONGITUDE_DEG, ZONE, DemoTides.TARROW_BANKS::streamMps);
    }

    public static Map<LocalDate, Conditions> plans() {
        var plans = new InventedPlans(SEED, LATITUDE_DEG, LONGITUDE_DEG, ZONE);
        var all = new LinkedHashMap<LocalDate, Conditions>();
        InventedYears.days(SEED, InventedYears.PLANNED_FROM, LAST).forEach(day -> all.put(day, plans.of(day)));
        return all;
    }
}
