package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;

/** What must hold whatever the day: drawn from fixed seeds. */
class MetamorphicTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void moreBirdsDivingNeverLowerAheadOfBirds(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Situation s = Days.any(random);
            int before = Integer.MIN_VALUE;
            for (int many : new int[] {1, 5, 19, 20, 60, 99, 100, 101, 400, 5000}) {
                int now = Ranking.of(s.with(s.conditions().with(Topic.BIRDS, Answer.birds(Birds.DIVING, many))))
                        .of(PlaybookId.BIRDS)
                        .tenths();
                assertThat(now).isGreaterThanOrEqualTo(before);
                before = now;
            }
            int none = Ranking.of(s.with(s.conditions().with(Topic.BIRDS, Answer.choice(Birds.NONE))))
                    .of(PlaybookId.BIRDS)
                    .tenths();
            assertThat(none).isLessThan(before);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void withoutABiteLeaderFastIsNeverCalledSilently(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            Situation whole = Days.any(random);
            Box box = whole.outfit().box();
            var lines = box.lines().stream()
                    .filter(line -> line.kind() != LineKind.BITE_WIRE && line.kind() != LineKind.BITE_CABLE)
                    .toList();
            Situation s = Days.withBox(whole, new Box(box.lures(), lines, box.reels()));
            Call call = Call.of(s, List.of(s.moment()), Optional.empty());
            Score fast = call.ranking().of(PlaybookId.LADDER);
            assertThat(fast.reasons()).anyMatch(reason -> reason.rule().equals("BITE_NONE") && reason.tenths() < 0);
            if (call.ranking().first().playbook().id() == PlaybookId.LADDER) {
                assertThat(call.lacks()).anyMatch(lack -> lack.text().contains("bite leader"));
            }
        }
        Situation wahoo = Days.large(
                Light.FIRST_LIGHT,
                Conditions.NOTHING
                        .with(Topic.TARGET, Answer.choice(Species.WAHOO))
                        .with(Topic.STEP, Answer.number(1)));
        Box box = wahoo.outfit().box();
        Situation bare = Days.withBox(wahoo, new Box(box.lures(), List.of(Days.line(LineKind.MONO, 50)), box.reels()));
        Call call = Call.of(bare, List.of(bare.moment()), Optional.empty());
        assertThat(call.ranking().first().playbook().targets()).contains(Species.WAHOO);
        assertThat(call.lacks()).anyMatch(lack -> lack.text().contains("bite leader"));
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void anotherHandNeverTakesALineAway(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Situation s = Days.any(random);
            for (PlaybookId id : PlaybookId.values()) {
                int before = 0;
                for (int crew = 1; crew <= 6; crew++) {
                    Situation manned = s.with(s.conditions().with(Topic.CREW, Answer.number(crew)));
                    int now = LineCount.of(manned, s.numbers().playbook(id)).lines();
                    assertThat(now).isGreaterThanOrEqualTo(before);
                    before = now;
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32})
    void weightsAddUpAndUnknownAddsNothing(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Situation s = Days.any(random);
            Ranking ranking = Ranking.of(s);
            // Weighed on another day first: what is weighed once must not hang on the conditions.
            Weigher.Weights weights = new Weigher(s.with(Conditions.NOTHING)).weigh(s);
            for (Score score : ranking.scores()) {
                assertThat(score.reasons().stream().mapToInt(Reason::tenths).sum())
                        .isEqualTo(score.tenths());
                assertThat(score.tenths()).isEqualTo(weights.of(score.playbook().id()));
                assertThat(score.reasons())
                        .filteredOn(reason -> reason.topic().asked() && reason.topic() != Topic.STREAM)
                        .allMatch(reason -> s.conditions().knows(reason.topic()));
            }
            assertThat(ranking.margin())
                    .isEqualTo(ranking.first().tenths() - ranking.second().tenths());
            assertThat(ranking.scores()).isSortedAccordingTo((a, b) -> b.tenths() - a.tenths());
        }
    }

    /** The order of what is worth finding out is that of how far the margin can move, and each is shown true. */
    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43})
    void whatIsWorthFindingOutCanDoWhatIsSaid(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 12; i++) {
            Situation s = Days.any(random);
            Ranking now = Ranking.of(s);
            for (Doubts.Unknown unknown : Doubts.worthFinding(s)) {
                assertThat(s.conditions().knows(unknown.topic())).isFalse();
                unknown.first()
                        .ifPresent(first -> assertThat(
                                        Ranking.of(s.with(s.conditions().with(unknown.topic(), unknown.by())))
                                                .first()
                                                .playbook()
                                                .id())
                                .isEqualTo(first)
                                .isNotEqualTo(now.first().playbook().id()));
            }
            for (Doubts.Change change : Doubts.wouldChange(s)) {
                assertThat(Ranking.of(s.with(s.conditions().with(change.topic(), change.answer())))
                                .first()
                                .playbook()
                                .id())
                        .isEqualTo(change.first());
            }
        }
    }

    @Test
    void alone_inTheSmallBoat_withRoomForTwo_fishesTwoLinesAtMost() {
        for (PlaybookId id : PlaybookId.values()) {
            Situation s = Days.small(
                    Light.MORNING,
                    Conditions.NOTHING.with(Topic.CREW, Answer.number(1)).with(Topic.BAG, Answer.number(2)));
            LineCount count = LineCount.of(s, Numbers.USUAL.playbook(id));
            assertThat(count.lines()).isLessThanOrEqualTo(2);
            assertThat(count.bounds())
                    .filteredOn(bound -> bound.what() == LineCount.What.BAG)
                    .singleElement()
                    .satisfies(bound -> assertThat(bound.says().text()).contains("no more than"));
        }
    }

    /** Each side that weighs must move a weight somewhere; the others act on the spread and are tested there. */
    @ParameterizedTest
    @EnumSource(
            value = School.class,
            names = {"FAST", "BITE_LEADER", "SEARCH", "OFFER", "BAIT", "DEEP", "HOURS"})
    void aSideTakenChangesTheWeights(School school) {
        Situation s =
                Days.large(Light.AFTERNOON, Conditions.NOTHING.with(Topic.CLARITY, Answer.choice(Topic.Clarity.BLUE)));
        List<List<Integer>> weighed = new ArrayList<>();
        for (int side = 0; side < 2; side++) {
            var with = s.with(s.schools().with(school, side));
            weighed.add(Ranking.of(with).scores().stream()
                    .sorted((a, b) -> a.playbook().id().compareTo(b.playbook().id()))
                    .map(Score::tenths)
                    .toList());
        }
        assertThat(weighed.get(0)).isNotEqualTo(weighed.get(1));
    }

    @Test
    void theTableHasItsSay() {
        Situation s = Days.large(Light.MORNING, Conditions.NOTHING.with(Topic.TARGET, Answer.choice(Species.MAHI)));
        int silent = Ranking.of(s).of(PlaybookId.MIXED).tenths();
        var open = entry(java.time.MonthDay.of(5, 1), java.time.MonthDay.of(9, 30));
        var shut = entry(java.time.MonthDay.of(10, 1), java.time.MonthDay.of(4, 30));
        assertThat(weighed(s, open)).isGreaterThan(silent);
        assertThat(weighed(s, shut)).isLessThan(silent);
        assertThat(shut.inSeason(LocalDate.of(2026, 12, 31))).hasValue(true);
        assertThat(LineCount.of(tabled(s, open), Numbers.USUAL.playbook(PlaybookId.MIXED))
                        .bounds())
                .anyMatch(bound -> bound.what() == LineCount.What.TABLE && bound.most() == 4);
    }

    private static Entry entry(java.time.MonthDay from, java.time.MonthDay to) {
        return new Entry(
                Species.MAHI,
                LocalDate.of(2026, 6, 2),
                Optional.of(from),
                Optional.of(to),
                Optional.of(5),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.of(4),
                "");
    }

    private static Situation tabled(Situation s, Entry entry) {
        return new Situation(s.day(), s.moment(), s.conditions(), s.outfit(), s.schools(), List.of(entry), s.numbers());
    }

    private static int weighed(Situation s, Entry entry) {
        return Ranking.of(tabled(s, entry)).of(PlaybookId.MIXED).tenths();
    }
}
