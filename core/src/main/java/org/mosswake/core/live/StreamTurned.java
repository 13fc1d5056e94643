package org.mosswake.core.live;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** Whether the stream has come to set the other way, while a method is fished that goes with it. */
final class StreamTurned {
    /** Less is slack, and sets nowhere (m/s). */
    private static final double SETS_MPS = 0.15;
    /** Of a stream that is no better known nothing is said (m/s). */
    private static final double MOST_DOUBT_MPS = 0.12;
    /** Set so far from where it set, it has turned; between tides it swings by less. */
    private static final double TURNED_RAD = Math.toRadians(120);
    /** Said for so long (s). */
    private static final double SAID_S = 600;

    private final boolean withStream;
    private Optional<Double> setRad = Optional.empty();
    private double since = Double.NEGATIVE_INFINITY;

    /** @param withStream the method goes with it; of others nothing is said */
    StreamTurned(boolean withStream) {
        this.withStream = withStream;
    }

    void forget() {
        setRad = Optional.empty();
        since = Double.NEGATIVE_INFINITY;
    }

    /** @param at seconds */
    void look(Motion motion, double at) {
        if (!withStream || motion.streamMps() < SETS_MPS || motion.streamDoubtMps() > MOST_DOUBT_MPS) {
            return;
        }
        double now = Math.toRadians(motion.streamTowardsDeg());
        if (setRad.isEmpty()) {
            setRad = Optional.of(now);
        } else if (Math.abs(Math.IEEEremainder(now - setRad.get(), 2 * Math.PI)) > TURNED_RAD) {
            setRad = Optional.of(now);
            since = at;
        }
    }

    /** While she has not turned with it. */
    Optional<LiveWarning> warning(Motion motion, double at) {
        double off = Math.IEEEremainder(motion.headingRad() - Math.toRadians(motion.streamTowardsDeg()), 2 * Math.PI);
        boolean against = Math.abs(off) > Math.PI / 2;
        if (at - since > SAID_S || !against) {
            return Optional.empty();
        }
        return Optional.of(new LiveWarning(
                LiveWarning.Kind.STREAM_TURNED,
                Sentence.of(
                        "The stream has turned: {0}, setting {1}. This method goes with it: run that way.",
                        Figure.speed(motion.streamMps()), Figure.angle(Math.toRadians(motion.streamTowardsDeg()))),
                List.of(),
                0));
    }
}
