package org.mosswake.core.live;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.turn.Bend;
import org.mosswake.core.units.Plane;

/**
 * The spread at a moment.
 *
 * @param motion    hers
 * @param boat      the middle of her transom
 * @param lines     as many as are out and have a shape
 * @param towing    false while she hardly moves: lines then hang, and nothing is said of them
 * @param settlesM  she has still to run so far until what is shown is what is there; 0 when it is
 * @param way       over ground, of the boat, the oldest first
 * @param bottom    along it, the farthest astern first
 */
public record LiveMoment(
        Instant at,
        Motion motion,
        Sample.Place boat,
        List<LivePlace> lines,
        boolean towing,
        double settlesM,
        List<LiveWarning> warnings,
        List<Node> way,
        List<Bottom> bottom) {
    public LiveMoment {
        lines = List.copyOf(lines);
        way = List.copyOf(way);
        bottom = List.copyOf(bottom);
        warnings = List.copyOf(warnings);
    }

    /**
     * One line.
     *
     * @param nodes       from the lure to the tip, of the boat
     * @param lureMps     its own speed, through the water
     * @param lureDepthM  at that speed
     * @param offBottomM  least water under the lowest of it on the way it will go (m), and how soon; empty where nothing is sounded
     * @param slack       it hangs, or has just been laid anew
     */
    public record LivePlace(
            UUID id,
            String label,
            List<Node> nodes,
            double lureMps,
            double lureDepthM,
            Bend bend,
            Optional<Clearance> offBottom,
            boolean slack) {
        public LivePlace {
            nodes = List.copyOf(nodes);
        }

        /** Of her transom, the lure (m). */
        public double asternM() {
            return Plane.hypot(nodes.get(0).northM(), nodes.get(0).eastM());
        }
    }

    /** North and east of the boat, above the surface (m). */
    public record Node(double northM, double eastM, double heightM) {}

    /** @param asternM along the way she has sailed through the water (m) */
    public record Bottom(double asternM, double depthM) {}

    /** @param inS when the least of it comes */
    public record Clearance(double metres, double inS) {}
}
