package org.mosswake.server.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

@ExtendWith(RunningServer.class)
class ClockApiTest {
    @Test
    void givesTheLightOfTheLocalDay(Api api) {
        var day = api.get("/api/day?date=2026-06-18&latitudeDeg=27.6&longitudeDeg=-47.3&timeZone=Etc/GMT%2B3")
                .json();
        assertThat(day.get("start").asString()).isEqualTo("2026-06-18T06:00:00Z");
        assertThat(day.get("light").valueStream().map(band -> band.get("light").asString()))
                .containsExactly("NIGHT", "TWILIGHT", "DAY", "TWILIGHT", "NIGHT");
        assertThat(Instant.parse(day.get("rise").asString())).isBetween("2026-06-18T08:05:00Z", "2026-06-18T08:25:00Z");
    }

    @Test
    void leavesOutWhatDoesNotHappen(Api api) {
        var day = api.get("/api/day?date=2026-06-18&latitudeDeg=75&longitudeDeg=20&timeZone=UTC")
                .json();
        assertThat(day.has("rise")).isFalse();
        assertThat(day.has("noon")).isTrue();
        assertThat(day.get("light").valueStream().map(band -> band.get("light").asString()))
                .containsExactly("DAY");
    }

    @Test
    void givesMoonAndTideWhereAStationIsNear(Api api) {
        var day = api.get("/api/day?date=2026-11-25&latitudeDeg=43.4&longitudeDeg=-38.9&timeZone=Etc/GMT%2B3")
                .json();
        var tide = day.get("tide");
        Instant start = Instant.parse(day.get("start").asString());
        Instant end = Instant.parse(day.get("end").asString());
        assertThat(tide.get("curve").size())
                .isEqualTo((int) (3 * Duration.between(start, end).toHours()) + 1);
        assertThat(tide.get("turns")).hasSizeBetween(3, 6);
        assertThat(tide.get("turns").valueStream())
                .allSatisfy(turn ->
                        assertThat(Instant.parse(turn.get("at").asString())).isBetween(start, end));
        assertThat(day.get("moon").get("lit").asDouble()).isBetween(0.9, 1.0);
        var far = api.get("/api/day?date=2026-11-25&latitudeDeg=10&longitudeDeg=-38.9&timeZone=UTC");
        assertThat(far.json().has("tide")).isFalse();
    }

    @Test
    void namesWhatIsWrong(Api api) {
        var answer = api.get("/api/day?date=2026-06-18&latitudeDeg=97&longitudeDeg=-400&timeZone=Nowhere");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields()).containsExactly("latitudeDeg", "longitudeDeg", "timeZone");
        assertThat(api.get("/api/day?date=soon").fields()).isNotEmpty();
    }
}
