package org.mosswake.core.rig;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.rig.Piece.Hung;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/** Chains for tests. */
final class Benches {
    static final Spool SPOOL = new Spool(550, 0.00085, 0.065, 0.03);

    private Benches() {}

    static Force kg(double kilograms) {
        return Force.of(kilograms, ForceUnit.KILOGRAM_FORCE);
    }

    static Piece piece(int at, Material material, double kg, double mm, double metres, Hung... hung) {
        return new Piece(
                at,
                material.words() + " " + kg,
                material,
                kg(kg),
                mm / 1000,
                metres,
                Seam.USUAL,
                hung.length == 0 ? Optional.empty() : Optional.of(hung[0]),
                Optional.empty());
    }

    static Piece with(Piece piece, Seam foot) {
        return new Piece(
                piece.at(),
                piece.name(),
                piece.material(),
                piece.strength(),
                piece.diameterM(),
                piece.lengthM(),
                foot,
                piece.hung(),
                piece.twig());
    }

    /** Wire, shock leader, weight, wind-on, hollow braid; from the lure up. */
    static List<Piece> ladder() {
        return List.of(
                piece(0, Material.CABLE, 125, 1.2, 1.2, new Hung("bullet", Hung.Sort.LURE, 0.28)),
                piece(1, Material.MONO, 90, 1.5, 8),
                piece(2, Material.MONO, 68, 1.3, 8, new Hung("lead 0.9", Hung.Sort.LEAD, 0.9)),
                piece(3, Material.HOLLOW_BRAID, 59, 0.85, 129));
    }

    static Reel reel(double rodKg) {
        return new Reel(
                new UUID(0, 7),
                "fast reel",
                SPOOL,
                Optional.empty(),
                Optional.of(kg(rodKg)),
                Optional.of(Reel.Metal.ALUMINIUM),
                0.56);
    }

    static Rigging rigging(Reel reel) {
        return Rigging.USUAL.withHooks(Hooks.Kind.TWO_IN_LINE.usual()).withReel(reel);
    }

    static LineTied tied(String label, List<Piece> pieces, Rigging rigging, double offM, boolean teeth) {
        return new LineTied(
                label,
                Chain.of(pieces, rigging),
                rigging,
                offM,
                teeth,
                pieces.get(0).hung().map(Hung::name).orElse("lure"),
                kg(10),
                Optional.of(0.2));
    }
}
