package org.mosswake.core.rig;

import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/** How lines are made fast where the skipper has not said otherwise (handbook §6), and what can be said. */
public final class Seams {
    /** Clear line from this strength on is crimped, thinner is knotted (practice). */
    private static final double CRIMPED_N = Force.of(80, ForceUnit.POUND_FORCE).newtons() - 1;

    private Seams() {}

    /** A seam with nothing left open; at the lure, {@code below} is null. */
    static Seam settle(Piece upper, Piece lower) {
        return lower == null ? atLure(upper) : between(upper, lower);
    }

    private static Seam atLure(Piece upper) {
        Seam foot = upper.foot();
        JointKind end = foot.above().orElseGet(() -> usualEnd(upper.material(), upper.strength()));
        requireEnd(end, upper, "above");
        return new Seam(Optional.of(end), foot.fitting(), Optional.empty());
    }

    private static Seam between(Piece upper, Piece lower) {
        Seam foot = upper.foot();
        boolean metal = needsMetal(upper);
        Optional<Fitting> fitting = foot.fitting();
        boolean joined = foot.above().map(kind -> !kind.endsALine()).orElse(false);
        if (joined && metal) {
            throw FaultException.of(
                    FaultCode.NOT_ONE_OF, "foot.above", foot.above().get().words(), "the ends: something hangs there");
        }
        if (joined && fitting.isEmpty()) {
            if (!foot.above().get().joins(upper.material(), lower.material())) {
                throw FaultException.of(
                        FaultCode.NOT_ONE_OF, "foot.above", foot.above().get().words(), names(upper, lower));
            }
            return Seam.of(foot.above().get());
        }
        if (fitting.isEmpty() && foot.above().isEmpty() && !metal) {
            Optional<JointKind> join = usualJoin(upper, lower);
            if (join.isPresent()) {
                return Seam.of(join.get());
            }
        }
        JointKind above = foot.above().orElseGet(() -> usualEnd(upper.material(), upper.strength()));
        JointKind below = foot.below().orElseGet(() -> usualEnd(lower.material(), lower.strength()));
        requireEnd(above, upper, "above");
        requireEnd(below, lower, "below");
        return Seam.of(
                above,
                fitting.orElseGet(() -> Fitting.holding(usualFitting(upper), upper.strength(), lower.strength())),
                below);
    }

    private static boolean needsMetal(Piece upper) {
        return upper.hung().isPresent() || upper.twig().isPresent();
    }

    private static String names(Piece upper, Piece lower) {
        return String.join(
                ", ",
                JointKind.joinsOf(upper.material(), lower.material()).stream()
                        .map(JointKind::words)
                        .toList());
    }

    private static void requireEnd(JointKind kind, Piece piece, String side) {
        if (!kind.ends(piece.material())) {
            throw FaultException.of(
                    FaultCode.NOT_ONE_OF,
                    "foot." + side,
                    kind.words(),
                    String.join(
                            ", ",
                            JointKind.endsOf(piece.material()).stream()
                                    .map(JointKind::words)
                                    .toList()));
        }
    }

    static JointKind usualEnd(Material material, Force strength) {
        return switch (material) {
            case MONO, FLUOROCARBON ->
                strength.newtons() >= CRIMPED_N ? JointKind.DOUBLE_CRIMP : JointKind.SIX_TURN_KNOT;
            case BRAID -> JointKind.DOUBLED_KNOT;
            case HOLLOW_BRAID -> JointKind.SPLICED_EYE;
            case WIRE -> JointKind.HAYWIRE_TWIST;
            case CABLE -> JointKind.DOUBLE_CRIMP;
        };
    }

    /** All-line joins need no metal where braid meets a clear leader; other leaders meet at a swivel. */
    private static Optional<JointKind> usualJoin(Piece upper, Piece lower) {
        if (upper.material() == Material.HOLLOW_BRAID && lower.material().clear()) {
            return Optional.of(JointKind.LOOP_TO_LOOP);
        }
        if (upper.material() == Material.BRAID && lower.material().clear()) {
            return Optional.of(JointKind.WRAPPED_JOIN);
        }
        return Optional.empty();
    }

    private static Fitting.Kind usualFitting(Piece upper) {
        if (upper.twig().isPresent()) {
            return Fitting.Kind.THREE_WAY;
        }
        return upper.hung()
                .map(hung -> hung.sort() == Piece.Hung.Sort.ATTRACTOR
                        ? Fitting.Kind.BEADED_SWIVEL
                        : Fitting.Kind.SNAP_SWIVEL)
                .orElse(Fitting.Kind.SWIVEL);
    }
}
