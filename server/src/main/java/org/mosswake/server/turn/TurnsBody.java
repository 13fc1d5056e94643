package org.mosswake.server.turn;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.turn.Helm;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * A spread to be turned.
 *
 * @param radiusM      of the turn; 40 m unless sent
 * @param clearAcrossM nearer than this, with {@code clearUpM}, lines are near; 1.5 m and 1 m unless sent. It never loosens a
 *                     limit: that is where they meet
 */
record TurnsBody(
        SpreadDraft draft,
        @Nullable Double radiusM,
        @Nullable Double clearAcrossM,
        @Nullable Double clearUpM) implements Checked {
    @Override
    public void check(Faults faults) {
        check(faults, "");
    }

    /** {@code path} ends in a dot or is empty. */
    private void check(Faults faults, String path) {
        if (faults.required(path + "draft", draft)) {
            draft.check(faults, path + "draft.");
        }
        Helm.RADIUS_M.checkOptional(faults, path + "radiusM", radiusM);
        TurnRules.CLEAR_M.checkOptional(faults, path + "clearAcrossM", clearAcrossM);
        TurnRules.CLEAR_M.checkOptional(faults, path + "clearUpM", clearUpM);
    }

    TurnRules rules(double boatLengthM) {
        return new TurnRules(
                draft.speedThroughWaterMps(),
                Optional.ofNullable(radiusM).orElse(TurnRules.USUAL_RADIUS_M),
                TurnRules.usualPivotAsternM(boatLengthM),
                Optional.ofNullable(clearAcrossM).orElse(TurnRules.USUAL_CLEAR_ACROSS_M),
                Optional.ofNullable(clearUpM).orElse(TurnRules.USUAL_CLEAR_UP_M));
    }

    /**
     * What the helm does; exactly one of the three.
     *
     * @param turn  to a heading so far from now
     * @param weave from side to side
     * @param track drawn, in metres from the middle of the transom
     */
    record HelmBody(
            TurnsBody spread,
            @Nullable TurnHelm turn,
            @Nullable WeaveHelm weave,
            @Nullable List<MarkBody> track) implements Checked {
        private static final Accepted SWING_DEG = new Accepted(1, 170, "°");
        private static final Accepted SWINGS = new Accepted(1, 12, "");
        private static final Accepted MARK_M = new Accepted(-3000, 3000, "m");

        @Override
        public void check(Faults faults) {
            if (faults.required("spread", spread)) {
                spread.check(faults, "spread.");
            }
            int given = (turn == null ? 0 : 1) + (weave == null ? 0 : 1) + (track == null ? 0 : 1);
            if (given != 1) {
                faults.add(FaultCode.NOT_EXACTLY_ONE, "turn", "turn, weave and track", given);
                return;
            }
            if (turn != null) {
                faults.required("turn.side", turn.side());
                new Accepted(1, 360, "°").check(faults, "turn.angleDeg", turn.angleDeg());
            } else if (weave != null) {
                faults.required("weave.side", weave.side());
                SWING_DEG.check(faults, "weave.swingDeg", weave.swingDeg());
                Helm.STRAIGHT_M.check(faults, "weave.legM", weave.legM());
                SWINGS.check(faults, "weave.swings", weave.swings() == null ? null : (double) weave.swings());
            } else if (faults.count("track", track, 1, 20)) {
                for (int i = 0; i < track.size(); i++) {
                    check(faults, "track[" + i + "]", track.get(i));
                }
            }
        }

        private static void check(Faults faults, String path, MarkBody mark) {
            if (faults.required(path, mark)) {
                MARK_M.check(faults, path + ".asternM", mark.asternM());
                MARK_M.check(faults, path + ".starboardM", mark.starboardM());
            }
        }

        Helm helm() {
            double radius = Optional.ofNullable(spread.radiusM()).orElse(TurnRules.USUAL_RADIUS_M);
            if (turn != null) {
                return Helm.turn(turn.side(), Math.toRadians(turn.angleDeg()), radius);
            }
            if (weave != null) {
                return Helm.weave(weave.side(), Math.toRadians(weave.swingDeg()), radius, weave.legM(), weave.swings());
            }
            return Helm.track(
                    track.stream()
                            .map(mark -> new Helm.Mark(mark.asternM(), mark.starboardM()))
                            .toList(),
                    radius);
        }
    }

    record TurnHelm(Side side, Double angleDeg) {}

    record WeaveHelm(Side side, Double swingDeg, Double legM, Integer swings) {}

    record MarkBody(Double asternM, Double starboardM) {}
}
