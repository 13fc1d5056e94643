package org.mosswake.core.course;

import java.util.List;

/** How much of a way the lures are where they are wanted, as they come after her. */
final class InBand {
    private InBand() {}

    /** Mean over the lures, 0 to 1, looked at every so often; before its start she came straight on. */
    static double share(Track track, Band band, Towed towed, double everyM) {
        List<Pose> poses = track.every(everyM);
        double[] asterns = towed.some();
        int in = 0;
        for (double astern : asterns) {
            double north = towed.setNorthM(astern);
            double east = towed.setEastM(astern);
            for (int i = 0; i < poses.size(); i++) {
                int behind = (int) Math.round(towed.behindM(astern, poses.get(i).headingRad()) / everyM);
                Pose there = i >= behind ? poses.get(i - behind) : track.start().ahead((i - behind) * everyM);
                in += band.has(there.northM() + north, there.eastM() + east) ? 1 : 0;
            }
        }
        return (double) in / (poses.size() * asterns.length);
    }
}
