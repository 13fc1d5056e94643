package org.mosswake.server.turn;

import java.util.List;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.turn.Circling;
import org.mosswake.core.turn.TurnPiece;
import org.mosswake.server.platform.json.Checked;

/** The pinned request of {@code POST /api/turn/circle}. */
record CircleRequest(Double turnRadiusM, Double speedMps, Double lureDragAreaM2, List<SegmentWire> segmentsFromLure)
        implements Checked {
    record SegmentWire(
            Double lengthM, Double diameterM, Double normalDragCoefficient, Double tangentialDragCoefficient) {
        TurnPiece toCore() {
            return new TurnPiece(lengthM, diameterM, normalDragCoefficient, tangentialDragCoefficient);
        }
    }

    @Override
    public void check(Faults faults) {
        Circling.check(faults, turnRadiusM, speedMps, lureDragAreaM2, segmentsFromLure);
        for (int i = 0;
                segmentsFromLure != null && i < Math.min(segmentsFromLure.size(), Circling.MOST_SEGMENTS);
                i++) {
            SegmentWire s = segmentsFromLure.get(i);
            String path = "segmentsFromLure[" + i + "]";
            if (faults.required(path, s)) {
                TurnPiece.check(
                        faults,
                        path + ".",
                        s.lengthM(),
                        s.diameterM(),
                        s.normalDragCoefficient(),
                        s.tangentialDragCoefficient());
            }
        }
    }

    Circling toCore() {
        return new Circling(
                turnRadiusM,
                speedMps,
                lureDragAreaM2,
                segmentsFromLure.stream().map(SegmentWire::toCore).toList());
    }
}
