package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Structure;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.clock.Step;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.day.DayPlan;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Sentence;

class CallTest {
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");
    private static final SunDay SUN = SunDay.of(Days.JUNE, ZONE, 27.6, -47.3);
    private static final Light[] HOURS = {
        Light.NIGHT,
        Light.FIRST_LIGHT,
        Light.FIRST_LIGHT,
        Light.MORNING,
        Light.MORNING,
        Light.MORNING,
        Light.MIDDAY,
        Light.MIDDAY,
        Light.AFTERNOON,
        Light.DUSK,
        Light.NIGHT
    };

    /** A day of eleven half hours from 04:00 on. */
    private static List<Moment> day() {
        var all = new ArrayList<Moment>();
        Instant at = Instant.parse("2026-06-18T07:00:00Z");
        for (Light light : HOURS) {
            all.add(new Moment(at, light, Optional.empty(), false));
            at = at.plus(Call.STEP);
        }
        return all;
    }

    private static Conditions wahoo() {
        return Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(Species.WAHOO))
                .with(Topic.STEP, Answer.number(0.7))
                .with(Topic.CREW, Answer.number(3));
    }

    private static Call call(Situation s) {
        return Call.of(s.at(day().get(1)), day(), Optional.empty());
    }

    private static List<String> texts(List<Sentence> sentences) {
        return sentences.stream().map(Sentence::text).toList();
    }

    @Test
    void theLadderLeadsEarlyAndPlanBTakesOverByMidday() {
        Call call = call(Days.large(Light.FIRST_LIGHT, wahoo()));
        assertThat(call.ranking().first().playbook().id()).isEqualTo(PlaybookId.LADDER);
        assertThat(call.from()).isEqualTo(day().get(1).at());
        assertThat(call.planB().orElseThrow().id()).isEqualTo(PlaybookId.TOOTHY);
        assertThat(call.planB().orElseThrow().at()).hasValue(call.to());
        assertThat(call.to()).isBefore(day().get(8).at());
    }

    @Test
    void bandsCoverTheDayWithoutGapsAndSayTheWeightOfEachHour() {
        Situation s = Days.large(Light.FIRST_LIGHT, wahoo());
        Call call = call(s);
        call.bands().forEach((id, spells) -> {
            assertThat(spells.get(0).from()).isEqualTo(day().get(0).at());
            assertThat(spells.get(spells.size() - 1).to())
                    .isEqualTo(day().get(HOURS.length - 1).at().plus(Call.STEP));
            for (int i = 1; i < spells.size(); i++) {
                assertThat(spells.get(i).from()).isEqualTo(spells.get(i - 1).to());
                assertThat(spells.get(i).tenths())
                        .isNotEqualTo(spells.get(i - 1).tenths());
            }
            for (Moment moment : day()) {
                int now = Ranking.of(s.at(moment)).of(id).tenths();
                assertThat(spells)
                        .anyMatch(spell -> !spell.from().isAfter(moment.at())
                                && spell.to().isAfter(moment.at())
                                && spell.tenths() == now);
            }
        });
    }

    @Test
    void darkHoursAreNotPartOfACallMadeByDay() {
        Call call =
                call(Days.large(Light.FIRST_LIGHT, Conditions.NOTHING.with(Topic.TARGET, Answer.choice(Species.MAHI))));
        assertThat(call.from()).isAfter(day().get(0).at());
        assertThat(call.to()).isBeforeOrEqualTo(day().get(HOURS.length - 1).at());
    }

    @Test
    void whatTheSkipperTakesHasItsOwnLinesLacksAndCautions() {
        Situation s = Days.small(Light.MORNING, wahoo());
        Call call = Call.of(s, day(), Optional.of(PlaybookId.LIVE_SLOW));
        assertThat(call.taken().id()).isEqualTo(PlaybookId.LIVE_SLOW);
        assertThat(texts(call.lacks())).contains("live bait");
        assertThat(call.cautions()).contains(Caution.TEETH, Caution.LEADER);
        assertThat(call.lines().bounds()).anyMatch(bound -> bound.says().text().startsWith("Live slow"));
    }

    @Test
    void dangersAreToldToThoseTheyConcern() {
        Call fast = call(Days.large(Light.FIRST_LIGHT, wahoo()));
        assertThat(fast.cautions())
                .contains(Caution.RULES, Caution.LOOKOUT, Caution.WEIGHT_BACK, Caution.HEAVY_DRAG, Caution.TEETH)
                .doesNotContain(Caution.ALONE);
        Situation alone = Days.large(Light.FIRST_LIGHT, wahoo().with(Topic.CREW, Answer.number(1)));
        assertThat(call(alone).cautions()).contains(Caution.ALONE).doesNotContain(Caution.DARK);
        Situation night = Days.large(Light.NIGHT, wahoo());
        assertThat(Call.of(night, List.of(night.moment()), Optional.empty()).cautions())
                .contains(Caution.DARK);
        for (Caution caution : Caution.values()) {
            assertThat(caution.words()).endsWith(".").doesNotContain("!");
        }
    }

    @Test
    void signsThatDoNotGoTogetherAreSaid() {
        Situation s = Days.large(
                Light.MORNING,
                Conditions.NOTHING
                        .with(Topic.BIRDS, Answer.choice(Birds.DIVING))
                        .with(Topic.BAIT, Answer.choice(Bait.NONE))
                        .with(Topic.CLARITY, Answer.choice(Clarity.BLUE))
                        .with(Topic.FRESH, Answer.number(3)));
        assertThat(texts(call(s).contradictions()))
                .anyMatch(text -> text.contains("Birds dive"))
                .anyMatch(text -> text.contains("fresh layer"));
        assertThat(call(Days.large(Light.MORNING, Conditions.NOTHING)).contradictions())
                .isEmpty();
    }

    @Test
    void aTargetAgainstTheSignsIsSaidWithWhatTheSignsSpeakFor() {
        Situation s = Days.large(
                Light.MORNING,
                Conditions.NOTHING
                        .with(Topic.TARGET, Answer.choice(Species.TUNA))
                        .with(Topic.SURFACE, Answer.number(15))
                        .with(Topic.WEED, Answer.choice(Weed.THICK)));
        assertThat(texts(call(s).contradictions()))
                .anyMatch(text -> text.startsWith("Without your target the signs speak for"))
                .anyMatch(text -> text.startsWith("Against "));
    }

    private static DayPlan.Wishes wishes(Optional<Instant> linesIn, Optional<Instant> home) {
        return new DayPlan.Wishes(
                Duration.ofMinutes(60),
                Optional.empty(),
                linesIn,
                home,
                ZONE,
                SUN,
                List.of(new TideStation.Turn(
                        TideStation.Event.EBB_BEGINS, Instant.parse("2026-06-18T13:00:00Z"), 1.1)));
    }

    private static List<String> titles(Situation s, PlaybookId taken, DayPlan.Wishes wishes) {
        return DayPlan.of(s, Call.of(s.at(day().get(1)), day(), Optional.of(taken)), wishes).stream()
                .map(Step::title)
                .toList();
    }

    @Test
    void aDayOfLiveBaitCatchesItOnTheWayUnlessThereIsEnough() {
        Situation bare = Days.large(Light.MORNING, Conditions.NOTHING.with(Topic.CREW, Answer.number(3)));
        assertThat(titles(bare, PlaybookId.LIVE_SLOW, wishes(Optional.empty(), Optional.empty())))
                .contains("catch bait", "ebb begins", "lines up");
        Situation full = bare.with(bare.conditions().with(Topic.LIVE_BAIT, Answer.number(20)));
        assertThat(titles(full, PlaybookId.LIVE_SLOW, wishes(Optional.empty(), Optional.empty())))
                .doesNotContain("catch bait");
    }

    @Test
    void deadBaitIsBrinedAndAsManyLeadersTied() {
        Situation s = Days.large(
                Light.MORNING,
                Conditions.NOTHING.with(Topic.DEAD_BAIT, Answer.number(14)).with(Topic.CREW, Answer.number(3)));
        assertThat(titles(s, PlaybookId.DEAD_SLOW, wishes(Optional.empty(), Optional.empty())))
                .contains("brine 14 baits", "tie 14 leaders");
    }

    @Test
    void cohoAreFollowedDownAndDeepLinesMoveOnTheClock() {
        Situation cold = Days.small(
                Light.FIRST_LIGHT,
                Conditions.NOTHING.with(Topic.DEPTH, Answer.number(60)).with(Topic.CREW, Answer.number(2)));
        assertThat(titles(cold, PlaybookId.FLASH_SQUID, wishes(Optional.empty(), Optional.empty())))
                .filteredOn("deeper"::equals)
                .hasSize(3);
        assertThat(titles(cold, PlaybookId.FLASH_FLY, wishes(Optional.empty(), Optional.empty())))
                .filteredOn("move the deep lines"::equals)
                .hasSizeBetween(8, 16);
        assertThat(titles(cold, PlaybookId.PLUG_CUT, wishes(Optional.empty(), Optional.empty())))
                .doesNotContain("move the deep lines", "deeper");
    }

    @Test
    void overDeepWaterTheLinesMoveThroughWhatACableReaches() {
        Situation s = Days.small(
                Light.MORNING,
                Conditions.NOTHING.with(Topic.DEPTH, Answer.number(1500)).with(Topic.CREW, Answer.number(2)));
        var steps = DayPlan.of(
                s, Call.of(s, day(), Optional.of(PlaybookId.FLASH_FLY)), wishes(Optional.empty(), Optional.empty()));
        assertThat(steps)
                .filteredOn(step -> step.title().equals("move the deep lines"))
                .isNotEmpty()
                .allSatisfy(step ->
                        assertThat(step.because().figures()).allMatch(figure -> figure.si() <= DayPlan.DEEPEST_M));
    }

    /** Whatever may be answered, there is a call and a day for it. */
    @ParameterizedTest
    @EnumSource(PlaybookId.class)
    void theEndsOfEveryAnswerStillGiveADay(PlaybookId taken) {
        for (Topic topic : Topic.values()) {
            for (double end : ends(topic)) {
                Situation s = Days.small(
                        Light.MORNING,
                        Conditions.NOTHING.with(Topic.DEPTH, Answer.number(40)).with(topic, Answer.number(end)));
                assertThat(titles(s, taken, wishes(Optional.empty(), Optional.empty())))
                        .as("%s at %s", topic, end)
                        .contains("lines up");
            }
        }
    }

    private static Accepted range(Topic topic) {
        return topic.part(Part.Key.VALUE).orElseThrow().range();
    }

    private static double[] ends(Topic topic) {
        return topic.asked() && topic.choices().isEmpty()
                ? new double[] {range(topic).least(), range(topic).most()}
                : new double[0];
    }

    @Test
    void theSkippersHoursHold() {
        Situation s = Days.large(Light.MORNING, wahoo().with(Topic.STRUCTURE, Answer.choice(Structure.LEDGE)));
        Instant in = Instant.parse("2026-06-18T10:00:00Z");
        Instant home = Instant.parse("2026-06-18T15:00:00Z");
        var steps = DayPlan.of(s, Call.of(s, day(), Optional.empty()), wishes(Optional.of(in), Optional.of(home)));
        assertThat(steps)
                .anyMatch(step -> step.kind() == Step.Kind.SET && step.ends().equals(in));
        assertThat(steps.get(steps.size() - 1).at()).isEqualTo(home);
        Situation early = s.with(s.schools().with(School.HOURS, 1));
        var short_ =
                DayPlan.of(early, Call.of(early, day(), Optional.empty()), wishes(Optional.of(in), Optional.empty()));
        assertThat(short_.get(short_.size() - 1).at()).isEqualTo(in.plus(Duration.ofHours(4)));
    }
}
