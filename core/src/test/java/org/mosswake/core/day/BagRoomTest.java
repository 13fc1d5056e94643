package org.mosswake.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.Topic;
import org.mosswake.core.playbook.Species;

class BagRoomTest {
    private static final Entry TWO_MAHI_EACH = new Entry(
            Species.MAHI,
            LocalDate.of(2026, 1, 1),
            Optional.empty(),
            Optional.empty(),
            Optional.of(2),
            Optional.empty(),
            Optional.empty(),
            false,
            Optional.empty(),
            "");

    private static Optional<Integer> left(Conditions known, List<Entry> table, Map<String, Integer> kept) {
        return BagRoom.of(known, table, kept).left(known).count(Topic.BAG);
    }

    @Test
    void whatWasKeptComesOffWhatTheSkipperSaidOfTheMorning() {
        Conditions known = Conditions.NOTHING.with(Topic.BAG, Answer.number(5));
        assertThat(left(known, List.of(), Map.of())).contains(5);
        assertThat(left(known, List.of(), Map.of("mahi", 2, "king", 1))).contains(2);
        assertThat(left(known, List.of(), Map.of("mahi", 9))).contains(0);
    }

    @Test
    void onlyTheTargetComesOffItsRoom() {
        Conditions known = Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(Species.MAHI))
                .with(Topic.BAG, Answer.number(5));
        assertThat(left(known, List.of(), Map.of("Mahi", 2, "king", 1))).contains(3);
    }

    /** Nobody has to type what the table and the crew say, once fish are in it. */
    @Test
    void withoutAWordTheTableAndTheCrewSayTheRoom() {
        Conditions known = Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(Species.MAHI))
                .with(Topic.CREW, Answer.number(3));
        assertThat(left(known, List.of(TWO_MAHI_EACH), Map.of("mahi", 6))).contains(0);
        assertThat(left(known, List.of(TWO_MAHI_EACH), Map.of("king", 6))).isEmpty();
        assertThat(left(Conditions.NOTHING, List.of(TWO_MAHI_EACH), Map.of("mahi", 6)))
                .isEmpty();
    }
}
