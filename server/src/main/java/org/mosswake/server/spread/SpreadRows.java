package org.mosswake.server.spread;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
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
                Boolean.TRUE.equals(line.locked()));
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
                row.locked() ? true : null);
    }

    static PieceRow piece(UUID vessel, UUID spread, int revision, int pieceNo, LineDraft line) {
        PieceDraft piece = line.tackle().get(pieceNo);
        BranchDraft branch = piece.branch();
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
                branch == null ? null : branch.lengthM());
    }

    private static PieceDraft piece(PieceRow row) {
        BranchDraft branch = row.branchLureGearId() == null
                ? null
                : new BranchDraft(row.branchLureGearId(), row.branchLineGearId(), row.branchLengthM());
        return new PieceDraft(row.lureGearId(), row.lineGearId(), row.lengthM(), branch);
    }
}
