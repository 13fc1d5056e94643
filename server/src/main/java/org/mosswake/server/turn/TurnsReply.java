package org.mosswake.server.turn;

import static org.mosswake.server.platform.wire.Rounded.hundredth;
import static org.mosswake.server.platform.wire.Rounded.tenth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.handling.ClearStep;
import org.mosswake.core.handling.Orders;
import org.mosswake.core.handling.SetStep;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.turn.Foul;
import org.mosswake.core.turn.HelmAnswer;
import org.mosswake.core.turn.Pass;
import org.mosswake.core.turn.Pose;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.turn.RoundTurn;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.SideLimit;
import org.mosswake.core.turn.ThinnedTurn;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.server.platform.wire.Rounded;
import org.mosswake.server.spread.MendReply;

/**
 * How far the boat may turn to each side, a half turn to either to look at, and the orders of setting and clearing.
 *
 * @param kinder the side that allows more; absent when both allow the same
 */
record TurnsReply(
        double radiusM,
        SideReply port,
        SideReply starboard,
        @Nullable Side kinder,
        List<SetReply> setting,
        List<ClearReply> clearing) {
    /** No drawing shows a line nearer than this (m). */
    private static final double DRAWN_M = 0.15;

    /**
     * @param againM straight after a turn to the limit, until she may turn again; {@code againS} the same in seconds
     * @param passes pairs that come by one another within the limit and do not meet, closest first
     * @param wantedDeg below it a mend is offered; under {@code tooLittleDeg} it is a warning
     */
    record SideReply(
            Side side,
            double limitDeg,
            double wantedDeg,
            double tooLittleDeg,
            @Nullable FoulReply foul,
            double againM,
            double againS,
            List<PassReply> passes,
            List<FrameReply> halfTurn) {
        static SideReply of(SideLimit limit, List<TurnFrame> halfTurn, Spread spread) {
            return new SideReply(
                    limit.side(),
                    tenth(Math.toDegrees(limit.limitRad())),
                    Math.toDegrees(SpreadTurns.WANTED_RAD),
                    Math.toDegrees(SpreadTurns.TOO_LITTLE_RAD),
                    limit.firstFoul().map(foul -> FoulReply.of(foul, spread)).orElse(null),
                    tenth(limit.againM()),
                    tenth(limit.againS()),
                    limit.passes().stream()
                            .map(pass -> PassReply.of(pass, spread))
                            .toList(),
                    ThinnedTurn.of(halfTurn, DRAWN_M).stream()
                            .map(frame -> FrameReply.of(frame, spread))
                            .toList());
        }
    }

    /**
     * @param otherLineId absent when the line hangs slack
     * @param turnedDeg   whole turn made, to starboard positive
     * @param asternM     of the transom, as she headed then
     */
    record FoulReply(
            UUID lineId,
            @Nullable UUID otherLineId,
            double turnedDeg,
            double straightM,
            double afterS,
            double asternM,
            double starboardM,
            double heightM) {
        static FoulReply of(Foul foul, Spread spread) {
            return new FoulReply(
                    spread.lines().get(foul.line()).id(),
                    foul.other().map(i -> spread.lines().get(i).id()).orElse(null),
                    tenth(Math.toDegrees(foul.turnedRad())),
                    tenth(foul.straightM()),
                    tenth(foul.afterS()),
                    tenth(foul.asternM()),
                    tenth(foul.starboardM()),
                    tenth(foul.heightM()));
        }
    }

    /** Two lines with so much water, or air, between them; near: less than the margin asked for. */
    record PassReply(UUID lineId, UUID otherLineId, double betweenM, boolean near) {
        static PassReply of(Pass pass, Spread spread) {
            return new PassReply(
                    spread.lines().get(pass.line()).id(),
                    spread.lines().get(pass.other()).id(),
                    tenth(pass.betweenM()),
                    pass.near());
        }
    }

    /**
     * The tightest way right round.
     *
     * @param radiusM absent where even the widest half turn fouls
     * @param stops   what fouls one step tighter; absent where the boat cannot turn tighter
     * @param islands tighter radii that are clear although wider ones are not (m)
     */
    record RoundSideReply(
            Side side,
            @Nullable Double radiusM,
            @Nullable Double againM,
            @Nullable Double againS,
            @Nullable FoulReply stops,
            List<Double> islands) {
        static RoundSideReply of(RoundTurn round, Spread spread) {
            return new RoundSideReply(
                    round.side(),
                    round.radiusM().map(Rounded::tenth).orElse(null),
                    round.after().map(SideLimit::againM).map(Rounded::tenth).orElse(null),
                    round.after().map(SideLimit::againS).map(Rounded::tenth).orElse(null),
                    round.stops().map(foul -> FoulReply.of(foul, spread)).orElse(null),
                    round.islands().stream().map(Rounded::tenth).toList());
        }
    }

    /** @param tightestM what the boat can do at this speed (m), and {@code widestM} the widest that was tried */
    record RoundReply(double tightestM, double widestM, RoundSideReply port, RoundSideReply starboard) {
        static RoundReply of(Map<Side, RoundTurn> round, double tightestM, Spread spread) {
            return new RoundReply(
                    tenth(tightestM),
                    RoundSearch.WIDEST_M,
                    RoundSideReply.of(round.get(Side.PORT), spread),
                    RoundSideReply.of(round.get(Side.STARBOARD), spread));
        }
    }

    /** The spread as seen from the boat at a moment of a turn. */
    record FrameReply(double turnedDeg, double afterS, List<SwungReply> lines) {
        static FrameReply of(TurnFrame frame, Spread spread) {
            var lines = new ArrayList<SwungReply>();
            for (int i = 0; i < frame.lines().size(); i++) {
                lines.add(
                        SwungReply.of(spread.lines().get(i).id(), frame.lines().get(i)));
            }
            return new FrameReply(tenth(Math.toDegrees(frame.turnedRad())), tenth(frame.afterS()), lines);
        }
    }

    /** With where the middle of her transom is by now: astern and to starboard of where it was (m). */
    record HelmFrameReply(double asternM, double starboardM, FrameReply frame) {
        static HelmFrameReply of(TurnFrame frame, Pose datum, Spread spread) {
            return new HelmFrameReply(tenth(datum.x()), tenth(datum.y()), FrameReply.of(frame, spread));
        }
    }

    /** @param nodes from the lure to the tip: astern of the transom, starboard, in turn */
    record SwungReply(UUID lineId, List<Double> nodes, double lureSpeedMps, double lureDepthM) {
        static SwungReply of(UUID line, TurnFrame.Swung swung) {
            var nodes = new ArrayList<Double>();
            for (TurnFrame.Node node : swung.nodes()) {
                nodes.add(tenth(node.asternM()));
                nodes.add(tenth(node.starboardM()));
            }
            return new SwungReply(line, nodes, hundredth(swung.lureSpeedMps()), hundredth(swung.lureDepthM()));
        }
    }

    record SetReply(
            UUID lineId,
            SetStep.Reason reason,
            @Nullable UUID becauseLineId,
            @Nullable Side steer,
            @Nullable Double clearsM) {
        static SetReply of(SetStep step) {
            return new SetReply(
                    step.line(),
                    step.reason(),
                    step.because().orElse(null),
                    step.steer().orElse(null),
                    step.clearsM().orElse(null));
        }
    }

    /** What becomes of the other lines when this one has a fish. */
    record ClearReply(UUID struckLineId, List<ClearStepReply> steps) {}

    record ClearStepReply(UUID lineId, boolean clear, ClearStep.Reason reason) {}

    /** The smallest change that lets her turn farther to a side. */
    record WiderReply(Side side, MendReply mend, double limitDeg, boolean enough) {
        static WiderReply of(SpreadTurns.Widening wider) {
            return new WiderReply(
                    wider.side(), MendReply.of(wider.mend()), tenth(Math.toDegrees(wider.limitRad())), wider.enough());
        }
    }

    /** @param mend absent when both sides turn far enough, or no single change gains anything */
    record MendsReply(@Nullable WiderReply mend) {}

    record HelmReply(List<HelmFrameReply> frames, List<FoulReply> fouls, double againM) {
        private static final int MOST_FRAMES = 200;

        static HelmReply of(HelmAnswer answer, Spread spread) {
            int every = Math.max(1, (int) Math.ceil(answer.frames().size() / (double) MOST_FRAMES));
            var frames = new ArrayList<HelmFrameReply>();
            for (int i = 0; i < answer.frames().size(); i += every) {
                frames.add(
                        HelmFrameReply.of(answer.frames().get(i), answer.way().get(i), spread));
            }
            return new HelmReply(
                    frames,
                    answer.fouls().stream()
                            .map(foul -> FoulReply.of(foul, spread))
                            .toList(),
                    tenth(answer.againM()));
        }
    }

    static TurnsReply of(
            Spread spread,
            double radiusM,
            Map<Side, SideLimit> limits,
            Map<Side, List<TurnFrame>> halfTurns,
            Orders orders) {
        double port = limits.get(Side.PORT).limitRad();
        double starboard = limits.get(Side.STARBOARD).limitRad();
        return new TurnsReply(
                radiusM,
                SideReply.of(limits.get(Side.PORT), halfTurns.get(Side.PORT), spread),
                SideReply.of(limits.get(Side.STARBOARD), halfTurns.get(Side.STARBOARD), spread),
                port == starboard ? null : port > starboard ? Side.PORT : Side.STARBOARD,
                orders.setting().stream().map(SetReply::of).toList(),
                orders.clearing().entrySet().stream()
                        .map(entry -> new ClearReply(
                                entry.getKey(),
                                entry.getValue().stream()
                                        .map(step -> new ClearStepReply(step.line(), step.clear(), step.reason()))
                                        .toList()))
                        .toList());
    }
}
