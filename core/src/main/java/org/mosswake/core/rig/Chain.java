package org.mosswake.core.rig;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.Force;

/**
 * A line from reel to hook. Its strength is that of its weakest part: rated strength times what its joints leave
 * (physics §9).
 *
 * @param pieces of line, from the lure up, with how each is made fast settled
 * @param parts  from the reel to the hook; those of a second leader last
 */
public record Chain(List<Piece> pieces, List<Part> parts) {
    public Chain {
        pieces = List.copyOf(pieces);
        parts = List.copyOf(parts);
    }

    /**
     * @param pieces from the lure up, at least one
     * @throws FaultException naming each foot that cannot be tied so
     */
    public static Chain of(List<Piece> pieces, Rigging rigging) {
        return new Builder(rigging).chain(pieces);
    }

    /** Of what a fish loads: a dropper that ends in a plain lead is made to part, and holds no fish. */
    public Part weakest() {
        return parts.stream()
                .filter(part -> part.strength().isPresent() && loaded(part))
                .min(Comparator.comparingDouble(
                        part -> part.strength().orElseThrow().newtons()))
                .orElseThrow();
    }

    public Force strength() {
        return weakest().strength().orElseThrow();
    }

    /** The piece at whose foot the fish's leader leaves the lead's; empty where the fish is at the end of the line. */
    private Optional<Piece> fork() {
        boolean lead = pieces.get(0)
                .hung()
                .filter(hung -> hung.sort() == Piece.Hung.Sort.LEAD)
                .isPresent();
        return lead ? pieces.stream().filter(piece -> piece.twig().isPresent()).findFirst() : Optional.empty();
    }

    private boolean loaded(Part part) {
        return fork().map(fork -> part.twig()
                        || part.piece() < 0
                        || part.piece() > fork.at()
                        || part.piece() == fork.at() && part.sort() != Part.Sort.END_BELOW)
                .orElse(true);
    }

    /** The line between fish and reel, from the fish up; of a three-way that ends in a lead, by its second leader. */
    public List<Piece> fromTheFish() {
        return fork().map(fork -> {
                    var all = new ArrayList<Piece>();
                    all.add(fork.twig().orElseThrow().asPiece());
                    all.addAll(pieces.subList(pieces.indexOf(fork), pieces.size()));
                    return List.copyOf(all);
                })
                .orElse(pieces);
    }

    /** How piece {@code at} is made fast at its lower end. */
    public Seam foot(int at) {
        return pieces.get(at).foot();
    }

    /** Leaders below the main line (m). */
    public double leadersM() {
        return pieces.subList(0, pieces.size() - 1).stream()
                .mapToDouble(Piece::lengthM)
                .sum();
    }

    public Piece main() {
        return pieces.get(pieces.size() - 1);
    }

    /** What can be led through the guides ends where something too thick is tied in; below it is hand work (m). */
    public double handM(boolean rollers) {
        double below = leadersM();
        for (int i = pieces.size() - 1; i > 0; i--) {
            Piece piece = pieces.get(i);
            boolean stops = piece.hung().isPresent()
                    || piece.twig().isPresent()
                    || piece.foot()
                            .fitting()
                            .map(fitting -> rollers || !fitting.kind().passesRings())
                            .orElse(false);
            if (stops) {
                return below;
            }
            below -= pieces.get(i - 1).lengthM();
        }
        return 0;
    }

    public boolean standsTeeth() {
        return pieces.get(0).material().metal();
    }

    private static final class Builder {
        private final Rigging rigging;
        private final List<Part> parts = new ArrayList<>();

        Builder(Rigging rigging) {
            this.rigging = rigging;
        }

        Chain chain(List<Piece> given) {
            List<Piece> pieces = settled(given);
            rigging.reel().ifPresent(this::reel);
            for (int i = pieces.size() - 1; i >= 0; i--) {
                Piece piece = pieces.get(i);
                parts.add(Part.line(sort(pieces, i), piece));
                foot(piece, i == 0 ? null : pieces.get(i - 1));
            }
            atTheEnd(pieces.get(0));
            pieces.forEach(piece -> piece.twig().ifPresent(twig -> twig(piece.at(), twig)));
            return new Chain(pieces, parts);
        }

        /** A plain lead ends a three-way's first leader; else hooks and what is on them. */
        private void atTheEnd(Piece last) {
            boolean lead =
                    last.hung().map(hung -> hung.sort() == Piece.Hung.Sort.LEAD).orElse(false);
            if (!lead) {
                parts.add(hooks(0));
            }
            last.hung()
                    .ifPresent(hung -> parts.add(Part.bare(
                            lead ? Part.Sort.WEIGHT : Part.Sort.LURE, 0, hung.name(), Optional.of(hung.massKg()))));
        }

        private Part hooks(int piece) {
            Hooks hooks = rigging.hooks();
            return new Part(
                    Part.Sort.HOOKS,
                    piece,
                    hooks.kind().words(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(hooks.strength()),
                    Optional.empty(),
                    false);
        }

        private static List<Piece> settled(List<Piece> given) {
            var faults = new Faults();
            var all = new ArrayList<Piece>();
            for (int i = 0; i < given.size(); i++) {
                Piece piece = given.get(i);
                try {
                    Seam seam = Seams.settle(piece, i == 0 ? null : given.get(i - 1));
                    all.add(new Piece(
                            piece.at(),
                            piece.name(),
                            piece.material(),
                            piece.strength(),
                            piece.diameterM(),
                            piece.lengthM(),
                            seam,
                            piece.hung(),
                            piece.twig()));
                } catch (FaultException e) {
                    int at = piece.at();
                    e.faults().forEach(fault -> faults.add(fault.under("tackle[" + at + "]")));
                }
            }
            faults.throwIfAny();
            return all;
        }

        private void reel(Reel reel) {
            parts.add(new Part(
                    Part.Sort.SPOOL,
                    -1,
                    reel.name(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    false));
            reel.backing()
                    .ifPresent(backing -> parts.add(new Part(
                            Part.Sort.BACKING,
                            -1,
                            backing.name(),
                            Optional.of(backing.lengthM()),
                            Optional.empty(),
                            Optional.of(backing.strength()),
                            Optional.empty(),
                            false)));
        }

        private void foot(Piece piece, Piece below) {
            Seam seam = piece.foot();
            JointKind above = seam.above().orElseThrow();
            if (below != null && seam.fitting().isEmpty()) {
                double weaker =
                        Math.min(piece.strength().newtons(), below.strength().newtons());
                parts.add(Part.joint(Part.Sort.JOIN, piece.at(), above, new Force(weaker), rigging.numbers()));
                return;
            }
            parts.add(Part.joint(Part.Sort.END_ABOVE, piece.at(), above, piece.strength(), rigging.numbers()));
            seam.fitting().ifPresent(fitting -> parts.add(Part.fitting(piece.at(), fitting)));
            if (below != null) {
                piece.hung()
                        .ifPresent(hung -> parts.add(Part.bare(
                                hung.sort() == Piece.Hung.Sort.ATTRACTOR ? Part.Sort.ATTRACTOR : Part.Sort.WEIGHT,
                                piece.at(),
                                hung.name(),
                                Optional.of(hung.massKg()))));
                parts.add(Part.joint(
                        Part.Sort.END_BELOW,
                        piece.at(),
                        seam.below().orElseThrow(),
                        below.strength(),
                        rigging.numbers()));
            }
        }

        private void twig(int at, Piece.Twig twig) {
            JointKind end = Seams.usualEnd(twig.material(), twig.strength());
            parts.add(Part.joint(Part.Sort.END_BELOW, at, end, twig.strength(), rigging.numbers())
                    .onTwig());
            parts.add(new Part(
                    Part.Sort.LEADER,
                    at,
                    twig.name(),
                    Optional.of(twig.lengthM()),
                    Optional.empty(),
                    Optional.of(twig.strength()),
                    Optional.empty(),
                    true));
            parts.add(hooks(at).onTwig());
            parts.add(
                    Part.bare(Part.Sort.LURE, at, twig.lure(), Optional.empty()).onTwig());
        }

        /** A leader's name by its place: above a weight, below one, or against teeth. */
        private static Part.Sort sort(List<Piece> pieces, int i) {
            Piece piece = pieces.get(i);
            if (i == pieces.size() - 1) {
                return Part.Sort.MAIN;
            }
            if (piece.material().metal()) {
                return Part.Sort.BITE_LEADER;
            }
            boolean weight = piece.hung()
                            .map(hung -> hung.sort() == Piece.Hung.Sort.LEAD)
                            .orElse(false)
                    && i > 0;
            if (weight) {
                return Part.Sort.WIND_ON;
            }
            boolean below = pieces.subList(i + 1, pieces.size()).stream()
                    .anyMatch(above -> above.hung()
                            .map(hung -> hung.sort() == Piece.Hung.Sort.LEAD)
                            .orElse(false));
            return below && i > 0 ? Part.Sort.SHOCK_LEADER : Part.Sort.LEADER;
        }
    }
}
