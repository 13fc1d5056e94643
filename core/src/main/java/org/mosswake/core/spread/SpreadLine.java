package org.mosswake.core.spread;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * One line of the spread.
 *
 * @param letOutM from the tip or clip to the lure (m), leaders included
 * @param tackle  from the lure up; the last piece is the main line
 */
public record SpreadLine(UUID id, Holder holder, double letOutM, Force strikeDrag, List<TacklePiece> tackle) {
    /** Main line always left above the leaders (m): the tow is not accepted with less. */
    private static final double LEAST_MAIN_LINE_M = 0.5;

    public SpreadLine {
        tackle = List.copyOf(tackle);
        if (tackle.isEmpty() || tackle.get(tackle.size() - 1).lengthM().isPresent()) {
            throw FaultException.of(FaultCode.CHAIN_MUST_END_IN_LINE, "tackle");
        }
        for (int i = 0; i < tackle.size() - 1; i++) {
            if (tackle.get(i).lengthM().isEmpty()) {
                throw FaultException.of(FaultCode.MISSING, "tackle[" + i + "].lengthM");
            }
        }
        double taken = leadersM(tackle);
        if (letOutM < taken + LEAST_MAIN_LINE_M) {
            throw FaultException.of(
                    FaultCode.LET_OUT_SHORTER_THAN_TACKLE, "letOutM", letOutM, taken + LEAST_MAIN_LINE_M);
        }
    }

    public LureItem lure() {
        return tackle.get(0)
                .item()
                .orElseThrow(() -> FaultException.of(FaultCode.LURE_WITHOUT_FORCE, "tackle[0].gearId"));
    }

    /** Rated strength of the weakest line in it; joints come with the rig bench. */
    public Force weakestLine() {
        return tackle.stream()
                .map(p -> p.line().strength())
                .min((a, b) -> Double.compare(a.newtons(), b.newtons()))
                .orElseThrow();
    }

    public Tow tow(SpeedThroughWater speed) {
        return new Tow(
                speed,
                holder.tip().heightM(),
                IntStream.range(0, tackle.size()).mapToObj(this::link).toList());
    }

    /** Length of the line of piece i (m); the main line takes what the leaders leave of the let-out. */
    public double lengthM(int i) {
        return tackle.get(i).lengthM().orElseGet(() -> letOutM - leadersM(tackle));
    }

    private static double leadersM(List<TacklePiece> tackle) {
        return tackle.stream().mapToDouble(p -> p.lengthM().orElse(0.0)).sum();
    }

    private Link link(int i) {
        TacklePiece piece = tackle.get(i);
        return new Link(piece.item().map(LureItem::body), piece.line().metre().withLength(lengthM(i)));
    }

    public SpreadLine withLetOut(double metres) {
        return new SpreadLine(id, holder, metres, strikeDrag, tackle);
    }
}
