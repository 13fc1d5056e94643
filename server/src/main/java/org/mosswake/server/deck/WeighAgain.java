package org.mosswake.server.deck;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Topic;
import org.mosswake.core.deck.SeenAnswers;
import org.mosswake.core.units.Sentence;
import org.mosswake.server.call.AnswerBody;
import org.mosswake.server.call.CallService;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.call.PlanService;
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

    WeighAgain(TripService trips, DayService days, PlanService plans, OriginService origins, CallService calls) {
        this.trips = trips;
        this.days = days;
        this.plans = plans;
        this.origins = origins;
        this.calls = calls;
    }

    WeighedReply weigh(UUID vessel, UUID spread, UUID trip, Instant at) {
        TripBody day = trips.trip(vessel, trip);
        Conditions planned = plans.conditions(vessel, day.day());
        Map<Topic, Answer> seen = SeenAnswers.of(days.standing(vessel, trip), planned, at);
        Optional<Sentence> leads = seen.isEmpty()
                ? Optional.empty()
                : origins.playbookOf(vessel, spread).flatMap(ours -> {
                    Conditions known = planned;
                    for (Map.Entry<Topic, Answer> answer : seen.entrySet()) {
                        known = known.with(answer.getKey(), answer.getValue());
                    }
                    return SeenAnswers.leads(ranking(vessel, day, at, planned), ranking(vessel, day, at, known), ours);
                });
        return new WeighedReply(
                seen.entrySet().stream()
                        .map(one -> AnswerBody.of(one.getKey(), one.getValue()))
                        .toList(),
                leads.map(SentenceReply::of).orElse(null));
    }

    private Ranking ranking(UUID vessel, TripBody day, Instant at, Conditions known) {
        return calls.ranking(
                vessel, day.day(), at, day.latitudeDeg(), day.longitudeDeg(), ZoneId.of(day.timeZone()), known);
    }
}
