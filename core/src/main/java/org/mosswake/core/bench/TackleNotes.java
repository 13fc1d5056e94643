package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mosswake.core.bench.BenchNote.Kind;
import org.mosswake.core.bench.BenchNote.Weight;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.AttractorLeader;
import org.mosswake.core.rig.Material;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.Sought;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;

/** What the bench says of how a line is made up: clip, spool, attractor, three-way, lead, barbs. */
final class TackleNotes {
    /** Over more water a lead is a downrigger's business (m, handbook practice). */
    private static final double LEADED_WATER_M = 40;

    private static final double OFF_BOTTOM_M = 1.5;
    private static final double LEAD_TWIG_M = 1.5;
    private static final double TRAILER_M = 4.5;

    private final LineBench bench;
    private final SpreadLine line;
    private final SpeedThroughWater speed;
    private final BenchAsk ask;
    private final List<BenchNote> notes = new ArrayList<>();

    TackleNotes(LineBench bench, SpeedThroughWater speed, BenchAsk ask) {
        this.bench = bench;
        this.line = bench.line();
        this.speed = speed;
        this.ask = ask;
    }

    List<BenchNote> all() {
        teeth();
        clip();
        aluminium();
        attractor();
        threeWay();
        lead();
        barbs();
        handWork();
        return notes;
    }

    private void say(Kind kind, Weight weight, Sentence title, Sentence text, Mend... mends) {
        notes.add(new BenchNote(kind, weight, title, text, List.of(mends)));
    }

    /** Plain line against a fish with teeth; what would stand them, from the box. */
    private void teeth() {
        LineItem leader = line.tackle().get(0).line();
        boolean stands = bench.chain().standsTeeth() || leader.strength().newtons() >= LineRigging.HEAVY_CLEAR_N;
        if (!ask.teeth() || stands) {
            return;
        }
        Mend[] mends = ask.lines().stream()
                .filter(item -> item.kind() == LineKind.BITE_WIRE || item.kind() == LineKind.BITE_CABLE)
                .filter(item -> item.strength().newtons() >= leader.strength().newtons() - 1)
                .min(Comparator.comparingDouble(item -> item.strength().newtons()))
                .map(item -> new Mend(
                        Sentence.of("tie it with " + Sentence.plain(item.name())),
                        List.of(new Change.TiedOf(line.id(), 0, item.id()))))
                .stream()
                .toArray(Mend[]::new);
        say(
                Kind.TEETH,
                Weight.DANGER,
                Sentence.of("teeth part this leader"),
                Sentence.of(
                        "clear line of {0} stands them for a moment: wire, cable, or clear line of 80 lb and more",
                        Figure.pull(leader.strength().newtons())),
                mends);
    }

    private void clip() {
        line.deep().ifPresent(deep -> {
            double depth = bench.shape().map(shape -> shape.depthM()).orElse(deep.cableOutM());
            double pull = bench.shape().map(shape -> shape.tensionAtTipN()).orElse(0.0);
            ClipSeat needed = ClipSeat.needed(depth, pull);
            boolean full = needed == ClipSeat.FULL;
            boolean right = deep.seat() == needed;
            boolean pulled = needed != ClipSeat.usual(depth);
            say(
                    Kind.CLIP,
                    right ? Weight.GOOD : Weight.DANGER,
                    Sentence.of(full ? "line all the way into the clip" : "line half-way into the clip"),
                    Sentence.of(
                            right
                                    ? pulled
                                            ? "right for the {1} that the line pulls there, at {0}; take up the belly after the drop"
                                            : "right for {0}; take up the belly after the drop"
                                    : pulled
                                            ? "at {0} the line alone pulls {1}: a shallow seat lets go of it"
                                            : full
                                                    ? "at {0} a shallow seat lets go early"
                                                    : "at {0} a deep seat holds through a small fish",
                            pulled
                                    ? new Figure[] {Figure.distance(depth), Figure.pull(pull)}
                                    : new Figure[] {Figure.distance(depth)}));
        });
    }

    private void aluminium() {
        boolean wire = bench.chain().main().material() == Material.WIRE;
        line.rigging()
                .reel()
                .flatMap(Reel::metal)
                .filter(metal -> wire && metal == Reel.Metal.ALUMINIUM)
                .ifPresent(metal -> say(
                        Kind.ALUMINIUM,
                        Weight.DANGER,
                        Sentence.of("stainless wire on an aluminium spool"),
                        Sentence.of("it corrodes in salt: take it off for the winter, or use a steel spool")));
    }

    private void attractor() {
        int at = -1;
        for (int i = 1; i < line.tackle().size(); i++) {
            if (line.tackle().get(i).item().filter(LureItem::attracts).isPresent()) {
                at = i;
            }
        }
        if (at < 1) {
            return;
        }
        LureItem blade = line.tackle().get(at).item().orElseThrow();
        LureItem lure = line.lure();
        boolean own = LineRigging.ownAction(lure);
        var usual = AttractorLeader.of(blade.lengthM().orElse(0.28), own);
        double trail = bench.bait()
                .map(bait -> bait.trailM())
                .orElseGet(() -> LineRigging.trailM(lure, lure.lengthM().orElse(0.08)));
        double leader = line.lengthM(at - 1);
        double measured = leader + trail;
        boolean fits = usual.fits(measured);
        Sentence text = Sentence.of(
                "{0} from the front of the loop to the trailing hook; usual behind a " + usual.words()
                        + " is {1} to {2}",
                Figure.small(measured),
                Figure.small(usual.leastM()),
                Figure.small(usual.mostM()));
        double cut = usual.cutM(trail);
        say(
                Kind.ATTRACTOR,
                fits ? Weight.GOOD : Weight.DANGER,
                Sentence.of(
                        fits
                                ? "the leader suits the attractor"
                                : measured < usual.leastM()
                                        ? "leader too short for the attractor"
                                        : "leader too long for the attractor"),
                text,
                fits
                        ? new Mend[0]
                        : new Mend[] {
                            new Mend(
                                    Sentence.of("cut it to {0}", Figure.small(cut)),
                                    List.of(new Change.Lengthened(line.id(), at - 1, cut)))
                        });
        say(
                Kind.ATTRACTOR,
                Weight.PLAIN,
                Sentence.of(own ? "a light leader" : "a stiff leader"),
                AttractorLeader.stiffness(own, line.tackle().get(at - 1).line().strength()));
    }

    private void threeWay() {
        for (int i = 1; i < line.tackle().size(); i++) {
            int at = i;
            line.tackle().get(i).branch().ifPresent(branch -> {
                double lead = line.lengthM(at - 1);
                say(
                        Kind.THREE_WAY,
                        Weight.PLAIN,
                        Sentence.of(
                                "three-way: {0} to the heavy one, {1} to the light",
                                Figure.distance(lead), Figure.distance(branch.lengthM())),
                        Sentence.of(
                                "usual {0} and {1}: the trailer must not reach the swivel's other leader",
                                Figure.distance(LEAD_TWIG_M), Figure.distance(TRAILER_M)));
            });
        }
    }

    /** Lead that brings the lure just off the bottom at this let-out. */
    private void lead() {
        ask.bottomM().filter(bottom -> bottom <= LEADED_WATER_M).ifPresent(bottom -> {
            double wanted = Math.max(1, bottom - OFF_BOTTOM_M);
            DepthWays.lead(line, speed, wanted)
                    .flatMap(Sought::value)
                    .ifPresent(kg -> say(
                            Kind.LEAD,
                            Weight.PLAIN,
                            Sentence.of("{0} of lead for {1} of water", mass(kg), Figure.distance(bottom)),
                            Sentence.of(
                                    "at this let-out and {0} it brings the lure to {1}",
                                    Figure.speed(speed.mps()), Figure.distance(wanted))));
        });
    }

    private void barbs() {
        ask.barblessFor()
                .ifPresent(fish -> say(
                        Kind.BARBS,
                        Weight.PLAIN,
                        Sentence.of("barbless"),
                        Sentence.of("your own table asks for it, for " + Sentence.plain(fish)
                                + ": crimp the barbs, and keep the line tight")));
    }

    private void handWork() {
        double hand = bench.chain().handM(ask.rollers());
        if (hand > 0.5) {
            say(
                    Kind.HAND_WORK,
                    Weight.PLAIN,
                    Sentence.of("{0} comes in by hand", Figure.distance(hand)),
                    Sentence.of(
                            ask.rollers()
                                    ? "roller guides pass no swivel: from there down it is leadering, gloves on"
                                    : "what does not pass the guides stops there: below it is leadering, gloves on"));
        }
    }

    private static Figure mass(double kg) {
        return new Figure(Figure.Kind.MASS, kg);
    }
}
