package org.mosswake.core.tow;

import java.util.List;

/** A chain at one speed as columns of the factors the field equations need. Index 0 is the lure's link. */
final class ChainColumns {
    final int pieces;
    final double speed;
    final double totalLength;
    final double[] length;
    final double[] pieceEnd;
    /** ½ρdCn and ½ρdπCt (kg/m²), and weight less buoyancy (N/m), in water and in air. */
    final double[] normalWet;

    final double[] alongWet;
    final double[] weightWet;
    final double[] normalDry;
    final double[] alongDry;
    final double[] weightDry;
    final boolean[] hasBody;
    final double[] bodyWeight;
    final double[] bodyBuoyancy;
    /** q-terms when wholly under (N): along, to starboard, down. */
    final double[] bodyDrag;

    final double[] bodySide;
    final double[] bodyDive;
    final double[] bodyRadius;
    /** No body follows this piece, and no piece that is heavier for its drag: from here on the line only flattens. */
    final boolean[] flattestAhead;
    /** Weight in air of the heaviest piece from this one on (N/m). */
    final double[] heaviestDry;

    ChainColumns(Tow tow) {
        List<Link> chain = tow.chainFromLure();
        pieces = chain.size();
        speed = tow.speed().mps();
        length = new double[pieces];
        pieceEnd = new double[pieces];
        normalWet = new double[pieces];
        alongWet = new double[pieces];
        weightWet = new double[pieces];
        normalDry = new double[pieces];
        alongDry = new double[pieces];
        weightDry = new double[pieces];
        hasBody = new boolean[pieces];
        bodyWeight = new double[pieces];
        bodyBuoyancy = new double[pieces];
        bodyDrag = new double[pieces];
        bodySide = new double[pieces];
        bodyDive = new double[pieces];
        bodyRadius = new double[pieces];
        double sum = 0;
        int last = 0;
        for (int i = 0; i < pieces; i++) {
            line(i, chain.get(i).line());
            pieceEnd[i] = sum += length[i];
            if (chain.get(i).body().isPresent()) {
                body(last = i, chain.get(i).body().get());
            }
        }
        totalLength = sum;
        flattestAhead = new boolean[pieces];
        heaviestDry = new double[pieces];
        double steepest = Double.NEGATIVE_INFINITY;
        double heaviest = 0;
        for (int i = pieces - 1; i >= 0; i--) {
            double steep = weightWet[i] / normalWet[i];
            flattestAhead[i] = i >= last && steep >= steepest;
            steepest = Math.max(steepest, steep);
            heaviestDry[i] = heaviest = Math.max(heaviest, weightDry[i]);
        }
    }

    private void line(int i, LinePiece line) {
        double area = Math.PI * line.diameterM() * line.diameterM() / 4;
        double half = line.diameterM() / 2;
        double along = half * Math.PI * line.tangentialDragCoefficient();
        length[i] = line.lengthM();
        normalWet[i] = half * line.normalDragCoefficient() * Physics.SEA_WATER_DENSITY;
        alongWet[i] = along * Physics.SEA_WATER_DENSITY;
        weightWet[i] = (line.densityKgPerM3() - Physics.SEA_WATER_DENSITY) * Physics.GRAVITY * area;
        normalDry[i] = half * line.normalDragCoefficient() * Physics.AIR_DENSITY;
        alongDry[i] = along * Physics.AIR_DENSITY;
        weightDry[i] = (line.densityKgPerM3() - Physics.AIR_DENSITY) * Physics.GRAVITY * area;
    }

    private void body(int i, Body body) {
        double q = Physics.SEA_WATER_DENSITY * speed * speed / 2;
        hasBody[i] = true;
        bodyWeight[i] = body.massKg() * Physics.GRAVITY;
        bodyBuoyancy[i] = Physics.SEA_WATER_DENSITY * body.volumeM3() * Physics.GRAVITY;
        bodyDrag[i] = q * body.dragAreaM2();
        bodySide[i] = q * body.sideAreaM2();
        bodyDive[i] = q * body.diveAreaM2();
        bodyRadius[i] = body.radiusM();
    }
}
