package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.call.Box;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot.Tied;
import org.mosswake.core.rig.AttractorLeader;
import org.mosswake.core.spread.Branch;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/** Ties what a position wants from what is left in the box; notes what is not there. */
final class Tying {
    /** A skirt slides on the leader so far before a bait, the shortest piece that is tied (m). */
    private static final double SKIRT_M = 0.5;

    private final Box box;
    private final Schools schools;
    private final Map<UUID, Integer> lures = new HashMap<>();
    private final Map<Box.Reel, Integer> reels = new HashMap<>();
    private final Set<String> lacks;

    /** @param lacks to be added to */
    Tying(Box box, Schools schools, Set<String> lacks) {
        this.box = box;
        this.schools = schools;
        this.lacks = lacks;
        box.lures().forEach(lure -> lures.merge(lure.item().id(), lure.count(), Integer::sum));
        box.reels().forEach(reel -> reels.put(reel, reel.count()));
    }

    int left(Box.Lure lure) {
        return lures.getOrDefault(lure.item().id(), 0);
    }

    void take(UUID lure) {
        lures.merge(lure, -1, Integer::sum);
    }

    /** What is tied from the lure up, the main line last, and the reel it is on. */
    record Chain(List<TacklePiece> pieces, Optional<Box.Reel> reel) {}

    /** The main line: from a reel that is free, else from the box where no reels were entered. */
    private record Main(LineItem line, Optional<Box.Reel> reel) {}

    /** @param lead for those that carry one */
    Optional<Chain> tie(Tied tied, Box.Lure lure, Optional<Box.Lure> lead, boolean cabled) {
        return switch (tied) {
            case PLAIN -> onto(List.of(leader(lure, LineKind.FLUOROCARBON, 80, 3.5)), kindOfMain(LineKind.MONO), 50);
            case BITE -> onto(skirted(lure, bite(lure)), kindOfMain(LineKind.MONO), 50);
            case FAST_LADDER ->
                lead.flatMap(weight -> onto(
                        List.of(
                                piece(lure, biteLine(275), 1.2),
                                bare(nearest(LineKind.MONO, 200), 8),
                                piece(weight, nearest(LineKind.MONO, 150), 8)),
                        LineKind.HOLLOW_BRAID,
                        130));
            case IN_LINE_LEAD ->
                lead.flatMap(weight -> onto(List.of(leader(lure, LineKind.MONO, 60, 4)), LineKind.BRAID, 50)
                        .map(on -> leaded(on, weight)));
            case WIRE -> onto(List.of(leader(lure, LineKind.MONO, 80, 9)), LineKind.TROLLING_WIRE, 40);
            case THREE_WAY ->
                lead.flatMap(weight ->
                        onto(underTheSwivel(lure, weight), LineKind.BRAID, 50).map(on -> branched(on, lure)));
            case STEERING_BAR -> onto(List.of(leader(lure, LineKind.MONO, 150, 2)), kindOfMain(LineKind.MONO), 80);
            case ATTRACTOR -> attractor(lure, lead, cabled);
        };
    }

    /** One set of equal rods carries one kind of line; else each job has its own. */
    private LineKind kindOfMain(LineKind usual) {
        if (!schools.is(School.ROD_SET, 0)) {
            return usual;
        }
        return box.reels().stream()
                .filter(reel -> reel.main()
                        .filter(main -> main.kind() == LineKind.MONO || main.kind() == LineKind.BRAID)
                        .isPresent())
                .max(Comparator.comparingInt(Box.Reel::count))
                .flatMap(Box.Reel::main)
                .map(Box.Line::kind)
                .orElse(usual);
    }

    private Optional<Chain> attractor(Box.Lure lure, Optional<Box.Lure> lead, boolean cabled) {
        Optional<Box.Lure> blade = box.lures().stream()
                .filter(other -> other.item().attracts() && left(other) > 0)
                // A blade shows at any depth, a dodger near the surface only.
                .min(Comparator.comparing(other -> other.item().isA(LureKind.DODGER)));
        if (blade.isEmpty()) {
            lacks.add("rotating blade");
            return Optional.empty();
        }
        // A lure with its own action takes a light leader, one that gets it from the blade a stiff one (practice).
        boolean ownAction = LineRigging.ownAction(lure.item());
        double length = AttractorLeader.of(blade.get().lengthM(), ownAction)
                .cutM(LineRigging.trailM(lure.item(), lure.lengthM()));
        var leader = leader(lure, LineKind.MONO, ownAction ? 20 : 40, Math.round(100 * length) / 100.0);
        if (leader.isEmpty()) {
            return Optional.empty();
        }
        var pieces = new ArrayList<>(List.of(leader.get()));
        boolean weighted = !cabled && lead.isPresent();
        if (weighted) {
            Optional<LineItem> between = nearest(LineKind.MONO, 40);
            if (between.isEmpty()) {
                return Optional.empty();
            }
            pieces.add(new TacklePiece(Optional.of(blade.get().item()), between.get(), Optional.of(5.0)));
        }
        return main(LineKind.BRAID, 50).or(() -> main(LineKind.MONO, 50)).map(main -> {
            pieces.add(new TacklePiece(
                    Optional.of(weighted ? lead.get().item() : blade.get().item()), main.line(), Optional.empty()));
            return new Chain(pieces, main.reel());
        });
    }

    /** With a small skirt on the leader of a live bait, where that is the skipper's way. */
    private List<Optional<TacklePiece>> skirted(Box.Lure bait, List<Optional<TacklePiece>> leaders) {
        if (!bait.item().isA(LureKind.LIVE_BAIT) || !schools.is(School.BAIT_SKIRT, 1)) {
            return leaders;
        }
        Optional<Box.Lure> skirt = box.lures().stream()
                .filter(lure -> lure.item().isA(LureKind.SQUID) || lure.item().isA(LureKind.BULLET_SKIRT))
                .filter(lure -> left(lure) > 0)
                .min(Comparator.comparingDouble(Box.Lure::lengthM));
        if (skirt.isEmpty()) {
            lacks.add("small skirt for a live bait");
            return leaders;
        }
        return Stream.concat(
                        leaders.get(0)
                                .map(piece -> Stream.of(
                                        piece(bait, Optional.of(piece.line()), SKIRT_M),
                                        piece(
                                                skirt.get(),
                                                Optional.of(piece.line()),
                                                piece.lengthM().orElse(1.0) - SKIRT_M)))
                                .orElseGet(Stream::empty),
                        leaders.stream().skip(1))
                .toList();
    }

    private List<Optional<TacklePiece>> bite(Box.Lure lure) {
        if (schools.is(School.BITE_LEADER, 1)) {
            return List.of(leader(lure, LineKind.FLUOROCARBON, 100, 2.5));
        }
        // A slow bait swims on thin wire, and long enough for a fish that takes it from behind (no. 4 or 5, practice).
        boolean slow = lure.item().isA(LureKind.LIVE_BAIT) || lure.item().isA(LureKind.EEL_BAIT);
        Optional<LineItem> wire = biteLine(slow ? 44 : 105);
        if (wire.isEmpty()) {
            return List.of(leader(lure, LineKind.FLUOROCARBON, 100, 2.5));
        }
        return List.of(
                piece(lure, wire, slow ? 1.5 : 0.7),
                bare(nearest(LineKind.FLUOROCARBON, 80).or(() -> nearest(LineKind.MONO, 80)), 3));
    }

    private Optional<LineItem> biteLine(double pounds) {
        Optional<LineItem> found = pounds > 200
                ? nearest(LineKind.BITE_CABLE, pounds).or(() -> nearest(LineKind.BITE_WIRE, pounds))
                : nearest(LineKind.BITE_WIRE, pounds).or(() -> nearest(LineKind.BITE_CABLE, pounds));
        if (found.isEmpty()) {
            lacks.add("bite leader: wire or cable");
        }
        return found.or(() -> pounds > 200 ? nearest(LineKind.MONO, 200) : Optional.empty());
    }

    private Optional<TacklePiece> leader(Box.Lure lure, LineKind kind, double pounds, double lengthM) {
        return piece(lure, nearest(kind, pounds).or(() -> nearest(LineKind.MONO, pounds)), lengthM);
    }

    private static Optional<TacklePiece> piece(Box.Lure lure, Optional<LineItem> line, double lengthM) {
        return line.map(found -> new TacklePiece(Optional.of(lure.item()), found, Optional.of(lengthM)));
    }

    private static Optional<TacklePiece> bare(Optional<LineItem> line, double lengthM) {
        return line.map(found -> new TacklePiece(Optional.empty(), found, Optional.of(lengthM)));
    }

    private Optional<Chain> onto(List<Optional<TacklePiece>> leaders, LineKind kind, double pounds) {
        if (leaders.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        return main(kind, pounds)
                .or(() -> main(LineKind.MONO, pounds))
                .or(() -> main(LineKind.BRAID, pounds))
                .map(main -> {
                    var pieces =
                            new ArrayList<>(leaders.stream().map(Optional::get).toList());
                    pieces.add(new TacklePiece(Optional.empty(), main.line(), Optional.empty()));
                    return new Chain(pieces, main.reel());
                });
    }

    private static Chain leaded(Chain tied, Box.Lure lead) {
        var pieces = new ArrayList<>(tied.pieces());
        TacklePiece main = pieces.get(pieces.size() - 1);
        pieces.set(pieces.size() - 1, new TacklePiece(Optional.of(lead.item()), main.line(), Optional.empty()));
        return new Chain(pieces, tied.reel());
    }

    /** Two lures fish, one just behind the lead; where the box has but one, the lead hangs alone. */
    private List<Optional<TacklePiece>> underTheSwivel(Box.Lure trailer, Box.Lure weight) {
        Optional<TacklePiece> dropper = leader(weight, LineKind.MONO, 50, 1.5);
        return box.lures().stream()
                .filter(other -> other.item().kind().equals(trailer.item().kind()))
                .filter(other ->
                        left(other) > (other.item().id().equals(trailer.item().id()) ? 1 : 0))
                .findFirst()
                .map(lower -> List.of(leader(lower, LineKind.MONO, 60, 0.9), dropper))
                .orElse(List.of(dropper));
    }

    private Chain branched(Chain tied, Box.Lure lure) {
        var pieces = new ArrayList<>(tied.pieces());
        TacklePiece main = pieces.get(pieces.size() - 1);
        LineItem twig = nearest(LineKind.MONO, 50).orElse(main.line());
        pieces.set(
                pieces.size() - 1,
                new TacklePiece(
                        Optional.empty(),
                        main.line(),
                        Optional.empty(),
                        Optional.of(new Branch(lure.item(), twig, 4.5))));
        return new Chain(pieces, tied.reel());
    }

    private Optional<Main> main(LineKind kind, double pounds) {
        double wanted = Force.of(pounds, ForceUnit.POUND_FORCE).newtons();
        if (box.reels().isEmpty()) {
            return nearest(kind, pounds).map(line -> new Main(line, Optional.empty()));
        }
        return box.reels().stream()
                .filter(reel -> reels.get(reel) > 0
                        && reel.main().filter(main -> main.kind() == kind).isPresent())
                .min(Comparator.comparingDouble(reel ->
                        Math.abs(reel.main().orElseThrow().item().strength().newtons() - wanted)))
                .map(reel -> new Main(reel.main().orElseThrow().item(), Optional.of(reel)));
    }

    void take(Optional<Box.Reel> reel) {
        reel.ifPresent(used -> reels.merge(used, -1, Integer::sum));
    }

    Optional<LineItem> nearest(LineKind kind, double pounds) {
        double wanted = Force.of(pounds, ForceUnit.POUND_FORCE).newtons();
        return box.lines().stream()
                .filter(line -> line.kind() == kind)
                .min(Comparator.comparingDouble(
                        line -> Math.abs(line.item().strength().newtons() - wanted)))
                .map(Box.Line::item);
    }

    /** Leads that can be tied, the lightest first; the heavy balls are for cables. */
    List<Box.Lure> leads() {
        return box.lures().stream()
                .filter(lure -> lure.lead() && left(lure) > 0 && lure.item().massKg() < 3)
                .sorted(Comparator.comparingDouble(lure -> lure.item().massKg()))
                .toList();
    }

    Stream<Box.Lure> planes() {
        return box.lures().stream().filter(lure -> lure.item().isA(LureKind.DIVING_PLANE) && left(lure) > 0);
    }

    /** What takes a line down from a downrigger. */
    Optional<DeepRig> cable(double depthM) {
        Optional<Box.Lure> ball = box.lures().stream()
                .filter(lure ->
                        lure.item().kind().equals("BALL_LEAD") && lure.item().massKg() >= 1)
                .max(Comparator.comparingDouble(lure -> lure.item().massKg()));
        Optional<LineItem> cable = nearest(LineKind.DOWNRIGGER_CABLE, 150);
        if (ball.isEmpty()) {
            lacks.add("downrigger ball");
        }
        if (cable.isEmpty()) {
            lacks.add("downrigger cable");
        }
        ClipSeat seat = ClipSeat.usual(depthM);
        return ball.flatMap(weight -> cable.map(line -> DeepRig.reaching(depthM, weight.item(), line, seat)));
    }
}
