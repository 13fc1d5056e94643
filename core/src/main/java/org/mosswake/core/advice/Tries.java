package org.mosswake.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The next small change: one line, one question, where what it is awaited to bring over the rest of the day is more than
 * the minutes it is out of the water, and it is more likely right than {@link Pace#sure}. It claims nothing.
 */
public final class Tries {
    private Tries() {}

    /**
     * How quickly a crew moves.
     *
     * @param sure    that the arm gone to is the better one
     * @param costMin that a line is out of the water for a move
     * @param strikes of the day before anything is moved
     */
    public record Pace(double sure, double costMin, int strikes) {
        /** Found on seeds of their own (`./moss bench adviser`): three minutes out, and a strike before anything. */
        public static final Pace USUAL = new Pace(0.6, 3, 1);
    }

    /** @param gain strikes that it is awaited to bring more, over what is left of the day */
    public record Move(int line, int question, int from, int to, double gain) {}

    /** Whether a line may go to an arm while the others are as they are. */
    public interface Room {
        boolean has(int line, int question, int arm);
    }

    /**
     * @param lines   as they fish now
     * @param leftMin of the day
     */
    public static Optional<Move> next(Told told, List<Cell> lines, double leftMin, Room room, Pace pace) {
        if (told.strikes() < pace.strikes()) {
            return Optional.empty();
        }
        var best = new ArrayList<Move>();
        for (int line = 0; line < lines.size(); line++) {
            for (int q = 0; q < told.questions(); q++) {
                bestOf(told, lines.get(line), line, q, leftMin, room, pace).ifPresent(best::add);
            }
        }
        return best.stream().max(Comparator.comparingDouble(Move::gain));
    }

    private static Optional<Move> bestOf(
            Told told, Cell cell, int line, int question, double leftMin, Room room, Pace pace) {
        int from = cell.arm(question);
        Move best = null;
        for (int to = 0; to < told.arms(question); to++) {
            if (to == from || !room.has(line, question, to)) {
                continue;
            }
            double then = told.rate(cell.with(question, to));
            double gain = (leftMin - pace.costMin()) * then - leftMin * told.rate(cell);
            if (gain > 0 && (best == null || gain > best.gain()) && told.better(question, to, from) >= pace.sure()) {
                best = new Move(line, question, from, to, gain);
            }
        }
        return Optional.ofNullable(best);
    }
}
