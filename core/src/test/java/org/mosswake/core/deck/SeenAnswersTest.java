package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Happening.Sighted;
import org.mosswake.core.strikes.Seen;

class SeenAnswersTest {
    private static final Instant NOW = Instant.parse("2026-06-18T10:00:00Z");

    private static Fact seen(Seen what, int minutesAgo) {
        return layer(what, minutesAgo, Optional.empty(), Optional.empty());
    }

    private static Fact layer(Seen what, int minutesAgo, Optional<Double> top, Optional<Double> bottom) {
        Optional<Double> none = Optional.empty();
        return new Fact(
                UUID.randomUUID(),
                NOW.minus(Duration.ofMinutes(minutesAgo)),
                new Sighted(what, none, none, top, bottom, none, none, none, none, Optional.empty()));
    }

    private static Map<Topic, Answer> of(Fact... told) {
        return SeenAnswers.of(List.of(told), Conditions.NOTHING, Set.of(), NOW);
    }

    @Test
    void theLatestOfTheBirdsHolds() {
        assertThat(of(seen(Seen.BIRDS_SEARCHING, 30), seen(Seen.BIRDS_DIVING, 5)))
                .containsExactly(Map.entry(Topic.BIRDS, Answer.choice(Topic.Birds.DIVING)));
        assertThat(of(seen(Seen.BIRDS_DIVING, 30), seen(Seen.BIRDS_RESTING, 5)))
                .containsExactly(Map.entry(Topic.BIRDS, Answer.choice(Topic.Birds.SITTING)));
    }

    @Test
    void whatIsLongAgoOrNotYetSaysNothing() {
        assertThat(of(seen(Seen.BIRDS_DIVING, 50), seen(Seen.WEED, 100), seen(Seen.EDGE, -5)))
                .isEmpty();
    }

    @Test
    void aLayerNeedsItsDepths() {
        assertThat(of(seen(Seen.BAIT, 10))).isEmpty();
        assertThat(of(layer(Seen.BAIT, 10, Optional.of(30.0), Optional.of(20.0))))
                .isEmpty();
        assertThat(of(layer(Seen.BAIT, 10, Optional.of(20.0), Optional.of(30.0))))
                .containsExactly(Map.entry(Topic.BAIT, Answer.layer(20, 30)));
    }

    @Test
    void weedAgainAndAgainIsThick() {
        Fact weed = seen(Seen.WEED, 10);
        assertThat(of(weed)).containsEntry(Topic.WEED, Answer.choice(Topic.Weed.SCATTERED));
        assertThat(of(weed, weed, weed, weed)).containsEntry(Topic.WEED, Answer.choice(Topic.Weed.THICK));
    }

    @Test
    void edgesAndFloatingThingsAnswerTheirOwn() {
        assertThat(of(seen(Seen.EDGE, 10), seen(Seen.FLOATING_THING, 3), seen(Seen.SHARK, 3)))
                .containsOnlyKeys(Topic.CLARITY, Topic.FLOATING);
    }

    private static Fact told(Happening what) {
        return new Fact(UUID.randomUUID(), NOW.minusSeconds(600), what);
    }

    @Test
    void aStomachTellsTheForageWhereALengthWasSaid() {
        var squid = told(new Happening.Opened(UUID.randomUUID(), "three squid of 8,5 cm"));
        assertThat(of(squid)).containsExactly(Map.entry(Topic.FORAGE, Answer.number(0.085)));
        var inches = told(new Happening.Opened(UUID.randomUUID(), "one 6 in herring"));
        assertThat(of(squid, inches).get(Topic.FORAGE).value().orElseThrow()).isCloseTo(0.1524, within(1e-9));
        assertThat(of(told(new Happening.Opened(UUID.randomUUID(), "squid, 2 in the gut"))))
                .isEmpty();
        assertThat(of(told(new Happening.Opened(UUID.randomUUID(), "empty")))).isEmpty();
        assertThat(of(told(new Happening.Opened(UUID.randomUUID(), "a rope of 900 cm"))))
                .isEmpty();
    }

    /** On from what the plan said was aboard. */
    @Test
    void theWellIsCountedOn() {
        var planned = Conditions.NOTHING.with(Topic.LIVE_BAIT, Answer.number(12));
        var caught = told(new Happening.BaitCaught("goggle-eye", 5, Optional.empty()));
        var dead = told(new Happening.BaitDead("goggle-eye", 20));
        assertThat(SeenAnswers.of(List.of(caught), planned, Set.of(), NOW))
                .containsExactly(Map.entry(Topic.LIVE_BAIT, Answer.number(17)));
        assertThat(SeenAnswers.of(List.of(caught, dead), planned, Set.of(), NOW))
                .containsExactly(Map.entry(Topic.LIVE_BAIT, Answer.number(0)));
    }

    /** Over random days: a line is said where another leads clearly, and only because of what was seen. */
    @Test
    void anotherLeadsOnlyByWhatWasSeen() {
        var random = new Random(8);
        int said = 0;
        for (int i = 0; i < 200; i++) {
            Situation planned = Days.any(random);
            Conditions known = planned.conditions()
                    .with(Topic.BIRDS, Answer.choice(Topic.Birds.DIVING))
                    .with(Topic.WEED, Answer.choice(Topic.Weed.SCATTERED));
            Situation weighed = planned.with(known);
            Ranking before = Ranking.of(planned);
            Ranking after = Ranking.of(weighed);
            PlaybookId ours = before.first().playbook().id();
            var line = SeenAnswers.leads(before, after, ours);
            boolean leads = after.first().tenths() - after.of(ours).tenths() >= SeenAnswers.CLEARLY;
            assertThat(line.isPresent()).isEqualTo(leads);
            line.ifPresent(sentence -> assertThat(sentence.text())
                    .contains(after.first().playbook().id().words())
                    .contains(ours.words()));
            said += leads ? 1 : 0;
            assertThat(SeenAnswers.leads(before, before, ours)).isEmpty();
        }
        assertThat(said).isBetween(3, 150);
    }
}
