package org.mosswake.core.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.strikes.Event.Annotated;
import org.mosswake.core.strikes.Event.Landed;
import org.mosswake.core.strikes.Event.Lost;
import org.mosswake.core.strikes.Event.Retracted;
import org.mosswake.core.strikes.Event.Struck;
import org.mosswake.core.strikes.StrikeState.Outcome;

class DayLogTest {
    private static final UUID LINE = id(100);
    private static final Struck FIRST = new Struck(id(1), at(0), LINE);
    private static final Struck SECOND = new Struck(id(2), at(10), LINE);
    private static final Landed MAHI = new Landed(id(3), at(5), FIRST.id(), "mahi");
    private static final Landed TWIN = new Landed(id(4), at(6), FIRST.id(), "king");
    private static final Lost GONE = new Lost(id(5), at(12), SECOND.id());
    private static final Annotated NOTE = new Annotated(id(6), at(13), SECOND.id(), "hook straightened");
    private static final Retracted UNDO = new Retracted(id(7), at(14), SECOND.id());
    private static final Retracted REDO = new Retracted(id(8), at(15), UNDO.id());

    private static UUID id(long n) {
        return new UUID(0, n);
    }

    private static Instant at(int minutes) {
        return Instant.parse("2026-06-18T08:00:00Z").plusSeconds(60L * minutes);
    }

    @Test
    void foldsStrikesWithTheirFishAndNotes() {
        DayLog log = DayLog.of(List.of(FIRST, SECOND, MAHI, TWIN, GONE, NOTE));
        assertThat(log.strikes()).extracting(StrikeState::outcome).containsExactly(Outcome.LANDED, Outcome.LOST);
        assertThat(log.strikes().get(0).species()).containsExactly("mahi", "king");
        assertThat(log.strikes().get(1).notes()).containsExactly("hook straightened");
    }

    @Test
    void theSameEventTwiceIsOne() {
        assertThat(DayLog.of(List.of(FIRST, FIRST, MAHI, MAHI))).isEqualTo(DayLog.of(List.of(FIRST, MAHI)));
    }

    @Test
    void aStrikeTakenBackIsGoneAndCanBeRestored() {
        assertThat(DayLog.of(List.of(FIRST, SECOND, UNDO)).strikes()).hasSize(1);
        assertThat(DayLog.of(List.of(FIRST, SECOND, UNDO, REDO)).strikes()).hasSize(2);
    }

    @Test
    void aLandingTakenBackLeavesTheStrikeOpen() {
        var undo = new Retracted(id(9), at(20), MAHI.id());
        assertThat(DayLog.of(List.of(FIRST, MAHI, undo)).strikes().get(0).outcome())
                .isEqualTo(Outcome.OPEN);
    }

    @Test
    void aStrikeLoggedAheadOfTheDeviceClockCanStillBeTakenBack() {
        var early = new Retracted(id(9), at(-500), FIRST.id());
        assertThat(DayLog.of(List.of(FIRST, early)).strikes()).isEmpty();
    }

    @Test
    void retractionsInARingEnd() {
        var a = new Retracted(id(20), at(1), id(21));
        var b = new Retracted(id(21), at(2), id(20));
        assertThat(DayLog.of(List.of(FIRST, a, b)).strikes()).hasSize(1);
    }

    @Test
    void orderOfArrivalDoesNotMatter() {
        var events = new ArrayList<Event>(List.of(FIRST, SECOND, MAHI, TWIN, GONE, NOTE, UNDO, REDO, FIRST, GONE));
        DayLog expected = DayLog.of(events);
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            Collections.shuffle(events, random);
            assertThat(DayLog.of(events)).isEqualTo(expected);
        }
    }
}
