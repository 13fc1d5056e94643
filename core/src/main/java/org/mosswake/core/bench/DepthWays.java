package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.LineSolver;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.DepthSeeker;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.Sought;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * Ways to bring a line's lure to a depth, one knob at a time.
 *
 * @param letOut of the line (m); empty for a line down a cable
 * @param cable  out (m); for a line down a cable
 * @param lead   mass of its lead (kg); empty without one
 * @param speed  of the boat (m/s)
 */
public record DepthWays(Optional<Sought> letOut, Optional<Sought> cable, Optional<Sought> lead, Sought speed) {
    private static final Accepted LEAD_KG = new Accepted(0.02, 5, "kg");

    /** @param mostLetOutM what the reel or the model allows (m) */
    public static DepthWays of(SpreadLine line, SpeedThroughWater speed, double depthM, double mostLetOutM) {
        var ways = new Ways(line, speed, depthM);
        boolean cabled = line.deep().isPresent();
        return new DepthWays(
                cabled ? Optional.empty() : Optional.of(ways.letOut(mostLetOutM)),
                cabled ? Optional.of(ways.cable()) : Optional.empty(),
                ways.lead(),
                ways.speed());
    }

    /** The lead alone, for those who ask for nothing else; empty without one. */
    static Optional<Sought> lead(SpreadLine line, SpeedThroughWater speed, double depthM) {
        return new Ways(line, speed, depthM).lead();
    }

    private record Ways(SpreadLine line, SpeedThroughWater now, double depthM, LineSolver solver) {
        Ways(SpreadLine line, SpeedThroughWater now, double depthM) {
            this(line, now, depthM, new LineSolver());
        }

        Sought letOut(double most) {
            double leaders = line.letOutM() - line.lengthM(line.tackle().size() - 1);
            var range = new Accepted(
                    leaders + TowLimits.LENGTH_M.least(), Math.min(most, leaders + TowLimits.LENGTH_M.most()), "m");
            return DepthSeeker.over(range, line.letOutM(), v -> depth(line.withLetOut(v), now), depthM);
        }

        Sought cable() {
            DeepRig rig = line.deep().orElseThrow();
            var range = new Accepted(
                    Math.max(Downrigger.CABLE_OUT_M.least(), rig.clipAboveM() + 0.5),
                    Downrigger.CABLE_OUT_M.most(),
                    "m");
            return DepthSeeker.over(range, rig.cableOutM(), v -> depth(line.withCableOut(v), now), depthM);
        }

        Sought speed() {
            return DepthSeeker.over(TowLimits.SPEED_MPS, now.mps(), v -> depth(line, new SpeedThroughWater(v)), depthM);
        }

        Optional<Sought> lead() {
            for (int i = 1; i < line.tackle().size(); i++) {
                var item = line.tackle().get(i).item();
                if (item.isPresent() && item.get().kind().endsWith("_LEAD")) {
                    DoubleFunction<Body> body =
                            item.get().kind().startsWith("BALL") ? LureKind::ballLead : LureKind::torpedoLead;
                    int at = i;
                    return Optional.of(DepthSeeker.over(
                            LEAD_KG, item.get().body().massKg(), v -> depth(withBody(at, body.apply(v)), now), depthM));
                }
            }
            return Optional.empty();
        }

        private SpreadLine withBody(int at, Body body) {
            var pieces = new ArrayList<>(line.tackle());
            TacklePiece piece = pieces.get(at);
            LureItem item = piece.item().orElseThrow();
            pieces.set(at, piece.withItem(item.withBody(body)));
            return line.withTackle(pieces);
        }

        private double depth(SpreadLine changed, SpeedThroughWater speed) {
            return solver.settle(changed, speed) instanceof TowAnswer.Shaped shaped
                    ? shaped.shape().depthM()
                    : Double.NaN;
        }
    }
}
