package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.BaitRig;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Piece;
import org.mosswake.core.rig.Piece.Hung;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Rigging.Bait;
import org.mosswake.core.rig.Take;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/** A line of a spread in the words of the bench. */
public final class LineRigging {
    /** Where nobody measured the bait (m, ESTIMATE). */
    private static final double USUAL_BAIT_M = 0.25;

    /** Clear line from this strength on stands teeth for a while (ESTIMATE; a newton for rounding). */
    public static final double HEAVY_CLEAR_N =
            Force.of(80, ForceUnit.POUND_FORCE).newtons() - 1;

    private LineRigging() {}

    /** Hooks and bait as the lure usually has them. */
    public static Rigging usual(List<TacklePiece> tackle) {
        Optional<LureItem> lure =
                tackle.isEmpty() ? Optional.empty() : tackle.get(0).item();
        return new Rigging(
                Optional.empty(),
                lure.map(LineRigging::usualHooks).orElse(Hooks.Kind.SINGLE).usual(),
                lure.flatMap(LineRigging::usualBait),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RigNumbers.USUAL);
    }

    /** Two in line behind a fast head; strong singles in place of trebles against teeth; a set on a bait. */
    public static Hooks.Kind usualHooks(LureItem lure) {
        if (lure.isA(LureKind.FAST_BULLET)) {
            return Hooks.Kind.TWO_IN_LINE;
        }
        return usualBait(lure).isPresent() ? Hooks.Kind.BAIT_SET : Hooks.Kind.SINGLE;
    }

    /** Its hooks trail within a skirt. */
    public static boolean skirted(LureItem lure) {
        return lure.isA(LureKind.BULLET_SKIRT) || lure.isA(LureKind.FAST_BULLET) || lure.isA(LureKind.POPPING_HEAD);
    }

    public static Optional<Bait> usualBait(LureItem lure) {
        return baitKind(lure).map(kind -> new Bait(kind, lure.lengthM().orElse(USUAL_BAIT_M), Optional.empty()));
    }

    public static Optional<Bait.Kind> baitKind(LureItem lure) {
        if (lure.isA(LureKind.LIVE_BAIT)) {
            return Optional.of(Bait.Kind.LIVE);
        }
        if (lure.isA(LureKind.EEL_BAIT)) {
            return Optional.of(Bait.Kind.EEL_SHAPED);
        }
        if (lure.isA(LureKind.CUT_BAIT)) {
            return Optional.of(Bait.Kind.CUT);
        }
        return lure.isA(LureKind.BENT_BAIT) ? Optional.of(Bait.Kind.BENT) : Optional.empty();
    }

    /** Spoons and live baits are taken loosely; a fast head under a weight from just over the pull (physics §9). */
    public static Take usualTake(List<TacklePiece> tackle) {
        LureItem lure = tackle.get(0).item().orElseThrow();
        if (lure.isA(LureKind.FLUTTER_SPOON) || lure.isA(LureKind.LIVE_BAIT)) {
            return Take.LOOSE;
        }
        boolean weighted =
                tackle.stream().skip(1).flatMap(piece -> piece.item().stream()).anyMatch(LureItem::lead);
        return lure.isA(LureKind.FAST_BULLET) && weighted ? Take.LADDER : Take.FIRM;
    }

    /** A spoon, or a bait that spins by its bend: it works without the attractor's swing. */
    public static boolean ownAction(LureItem lure) {
        return lure.isA(LureKind.FLUTTER_SPOON) || lure.isA(LureKind.BENT_BAIT);
    }

    /** From a lure's eye to its trailing hook (m); of a lure that is no bait, four fifths of its length (ESTIMATE). */
    public static double trailM(LureItem lure, double lengthM) {
        return baitKind(lure)
                .map(kind ->
                        BaitRig.of(new Bait(kind, lengthM, Optional.empty())).trailM())
                .orElse(0.8 * lengthM);
    }

    /** Line kept behind the let-out (m, handbook practice): a fast ladder's fish runs farthest. */
    public static double usualKeepM(SpreadLine line) {
        if (line.take() == Take.LADDER) {
            return 400;
        }
        return line.runsDeep() || line.take() == Take.LOOSE ? 150 : 200;
    }

    static List<Piece> pieces(SpreadLine line) {
        var pieces = new ArrayList<Piece>();
        for (int i = 0; i < line.tackle().size(); i++) {
            TacklePiece piece = line.tackle().get(i);
            pieces.add(new Piece(
                    i,
                    piece.line().name(),
                    piece.line().kind().material(),
                    piece.line().strength(),
                    piece.line().diameterM(),
                    line.lengthM(i),
                    piece.foot(),
                    piece.item().map(LineRigging::hung),
                    piece.branch().map(LineRigging::twig)));
        }
        return pieces;
    }

    private static Hung hung(LureItem item) {
        boolean attractor = item.attracts() || item.isA(LureKind.DIVING_PLANE);
        Hung.Sort sort = item.lead()
                ? Hung.Sort.LEAD
                : attractor ? Hung.Sort.ATTRACTOR : baitKind(item).isPresent() ? Hung.Sort.BAIT : Hung.Sort.LURE;
        return new Hung(item.name(), sort, item.massKg());
    }

    private static Piece.Twig twig(Branch branch) {
        return new Piece.Twig(
                branch.line().name(),
                branch.line().kind().material(),
                branch.line().strength(),
                branch.line().diameterM(),
                branch.lengthM(),
                branch.lure().name());
    }
}
