package org.mosswake.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.Step;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Playbooks;
import org.mosswake.core.units.Figure;

class BaitNeedTest {
    private static final Instant SIX = Instant.parse("2026-06-18T06:00:00Z");

    private static List<BaitNeed> needs(int aboard, int lines) {
        Situation s = Days.large(Light.MORNING, Conditions.NOTHING.with(Topic.LIVE_BAIT, Answer.number(aboard)));
        return BaitNeed.of(s, Playbooks.usual(PlaybookId.LIVE_SLOW), lines);
    }

    /** Four lines, six hours, a fresh one every three quarters of an hour. */
    @Test
    void linesTimesHoursThroughRenewal() {
        BaitNeed need = needs(12, 4).get(0);
        assertThat(need.wanted(Duration.ofHours(6))).isEqualTo(4 * 8);
        assertThat(need.lasts()).isEqualTo(Duration.ofMinutes(3 * 45));
        assertThat(need.wanted(Duration.ofMinutes(1))).isEqualTo(4);
    }

    @Test
    void whenItRunsOutIsAStepOfTheDay() {
        Step tooFew = needs(12, 4).get(0).step(SIX, SIX.plus(Duration.ofHours(6)));
        assertThat(tooFew.kind()).isEqualTo(Step.Kind.CHANGE);
        assertThat(tooFew.at()).isEqualTo(SIX.plus(Duration.ofMinutes(135)));
        assertThat(tooFew.because().figures()).contains(Figure.count(12), Figure.count(32));
        Step enough = needs(40, 4).get(0).step(SIX, SIX.plus(Duration.ofHours(6)));
        assertThat(enough.kind()).isEqualTo(Step.Kind.BAIT);
        assertThat(enough.at()).isEqualTo(SIX);
    }

    @Test
    void nothingIsReckonedOfBaitThatIsNotAboardOrNotFished() {
        assertThat(needs(0, 4)).isEmpty();
        Situation s = Days.large(Light.MORNING, Conditions.NOTHING.with(Topic.LIVE_BAIT, Answer.number(12)));
        assertThat(BaitNeed.of(s, Playbooks.usual(PlaybookId.LADDER), 3)).isEmpty();
    }
}
