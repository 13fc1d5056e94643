package org.mosswake.server.call;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.mosswake.server.spread.CarriedService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** One call and one build after the start, so that the first one a skipper asks for is not the one that is slow. */
@Component
@ConditionalOnProperty(name = "moss.warm-up", matchIfMissing = true)
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final int TURNS = 2;
    private static final int BOATS = 2;

    private final CarriedService carried;
    private final CallService calls;
    private final BuildService builds;
    private final Clock clock;

    WarmUp(CarriedService carried, CallService calls, BuildService builds, Clock clock) {
        this.carried = carried;
        this.calls = calls;
        this.builds = builds;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        var thread = new Thread(this::run, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void run() {
        Instant now = clock.instant();
        var body = new CallBody(
                LocalDate.ofInstant(now, ZoneOffset.UTC),
                now,
                new PlaceBody(0.0, 0.0, "UTC"),
                List.of(),
                null,
                null,
                null,
                null,
                null);
        try {
            for (int i = 0; i < TURNS; i++) {
                for (var boat : carried.boats(BOATS)) {
                    calls.call(boat, body);
                    builds.run(calls.build(boat, new BuildBody(body, null, null)), word -> {});
                }
            }
        } catch (RuntimeException | IOException e) {
            // Only speed is lost.
            LOG.debug("warming up stopped", e);
        }
    }
}
