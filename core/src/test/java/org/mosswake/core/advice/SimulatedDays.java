package org.mosswake.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;

/**
 * Days of eight hours with three strikes an hour for a usual line-up, whose fish have hidden tastes: what a crew catches
 * that leaves all as it is, moves by chance, moves by {@link Tries}, or knows all.
 */
final class SimulatedDays {
    static final double HOURS = 8;
    private static final double STRIKES_PER_HOUR = 3;
    private static final int MOST_A_PLACE = 3;
    /** Two moves in half an hour. */
    private static final int MOVES = 2;

    private static final double EVERY_MIN = 30;
    private static final int LOOKS_MIN = 4;

    enum Who {
        FIXED,
        RANDOM,
        ADVISER,
        ALL_KNOWING
    }

    /** @param spreads of each question's tastes: standard deviation of the logarithm */
    record Sea(int[] arms, double[] spreads, int lines) {
        static Sea of(int[] arms, double... spreads) {
            return new Sea(arms, spreads, 6);
        }
    }

    /** What became of one day. */
    record Day(double caught, int claims, int right) {}

    private final Sea sea;
    private final double[][] tastes;
    private final Random random;
    private final double perMin;
    private final int[] outUntil;
    private List<Cell> lines;
    private final Told told;
    private final Calls calls;
    private final Tries.Pace pace;

    private SimulatedDays(Sea sea, long seed, Tries.Pace pace) {
        this.sea = sea;
        this.pace = pace;
        var hidden = new Random(seed * 7919 + 13);
        tastes = new double[sea.arms().length][];
        for (int q = 0; q < tastes.length; q++) {
            double spread = sea.spreads()[q];
            tastes[q] = new double[sea.arms()[q]];
            for (int arm = 0; arm < tastes[q].length; arm++) {
                tastes[q][arm] = Math.exp(spread * hidden.nextGaussian() - spread * spread / 2);
            }
        }
        random = new Random(seed * 104_729 + 7);
        perMin = STRIKES_PER_HOUR / 60 / sea.lines();
        outUntil = new int[sea.lines()];
        told = new Told(sea.arms());
        calls = new Calls(sea.arms());
        lines = new ArrayList<>();
        for (int i = 0; i < sea.lines(); i++) {
            var arms = new Integer[sea.arms().length];
            for (int q = 0; q < arms.length; q++) {
                // Each question is spread over the lines in another order, so that none hides another.
                arms[q] = q == 0 ? i % sea.arms()[0] : (i * (2 * q + 1) / (q + 1) + q) % sea.arms()[q];
            }
            lines.add(Cell.of(arms));
        }
    }

    static Day day(Sea sea, long seed, Who who, Tries.Pace pace) {
        return new SimulatedDays(sea, seed, pace).fish(who);
    }

    private double rate(Cell cell) {
        double rate = perMin;
        for (int q = 0; q < tastes.length; q++) {
            rate *= tastes[q][cell.arm(q)];
        }
        return rate;
    }

    private Day fish(Who who) {
        if (who == Who.ALL_KNOWING) {
            takeTheBest();
        }
        int caught = 0;
        int claims = 0;
        int right = 0;
        var moved = new ArrayList<Integer>();
        var said = new HashSet<Integer>();
        for (int minute = 0; minute < HOURS * 60; minute++) {
            var out = new ArrayList<Cell>();
            for (int i = 0; i < lines.size(); i++) {
                if (outUntil[i] <= minute) {
                    out.add(lines.get(i));
                }
            }
            for (Cell cell : out) {
                told.fished(cell, 1);
            }
            for (Cell cell : out) {
                // Hardly ever two in a minute.
                if (random.nextDouble() < 1 - Math.exp(-rate(cell))) {
                    caught++;
                    told.struck(cell);
                    calls.struck(out, cell);
                    for (Calls.Claim claim : calls.claims()) {
                        if (said.add(claim.question() * 1000 + claim.arm())) {
                            claims++;
                            right += isBest(claim) ? 1 : 0;
                        }
                    }
                }
            }
            int now = minute;
            moved.removeIf(at -> at <= now - EVERY_MIN);
            if (minute % LOOKS_MIN == 0 && moved.size() < MOVES && move(who, minute)) {
                moved.add(minute);
            }
        }
        return new Day(caught, claims, right);
    }

    /** Over the middle of its question: it takes more than its share. */
    private boolean isBest(Calls.Claim claim) {
        double mean = Arrays.stream(tastes[claim.question()]).average().orElseThrow();
        return tastes[claim.question()][claim.arm()] > mean;
    }

    private boolean hasRoom(int line, int question, int arm) {
        return question != 0
                || lines.stream().filter(cell -> cell.arm(0) == arm).count() < MOST_A_PLACE;
    }

    private boolean move(Who who, int minute) {
        if (who == Who.ADVISER) {
            return Tries.next(told, lines, HOURS * 60 - minute, this::hasRoom, pace)
                    .map(move -> go(move.line(), move.question(), move.to(), minute))
                    .orElse(false);
        }
        if (who == Who.RANDOM) {
            int question = random.nextInt(sea.arms().length);
            int line = random.nextInt(lines.size());
            int arm = random.nextInt(sea.arms()[question]);
            return arm != lines.get(line).arm(question)
                    && hasRoom(line, question, arm)
                    && go(line, question, arm, minute);
        }
        return false;
    }

    private boolean go(int line, int question, int arm, int minute) {
        lines.set(line, lines.get(line).with(question, arm));
        outUntil[line] = minute + (int) pace.costMin() + 1;
        return true;
    }

    private void takeTheBest() {
        Integer[] places = order(tastes[0]);
        for (int i = 0; i < lines.size(); i++) {
            Cell cell = lines.get(i).with(0, places[i / MOST_A_PLACE]);
            for (int q = 1; q < tastes.length; q++) {
                cell = cell.with(q, order(tastes[q])[0]);
            }
            lines.set(i, cell);
        }
    }

    private static Integer[] order(double[] tastes) {
        var all = new Integer[tastes.length];
        Arrays.setAll(all, i -> i);
        Arrays.sort(all, (a, b) -> Double.compare(tastes[b], tastes[a]));
        return all;
    }
}
