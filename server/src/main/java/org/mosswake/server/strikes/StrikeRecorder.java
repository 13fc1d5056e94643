package org.mosswake.server.strikes;

import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.BodyPlace;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.Physics;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.server.strikes.StrikesMapper.StrikeLineRow;
import org.mosswake.server.strikes.StrikesMapper.StrikePieceRow;
import org.springframework.stereotype.Component;

/** Keeps a struck line as it is at this moment: computed depth, coefficients and solver edition. */
@Component
class StrikeRecorder {
    private final StrikesMapper strikes;
    private final SpreadSolver solver = new SpreadSolver();

    StrikeRecorder(StrikesMapper strikes) {
        this.strikes = strikes;
    }

    void record(UUID vessel, UUID event, UUID lineId, Spread fished) {
        SolvedLine line = solver.solve(fished).lines().stream()
                .filter(l -> l.line().id().equals(lineId))
                .findFirst()
                .orElseThrow(() -> FaultException.of(FaultCode.NOT_FOUND, "lineId", lineId.toString()));
        strikes.insertStrikeLine(lineRow(vessel, event, fished, line));
        for (int i = 0; i < line.line().tackle().size(); i++) {
            strikes.insertStrikePiece(pieceRow(vessel, event, i, line));
        }
    }

    private static StrikeLineRow lineRow(UUID vessel, UUID event, Spread fished, SolvedLine solved) {
        SpreadLine line = solved.line();
        return new StrikeLineRow(
                vessel,
                event,
                solved.label(),
                line.holder().name(),
                line.lure().name(),
                fished.speed().mps(),
                line.letOutM(),
                line.strikeDrag().newtons(),
                regime(solved),
                solved.shape().map(TowShape::depthM).orElse(null),
                solved.shape().map(TowShape::asternM).orElse(null),
                solved.shape().map(TowShape::tensionAtTipN).orElse(null),
                Physics.SOLVER_EDITION,
                line.deep().map(DeepRig::cableOutM).orElse(null));
    }

    private static String regime(SolvedLine solved) {
        if (solved.answer() instanceof TowAnswer.NotConverged) {
            return "NOT_CONVERGED";
        }
        return solved.shape().map(s -> s.regime().name()).orElse("AIRBORNE");
    }

    private static StrikePieceRow pieceRow(UUID vessel, UUID event, int i, SolvedLine solved) {
        TacklePiece piece = solved.line().tackle().get(i);
        Body body = piece.item().map(item -> item.body()).orElse(null);
        LinePiece metre = piece.line().metre();
        return new StrikePieceRow(
                vessel,
                event,
                i,
                piece.item().map(item -> item.id()).orElse(null),
                piece.item().map(item -> item.name()).orElse(null),
                body == null ? null : body.massKg(),
                body == null ? null : body.volumeM3(),
                body == null ? null : body.dragAreaM2(),
                body == null ? null : body.diveAreaM2(),
                body == null ? null : body.sideAreaM2(),
                depth(solved, i),
                piece.line().id(),
                piece.line().name(),
                solved.line().lengthM(i),
                metre.diameterM(),
                metre.densityKgPerM3(),
                metre.normalDragCoefficient(),
                metre.tangentialDragCoefficient());
    }

    private static Double depth(SolvedLine solved, int link) {
        return solved.shape().stream()
                .flatMap(shape -> shape.bodies().stream())
                .filter(body -> body.link() == link)
                .map(BodyPlace::place)
                .map(place -> (Double) place.depthM())
                .findFirst()
                .orElse(null);
    }
}
