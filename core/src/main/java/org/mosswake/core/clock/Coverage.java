package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/**
 * The column fished on a clock: two deep lines, never level, move one step every so often so that every band is fished;
 * at midday near new or full moon the lower one stays just clear of the bottom.
 *
 * @param topM   of the column (m), with {@code bottomM}
 * @param stepM  how far a line moves (m)
 * @param every  how often
 * @param apartM least distance of the two in depth (m)
 */
public record Coverage(double topM, double bottomM, double stepM, Duration every, double apartM) {
    /** Practice: three metres every half hour. */
    public static final double USUAL_STEP_M = 3;

    public static final Duration USUAL_EVERY = Duration.ofMinutes(30);
    private static final Accepted COLUMN_M = new Accepted(0.5, 400, "m");

    /** @param lowerM absent with one deep line */
    public record Setting(Instant at, double upperM, Optional<Double> lowerM, boolean nearBottom) {}

    public Coverage {
        var faults = new Faults();
        COLUMN_M.check(faults, "topM", topM);
        COLUMN_M.check(faults, "bottomM", bottomM);
        new Accepted(0.5, 50, "m").check(faults, "stepM", stepM);
        new Accepted(5, 240, "min").check(faults, "everyMin", (double) every.toMinutes());
        if (bottomM <= topM) {
            faults.add(FaultCode.UPSIDE_DOWN, "bottomM", bottomM, topM);
        } else if (apartM > (bottomM - topM) / 2 + 1e-9) {
            faults.add(FaultCode.OUT_OF_RANGE, "apartM", apartM, 0.0, (bottomM - topM) / 2, "m");
        }
        faults.throwIfAny();
    }

    /** Bands of one step that the column has. */
    public int bands() {
        return (int) Math.max(1, Math.round((bottomM - topM) / stepM) + 1);
    }

    private double depth(int band) {
        return Math.min(bottomM, topM + band * stepM);
    }

    /**
     * Settings from {@code from} to {@code to}. Two lines sweep the column half a column apart, so that a band is fished
     * twice in the time one line takes; a single one sweeps it alone.
     *
     * @param lines     deep ones, one or two
     * @param nearFrom  when the lower one goes to the bottom, and back at {@code nearTo}; empty for no such rule
     */
    public List<Setting> settings(
            Instant from, Instant to, int lines, Optional<Instant> nearFrom, Optional<Instant> nearTo) {
        int bands = bands();
        // The lower line leads by enough bands that the two never come nearer than asked, round the column.
        int lead = Math.max((int) Math.ceil(apartM / stepM), bands / 2);
        var settings = new ArrayList<Setting>();
        int i = 0;
        for (Instant at = from; at.isBefore(to); at = at.plus(every), i++) {
            Instant now = at;
            boolean near = nearFrom.filter(begin -> !now.isBefore(begin)).isPresent()
                    && nearTo.filter(end -> now.isBefore(end)).isPresent();
            int one = i % bands;
            if (lines < 2) {
                settings.add(new Setting(at, near ? bottomM : depth(one), Optional.empty(), near));
                continue;
            }
            int other = (one + lead) % bands;
            double upper = depth(Math.min(one, other));
            double lower = near ? bottomM : depth(Math.max(one, other));
            if (near && lower - upper < apartM) {
                upper = lower - apartM;
            }
            settings.add(new Setting(at, upper, Optional.of(lower), near));
        }
        return settings;
    }
}
