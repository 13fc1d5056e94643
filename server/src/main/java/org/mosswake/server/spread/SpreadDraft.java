package org.mosswake.server.spread;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.Here;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.server.platform.json.Checked;

/** A line-up by the ids of what it is made of, as edited on the page. */
public record SpreadDraft(
        Double speedThroughWaterMps,
        List<LineDraft> lines,
        @Nullable Integer enginesRunning,
        @Nullable HereDraft here) implements Checked {
    static final Accepted LET_OUT_M = new Accepted(1, 400, "m");
    private static final Accepted DRAG_N = new Accepted(0, 5000, "N");
    private static final Accepted ENGINES = new Accepted(0, 6, "");

    /**
     * @param tackle from the lure up; the last is the main line and has no length
     * @param locked stays as it is when the rest is called anew
     */
    public record LineDraft(
            UUID lineId,
            UUID holderId,
            Double letOutM,
            Double strikeDragN,
            List<PieceDraft> tackle,
            @Nullable DeepDraft deep,
            @Nullable Boolean locked,
            @Nullable RigDraft rig) {
        public LineDraft(
                UUID lineId,
                UUID holderId,
                Double letOutM,
                Double strikeDragN,
                List<PieceDraft> tackle,
                @Nullable DeepDraft deep) {
            this(lineId, holderId, letOutM, strikeDragN, tackle, deep, null, null);
        }
    }

    /** For a line on a downrigger: cable from the surface down, and where the clip sits over the ball. */
    public record DeepDraft(Double cableOutM, Double clipAboveM, UUID ballGearId, UUID cableGearId, ClipSeat seat) {}

    /** A second lure on a leader of its own. */
    public record BranchDraft(UUID lureGearId, UUID lineGearId, Double lengthM) {}

    /** The water, as far as it is known; directions clockwise from north. */
    public record HereDraft(
            @Nullable Double bottomM,
            @Nullable Double baitTopM,
            @Nullable Double baitBottomM,
            @Nullable Double layerM,
            @Nullable Double aboveC,
            @Nullable Double belowC,
            @Nullable Double headingDeg,
            @Nullable Double streamMps,
            @Nullable Double streamTowardsDeg) {
        private static final Accepted DIRECTION_DEG = new Accepted(0, 360, "°");

        void check(Faults faults, String path) {
            Here.DEPTH_M.checkOptional(faults, path + ".bottomM", bottomM);
            new Accepted(0, Here.DEPTH_M.most(), "m").checkOptional(faults, path + ".baitTopM", baitTopM);
            Here.DEPTH_M.checkOptional(faults, path + ".baitBottomM", baitBottomM);
            Here.DEPTH_M.checkOptional(faults, path + ".layerM", layerM);
            Here.TEMPERATURE_C.checkOptional(faults, path + ".aboveC", aboveC);
            Here.TEMPERATURE_C.checkOptional(faults, path + ".belowC", belowC);
            DIRECTION_DEG.checkOptional(faults, path + ".headingDeg", headingDeg);
            Here.STREAM_MPS.checkOptional(faults, path + ".streamMps", streamMps);
            DIRECTION_DEG.checkOptional(faults, path + ".streamTowardsDeg", streamTowardsDeg);
            if (baitTopM != null) {
                faults.required(path + ".baitBottomM", baitBottomM);
            }
            if (baitBottomM != null) {
                faults.required(path + ".baitTopM", baitTopM);
            }
            if (streamMps != null) {
                faults.required(path + ".streamTowardsDeg", streamTowardsDeg);
            }
        }

        /** Null where nothing is known. */
        static @Nullable HereDraft of(Here here) {
            var draft = new HereDraft(
                    here.bottomM().orElse(null),
                    here.bait().map(Here.Band::topM).orElse(null),
                    here.bait().map(Here.Band::bottomM).orElse(null),
                    here.layerM().orElse(null),
                    here.aboveC().orElse(null),
                    here.belowC().orElse(null),
                    here.headingRad().map(Math::toDegrees).orElse(null),
                    here.stream().map(Here.Stream::mps).orElse(null),
                    here.stream()
                            .map(stream -> Math.toDegrees(stream.towardsRad()))
                            .orElse(null));
            return here.equals(Here.UNKNOWN) ? null : draft;
        }

        Here toCore() {
            return new Here(
                    Optional.ofNullable(bottomM),
                    Optional.ofNullable(baitTopM).map(top -> new Here.Band(top, baitBottomM)),
                    Optional.ofNullable(layerM),
                    Optional.ofNullable(aboveC),
                    Optional.ofNullable(belowC),
                    Optional.ofNullable(headingDeg).map(Math::toRadians),
                    Optional.ofNullable(streamMps).map(mps -> new Here.Stream(mps, Math.toRadians(streamTowardsDeg))));
        }
    }

    public record PieceDraft(
            @Nullable UUID lureGearId,
            UUID lineGearId,
            @Nullable Double lengthM,
            @Nullable BranchDraft branch,
            @Nullable FootDraft foot) {
        public PieceDraft(
                @Nullable UUID lureGearId, UUID lineGearId, @Nullable Double lengthM, @Nullable BranchDraft branch) {
            this(lureGearId, lineGearId, lengthM, branch, null);
        }
    }

    /** A spread of the core's as a draft; {@code locked} lines stay marked. */
    public static SpreadDraft of(Spread spread, Set<UUID> locked) {
        return new SpreadDraft(
                spread.speed().mps(),
                spread.lines().stream()
                        .map(line -> line(line, locked.contains(line.id())))
                        .toList(),
                spread.engines(),
                HereDraft.of(spread.here()));
    }

    private static LineDraft line(SpreadLine line, boolean locked) {
        return new LineDraft(
                line.id(),
                line.holder().id(),
                line.letOutM(),
                line.strikeDrag().newtons(),
                line.tackle().stream()
                        .map(piece -> new PieceDraft(
                                piece.item().map(LureItem::id).orElse(null),
                                piece.line().id(),
                                piece.lengthM().orElse(null),
                                piece.branch()
                                        .map(twig -> new BranchDraft(
                                                twig.lure().id(), twig.line().id(), twig.lengthM()))
                                        .orElse(null),
                                FootDraft.of(piece.foot())))
                        .toList(),
                line.deep()
                        .map(deep -> new DeepDraft(
                                deep.cableOutM(),
                                deep.clipAboveM(),
                                deep.ball().id(),
                                deep.cable().id(),
                                deep.seat()))
                        .orElse(null),
                locked ? true : null,
                RigDraft.of(line));
    }

    @Override
    public void check(Faults faults) {
        check(faults, "");
    }

    public void check(Faults faults, String path) {
        TowLimits.SPEED_MPS.check(faults, path + "speedThroughWaterMps", speedThroughWaterMps);
        ENGINES.checkOptional(faults, path + "enginesRunning", enginesRunning == null ? null : (double) enginesRunning);
        if (here != null) {
            here.check(faults, path + "here");
        }
        if (faults.count(path + "lines", lines, 0, Spread.MOST_LINES)) {
            for (int i = 0; i < lines.size(); i++) {
                check(faults, path + "lines[" + i + "]", lines.get(i));
            }
        }
    }

    static void check(Faults faults, String path, LineDraft line) {
        if (!faults.required(path, line)) {
            return;
        }
        faults.required(path + ".lineId", line.lineId());
        faults.required(path + ".holderId", line.holderId());
        LET_OUT_M.check(faults, path + ".letOutM", line.letOutM());
        DRAG_N.check(faults, path + ".strikeDragN", line.strikeDragN());
        if (line.deep() != null) {
            check(faults, path + ".deep", line.deep());
        }
        if (line.rig() != null) {
            line.rig().check(faults, path + ".rig");
        }
        if (faults.count(path + ".tackle", line.tackle(), 1, TowLimits.MOST_PIECES)) {
            for (int i = 0; i < line.tackle().size(); i++) {
                check(faults, path + ".tackle[" + i + "]", line.tackle().get(i));
            }
        }
    }

    private static void check(Faults faults, String path, DeepDraft deep) {
        Downrigger.CABLE_OUT_M.check(faults, path + ".cableOutM", deep.cableOutM());
        Downrigger.CLIP_ABOVE_M.check(faults, path + ".clipAboveM", deep.clipAboveM());
        faults.required(path + ".ballGearId", deep.ballGearId());
        faults.required(path + ".cableGearId", deep.cableGearId());
        faults.required(path + ".seat", deep.seat());
    }

    private static void check(Faults faults, String path, PieceDraft piece) {
        if (faults.required(path, piece)) {
            faults.required(path + ".lineGearId", piece.lineGearId());
            TowLimits.LENGTH_M.checkOptional(faults, path + ".lengthM", piece.lengthM());
            if (piece.foot() != null) {
                piece.foot().check(faults, path + ".foot");
            }
            if (piece.branch() != null) {
                faults.required(path + ".branch.lureGearId", piece.branch().lureGearId());
                faults.required(path + ".branch.lineGearId", piece.branch().lineGearId());
                TowLimits.LENGTH_M.check(
                        faults, path + ".branch.lengthM", piece.branch().lengthM());
            }
        }
    }
}
