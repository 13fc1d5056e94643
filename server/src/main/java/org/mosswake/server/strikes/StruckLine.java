package org.mosswake.server.strikes;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.BodyPlace;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.server.spread.FishedSpreads.Fished;

/**
 * A struck line as it is kept: what was computed, and every coefficient it was computed from. Never rewritten; a
 * component that is added is absent in older ones.
 *
 * @param revision   absent where it was fished otherwise than saved
 * @param starboardM of the lure from the boat's middle, straight behind her holder
 */
record StruckLine(
        @Nullable UUID spreadId,
        @Nullable Integer revision,
        String label,
        String holderName,
        String lureName,
        double speedThroughWaterMps,
        double letOutM,
        double strikeDragN,
        String regime,
        @Nullable Double depthM,
        @Nullable Double asternM,
        @Nullable Double starboardM,
        @Nullable Double towPullN,
        @Nullable Double cableOutM,
        List<Piece> pieces) {
    /** A length of line, and what is tied at its lower end. */
    record Piece(
            @Nullable UUID lureGearId,
            @Nullable String lureName,
            @Nullable Double massKg,
            @Nullable Double volumeM3,
            @Nullable Double dragAreaM2,
            @Nullable Double diveAreaM2,
            @Nullable Double sideAreaM2,
            @Nullable Double depthM,
            UUID lineGearId,
            String lineName,
            double lengthM,
            double diameterM,
            double densityKgPerM3,
            double normalDrag,
            double tangentialDrag) {}

    static StruckLine of(Fished fished, SolvedLine solved) {
        SpreadLine line = solved.line();
        Spread spread = fished.spread();
        return new StruckLine(
                fished.body().spreadId(),
                fished.body().revision(),
                solved.label(),
                line.holder().name(),
                line.lure().name(),
                spread.speed().mps(),
                line.letOutM(),
                line.strikeDrag().newtons(),
                regime(solved),
                solved.shape().map(TowShape::depthM).orElse(null),
                solved.shape().map(TowShape::asternM).orElse(null),
                line.holder().tip().starboardM(),
                solved.shape().map(TowShape::tensionAtTipN).orElse(null),
                line.deep().map(DeepRig::cableOutM).orElse(null),
                IntStream.range(0, line.tackle().size())
                        .mapToObj(i -> piece(solved, i))
                        .toList());
    }

    private static String regime(SolvedLine solved) {
        if (solved.answer() instanceof TowAnswer.NotConverged) {
            return "NOT_CONVERGED";
        }
        return solved.shape().map(s -> s.regime().name()).orElse("AIRBORNE");
    }

    private static Piece piece(SolvedLine solved, int i) {
        TacklePiece piece = solved.line().tackle().get(i);
        Body body = piece.item().map(item -> item.body()).orElse(null);
        LinePiece metre = piece.line().metre();
        return new Piece(
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

    private static @Nullable Double depth(SolvedLine solved, int link) {
        return solved.shape().stream()
                .flatMap(shape -> shape.bodies().stream())
                .filter(body -> body.link() == link)
                .map(BodyPlace::place)
                .map(place -> (Double) place.depthM())
                .findFirst()
                .orElse(null);
    }
}
