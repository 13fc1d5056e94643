package org.mosswake.core.strikes;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Plane;

/**
 * The way of a boat over ground. What she tows follows it, at first order: a lure so many metres astern lies that far back
 * along the way, and to the side of its holder.
 */
public final class Track {
    /** Names how places were found, for those who find them better later. */
    public static final String METHOD = "track-1";
    /** Two fixes farther apart than this say nothing of the way between. */
    public static final Duration LONGEST_GAP = Duration.ofMinutes(2);

    private static final double EARTH_M = 6_371_008.8;

    /** Degrees north and east. */
    public record Fix(Instant at, double latitudeDeg, double longitudeDeg) {}

    /** Degrees north and east. */
    public record Spot(double latitudeDeg, double longitudeDeg) {}

    private final List<Fix> fixes;

    private Track(List<Fix> fixes) {
        this.fixes = fixes;
    }

    /** In any order. */
    public static Track of(Collection<Fix> fixes) {
        return new Track(fixes.stream().sorted(Comparator.comparing(Fix::at)).toList());
    }

    /**
     * Where something towed was.
     *
     * @param asternM    along the way; {@code starboardM} from it
     * @return empty while the fixes about it are not in: one after the moment and an unbroken way back as far as it lies
     */
    public Optional<Spot> behind(Instant moment, double asternM, double starboardM) {
        int after = 0;
        while (after < fixes.size() && fixes.get(after).at().isBefore(moment)) {
            after++;
        }
        if (after == 0 || after == fixes.size()) {
            return Optional.empty();
        }
        if (isBroken(after)) {
            return Optional.empty();
        }
        Fix here = between(fixes.get(after - 1), fixes.get(after), moment);
        double left = asternM;
        for (int i = after - 1; i >= 0; i--) {
            Fix before = fixes.get(i);
            double metres = metres(before, here);
            if (metres >= left && metres > 0) {
                return Optional.of(aside(before, here, left / metres, starboardM));
            }
            left -= metres;
            here = before;
            if (i > 0 && isBroken(i)) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private boolean isBroken(int after) {
        return Duration.between(fixes.get(after - 1).at(), fixes.get(after).at())
                        .compareTo(LONGEST_GAP)
                > 0;
    }

    private static Fix between(Fix first, Fix second, Instant moment) {
        double span = Duration.between(first.at(), second.at()).toNanos();
        double part = span == 0 ? 0 : Duration.between(first.at(), moment).toNanos() / span;
        return new Fix(
                moment,
                first.latitudeDeg() + part * (second.latitudeDeg() - first.latitudeDeg()),
                first.longitudeDeg() + part * east(first, second));
    }

    /** Degrees east from one to the other, the short way round. */
    private static double east(Fix from, Fix to) {
        return Math.IEEEremainder(to.longitudeDeg() - from.longitudeDeg(), 360);
    }

    private static double northM(Fix from, Fix to) {
        return Math.toRadians(to.latitudeDeg() - from.latitudeDeg()) * EARTH_M;
    }

    private static double eastM(Fix from, Fix to) {
        return Math.toRadians(east(from, to)) * EARTH_M * Math.cos(Math.toRadians(from.latitudeDeg()));
    }

    private static double metres(Fix from, Fix to) {
        return Plane.hypot(northM(from, to), eastM(from, to));
    }

    /** A part of the way back from {@code to} towards {@code from}, and to starboard of that way. */
    private static Spot aside(Fix from, Fix to, double part, double starboardM) {
        double north = northM(from, to);
        double east = eastM(from, to);
        double length = Plane.hypot(north, east);
        double northOf = -part * north - starboardM * east / length;
        double eastOf = -part * east + starboardM * north / length;
        double latitude = to.latitudeDeg() + Math.toDegrees(northOf / EARTH_M);
        double longitude =
                to.longitudeDeg() + Math.toDegrees(eastOf / (EARTH_M * Math.cos(Math.toRadians(to.latitudeDeg()))));
        return new Spot(latitude, Math.IEEEremainder(longitude, 360));
    }
}
