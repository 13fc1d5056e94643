package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.Goods;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.units.Sentence;

class AfterDayTest {
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:00:00Z");
    private static final Optional<Double> NO = Optional.empty();
    private static final SpreadLine FAR = DemoSpread.line("far", DemoSpread.centre(), 90, LureKind.FEATHER);
    private static final SpreadLine LIVE =
            DemoSpread.line("live", DemoSpread.rigger("s1", 5, 4), 30, LureKind.LIVE_BAIT);
    private final List<Fact> facts = new ArrayList<>();

    private UUID fact(int minute, Happening what) {
        UUID id = UUID.randomUUID();
        facts.add(new Fact(id, BEGIN.plus(Duration.ofMinutes(minute)), what));
        return id;
    }

    private void lost(int minute, SpreadLine line, Loss how) {
        UUID strike = fact(minute, new Happening.Struck(line.id(), Optional.empty()));
        fact(minute + 3, new Happening.Lost(strike, Optional.of(how)));
    }

    private AfterDay after() {
        return AfterDay.of(
                DayLog.of(facts),
                (line, at) -> line.equals(FAR.id())
                        ? Optional.of(new AfterDay.Line("C1", FAR))
                        : Optional.of(new AfterDay.Line("S1", LIVE)));
    }

    private String work() {
        return String.join(" ", after().work().stream().map(Sentence::text).toList());
    }

    @Test
    void aDayWithNothingToldAsksNothing() {
        assertThat(after().used()).isEmpty();
        assertThat(after().work()).isEmpty();
    }

    /** What was cut off or broke is gone; what pulled or was thrown came back. */
    @Test
    void lostLuresAreCountedAndTheirLinesLookedAt() {
        fact(0, new Happening.Set(FAR.id(), NO, Optional.empty()));
        lost(20, FAR, Loss.CUT_OFF);
        lost(60, FAR, Loss.PULLED_HOOK);
        lost(90, FAR, Loss.BROKE);
        assertThat(after().used()).singleElement().satisfies(used -> {
            assertThat(used.item()).isEqualTo(FAR.lure());
            assertThat(used.gone()).isEqualTo(2);
            assertThat(used.bait()).isFalse();
        });
        assertThat(work())
                .contains("Tie a new bite leader on C1")
                .contains("C1 broke: up to {0} of its line may be gone")
                .contains("C1, 3 fish")
                .contains("Sharpen the hooks of C1")
                .contains("{0} reel, rinse");
        fact(300, new Happening.Tended(Happening.Tended.TAKEN_OFF + FAR.lure().id() + " 2"));
        assertThat(after().used()).isEmpty();
        lost(310, FAR, Loss.BROKE);
        assertThat(after().used())
                .singleElement()
                .satisfies(used -> assertThat(used.gone()).isEqualTo(1));
        fact(320, new Happening.Tended(Happening.Tended.TAKEN_OFF + "nothing 9"));
        assertThat(after().used()).hasSize(1);
    }

    /** Bitten through, the lowest leader and the hooks are gone; broken, all leaders; off the evening's count by its strike. */
    @Test
    void whatWentWithALureIsTakenOffTheEveningsCount() {
        fact(0, new Happening.Set(FAR.id(), NO, Optional.empty()));
        lost(20, FAR, Loss.PULLED_HOOK);
        assertThat(after().goods()).isEmpty();
        lost(40, FAR, Loss.CUT_OFF);
        double lowest = FAR.tackle().get(0).lengthM().orElseThrow();
        assertThat(after().goods())
                .extracting(Goods::key, Goods::amount)
                .containsExactlyInAnyOrder(
                        tuple("line:" + FAR.tackle().get(0).line().name(), lowest),
                        tuple(
                                "hooks:" + FAR.rigging().hooks().kind(),
                                1.0 * FAR.rigging().hooks().count()));
        fact(
                300,
                new Happening.Tended(
                        Happening.Tended.TACKLE_OFF + after().gone().get(0)));
        assertThat(after().goods()).isEmpty();
        lost(310, FAR, Loss.BROKE);
        assertThat(after().gone()).hasSize(1);
    }

    /** A bait goes out with a line that is set or renewed. */
    @Test
    void baitsAreCountedAsTheyGoOut() {
        fact(0, new Happening.Set(LIVE.id(), NO, Optional.empty()));
        fact(45, new Happening.Renewed(LIVE.id()));
        fact(90, new Happening.Renewed(LIVE.id()));
        lost(100, LIVE, Loss.KNOCKED_OFF);
        assertThat(after().used()).singleElement().satisfies(used -> {
            assertThat(used.bait()).isTrue();
            assertThat(used.gone()).isEqualTo(3);
        });
        assertThat(work()).doesNotContain("retie");
    }
}
