package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.core.call.LineCount.What;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.playbook.PlaybookId;

class LineCountTest {
    private static LineCount count(Situation s, PlaybookId id) {
        return LineCount.of(s, s.numbers().playbook(id));
    }

    private static Situation large(Conditions conditions) {
        return Days.large(Light.MORNING, conditions);
    }

    @ParameterizedTest
    @CsvSource({"1, 2, CREW", "2, 4, CREW", "3, 6, PLAYBOOK", "5, 7, CLEARANCE"})
    void theCrewDecidesUntilThereAreHandsEnough(int crew, int lines, What decides) {
        LineCount count = count(large(Conditions.NOTHING.with(Topic.CREW, Answer.number(crew))), PlaybookId.MIXED);
        assertThat(count.lines()).isEqualTo(lines);
        assertThat(count.decides().what()).isEqualTo(decides);
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "1, 1", "2, 2", "4, 4", "40, 6"})
    void theBagIsNeverOverfished(int room, int lines) {
        LineCount count = count(large(Conditions.NOTHING.with(Topic.BAG, Answer.number(room))), PlaybookId.MIXED);
        assertThat(count.lines()).isEqualTo(lines);
    }

    @Test
    void aSmallBoatFishesThreeAndOneWithoutRiggersFive() {
        assertThat(count(Days.small(Light.MORNING, Conditions.NOTHING), PlaybookId.MIXED)
                        .lines())
                .isEqualTo(3);
        Situation s = large(Conditions.NOTHING);
        var holders = s.outfit().boat().holders().stream()
                .filter(holder -> holder.kind() != HolderKind.RIGGER)
                .toList();
        var boat = new Boat("Open", 8, 2.6, 1, holders);
        var open = new Situation(
                s.day(),
                s.moment(),
                s.conditions(),
                new Outfit(boat, Optional.empty(), s.outfit().box()),
                s.schools(),
                List.of(),
                s.numbers());
        assertThat(count(open, PlaybookId.SMALL_FAST).bounds())
                .anyMatch(bound -> bound.what() == What.BOAT && bound.most() == 5);
    }

    @Test
    void rodsBoundOnlyWhereTheyWereEntered() {
        Situation s = large(Conditions.NOTHING);
        Box box = s.outfit().box();
        Situation three = Days.withBox(
                s,
                new Box(
                        box.lures(),
                        box.lines(),
                        List.of(new Box.Reel(
                                box.reels().get(0).rod(), box.reels().get(0).main(), 3))));
        assertThat(count(three, PlaybookId.MIXED).decides().what()).isEqualTo(What.RODS);
        Situation none = Days.withBox(s, new Box(box.lures(), box.lines(), List.of()));
        assertThat(count(none, PlaybookId.MIXED).bounds()).noneMatch(bound -> bound.what() == What.RODS);
    }

    @Test
    void aRoughSeaAllowsThree() {
        assertThat(count(large(Conditions.NOTHING.with(Topic.SEA, Answer.choice(Sea.ROUGH))), PlaybookId.MIXED)
                        .lines())
                .isEqualTo(3);
    }

    @Test
    void tipsCloserThanTheClearanceCountOnce() {
        var tight = List.of(
                Days.holder("a", HolderKind.FLAT, 0, 0, 1),
                Days.holder("b", HolderKind.FLAT, 0, 1, 1),
                Days.holder("c", HolderKind.FLAT, 0, 1.6, 1),
                Days.holder("d", HolderKind.DOWNRIGGER, 0, 1.2, 1));
        assertThat(LineCount.apart(tight)).isEqualTo(3);
    }
}
