package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** No method is named where a crew would name none, and no two sentences of a call speak against each other. */
class VerdictTest {
    private static Call call(Situation s) {
        var day = new ArrayList<Moment>();
        Instant at = Instant.parse("2026-06-18T07:00:00Z");
        for (Light light : List.of(Light.FIRST_LIGHT, Light.MORNING, Light.MIDDAY, Light.AFTERNOON, Light.DUSK)) {
            day.add(new Moment(at, light, Optional.empty(), false));
            at = at.plus(Call.STEP);
        }
        return Call.of(s.at(day.get(1)), day, Optional.empty());
    }

    private static List<String> said(List<Sentence> sentences) {
        return sentences.stream().map(Sentence::text).toList();
    }

    private static Conditions known(Topic topic, Answer answer) {
        return Conditions.NOTHING.with(topic, answer);
    }

    @Test
    void anEmptyPlanAsksBeforeItCalls() {
        assertThat(said(call(Days.large(Light.MORNING, Conditions.NOTHING)).verdict()))
                .singleElement()
                .asString()
                .startsWith("Nothing is known of this day yet");
        assertThat(call(Days.large(Light.MORNING, known(Topic.CREW, Answer.number(3))))
                        .verdict())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"SMALL,ROUGH,true", "SMALL,MODERATE,true", "SMALL,SLIGHT,false", "LARGE,ROUGH,false", "LARGE,CALM,false"
    })
    void aSeaTooHighForHerKeepsHerIn(String boat, Sea sea, boolean stays) {
        Conditions conditions = known(Topic.SEA, Answer.choice(sea));
        Situation s =
                boat.equals("SMALL") ? Days.small(Light.MORNING, conditions) : Days.large(Light.MORNING, conditions);
        assertThat(said(call(s).verdict()).stream().anyMatch(text -> text.startsWith("Stay in")))
                .isEqualTo(stays);
    }

    /** The height as seen counts, not the word. */
    @Test
    void wavesOfFourMetresKeepTheLargeOneIn() {
        var high = Answer.choice(Sea.SLIGHT).with(Part.Key.VALUE, 4);
        Call call = call(Days.large(Light.MORNING, known(Topic.SEA, high)));
        assertThat(said(call.verdict())).anyMatch(text -> text.startsWith("Stay in"));
        assertThat(said(call.contradictions())).anyMatch(text -> text.contains("the height counts"));
    }

    @ParameterizedTest
    @CsvSource({"CALM,0,false", "CALM,0.3,false", "CALM,2,true", "ROUGH,0.3,true", "ROUGH,3,false"})
    void aWordIsHeldAgainstItsWaves(Sea word, double metres, boolean said) {
        var sea = Answer.choice(word).with(Part.Key.VALUE, metres);
        assertThat(said(call(Days.large(Light.MORNING, known(Topic.SEA, sea))).contradictions()).stream()
                        .anyMatch(text -> text.contains("the height counts")))
                .isEqualTo(said);
    }

    /** Whatever speaks for it: above what the sea lets her make, nothing is called while anything slower stands. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void nothingIsCalledFasterThanTheSeaLetsHerGo(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            Situation s = Days.any(random);
            Optional<Seaway> sea = Seaway.of(s);
            if (sea.isEmpty() || sea.get().staysIn()) {
                continue;
            }
            Score first = Ranking.of(s).first();
            boolean tooFast = first.playbook().leastMps() > sea.get().comfortableMps() + 1e-9;
            assertThat(tooFast && first.tenths() > 0)
                    .as("%s in %s", first.playbook().id(), sea.get())
                    .isFalse();
        }
    }

    /** A sea that keeps her in is no reason for another method. */
    @Test
    void aSeaTooHighPutsNothingFirst() {
        Situation s = Days.small(Light.MORNING, known(Topic.SEA, Answer.choice(Sea.SLIGHT)));
        assertThat(Doubts.wouldChange(s))
                .noneMatch(change -> change.topic() == Topic.SEA
                        && change.answer().choice().filter("ROUGH"::equals).isPresent());
        assertThat(Doubts.worthFinding(Days.small(Light.MORNING, Conditions.NOTHING)))
                .noneMatch(
                        unknown -> unknown.by().choice().filter("ROUGH"::equals).isPresent());
    }

    @Test
    void whatSheHoldsFallsWithTheSea() {
        var slight = new Seaway(0.6, 6);
        assertThat(SpeedUnit.KNOT.fromSi(slight.comfortableMps())).isCloseTo(16, within(0.1));
        assertThat(new Seaway(1.2, 6).comfortableMps()).isLessThan(slight.comfortableMps());
        assertThat(new Seaway(0.6, 12).comfortableMps()).isGreaterThan(slight.comfortableMps());
    }

    /** A sum against fishing is never offered for the case that another does not work. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void noMethodIsOfferedThatHasMoreAgainstItThanForIt(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Call call = call(Days.any(random));
            call.planB().ifPresent(planB -> assertThat(planB.tenths()).isPositive());
            if (call.ranking().first().tenths() <= 0) {
                assertThat(said(call.verdict())).anyMatch(text -> text.startsWith("Nothing here speaks for fishing"));
            }
        }
    }

    @Test
    void whatCannotBeIsSaid() {
        var both = known(Topic.TARGET, Answer.targets(Species.MAHI, Species.CHINOOK));
        assertThat(said(call(Days.large(Light.MORNING, both)).contradictions()))
                .anyMatch(text -> text.startsWith("No water holds both"));
        var under = known(Topic.BAIT, Answer.layer(20, 40)).with(Topic.DEPTH, Answer.number(30));
        assertThat(said(call(Days.large(Light.MORNING, under)).contradictions()))
                .anyMatch(text -> text.startsWith("The bait layer reaches down"));
        var cold = known(Topic.TARGET, Answer.choice(Species.WAHOO)).with(Topic.SURFACE, Answer.number(12));
        assertThat(said(call(Days.large(Light.MORNING, cold)).contradictions()))
                .anyMatch(text -> text.contains("is not water for wahoo"));
    }

    @ParameterizedTest
    @EnumSource(
            value = Topic.class,
            names = {"CREW", "BAG", "LIVE_BAIT", "DEAD_BAIT"})
    void halfOfOneIsNoCount(Topic counted) {
        assertThatThrownBy(() -> known(counted, Answer.number(2.5)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).singleElement().satisfies(fault -> {
                            assertThat(fault.field()).isEqualTo(counted + ".value");
                            assertThat(fault.mend()).contains("whole");
                        }));
    }

    private static Box without(Box box, LureKind kind) {
        return new Box(
                box.lures().stream().filter(lure -> !lure.item().isA(kind)).toList(), box.lines(), box.reels());
    }

    /** Baits in the well and baits in the box are the same baits. */
    @Test
    void whatIsAboardIsNeverLacking() {
        var live = known(Topic.TARGET, Answer.choice(Species.KING)).with(Topic.LIVE_BAIT, Answer.number(12));
        Situation s = Days.large(Light.MORNING, live);
        Situation bare = Days.withBox(s, without(s.outfit().box(), LureKind.LIVE_BAIT));
        Score score = Ranking.of(bare).of(PlaybookId.LIVE_SLOW);
        List<String> reasons =
                score.reasons().stream().map(reason -> reason.says().text()).toList();
        assertThat(reasons).anyMatch(text -> text.contains("live baits aboard"));
        assertThat(reasons).noneMatch(text -> text.contains("no lure for it"));
        assertThat(said(BoxFit.lacks(bare, bare.numbers().playbook(PlaybookId.LIVE_SLOW))))
                .anyMatch(text -> text.contains("it is aboard, add it there"));
    }

    @Test
    void baitsAsStatedAreWhatTheBoxHas() {
        Situation s = Days.large(Light.MORNING, known(Topic.LIVE_BAIT, Answer.number(0)));
        assertThat(BoxFit.of(s, s.numbers().playbook(PlaybookId.LIVE_SLOW)).filled())
                // Of the other positions only those that a dead eel fills.
                .isLessThanOrEqualTo(2);
        Situation some = s.with(known(Topic.LIVE_BAIT, Answer.number(2)));
        int filled =
                BoxFit.of(some, some.numbers().playbook(PlaybookId.LIVE_SLOW)).filled();
        assertThat(filled).isBetween(2, 4);
    }
}
