package org.mosswake.core.turn;

import java.util.List;

/**
 * The line cut into equal-ish pieces between nodes, as columns. Node 0 is the lure, node {@code pieces} the tip; piece
 * i lies between nodes i and i + 1.
 */
final class PlanChain {
    private static final double WATER_DENSITY = 1025;

    final int pieces;
    final double[] length;
    /** ½ρdCn·l and ½ρdπCt·l of each piece (kg/m). */
    final double[] normal;

    final double[] along;
    /** ½ρA of the lure (kg/m). */
    final double lure;

    PlanChain(List<TurnPiece> fromLure, double lureDragAreaM2, int wanted) {
        double total = fromLure.stream().mapToDouble(TurnPiece::lengthM).sum();
        int[] parts = fromLure.stream()
                .mapToInt(piece -> Math.max(1, (int) Math.round(wanted * piece.lengthM() / total)))
                .toArray();
        pieces = java.util.Arrays.stream(parts).sum();
        length = new double[pieces];
        normal = new double[pieces];
        along = new double[pieces];
        lure = WATER_DENSITY * lureDragAreaM2 / 2;
        int i = 0;
        for (int p = 0; p < parts.length; p++) {
            TurnPiece piece = fromLure.get(p);
            double l = piece.lengthM() / parts[p];
            double half = WATER_DENSITY * piece.diameterM() / 2 * l;
            for (int k = 0; k < parts[p]; k++, i++) {
                length[i] = l;
                normal[i] = half * piece.normalDragCoefficient();
                along[i] = half * Math.PI * piece.tangentialDragCoefficient();
            }
        }
    }
}
