package org.mosswake.server.spread;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.rig.Fitting;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Marks;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.server.spread.SpreadDraft.BranchDraft;
import org.mosswake.server.spread.SpreadDraft.DeepDraft;
import org.mosswake.server.spread.SpreadDraft.HereDraft;
import org.mosswake.server.spread.SpreadDraft.LineDraft;
import org.mosswake.server.spread.SpreadDraft.PieceDraft;
import org.mosswake.server.spread.SpreadMapper.LineRow;
import org.mosswake.server.spread.SpreadMapper.PieceRow;
import org.mosswake.server.spread.SpreadMapper.RevisionRow;

/** Drafts as rows, and back. */
final class SpreadRows {
    private static final HereDraft NOTHING_KNOWN = new HereDraft(null, null, null, null, null, null, null, null, null);

    private SpreadRows() {}

    static RevisionRow revision(
            UUID vessel, UUID spread, int revision, SpreadDraft draft, String reason, Instant createdAt) {
        HereDraft here = draft.here() == null ? NOTHING_KNOWN : draft.here();
        return new RevisionRow(
                vessel,
                spread,
                revision,
                draft.speedThroughWaterMps(),
                reason,
                createdAt,
                draft.enginesRunning(),
                here.bottomM(),
                here.baitTopM(),
                here.baitBottomM(),
                here.layerM(),
                here.aboveC(),
                here.belowC(),
                here.headingDeg(),
                here.streamMps(),
                here.streamTowardsDeg());
    }

    static SpreadDraft draft(RevisionRow row, List<LineDraft> lines) {
        var here = new HereDraft(
                row.bottomM(),
                row.baitTopM(),
                row.baitBottomM(),
                row.layerM(),
                row.aboveC(),
                row.belowC(),
                row.headingDeg(),
                row.streamMps(),
                row.streamTowardsDeg());
        return new SpreadDraft(
                row.speedThroughWaterMps(), lines, row.enginesRunning(), here.equals(NOTHING_KNOWN) ? null : here);
    }

    static LineRow line(UUID vessel, UUID spread, int revision, int ordinal, LineDraft line) {
        DeepDraft deep = line.deep();
        RigDraft rig = RigDraft.orNothing(line.rig());
        return new LineRow(
                vessel,
                spread,
                revision,
                line.lineId(),
                ordinal,
                line.holderId(),
                line.letOutM(),
                line.strikeDragN(),
                deep == null ? null : deep.cableOutM(),
                deep == null ? null : deep.clipAboveM(),
                deep == null ? null : deep.ballGearId(),
                deep == null ? null : deep.cableGearId(),
                deep == null ? null : deep.seat().name(),
                Boolean.TRUE.equals(line.locked()),
                rig.reelGearId(),
                name(rig.hookKind()),
                rig.hookCount(),
                rig.hookStrengthN(),
                name(rig.baitKind()),
                rig.baitLengthM(),
                rig.baitAngleRad(),
                name(rig.take()),
                name(rig.marks()));
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }

    private static <E extends Enum<E>> @Nullable E valueOf(Class<E> type, @Nullable String name) {
        return name == null ? null : Enum.valueOf(type, name);
    }

    private static @Nullable RigDraft rig(LineRow row) {
        return new RigDraft(
                        row.reelGearId(),
                        valueOf(Hooks.Kind.class, row.hookKind()),
                        row.hookCount(),
                        row.hookStrengthN(),
                        valueOf(Rigging.Bait.Kind.class, row.baitKind()),
                        row.baitLengthM(),
                        row.baitAngleRad(),
                        valueOf(Take.class, row.take()),
                        valueOf(Marks.class, row.marks()))
                .orNull();
    }

    private static @Nullable FootDraft foot(PieceRow row) {
        return row.footAbove() == null && row.footFitting() == null && row.footBelow() == null
                ? null
                : new FootDraft(
                        valueOf(JointKind.class, row.footAbove()),
                        valueOf(Fitting.Kind.class, row.footFitting()),
                        row.footFittingN(),
                        valueOf(JointKind.class, row.footBelow()));
    }

    static LineDraft line(LineRow row, List<PieceRow> pieces) {
        DeepDraft deep = Stream.ofNullable(row.cableOutM())
                .map(out -> new DeepDraft(
                        out, row.clipAboveM(), row.ballGearId(), row.cableGearId(), ClipSeat.valueOf(row.clipSeat())))
                .findFirst()
                .orElse(null);
        return new LineDraft(
                row.lineId(),
                row.holderId(),
                row.letOutM(),
                row.strikeDragN(),
                pieces.stream().map(SpreadRows::piece).toList(),
                deep,
                row.locked() ? true : null,
                rig(row));
    }

    static PieceRow piece(UUID vessel, UUID spread, int revision, int pieceNo, LineDraft line) {
        PieceDraft piece = line.tackle().get(pieceNo);
        BranchDraft branch = piece.branch();
        FootDraft foot = piece.foot();
        return new PieceRow(
                vessel,
                spread,
                revision,
                line.lineId(),
                pieceNo,
                piece.lureGearId(),
                piece.lineGearId(),
                piece.lengthM(),
                branch == null ? null : branch.lureGearId(),
                branch == null ? null : branch.lineGearId(),
                branch == null ? null : branch.lengthM(),
                foot == null ? null : name(foot.above()),
                foot == null ? null : name(foot.fitting()),
                foot == null ? null : foot.fittingN(),
                foot == null ? null : name(foot.below()));
    }

    private static PieceDraft piece(PieceRow row) {
        BranchDraft branch = row.branchLureGearId() == null
                ? null
                : new BranchDraft(row.branchLureGearId(), row.branchLineGearId(), row.branchLengthM());
        return new PieceDraft(row.lureGearId(), row.lineGearId(), row.lengthM(), branch, foot(row));
    }
}
