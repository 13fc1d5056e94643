package org.mosswake.server.spread;

import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.spread.Here;
import org.mosswake.core.spread.TwoSpeeds;
import org.mosswake.server.platform.json.Checked;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The speed through the water that makes a speed over the ground good. */
@RestController
class SpeedsController {
    record GroundBody(Double overGroundMps, Double headingDeg, Double streamMps, Double streamTowardsDeg)
            implements Checked {
        private static final Accepted SPEED = new Accepted(0.1, 15, "m/s");
        private static final Accepted DIRECTION_DEG = new Accepted(0, 360, "°");

        @Override
        public void check(Faults faults) {
            SPEED.check(faults, "overGroundMps", overGroundMps);
            DIRECTION_DEG.check(faults, "headingDeg", headingDeg);
            Here.STREAM_MPS.check(faults, "streamMps", streamMps);
            DIRECTION_DEG.check(faults, "streamTowardsDeg", streamTowardsDeg);
        }
    }

    /**
     * @param throughWaterMps absent when no speed does it on this heading
     * @param steers          false when it is too little to answer the helm
     */
    record WaterReply(@Nullable Double throughWaterMps, boolean steers) {}

    @PostMapping("/api/speeds")
    WaterReply water(@RequestBody GroundBody body) {
        var stream = new Here.Stream(body.streamMps(), Math.toRadians(body.streamTowardsDeg()));
        return TwoSpeeds.forGround(body.overGroundMps(), Math.toRadians(body.headingDeg()), stream)
                .map(both -> new WaterReply(both.throughWaterMps(), both.throughWaterMps() >= TwoSpeeds.STEERAGE_MPS))
                .orElse(new WaterReply(null, false));
    }
}
