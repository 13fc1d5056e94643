package org.mosswake.server.deck;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Score;
import org.mosswake.core.call.Topic;
import org.mosswake.core.deck.Routine;
import org.mosswake.core.deck.SeenAnswers;
import org.mosswake.core.deck.Well;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.units.Sentence;
import org.mosswake.server.call.AnswerBody;
import org.mosswake.server.call.CallService;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.call.PlanService;
import org.mosswake.server.call.WaysService;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.strikes.DayService;
import org.mosswake.server.strikes.TripBody;
import org.mosswake.server.strikes.TripService;
import org.springframework.stereotype.Service;

/** Weighs the methods again by what the crew has seen; quietly, and only where a spread was called at all. */
@Service
class WeighAgain {
    private final TripService trips;
    private final DayService days;
    private final PlanService plans;
    private final OriginService origins;
    private final CallService calls;
    private final DeckService deck;
    private final WaysService ways;

    WeighAgain(
            TripService trips,
            DayService days,
            PlanService plans,
            OriginService origins,
            CallService calls,
            DeckService deck,
            WaysService ways) {
        this.deck = deck;
        this.ways = ways;
        this.trips = trips;
        this.days = days;
        this.plans = plans;
        this.origins = origins;
        this.calls = calls;
    }

    WeighedReply weigh(UUID vessel, UUID spread, UUID trip, Instant at) {
        TripBody day = trips.trip(vessel, trip);
        Conditions planned = plans.conditions(vessel, day.day());
        List<Fact> told = days.standing(vessel, trip);
        List<Routine.Carries> lines = deck.carried(vessel, spread);
        Set<UUID> baited = lines.stream()
                .filter(line -> line.kind() == LureKind.LIVE_BAIT)
                .map(Routine.Carries::line)
                .collect(Collectors.toSet());
        Map<Topic, Answer> seen = SeenAnswers.of(told, planned, baited, at);
        Optional<Sentence> leads = seen.isEmpty()
                ? Optional.empty()
                : origins.playbookOf(vessel, spread).flatMap(ours -> {
                    Ranking known = ranking(vessel, day, at, known(planned, seen));
                    return SeenAnswers.leads(ranking(vessel, day, at, planned), known, ours);
                });
        return new WeighedReply(
                seen.entrySet().stream()
                        .map(one -> AnswerBody.of(one.getKey(), one.getValue()))
                        .toList(),
                leads.map(SentenceReply::of).orElse(null),
                Well.of(told, planned, lines, ways.numbers(vessel), at)
                        .flatMap(well -> well.says(
                                at,
                                plans.turnsForHome(vessel, day.day()),
                                without(vessel, day, at, known(planned, seen))))
                        .map(SentenceReply::of)
                        .orElse(null));
    }

    private static Conditions known(Conditions planned, Map<Topic, Answer> seen) {
        Conditions known = planned;
        for (Map.Entry<Topic, Answer> answer : seen.entrySet()) {
            known = known.with(answer.getKey(), answer.getValue());
        }
        return known;
    }

    /** The method that leads where no live bait is left. */
    private PlaybookId without(UUID vessel, TripBody day, Instant at, Conditions known) {
        return ranking(vessel, day, at, known.with(Topic.LIVE_BAIT, Answer.number(0))).scores().stream()
                .map(Score::playbook)
                .filter(playbook -> !playbook.is(Playbook.Trait.LIVE_BAIT))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private Ranking ranking(UUID vessel, TripBody day, Instant at, Conditions known) {
        return calls.ranking(
                vessel, day.day(), at, day.latitudeDeg(), day.longitudeDeg(), ZoneId.of(day.timeZone()), known);
    }
}
