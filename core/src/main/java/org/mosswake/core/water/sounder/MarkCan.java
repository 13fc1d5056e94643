package org.mosswake.core.water.sounder;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * What a trace can be, and what it cannot: its width tells how long something was in the cone, not how large it is.
 *
 * @param oneFish      one fish that stays where it is can look so, by width and by height
 * @param columns      that one would have, crossed in the middle
 * @param leastLengthM of a school along her way, to {@code mostLengthM}
 * @param leastThickM  of it, to {@code mostThickM}
 * @param says         in the order of what a skipper asks
 */
public record MarkCan(
        boolean oneFish,
        double columns,
        double leastLengthM,
        double mostLengthM,
        double leastThickM,
        double mostThickM,
        List<Sentence> says) {
    private static final double ONE_MORE = 1;
    /** Thinner is no thickness that a sounder tells from its ping (m). */
    private static final double THIN_M = 0.4;
    /** No fish that is trolled for is thicker, with the length of a ping (m, ESTIMATE). */
    private static final double ONE_FISH_M = 0.7;
    /** So much fewer than crossed in the middle: it was at the rim. */
    private static final double AT_RIM = 0.5;

    public MarkCan {
        says = List.copyOf(says);
    }

    /**
     * @param columns that the trace is wide
     * @param heightM of it
     * @param depthM  of its upper rim
     * @param mps     of the boat over ground
     */
    public static MarkCan of(Sounder sounder, double columns, double heightM, double depthM, double mps) {
        double single = sounder.columns(depthM, mps);
        boolean lies = mps < Sounder.LIES_MPS;
        double across = lies ? 0 : columns * mps / sounder.pingsHz();
        double widest = Sounder.STRONG * sounder.footprintM(depthM);
        double sag = sounder.sagM(depthM) * Sounder.STRONG * Sounder.STRONG;
        boolean narrow = lies || columns <= Sounder.STRONG * single + ONE_MORE;
        double leastLength = Math.max(0, across - widest);
        double leastThick = Math.max(0, heightM - sag);
        boolean thin = leastThick <= ONE_FISH_M;
        var says = new ArrayList<Sentence>();
        if (lies) {
            says.add(Sentence.of("She hardly moves: what stays under her is one long line, whatever its size."));
        } else if (narrow && !thin) {
            says.add(Sentence.of(
                    "Too thick for one fish: it is {0} to {1} thick. Its width says nothing of that.",
                    Figure.distance(leastThick), Figure.distance(heightM)));
        } else {
            says.add(width(narrow, columns, single, leastLength));
        }
        if (!lies) {
            says.add(school(leastLength, across));
        }
        if (lies || !narrow || thin) {
            says.add(thickness(heightM, leastThick, sag));
        }
        return new MarkCan(narrow && thin, single, leastLength, across, leastThick, heightM, says);
    }

    private static Sentence school(double least, double most) {
        return least < 0.5
                ? Sentence.of("A school is no longer than {0} along her way.", Figure.distance(most))
                : Sentence.of(
                        "A school is {0} to {1} long along her way.", Figure.distance(least), Figure.distance(most));
    }

    private static Sentence width(boolean one, double columns, double single, double leastLength) {
        String crossed = single < 1.5 ? "a column" : Math.round(single) + " columns";
        if (!one) {
            return Sentence.of(
                    "Not one fish that stays where it is: that shows for " + crossed
                            + " here. A school of {0} or more, or a fish that swims along with her.",
                    Figure.distance(leastLength));
        }
        if (single <= 2) {
            return Sentence.of("At this speed one fish, small or large, is a speck: " + crossed
                    + ". Slow down, or come over it again.");
        }
        if (columns < AT_RIM * single) {
            return Sentence.of("It can be one fish that was crossed near the rim of the cone: in the middle it has "
                    + crossed + ". Its width says nothing of its size.");
        }
        return Sentence.of("It can be one fish: crossed in the middle it has " + crossed
                + ". Its width says nothing of its size.");
    }

    private static Sentence thickness(double heightM, double leastThick, double sag) {
        if (heightM <= sag + THIN_M) {
            return Sentence.of(
                    "Its height is what the cone makes of anything there, up to {0}: it may be as thin as a fish.",
                    Figure.distance(sag));
        }
        String thin = leastThick <= ONE_FISH_M ? ": a large fish, or a thin school." : ".";
        return Sentence.of("It is {0} to {1} thick" + thin, Figure.distance(leastThick), Figure.distance(heightM));
    }
}
