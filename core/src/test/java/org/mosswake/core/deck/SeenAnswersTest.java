package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.PlaybookId;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.deck.SeenAnswers.Sight;
import org.mosswake.core.strikes.Happening.Sighted;
import org.mosswake.core.strikes.Seen;

class SeenAnswersTest {
    private static final Instant NOW = Instant.parse("2026-06-18T10:00:00Z");

    private static Sight seen(Seen what, int minutesAgo) {
        return layer(what, minutesAgo, Optional.empty(), Optional.empty());
    }

    private static Sight layer(Seen what, int minutesAgo, Optional<Double> top, Optional<Double> bottom) {
        Optional<Double> none = Optional.empty();
        return new Sight(
                NOW.minus(Duration.ofMinutes(minutesAgo)),
                new Sighted(what, none, none, top, bottom, none, none, none, none, Optional.empty()));
    }

    private static Map<Topic, Answer> of(Sight... sights) {
        return SeenAnswers.of(List.of(sights), NOW);
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
        Sight weed = seen(Seen.WEED, 10);
        assertThat(of(weed)).containsEntry(Topic.WEED, Answer.choice(Topic.Weed.SCATTERED));
        assertThat(of(weed, weed, weed, weed)).containsEntry(Topic.WEED, Answer.choice(Topic.Weed.THICK));
    }

    @Test
    void edgesAndFloatingThingsAnswerTheirOwn() {
        assertThat(of(seen(Seen.EDGE, 10), seen(Seen.FLOATING_THING, 3), seen(Seen.SHARK, 3)))
                .containsOnlyKeys(Topic.CLARITY, Topic.FLOATING);
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
