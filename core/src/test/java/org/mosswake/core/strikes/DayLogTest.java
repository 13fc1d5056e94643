package org.mosswake.core.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.strikes.Happening.Annotated;
import org.mosswake.core.strikes.Happening.Corrected;
import org.mosswake.core.strikes.Happening.Landed;
import org.mosswake.core.strikes.Happening.Lost;
import org.mosswake.core.strikes.Happening.Retracted;
import org.mosswake.core.strikes.Happening.Struck;
import org.mosswake.core.strikes.StrikeState.Outcome;

class DayLogTest {
    private static final UUID LINE = id(100);
    private static final Fact FIRST = new Fact(id(1), at(0), new Struck(LINE, Optional.empty()));
    private static final Fact SECOND = new Fact(id(2), at(10), new Struck(LINE, Optional.empty()));
    private static final Fact MAHI = new Fact(id(3), at(5), landed(FIRST, "mahi"));
    private static final Fact TWIN = new Fact(id(4), at(6), landed(FIRST, "king"));
    private static final Fact GONE = new Fact(id(5), at(12), new Lost(SECOND.id(), Optional.of(Loss.PULLED_HOOK)));
    private static final Fact NOTE = new Fact(id(6), at(13), new Annotated(SECOND.id(), "hook straightened"));
    private static final Fact UNDO = retracted(7, 14, SECOND.id());
    private static final Fact REDO = retracted(8, 15, UNDO.id());

    private static UUID id(long n) {
        return new UUID(0, n);
    }

    private static Landed landed(Fact strike, String species) {
        return new Landed(strike.id(), species, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Fact retracted(long id, int minutes, UUID target) {
        return new Fact(id(id), at(minutes), new Retracted(target));
    }

    private static Instant at(int minutes) {
        return Instant.parse("2026-06-18T08:00:00Z").plusSeconds(60L * minutes);
    }

    @Test
    void foldsStrikesWithTheirFishAndNotes() {
        DayLog log = DayLog.of(List.of(FIRST, SECOND, MAHI, TWIN, GONE, NOTE));
        assertThat(log.strikes()).extracting(StrikeState::outcome).containsExactly(Outcome.LANDED, Outcome.LOST);
        assertThat(log.strikes().get(0).fish()).extracting(Landed::species).containsExactly("mahi", "king");
        assertThat(log.strikes().get(1).notes()).containsExactly("hook straightened");
    }

    @Test
    void theSameEventTwiceIsOne() {
        assertThat(DayLog.of(List.of(FIRST, FIRST, MAHI, MAHI)).strikes())
                .isEqualTo(DayLog.of(List.of(FIRST, MAHI)).strikes());
    }

    @Test
    void aStrikeTakenBackIsGoneAndCanBeRestored() {
        assertThat(DayLog.of(List.of(FIRST, SECOND, UNDO)).strikes()).hasSize(1);
        assertThat(DayLog.of(List.of(FIRST, SECOND, UNDO, REDO)).strikes()).hasSize(2);
    }

    @Test
    void aLandingTakenBackLeavesTheStrikeOpen() {
        var undo = retracted(9, 20, MAHI.id());
        assertThat(DayLog.of(List.of(FIRST, MAHI, undo)).strikes().get(0).outcome())
                .isEqualTo(Outcome.OPEN);
    }

    @Test
    void ofSeveralCorrectionsTheOneSaidLastHolds() {
        var first = corrected(20, 30, FIRST, 2);
        var second = corrected(21, 31, FIRST, 4);
        DayLog log = DayLog.of(List.of(second, FIRST, MAHI, first));
        assertThat(log.strikes().get(0).at()).isEqualTo(at(4));
        assertThat(log.strikes().get(0).placed()).contains(new Happening.Place(27.5, -47.2));
        var undone = DayLog.of(List.of(FIRST, first, second, retracted(22, 40, second.id())));
        assertThat(undone.strikes().get(0).at()).isEqualTo(at(2));
    }

    @Test
    void aCorrectedTimePutsAFactWhereItBelongs() {
        DayLog log = DayLog.of(List.of(FIRST, SECOND, corrected(20, 30, FIRST, 11)));
        assertThat(log.strikes()).extracting(StrikeState::id).containsExactly(SECOND.id(), FIRST.id());
    }

    private static Fact corrected(long id, int said, Fact target, int minutes) {
        return new Fact(
                id(id),
                at(said),
                new Corrected(target.id(), Optional.of(at(minutes)), Optional.of(27.5), Optional.of(-47.2)));
    }

    @Test
    void aStrikeLoggedAheadOfTheDeviceClockCanStillBeTakenBack() {
        var early = retracted(9, -500, FIRST.id());
        assertThat(DayLog.of(List.of(FIRST, early)).strikes()).isEmpty();
    }

    @Test
    void retractionsInARingEnd() {
        var a = retracted(20, 1, id(21));
        var b = retracted(21, 2, id(20));
        assertThat(DayLog.of(List.of(FIRST, a, b)).strikes()).hasSize(1);
    }

    @Test
    void orderOfArrivalDoesNotMatter() {
        var events = new ArrayList<Fact>(List.of(FIRST, SECOND, MAHI, TWIN, GONE, NOTE, UNDO, REDO, FIRST, GONE));
        DayLog expected = DayLog.of(events);
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            Collections.shuffle(events, random);
            assertThat(DayLog.of(events)).usingRecursiveComparison().isEqualTo(expected);
        }
    }
}
