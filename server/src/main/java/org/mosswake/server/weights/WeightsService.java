package org.mosswake.server.weights;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.weights.Spell;
import org.mosswake.core.weights.WeightFit;
import org.mosswake.server.call.CallService;
import org.mosswake.server.call.PlanService;
import org.mosswake.server.call.WaysService;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.log.MethodDays;
import org.mosswake.server.log.MethodDays.Fished;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.strikes.TripBody;
import org.mosswake.server.strikes.TripService;
import org.mosswake.server.weights.WeightsReply.MovedWeight;
import org.springframework.stereotype.Service;

@Service
class WeightsService {
    /** Latest days of which it is asked what the call would have said. */
    private static final int ASKED = 60;

    private static final int SHOWN = 80;

    private final Fits fits = new Fits();
    private final WeightsStore store;
    private final MethodDays methods;
    private final CallService calls;
    private final PlanService plans;
    private final WaysService ways;
    private final TripService trips;
    private final BoatService boats;

    WeightsService(
            WeightsStore store,
            MethodDays methods,
            CallService calls,
            PlanService plans,
            WaysService ways,
            TripService trips,
            BoatService boats) {
        this.store = store;
        this.methods = methods;
        this.calls = calls;
        this.plans = plans;
        this.ways = ways;
        this.trips = trips;
        this.boats = boats;
    }

    /** @param latest a moment of each of the latest days */
    private record Days(List<Spell> spells, List<Situation> latest) {}

    WeightsReply weights(UUID vessel) {
        boats.require(vessel);
        Days days = days(vessel);
        Numbers own = ways.ownNumbers(vessel);
        WeightFit fit = fits.of(vessel, days.spells(), own.set().keySet());
        Numbers taught = ways.numbers(vessel, fit.tenths());
        int another = (int) days.latest().stream()
                .filter(s -> first(s) != first(s.with(taught)))
                .count();
        Numbers used = ways.numbers(vessel);
        Optional<WeightsStore.Standing> standing = store.standing(vessel);
        boolean on = standing.filter(one -> one.taught().on()).isPresent();
        return new WeightsReply(
                standing.map(WeightsStore.Standing::version).orElse(0),
                on,
                on ? standing.get().since() : null,
                on ? standing.get().taught().days() : null,
                fit.days(),
                methods.days(vessel) - fit.days(),
                fit.strikes(),
                fit.minutes() / 60,
                days.latest().size(),
                another,
                fit.moved().stream()
                        .filter(move -> move.tenths() != move.from())
                        .limit(SHOWN)
                        .map(move -> new MovedWeight(
                                move.key(),
                                Numbers.words(move.key()),
                                move.from(),
                                move.tenths(),
                                move.sure(),
                                move.spells(),
                                (int) Math.round(used.of(move.key()))))
                        .toList());
    }

    /** As they stand now, or none. */
    @Write
    void set(UUID vessel, WeightsBody body) {
        boats.require(vessel);
        WeightFit fit = body.on()
                ? fits.of(
                        vessel,
                        days(vessel).spells(),
                        ways.ownNumbers(vessel).set().keySet())
                : WeightFit.of(List.of(), Set.of());
        store.put(vessel, body, new WeightsStore.Taught(body.on(), fit.days(), fit.tenths()));
    }

    private static PlaybookId first(Situation s) {
        return Ranking.of(s).first().playbook().id();
    }

    private Days days(UUID vessel) {
        var plannedOn = new HashMap<LocalDate, Conditions>();
        var spells = new ArrayList<Spell>();
        var latest = new LinkedHashMap<LocalDate, Situation>();
        var situations = new Situations(vessel);
        for (Fished fished : methods.of(vessel)) {
            Conditions known = plannedOn.computeIfAbsent(fished.day(), day -> plans.conditions(vessel, day));
            Optional<PlaybookId> method = PlaybookId.worded(fished.method());
            if (!known.known().isEmpty() && method.isPresent()) {
                Situation s = situations.of(fished, known);
                spells.add(Spell.of(s, method.get(), fished.minutes(), fished.strikes()));
                latest.putIfAbsent(fished.day(), s);
            }
        }
        var all = new ArrayList<>(latest.values());
        return new Days(spells, all.subList(Math.max(0, all.size() - ASKED), all.size()));
    }

    /** Boat, box and ways are asked for once. */
    private final class Situations {
        private final UUID vessel;
        private final BoatService.Home home;
        private final Map<UUID, TripBody> out = new HashMap<>();
        private Optional<Situation> base = Optional.empty();

        Situations(UUID vessel) {
            this.vessel = vessel;
            home = boats.homeOf(vessel);
        }

        Situation of(Fished fished, Conditions known) {
            TripBody trip =
                    fished.tripId() == null ? null : out.computeIfAbsent(fished.tripId(), id -> trips.trip(vessel, id));
            double latitude = trip == null ? home.latitudeDeg() : trip.latitudeDeg();
            double longitude = trip == null ? home.longitudeDeg() : trip.longitudeDeg();
            ZoneId zone = trip == null ? home.zone() : ZoneId.of(trip.timeZone());
            Situation s = base.map(one -> calls.again(one, fished.day(), fished.at(), latitude, longitude, zone, known))
                    .orElseGet(
                            () -> calls.untaught(vessel, fished.day(), fished.at(), latitude, longitude, zone, known));
            base = Optional.of(s);
            return s;
        }
    }

    /** What was fitted last: a second look at the same days does not fit again. */
    private static final class Fits {
        private static final int KEPT = 3;

        private record Fitted(UUID vessel, List<Spell> spells, Set<String> own, WeightFit fit) {
            boolean isOf(UUID boat, List<Spell> days, Set<String> set) {
                return vessel.equals(boat) && own.equals(set) && spells.equals(days);
            }
        }

        private final Deque<Fitted> kept = new ArrayDeque<>();

        synchronized WeightFit of(UUID vessel, List<Spell> spells, Set<String> own) {
            Optional<Fitted> before =
                    kept.stream().filter(one -> one.isOf(vessel, spells, own)).findFirst();
            if (before.isPresent()) {
                return before.get().fit();
            }
            WeightFit fit = WeightFit.of(spells, own);
            kept.removeIf(one -> one.vessel().equals(vessel));
            kept.addFirst(new Fitted(vessel, spells, Set.copyOf(own), fit));
            if (kept.size() > KEPT) {
                kept.removeLast();
            }
            return fit;
        }
    }
}
