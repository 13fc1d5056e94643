package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Watches two lines that follow the same way, step by step, and remembers how far it has looked. */
final class PairTrace {
    private final LineTrace a;
    private final LineTrace b;
    private final Meeting.Margins margins;
    private int looked = -1;
    private int foulAt = Integer.MAX_VALUE;
    private int uneasyUntil;
    private double spareM = Double.POSITIVE_INFINITY;
    private final List<Pass> passes = new ArrayList<>();
    private double x;
    private double y;
    private double z;

    PairTrace(LineTrace a, LineTrace b, Meeting.Margins margins) {
        this.a = a;
        this.b = b;
        this.margins = margins;
    }

    /** True when the pair meets at this step or before; both lines must have been followed so far. */
    boolean foulsBy(int step, Meeting meeting) {
        while (looked < step && foulAt == Integer.MAX_VALUE) {
            look(++looked, meeting);
        }
        return foulAt <= step;
    }

    private void look(int step, Meeting meeting) {
        Strand one = a.strand(step);
        Strand two = b.strand(step);
        if (one == null || two == null) {
            return;
        }
        Meeting.Grade grade = meeting.look(one, two, margins);
        spareM = Math.min(spareM, meeting.spare);
        if (grade == Meeting.Grade.APART) {
            return;
        }
        uneasyUntil = grade == Meeting.Grade.PASSES ? uneasyUntil : step + 1;
        passes.add(new Pass(0, 0, meeting.between, grade == Meeting.Grade.NEAR, step));
        if (grade == Meeting.Grade.MEETS) {
            foulAt = step;
            x = meeting.x;
            y = meeting.y;
            z = meeting.z;
        }
    }

    /** First step from which, as far as was looked, the pair neither crosses nor is near. */
    int easyFrom() {
        return uneasyUntil;
    }

    /** How much nearer, as far as was looked, they could have come before they met (m). */
    double spareM() {
        return spareM;
    }

    /** Where they came closest by this step, of those where they did not meet; empty where they stayed apart. */
    Optional<Pass> pass(int line, int other, int step) {
        return passes.stream()
                .filter(pass -> pass.step() <= step && pass.step() < foulAt)
                .min(Pass.CLOSEST)
                .map(pass -> new Pass(line, other, pass.betweenM(), pass.near(), pass.step()));
    }

    /** The foul found, as seen from the boat at {@code pose}. */
    Foul foul(int line, int other, Pose pose, TurnRules rules, double straightM, double afterS) {
        return new Foul(
                line,
                Optional.of(other),
                pose.headingRad(),
                straightM,
                afterS,
                pose.astern(x, y) + rules.pivotAsternM(),
                pose.starboard(x, y),
                z);
    }
}
