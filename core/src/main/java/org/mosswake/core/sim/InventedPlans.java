package org.mosswake.core.sim;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Evidence;
import org.mosswake.core.call.Moment;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Outfit;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Species;

/**
 * What is known of invented days before they are fished, and by which method each hour of them is. The weights that are true
 * of that sea are a little other than the shipped ones, each by a normal of {@value #OFF}.
 */
public final class InventedPlans {
    private static final double OFF = 0.25;
    private static final double KNOWN = 0.8;
    private static final List<PlaybookId> METHODS =
            List.of(PlaybookId.MIXED, PlaybookId.TOOTHY, PlaybookId.SMALL_FAST, PlaybookId.BARS, PlaybookId.DEAD_SLOW);
    private static final Holder HOLDER =
            new Holder(new UUID(0, 1), "Any", HolderKind.FLAT, new DeckPoint(0, 0, 1), new DeckPoint(1, 0, 1.4));
    private static final Outfit NO_MATTER = new Outfit(
            new Boat("Any", 9, 3, 1, List.of(HOLDER)), Optional.empty(), new Box(List.of(), List.of(), List.of()));

    private final Dice dice;
    private final double latitudeDeg;
    private final double longitudeDeg;
    private final ZoneId zone;
    private final Map<String, Double> moves = new HashMap<>();
    private LocalDate lit = LocalDate.MIN;
    private SunDay sun;
    private MoonDay moon;

    public InventedPlans(long seed, double latitudeDeg, double longitudeDeg, ZoneId zone) {
        dice = new Dice(seed);
        this.latitudeDeg = latitudeDeg;
        this.longitudeDeg = longitudeDeg;
        this.zone = zone;
        for (String key : Evidence.shipped().keySet()) {
            moves.put(key, Math.log(dice.factor(OFF, "weight " + key, 0)) + OFF * OFF / 2);
        }
    }

    /** By how much each weight is off in truth (1 is ten tenths). */
    public Map<String, Double> moves() {
        return Map.copyOf(moves);
    }

    public Conditions of(LocalDate day) {
        long number = day.toEpochDay();
        Conditions known = Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(of(number, "target", Species.KING, Species.MAHI, Species.TUNA)))
                .with(Topic.SURFACE, Answer.number(tenth(number, "surface", 21, 28)));
        known = maybe(known, number, Topic.STEP, Answer.number(tenth(number, "step", 0, 1.2)));
        known = maybe(known, number, Topic.CLARITY, Answer.choice(of(number, "clarity", Topic.Clarity.values())));
        known = maybe(known, number, Topic.SKY, Answer.choice(of(number, "sky", Topic.Sky.values())));
        known = maybe(
                known,
                number,
                Topic.STRUCTURE,
                Answer.choice(
                        of(number, "structure", Topic.Structure.LEDGE, Topic.Structure.REEF, Topic.Structure.FLAT)));
        known = maybe(
                known, number, Topic.WEED, Answer.choice(of(number, "weed", Topic.Weed.NONE, Topic.Weed.SCATTERED)));
        return maybe(
                known,
                number,
                Topic.BIRDS,
                Answer.choice(of(number, "birds", Topic.Birds.NONE, Topic.Birds.SEARCHING, Topic.Birds.SITTING)));
    }

    /** @param worth a factor on how often a line is taken, against the method the water says most for */
    record Hour(PlaybookId method, double worth) {}

    /** Fished most of the time by what the call says first, else by what it says next. */
    Hour hour(Instant at) {
        Situation s = situation(at);
        var pieces = new EnumMap<PlaybookId, List<Evidence.Piece>>(PlaybookId.class);
        METHODS.forEach(id -> pieces.put(id, Evidence.of(s, id)));
        List<PlaybookId> ranked = METHODS.stream()
                .sorted(Comparator.comparingInt((PlaybookId id) -> -Evidence.sum(pieces.get(id))))
                .toList();
        // Nobody changes all lines twice an hour.
        double share = dice.share("method", at.getEpochSecond() / 3600 / 4);
        PlaybookId method = ranked.get(share < 0.5 ? 0 : share < 0.8 ? 1 : 2);
        int behind = Evidence.sum(pieces.get(method)) - Evidence.sum(pieces.get(ranked.get(0)));
        double moved = pieces.get(method).stream()
                .mapToDouble(piece -> moves.get(piece.key()))
                .sum();
        return new Hour(method, Math.exp(behind / 10.0 + moved));
    }

    private Situation situation(Instant at) {
        LocalDate day = at.atZone(zone).toLocalDate();
        if (sun == null || !day.equals(lit)) {
            lit = day;
            sun = SunDay.of(day, zone, latitudeDeg, longitudeDeg);
            moon = MoonDay.of(day, zone, latitudeDeg, longitudeDeg);
        }
        Moment moment = Moment.of(at, sun, moon, Optional.empty());
        return new Situation(day, moment, of(day), NO_MATTER, Schools.USUAL, List.of(), Numbers.USUAL);
    }

    private Conditions maybe(Conditions known, long number, Topic topic, Answer answer) {
        return dice.share("known " + topic, number) < KNOWN ? known.with(topic, answer) : known;
    }

    private double tenth(long number, String what, double from, double to) {
        return Math.round(10 * dice.between(from, to, what, number)) / 10.0;
    }

    @SafeVarargs
    private <T> T of(long number, String what, T... choices) {
        return choices[(int) (choices.length * dice.share(what, number))];
    }
}
