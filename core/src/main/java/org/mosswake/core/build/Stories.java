package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Part;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.Wake;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** Why each line of a first spread is what it is, from the figures it was chosen by. */
final class Stories {
    private static final double SURFACE_M = 1;
    private static final double NEAR_M = 0.6;

    /** Holds as far as the stream lies along the way that is run; what lies across it is felt by neither run. */
    private static final String RUN_BOTH_WAYS =
            "Run one way and back at the same throttle: the mean on the receiver is the speed through the water, half the difference the stream.";

    private final Situation s;
    private final Playbook p;
    private final Wake wake;
    private final Depths depths;

    Stories(Situation s, Playbook p, Wake wake, Depths depths) {
        this.s = s;
        this.p = p;
        this.wake = wake;
        this.depths = depths;
    }

    List<Sentence> of(Objective.Set set, List<Objective.Set> all) {
        var says = new ArrayList<Sentence>();
        Placing placing = set.placing();
        if (placing.locked()) {
            return List.of(Sentence.of("Locked: kept as it was."));
        }
        // Lines that bracket the bait are no longer near the bottom, whatever the playbook calls them.
        if (!depths.brackets() || placing.slot().reach().aim() != Slot.Aim.OFF_BOTTOM) {
            says.add(role(placing));
        }
        says.add(place(placing, set.place()));
        clip(set).ifPresent(says::add);
        lure(placing, says);
        placing.reel().ifPresent(reel -> says.add(reel(placing, reel)));
        if (placing.line().rigging().scent().isPresent()) {
            says.add(Sentence.of("With scent, put on again whenever the line is looked over."));
        }
        boolean twin =
                all.stream().anyMatch(other -> other != set && placing.twinOf(other.placing()) && placing.level());
        if (twin) {
            says.add(Sentence.of("Level with its twin, as a school swims."));
        }
        return says;
    }

    /** Where no seat holds what the line pulls with room for a sea. */
    private static Optional<Sentence> clip(Objective.Set set) {
        return set.placing()
                .line()
                .deep()
                .filter(deep -> !deep.seat().holds(set.place().pullN()))
                .map(deep -> Sentence.of(
                        "All the way in, its clip holds {0} and the line alone pulls {1}: it may let go early. A smaller attractor or less speed pulls less.",
                        Figure.pull(deep.seat().holdN()),
                        Figure.pull(set.place().pullN())));
    }

    private Sentence role(Placing placing) {
        String role = placing.slot().role();
        return Sentence.of(role.substring(0, 1).toUpperCase(Locale.ROOT) + role.substring(1) + ".");
    }

    private Sentence place(Placing placing, LurePlace place) {
        if (placing.target().isPresent()) {
            return depth(placing, place, placing.target().get());
        }
        if (place.depthM() > SURFACE_M) {
            return Sentence.of(
                    "{0} out; it runs {1} down.",
                    Figure.distance(placing.line().letOutM()), Figure.distance(place.depthM()));
        }
        boolean wash = wake.waterAt(place.asternM(), place.starboardM()) != Wake.Water.CLEAN;
        String weed = s.conditions().is(Topic.WEED, Topic.Weed.NONE)
                        || !s.conditions().knows(Topic.WEED)
                ? ""
                : ", shortened for the weed";
        return Sentence.of(
                "{0} out" + weed + ": on the front of wave {1}, " + (wash ? "in the white water." : "in clean water."),
                Figure.distance(placing.line().letOutM()),
                Figure.count(wake.crestNear(place.asternM())));
    }

    private Sentence depth(Placing placing, LurePlace place, Placing.Target target) {
        boolean cabled = placing.holder().kind() == HolderKind.DOWNRIGGER;
        double out = cabled
                ? placing.line().deep().orElseThrow().cableOutM()
                : placing.line().letOutM();
        String what = cabled ? "{0} of cable" : "{0} out";
        boolean nearBottom = placing.slot().reach().aim() == Slot.Aim.OFF_BOTTOM && !depths.brackets();
        if (nearBottom && depths.bottomKnown() && place.depthM() < target.topM() - NEAR_M) {
            return Sentence.of(
                    what + " brings it to {1}, {2} off the bottom: nearer it would touch in more than {3} of cases.",
                    Figure.distance(out),
                    Figure.distance(place.depthM()),
                    Figure.distance(depths.bottomM() - place.depthM()),
                    Figure.share(placing.line().rigging().numbers().of(RigNumbers.TOUCH_ODDS)));
        }
        if (target.miss(place.depthM()) > NEAR_M) {
            return Sentence.of(
                    what + " brings it to {1}; {2} was wanted and is not to be had this way.",
                    Figure.distance(out),
                    Figure.distance(place.depthM()),
                    Figure.distance(target.middleM()));
        }
        if (depths.brackets()) {
            var bait = s.conditions().bait().orElseThrow();
            boolean under = place.depthM() > bait.bottomM();
            return Sentence.of(
                    what + " brings it to {1}, just " + (under ? "under" : "over") + " the bait at {2} to {3}.",
                    Figure.distance(out),
                    Figure.distance(place.depthM()),
                    Figure.distance(bait.topM()),
                    Figure.distance(bait.bottomM()));
        }
        if (placing.slot().reach().aim() == Slot.Aim.OFF_BOTTOM) {
            return Sentence.of(
                    what + " brings it to {1}, {2} off the bottom"
                            + (s.conditions().knows(Topic.DEPTH)
                                    ? "."
                                    : " of water reckoned at {3}, as the depth is not known."),
                    s.conditions().knows(Topic.DEPTH)
                            ? new Figure[] {
                                Figure.distance(out),
                                Figure.distance(place.depthM()),
                                Figure.distance(depths.bottomM() - place.depthM())
                            }
                            : new Figure[] {
                                Figure.distance(out),
                                Figure.distance(place.depthM()),
                                Figure.distance(depths.bottomM() - place.depthM()),
                                Figure.distance(depths.bottomM())
                            });
        }
        return Sentence.of(what + " brings it to {1}.", Figure.distance(out), Figure.distance(place.depthM()));
    }

    /** What hangs under the swivel of a three-way, beside the lure behind it. */
    private static void underTheSwivel(Placing placing, List<Sentence> says) {
        boolean branched = placing.line().tackle().stream()
                .anyMatch(piece -> piece.branch().isPresent());
        if (branched) {
            LureItem lowest = placing.line().lure();
            says.add(Sentence.of(
                    lowest.lead()
                            ? "One lure fishes, behind " + Sentence.plain(lowest.name()) + ": the box has no second."
                            : "Two lures fish: " + Sentence.plain(lowest.name())
                                    + " under the swivel, and behind it:"));
        }
    }

    private void lure(Placing placing, List<Sentence> says) {
        underTheSwivel(placing, says);
        placing.lure().ifPresent(lure -> {
            String role =
                    lure.role() == ColourRole.ATTRACTOR ? "a colour that shows itself" : "the forage's own colour";
            Optional<Double> forage = LureChoice.forageM(s, p);
            says.add(forage.map(wanted -> Sentence.of(
                            Sentence.plain(lure.item().name()) + ", {0} against forage of {1}; " + role + ".",
                            Figure.small(lure.lengthM()),
                            Figure.small(wanted)))
                    .orElseGet(() -> Sentence.of(
                            Sentence.plain(lure.item().name()) + ", {0}; " + role + ".",
                            Figure.small(lure.lengthM()))));
        });
    }

    private Sentence reel(Placing placing, Box.Reel reel) {
        double diameter = reel.main().orElseThrow().item().diameterM();
        double left = Math.max(0, reel.leftM(diameter, placing.line().letOutM()));
        boolean enough = left >= p.keepM() - 0.5;
        return Sentence.of(
                "On the reel " + Sentence.plain(reel.name()) + ", {0} left behind it; "
                        + (enough ? "{1} is what a fast fish may want." : "too little: {1} is wanted."),
                Figure.distance(left),
                Figure.distance(p.keepM()));
    }

    /** How to tie and fish it, by the skipper's own way. */
    List<Sentence> notes(double mps) {
        var notes = new ArrayList<Sentence>();
        Schools schools = s.schools();
        if (p.is(Playbook.Trait.BITE)) {
            notes.add(Sentence.of(
                    schools.is(School.HOOKS, 1)
                            ? "Single hooks: one wide single holds, and the leader is easier to free."
                            : "Two hooks in line, the second turned a quarter."));
        }
        notes.add(Sentence.of(
                schools.is(School.CLEARING, 1)
                        ? "With a fish on, lines farther out than it stay fishing."
                        : "With a fish on, all lines come in, the nearest first."));
        if (p.is(Playbook.Trait.STOPS_AT_GUIDES)) {
            notes.add(Sentence.of(
                    schools.is(School.GUIDES, 1)
                            ? "A swivel stops at a roller: the weight stays outside the tip, hand over hand from there."
                            : "A swivel passes ring guides: wind to the weight."));
        }
        if (p.is(Playbook.Trait.LIVE_BAIT) && schools.is(School.BAIT_SKIRT, 1)) {
            notes.add(Sentence.of("A small skirt slides on the leader before each live bait, for colour."));
        }
        if (p.is(Playbook.Trait.DEEP) && schools.is(School.DEEP, School.BY_DROP_WEIGHT)) {
            notes.add(
                    Sentence.of(
                            "Tie the lead on by a loop that lets go at the strike. A dropped weight stays in the sea: many places forbid it."));
        }
        s.outfit()
                .idle()
                .filter(idle -> idle.tooFastFor(mps))
                .flatMap(idle -> idle.remedies(mps))
                .ifPresent(ways -> notes.add(slowed(ways)));
        s.conditions()
                .figure(Topic.DEPTH, Part.Key.OTHER)
                .ifPresent(deepest -> notes.add(Sentence.of(
                        "Deep lines are set for the shallowest water on the way, {0}. Where it falls to {1} they swim that much higher off it.",
                        Figure.distance(depths.bottomM()), Figure.distance(deepest))));
        if (p.is(Playbook.Trait.OVER_GROUND)) {
            notes.add(withTheStream(mps));
        } else {
            speed(mps, notes);
        }
        return notes;
    }

    /** How she is brought below her idle, by the skipper's way; what one engine cannot do, a drogue does. */
    private Sentence slowed(Idle.Remedies ways) {
        int way = s.schools().of(School.SLOWING);
        Figure to = Figure.speed(ways.toMps());
        if (way == 2) {
            return Sentence.of(
                    "In gear {0} of the time for {1}: lures sink and rise with it, so the let-outs are for the mean.",
                    Figure.share(ways.shareInGear()), to);
        }
        Optional<Double> one = ways.oneEngineMps().filter(mps -> way == 0);
        if (one.filter(mps -> mps <= ways.toMps() + 0.05).isPresent()) {
            return Sentence.of("One engine alone makes {0}: slow enough for {1}.", Figure.speed(one.get()), to);
        }
        String drogue = " drogue of {0} of drag area slows her to {1}; keep its line clear of the propellers.";
        Figure area = Figure.area(ways.drogueAreaM2());
        return one.map(mps -> Sentence.of(
                        "One engine alone makes {2}, too fast for {1}: a" + drogue, area, to, Figure.speed(mps)))
                .orElseGet(() -> Sentence.of("A" + drogue, area, to));
    }

    /** Both speeds of a method that goes with the stream, the course that is, and when to turn round. */
    private Sentence withTheStream(double mps) {
        return s.stream()
                .map(stream -> stream > 0 && mps + stream > p.mostMps() + 0.01
                        ? Sentence.of(
                                "The stream of {0} alone is nearly what it is fished at: at {1} through the water, the least that works the bait, the receiver shows {2}. Wait for slacker water.",
                                Figure.speed(stream), Figure.speed(mps), Figure.speed(mps + stream))
                        : goWith(stream, mps))
                .orElseGet(() -> Sentence.of(
                        "Go with the stream, {0} over the ground. The stream is not known: the bait is set for slack water. "
                                + RUN_BOTH_WAYS,
                        Figure.speed(mps)));
    }

    private Sentence goWith(double stream, double mps) {
        Sentence said = Sentence.of(
                s.tide().isPresent()
                        ? "Steer {3}, with the stream of {0}: {2} on the receiver is {1} through the water."
                        : "Go with the stream of {0}: {2} on the receiver is {1} through the water.",
                Stream.concat(
                                Stream.of(Figure.speed(stream), Figure.speed(mps), Figure.speed(mps + stream)),
                                s.tide().stream().map(tide -> Figure.angle(tide.towardsRad())))
                        .toArray(Figure[]::new));
        return s.tide()
                .flatMap(TidalStream::turns)
                .map(turns -> said.and(
                        " It turns at {0}: turn round with it then; before that, only to run back.",
                        Figure.clock(turns)))
                .orElseGet(() -> said.and(" Turn round only to run back."));
    }

    private static Sentence bothWays(String said, double stream, double mps) {
        Sentence with = Sentence.of(said + " with the stream", Figure.speed(mps), Figure.speed(mps + stream));
        return mps - stream < SpeedUnit.KNOT.toSi(0.1)
                ? with.and("; against it she makes no way.")
                : with.and(" and {0} against it.", Figure.speed(mps - stream));
    }

    private void speed(double mps, List<Sentence> notes) {
        switch (s.schools().of(School.SPEED_BY)) {
            case 1 ->
                notes.add(s.stream()
                        .map(stream -> bothWays("By satellite: {0} through the water is {1}", stream, mps))
                        .orElseGet(() -> Sentence.of(
                                "By satellite {0} is over the ground, and the stream is not known. " + RUN_BOTH_WAYS,
                                Figure.speed(mps))));
            case 2 ->
                notes.add(Sentence.of(
                        "By feel: start at {0} and trust the tip's beat and the bait's roll.", Figure.speed(mps)));
            default ->
                notes.add(s.stream()
                        .map(stream -> bothWays("Hold {0} through the water: the receiver shows {1}", stream, mps))
                        .orElseGet(() -> Sentence.of(
                                "Hold {0} through the water; the stream is not known, so the receiver may show more or less. "
                                        + RUN_BOTH_WAYS,
                                Figure.speed(mps))));
        }
    }
}
