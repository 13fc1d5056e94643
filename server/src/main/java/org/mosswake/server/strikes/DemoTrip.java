package org.mosswake.server.strikes;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** One invented morning on Tarrow Banks: strikes drawn from a fixed seed, most on the far lines. */
@Component
class DemoTrip implements DemoPart {
    private static final long SEED = 20260618;
    private static final UUID TRIP = DemoIds.of("trip 18 June");
    private static final UUID DEVICE = DemoIds.of("device");
    private static final Instant LINES_IN = Instant.parse("2026-06-18T08:06:00Z");
    private static final List<String> LINES = List.of("mixed S1", "mixed C1", "mixed S1", "mixed D1", "mixed P2");
    private static final List<String> SPECIES = List.of("mahi", "mahi", "king", "small tuna");

    private final StrikesService strikes;

    DemoTrip(StrikesService strikes) {
        this.strikes = strikes;
    }

    @Override
    public int order() {
        return 4;
    }

    @Override
    public void load() {
        UUID boat = DemoIds.QUIET_LEDGER;
        strikes.save(
                boat,
                new TripBody(
                        TRIP,
                        "First light on the ledge",
                        LocalDate.of(2026, 6, 18),
                        "Tarrow Banks",
                        27.6,
                        -47.3,
                        "Etc/GMT+3"));
        strikes.take(boat, TRIP, events());
    }

    private static List<EventBody> events() {
        var random = new Random(SEED);
        var events = new ArrayList<EventBody>();
        Instant at = LINES_IN;
        for (int i = 0; i < 5; i++) {
            at = at.plus(Duration.ofMinutes(11 + random.nextInt(26)));
            UUID strike = DemoIds.of("strike " + i);
            String line = LINES.get(random.nextInt(LINES.size()));
            events.add(struck(strike, at, DemoIds.of("line " + line)));
            Instant ended = at.plus(Duration.ofMinutes(4 + random.nextInt(6)));
            events.add(
                    random.nextInt(4) == 0
                            ? about(EventKind.LOST, strike, ended, null)
                            : about(EventKind.LANDED, strike, ended, SPECIES.get(random.nextInt(SPECIES.size()))));
        }
        return events;
    }

    private static EventBody struck(UUID id, Instant at, UUID line) {
        return new EventBody(
                id,
                EventKind.STRUCK,
                DEVICE,
                at,
                at,
                null,
                DemoIds.MIXED_SURFACE,
                1,
                line,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static EventBody about(EventKind kind, UUID strike, Instant at, String species) {
        UUID id = DemoIds.of(kind + " " + strike);
        return new EventBody(
                id, kind, DEVICE, at, at, strike, null, null, null, null, null, species, null, null, null, null, null,
                null, null);
    }
}
