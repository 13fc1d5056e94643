package org.mosswake.core.live;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/** Depths that were sounded along her way: what lies between her and a lure is known before the lure comes there. */
final class Soundings {
    /** Longer than the longest line lags (s). */
    private static final double KEPT_S = 600;
    /** A sounding this far from the moment asked for says nothing of it (s). */
    private static final double NEAR_S = 8;
    /** The slope she runs over is read from so much of her way (s), and so far ahead it is believed. */
    private static final double SLOPE_S = 30;

    static final double AHEAD_S = 30;

    private static final Shoalest UNKNOWN = new Shoalest(Double.NaN, 0);

    private record Sounded(double at, double depthM) {}

    private final Deque<Sounded> sounded = new ArrayDeque<>();

    void add(double at, double depthM) {
        sounded.addLast(new Sounded(at, depthM));
        while (sounded.getFirst().at() < at - KEPT_S) {
            sounded.removeFirst();
        }
    }

    void forget() {
        sounded.clear();
    }

    /** Over how little water a lure comes, and when. */
    record Shoalest(double depthM, double inS) {}

    /**
     * The water on the way of something that lags so much behind her (s), from now until it is where she may be in
     * {@link #AHEAD_S}: the first that is less than enough, else the least.
     *
     * @return depth not a number where nothing is sounded of that way
     */
    Shoalest shoalest(double now, double lagS, double enoughM) {
        if (sounded.isEmpty() || now - sounded.getLast().at() > NEAR_S) {
            return UNKNOWN;
        }
        Shoalest least = UNKNOWN;
        for (Sounded one : sounded) {
            double in = one.at() + lagS - now;
            if (in >= -NEAR_S / 2 && !(one.depthM() >= least.depthM())) {
                least = new Shoalest(one.depthM(), Math.max(0, in));
                if (one.depthM() < enoughM) {
                    return least;
                }
            }
        }
        double ahead =
                Math.max(sounded.getLast().depthM() / 2, sounded.getLast().depthM() + slope() * AHEAD_S);
        return ahead < least.depthM() ? new Shoalest(ahead, lagS + AHEAD_S) : least;
    }

    /** Along the way she has sailed (m astern), at the speed she has now, as far back as asked. */
    List<LiveMoment.Bottom> astern(double now, double mps, double farthestM) {
        return sounded.stream()
                .map(one -> new LiveMoment.Bottom((now - one.at()) * mps, one.depthM()))
                .filter(one -> one.asternM() <= farthestM)
                .toList();
    }

    /** Change of depth along her way (m/s), by least squares; 0 before it is known. */
    private double slope() {
        double last = sounded.getLast().at();
        double n = 0;
        double sumT = 0;
        double sumD = 0;
        double sumTt = 0;
        double sumTd = 0;
        for (Sounded one : sounded) {
            double t = one.at() - last;
            if (t >= -SLOPE_S) {
                n++;
                sumT += t;
                sumD += one.depthM();
                sumTt += t * t;
                sumTd += t * one.depthM();
            }
        }
        double spread = n * sumTt - sumT * sumT;
        return spread < SLOPE_S * SLOPE_S ? 0 : (n * sumTd - sumT * sumD) / spread;
    }
}
