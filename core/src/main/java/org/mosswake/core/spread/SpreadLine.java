package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Chain;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.rig.Take;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.BranchedTow;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * One line of the spread.
 *
 * @param letOutM from the tip or clip to the lure (m), leaders included
 * @param tackle  from the lure up; the last piece is the main line. At most one piece carries a branch
 * @param deep    for a line on a downrigger, and only for one
 * @param rigging reel, hooks and the rest of what the bench chooses
 */
public record SpreadLine(
        UUID id,
        Holder holder,
        double letOutM,
        Force strikeDrag,
        List<TacklePiece> tackle,
        Optional<DeepRig> deep,
        Rigging rigging) {
    /** Main line always left above the leaders (m): the tow is not accepted with less. */
    private static final double LEAST_MAIN_LINE_M = 0.5;
    /** From about nine knots a weight of a pound or more comes back at the boat (ESTIMATE). */
    private static final double FAST_MPS = 4.6;

    private static final double HEAVY_WEIGHT_KG = 0.4;
    /** Ten kilograms: more than a person off balance holds (ESTIMATE). */
    static final double HEAVY_DRAG_N = 98;

    public SpreadLine(UUID id, Holder holder, double letOutM, Force strikeDrag, List<TacklePiece> tackle) {
        this(id, holder, letOutM, strikeDrag, tackle, Optional.empty());
    }

    /** Rigged as usual for its lure. */
    public SpreadLine(
            UUID id,
            Holder holder,
            double letOutM,
            Force strikeDrag,
            List<TacklePiece> tackle,
            Optional<DeepRig> deep) {
        this(id, holder, letOutM, strikeDrag, tackle, deep, LineRigging.usual(tackle));
    }

    public SpreadLine {
        tackle = List.copyOf(tackle);
        checkDeep(holder, tackle, deep);
        checkBranches(tackle);
        if (tackle.isEmpty() || tackle.get(tackle.size() - 1).lengthM().isPresent()) {
            throw FaultException.of(FaultCode.CHAIN_MUST_END_IN_LINE, "tackle");
        }
        for (int i = 0; i < tackle.size() - 1; i++) {
            if (tackle.get(i).lengthM().isEmpty()) {
                throw FaultException.of(FaultCode.MISSING, "tackle[" + i + "].lengthM");
            }
        }
        double taken = leadersM(tackle);
        if (letOutM < taken + LEAST_MAIN_LINE_M) {
            throw FaultException.of(
                    FaultCode.LET_OUT_SHORTER_THAN_TACKLE, "letOutM", letOutM, taken + LEAST_MAIN_LINE_M);
        }
    }

    private static void checkDeep(Holder holder, List<TacklePiece> tackle, Optional<DeepRig> deep) {
        boolean onDownrigger = holder.kind() == HolderKind.DOWNRIGGER;
        if (onDownrigger && deep.isEmpty()) {
            throw FaultException.of(FaultCode.MISSING, "deep");
        }
        if (!onDownrigger && deep.isPresent()) {
            throw FaultException.of(FaultCode.NEEDS_A_DOWNRIGGER, "deep", holder.name());
        }
        boolean branched = tackle.stream().anyMatch(piece -> piece.branch().isPresent());
        if (onDownrigger && branched) {
            throw FaultException.of(FaultCode.BRANCH_ON_DOWNRIGGER, "tackle");
        }
        deep.ifPresent(rig -> {
            var faults = new Faults();
            Downrigger.CABLE_OUT_M.check(faults, "deep.cableOutM", rig.cableOutM());
            Downrigger.CLIP_ABOVE_M.check(faults, "deep.clipAboveM", rig.clipAboveM());
            if (rig.clipAboveM() > rig.cableOutM() - 0.5) {
                faults.add(
                        FaultCode.OUT_OF_RANGE,
                        "deep.clipAboveM",
                        rig.clipAboveM(),
                        Downrigger.CLIP_ABOVE_M.least(),
                        rig.cableOutM() - 0.5,
                        "m");
            }
            faults.throwIfAny();
        });
    }

    private static void checkBranches(List<TacklePiece> tackle) {
        boolean seen = false;
        for (int i = 0; i < tackle.size(); i++) {
            if (tackle.get(i).branch().isEmpty()) {
                continue;
            }
            if (i == 0 || seen || tackle.get(i).item().isPresent()) {
                throw FaultException.of(FaultCode.BRANCH_MISPLACED, "tackle[" + i + "].branch");
            }
            seen = true;
        }
    }

    public LureItem lure() {
        return tackle.get(0)
                .item()
                .orElseThrow(() -> FaultException.of(FaultCode.LURE_WITHOUT_FORCE, "tackle[0].gearId"));
    }

    /** Runs deep by its own dive or on a downrigger. */
    public boolean runsDeep() {
        return deep.isPresent()
                || lure().dives()
                || tackle.stream().flatMap(piece -> piece.item().stream()).anyMatch(LureItem::dives);
    }

    /**
     * From reel to hook, with its joints.
     *
     * @throws FaultException naming each foot that cannot be tied so
     */
    public Chain chain() {
        return Chain.of(LineRigging.pieces(this), rigging);
    }

    /** How a fish is let to take it: as the skipper has it, else as its lure is usually fished. */
    public Take take() {
        return rigging.take().orElseGet(() -> LineRigging.usualTake(tackle));
    }

    /** @param pull of the water at the tip */
    public DragWindow dragWindow(Force pull) {
        return DragWindow.of(
                take(), pull, chain().strength(), rigging.reel().flatMap(Reel::rodClass), rigging.numbers());
    }

    /** Its weight flies back at the boat when it parts. */
    public boolean throwsAWeight(SpeedThroughWater speed) {
        return speed.mps() >= FAST_MPS
                && tackle.stream()
                        .skip(1)
                        .flatMap(piece -> piece.item().stream())
                        .anyMatch(item -> item.massKg() >= HEAVY_WEIGHT_KG);
    }

    /** Takes a rod at a strike, and a person with it. */
    public boolean heavilyDragged() {
        return strikeDrag.newtons() >= HEAVY_DRAG_N;
    }

    public Tow tow(SpeedThroughWater speed) {
        return new Tow(speed, holder.tip().heightM(), links());
    }

    /** Length of the line of piece i (m); the main line takes what the leaders leave of the let-out. */
    public double lengthM(int i) {
        return tackle.get(i).lengthM().orElseGet(() -> letOutM - leadersM(tackle));
    }

    private static double leadersM(List<TacklePiece> tackle) {
        return tackle.stream().mapToDouble(p -> p.lengthM().orElse(0.0)).sum();
    }

    private Link link(int i) {
        TacklePiece piece = tackle.get(i);
        return new Link(piece.item().map(LureItem::body), piece.line().metre().withLength(lengthM(i)));
    }

    /** The tow of the line by itself, from its lure to its tip or clip; a branch is left out. */
    List<Link> links() {
        return IntStream.range(0, tackle.size()).mapToObj(this::link).toList();
    }

    /** With its branch. */
    Optional<BranchedTow> branched(SpeedThroughWater speed) {
        return IntStream.range(0, tackle.size())
                .filter(i -> tackle.get(i).branch().isPresent())
                .mapToObj(i -> {
                    Branch branch = tackle.get(i).branch().orElseThrow();
                    var links = List.of(
                            Link.of(branch.lure().body(), branch.line().metre().withLength(branch.lengthM())));
                    return new BranchedTow(tow(speed), i, links);
                })
                .findFirst();
    }

    /** With its cable. */
    Optional<Downrigger> downrigger(SpeedThroughWater speed) {
        return deep.map(rig -> new Downrigger(
                speed,
                holder.tip().heightM(),
                rig.cableOutM(),
                rig.clipAboveM(),
                rig.ball().body(),
                rig.cable().metre(),
                links()));
    }

    /** Held by a clip away from its rod, so that the reel does not feel the water until a fish takes it out. */
    public boolean inClip() {
        return deep.isPresent() || holder.kind() == HolderKind.RIGGER;
    }

    /** As it is turned: a deep line with its cable and ball as one chain, of a three-way both its ends. */
    public TurnLine turned(SpeedThroughWater speed, TowSolver tows) {
        Optional<BranchedTow.Ends> three = branched(speed).flatMap(b -> b.ends(tows));
        Tow whole = three.map(BranchedTow.Ends::main)
                .or(() -> deep.map(rig -> cabled(rig, speed, new LineSolver(tows).held(this, speed))))
                .orElseGet(() -> tow(speed));
        LikelyTow likely = LikelyTow.of(this, speed, tows);
        DeckPoint tip = holder.tip();
        return new TurnLine(
                whole,
                tip.asternM(),
                tip.starboardM(),
                slopes(likely.lure()),
                three.map(both ->
                        new TurnLine(both.trailing(), tip.asternM(), tip.starboardM(), slopes(likely.other()))));
    }

    private static Map<Factor, Double> slopes(Optional<Likely> depth) {
        return depth.map(Likely::slopes).orElse(Map.of());
    }

    private Tow cabled(DeepRig rig, SpeedThroughWater speed, Belly.Pull held) {
        var chain = new ArrayList<>(links());
        double cable = rig.cableOutM() + holder.tip().heightM() - rig.clipAboveM();
        chain.add(Link.of(
                rig.ball().body().pulled(held, speed), rig.cable().metre().withLength(cable)));
        return new Tow(speed, holder.tip().heightM(), chain);
    }

    /** Tips and let-outs that differ by less are one another's mirror image (m). */
    private static final double MIRRORED_M = 0.5;

    /** A pair that swims level is moved together, else it would be level no longer. */
    public boolean isLevelWith(SpreadLine other) {
        DeckPoint one = holder.tip();
        DeckPoint two = other.holder.tip();
        return !other.id.equals(id)
                && Math.abs(one.starboardM() + two.starboardM()) < MIRRORED_M
                && Math.abs(one.asternM() - two.asternM()) < MIRRORED_M
                && Math.abs(letOutM - other.letOutM) < MIRRORED_M
                && deep().isEmpty()
                && other.deep().isEmpty();
    }

    public SpreadLine withLetOut(double metres) {
        return new SpreadLine(id, holder, metres, strikeDrag, tackle, deep, rigging);
    }

    public SpreadLine withHolder(Holder other) {
        return new SpreadLine(id, other, letOutM, strikeDrag, tackle, deep, rigging);
    }

    public SpreadLine withCableOut(double metres) {
        return new SpreadLine(
                id, holder, letOutM, strikeDrag, tackle, deep.map(rig -> rig.withCableOut(metres)), rigging);
    }

    public SpreadLine withSeat(ClipSeat seat) {
        return new SpreadLine(
                id,
                holder,
                letOutM,
                strikeDrag,
                tackle,
                deep.map(rig -> new DeepRig(rig.cableOutM(), rig.clipAboveM(), rig.ball(), rig.cable(), seat)),
                rigging);
    }

    /** The same with its items changed, wherever they are tied. */
    SpreadLine with(UnaryOperator<LureItem> lures, UnaryOperator<LineItem> lines) {
        var pieces = tackle.stream()
                .map(piece -> new TacklePiece(
                        piece.item().map(lures),
                        lines.apply(piece.line()),
                        piece.lengthM(),
                        piece.branch().map(b -> new Branch(lures.apply(b.lure()), lines.apply(b.line()), b.lengthM())),
                        piece.foot()))
                .toList();
        var rig = deep.map(d ->
                new DeepRig(d.cableOutM(), d.clipAboveM(), lures.apply(d.ball()), lines.apply(d.cable()), d.seat()));
        return new SpreadLine(id, holder, letOutM, strikeDrag, pieces, rig, rigging);
    }

    public SpreadLine withStrikeDrag(Force drag) {
        return new SpreadLine(id, holder, letOutM, drag, tackle, deep, rigging);
    }

    public SpreadLine withRigging(Rigging other) {
        return new SpreadLine(id, holder, letOutM, strikeDrag, tackle, deep, other);
    }

    /** With another piece in its place, counted from the lure up. */
    public SpreadLine withPiece(int at, TacklePiece piece) {
        var all = new ArrayList<>(tackle);
        all.set(at, piece);
        return withTackle(all);
    }

    public SpreadLine withFoot(int at, Seam foot) {
        return withPiece(at, tackle.get(at).withFoot(foot));
    }

    public SpreadLine withTackle(List<TacklePiece> pieces) {
        return new SpreadLine(id, holder, letOutM, strikeDrag, pieces, deep, rigging);
    }
}
