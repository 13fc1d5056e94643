package org.mosswake.core.rig;

import java.util.Optional;
import org.mosswake.core.units.Force;

/**
 * One part of a chain as it lies on the bench.
 *
 * @param piece      of the tackle it belongs to; −1 for the reel and its backing
 * @param name       of the item, or the words of the joint
 * @param strength   what it holds; empty for what carries no load of its own
 * @param efficiency left of the line by a joint
 * @param twig       on the second leader of a three-way
 */
public record Part(
        Sort sort,
        int piece,
        String name,
        Optional<Double> lengthM,
        Optional<Double> massKg,
        Optional<Force> strength,
        Optional<Double> efficiency,
        boolean twig) {
    public enum Sort {
        SPOOL("reel"),
        BACKING("backing"),
        MAIN("main line"),
        WIND_ON("wind-on"),
        SHOCK_LEADER("shock leader"),
        LEADER("leader"),
        BITE_LEADER("bite leader"),
        /** Ends the line above it. */
        END_ABOVE("end"),
        /** Ends the line below it. */
        END_BELOW("end"),
        JOIN("join"),
        FITTING("fitting"),
        WEIGHT("weight"),
        ATTRACTOR("attractor"),
        HOOKS("hooks"),
        LURE("lure");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean line() {
            return this == MAIN || this == WIND_ON || this == SHOCK_LEADER || this == LEADER || this == BITE_LEADER;
        }

        public boolean joint() {
            return this == END_ABOVE || this == END_BELOW || this == JOIN;
        }
    }

    static Part bare(Sort sort, int piece, String name, Optional<Double> massKg) {
        return new Part(sort, piece, name, Optional.empty(), massKg, Optional.empty(), Optional.empty(), false);
    }

    static Part line(Sort sort, Piece piece) {
        return new Part(
                sort,
                piece.at(),
                piece.name(),
                Optional.of(piece.lengthM()),
                Optional.empty(),
                Optional.of(piece.strength()),
                Optional.empty(),
                false);
    }

    static Part joint(Sort sort, int piece, JointKind kind, Force line, RigNumbers numbers) {
        double left = numbers.efficiency(kind);
        return new Part(
                sort,
                piece,
                kind.words(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Force(left * line.newtons())),
                Optional.of(left),
                false);
    }

    static Part fitting(int piece, Fitting fitting) {
        return new Part(
                Sort.FITTING,
                piece,
                fitting.kind().words(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(fitting.strength()),
                Optional.empty(),
                false);
    }

    Part onTwig() {
        return new Part(sort, piece, name, lengthM, massKg, strength, efficiency, true);
    }
}
