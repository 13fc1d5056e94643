package org.mosswake.core.spread;

import java.util.List;
import org.mosswake.core.tow.BranchedTow;
import org.mosswake.core.tow.Point;

/**
 * The second lure of a three-way; places from the holder's tip (m).
 *
 * @param pullN of its leader on the swivel (N)
 * @param path  from the lure to the swivel
 */
public record BranchPlace(double depthM, double asternM, double lateralM, double pullN, List<Point> path) {
    static BranchPlace of(BranchedTow.Answer answer) {
        Point by = answer.junction();
        return new BranchPlace(
                answer.branch().depthM(),
                answer.branchAsternM(),
                by.lateralM() + answer.branch().lateralM(),
                answer.branch().tensionAtTipN(),
                answer.branch().path().stream()
                        .map(p -> new Point(p.asternM() + by.asternM(), p.lateralM() + by.lateralM(), p.heightM()))
                        .toList());
    }
}
