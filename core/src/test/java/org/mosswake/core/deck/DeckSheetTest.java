package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.strikes.Cue;

class DeckSheetTest {
    private static final UUID LINE = new UUID(0, 1);

    private static DeckSheet sheet(PlaybookId playbook, LureKind... carried) {
        List<Routine.Carries> lines = Arrays.stream(carried)
                .map(kind -> new Routine.Carries(LINE, "S1", kind))
                .toList();
        return DeckSheet.of(Optional.ofNullable(playbook), 4, lines, List.of(), Numbers.USUAL, List.of());
    }

    private static List<String> names(DeckSheet sheet) {
        return sheet.routines().stream().map(Routine::name).toList();
    }

    @Test
    void aSchoolIsHeldThroughAndThenHalvedNeverStopped() {
        for (PlaybookId id : List.of(PlaybookId.MIXED, PlaybookId.SMALL_FAST, PlaybookId.BARS, PlaybookId.TOOTHY)) {
            Handling handling = sheet(id).handling();
            assertThat(handling.hold()).isBetween(Duration.ofSeconds(10), Duration.ofSeconds(20));
            assertThat(handling.then().figures().get(0).si()).isEqualTo(2);
            assertThat(handling.then().text()).contains("never out of gear");
        }
        assertThat(sheet(null).handling()).isEqualTo(sheet(PlaybookId.MIXED).handling());
    }

    @Test
    void aFastLadderKeepsItsDragAndSlowsSlowly() {
        assertThat(sheet(PlaybookId.LADDER).handling().now().text()).contains("leave the drag", "slowly");
    }

    @Test
    void looseTakersAreNotTightenedBeforeTheFirstRunEnds() {
        for (PlaybookId id : List.of(PlaybookId.SPOONS, PlaybookId.LIVE_SLOW)) {
            assertThat(sheet(id).handling().now().text()).as(id.words()).contains("let the first run end");
        }
    }

    @Test
    void heavyWeightsAreNeverStopped() {
        assertThat(sheet(PlaybookId.TANDEM).handling().now().text()).contains("never stop", "in and out of gear");
    }

    /** Half a speed without way on is the one thing that no method but a loose take asks for. */
    @ParameterizedTest
    @EnumSource(PlaybookId.class)
    void everyMethodSaysWhatToDoAndLooksForWeed(PlaybookId id) {
        DeckSheet sheet = sheet(id);
        assertThat(sheet.handling().now().text()).isNotBlank();
        assertThat(names(sheet)).contains("WEED", "DRAGS", "COLOUR").doesNotHaveDuplicates();
        assertThat(sheet.routines()).allSatisfy(one -> assertThat(one.every()).isPositive());
        assertThat(sheet.fish()).hasSize(Species.values().length);
    }

    @Test
    void whatRunsNearTheBottomFindsItAgainByTheClock() {
        assertThat(names(sheet(PlaybookId.PLUG_CUT))).contains("BOTTOM");
        assertThat(names(sheet(PlaybookId.MIXED))).doesNotContain("BOTTOM");
    }

    @Test
    void aBaitIsRenewedByItsKindAndALureIsNot() {
        var cut = sheet(PlaybookId.PLUG_CUT, LureKind.CUT_BAIT, LureKind.FLUTTER_SPOON);
        var renewals = cut.routines().stream()
                .filter(one -> one.name().startsWith("BAIT"))
                .toList();
        assertThat(renewals).hasSize(1);
        assertThat(renewals.get(0).every()).isEqualTo(Duration.ofMinutes(30));
        assertThat(renewals.get(0).line()).contains(LINE);
    }

    @Test
    void theMethodsTargetsComeFirst() {
        assertThat(sheet(PlaybookId.MIXED).fish().get(0).species()).isEqualTo(Species.MAHI);
    }

    @Test
    void teethAndPoisonAreSaidOfTheFishTheyBelongTo() {
        assertThat(FishCare.of(Species.KING, List.of()).cautions()).contains(Caution.TEETH, Caution.CHILL);
        assertThat(FishCare.of(Species.CHINOOK, List.of()).cautions()).doesNotContain(Caution.TEETH, Caution.CHILL);
    }

    @ParameterizedTest
    @EnumSource(Cue.class)
    void everyCueAsksForALittleMoreOrLess(Cue cue) {
        CueAnswer answer = CueAnswer.of(cue);
        assertThat(Math.abs(answer.stepMps())).isBetween(0.05, 0.3);
        boolean slower = cue == Cue.TIP_TOO_FAST || cue == Cue.CIRCLES;
        assertThat(answer.stepMps() < 0).isEqualTo(slower);
    }
}
