package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.shredzone.commons.suncalc.SunTimes;
import org.shredzone.commons.suncalc.SunTimes.Twilight;

/**
 * The light that belongs to a date: what lies within twelve hours of the noon next to the middle of the local day. It is
 * a stretch of the time line and asks nothing of midnight: on a clock far from the sun's it runs from one local day into
 * the next. Near the poles it may be the whole of its day, or none.
 *
 * @param noon     the sun at its highest
 * @param nautical over 12° under the horizon: shapes can be told apart
 * @param civil    over 6° under it
 * @param visual   upper limb over the horizon, with mean refraction
 */
public record SunDay(Instant noon, Above nautical, Above civil, Above visual) {
    private static final Duration HALF_DAY = Duration.ofHours(12);
    private static final Duration DAY = Duration.ofHours(24);
    /** Noons lie up to half a minute more or less than a day apart. */
    private static final Duration DRIFT = Duration.ofMinutes(2);
    /** Drawn before the light comes and after it goes. */
    private static final Duration BESIDE_DRAWN = Duration.ofMinutes(30);

    /**
     * When the sun stands over a height, within half a day of noon.
     *
     * @param rises  past it; empty where it was over it all morning, or never is
     * @param sets   past it; likewise
     * @param atNoon it is over it at noon
     */
    public record Above(Optional<Instant> rises, Optional<Instant> sets, boolean atNoon) {}

    /** What the light is like. */
    public enum Light {
        NIGHT,
        TWILIGHT,
        DAY
    }

    /** A stretch of the same light. */
    public record Band(Light light, Span span) {}

    /**
     * By the series of Montenbruck and Pfleger in commons-suncalc; good to about a minute.
     *
     * @param latitude  degrees north
     * @param longitude degrees east
     */
    public static SunDay of(LocalDate day, ZoneId zone, double latitude, double longitude) {
        Instant middle = day.atTime(LocalTime.NOON).atZone(zone).toInstant();
        Instant noon = noon(middle, latitude, longitude);
        return new SunDay(
                noon,
                above(noon, latitude, longitude, Twilight.NAUTICAL),
                above(noon, latitude, longitude, Twilight.CIVIL),
                above(noon, latitude, longitude, Twilight.VISUAL));
    }

    private static Instant noon(Instant middle, double latitude, double longitude) {
        Instant from = middle.minus(HALF_DAY);
        SunTimes times = times(from, DAY.plus(DRIFT), latitude, longitude, Twilight.VISUAL);
        // At a pole the sun has no highest point in a day: the mean sun's noon does as well.
        return Optional.ofNullable(times.getNoon())
                .map(at -> at.toInstant())
                .orElseGet(() -> meanNoon(from, longitude))
                .truncatedTo(ChronoUnit.SECONDS);
    }

    private static Instant meanNoon(Instant from, double longitude) {
        long seconds = Math.round(Duration.ofHours(12).toSeconds() - longitude * 240);
        return from.plusSeconds(
                Math.floorMod(seconds - Math.floorMod(from.getEpochSecond(), DAY.toSeconds()), DAY.toSeconds()));
    }

    private static Above above(Instant noon, double latitude, double longitude, Twilight height) {
        SunTimes morning = times(noon.minus(HALF_DAY), HALF_DAY, latitude, longitude, height);
        SunTimes evening = times(noon, HALF_DAY, latitude, longitude, height);
        var rises = Optional.ofNullable(morning.getRise()).map(at -> at.toInstant());
        var sets = Optional.ofNullable(evening.getSet()).map(at -> at.toInstant());
        boolean atNoon = rises.isPresent() || sets.isPresent() || evening.isAlwaysUp();
        return new Above(rises, sets, atNoon);
    }

    private static SunTimes times(Instant from, Duration over, double latitude, double longitude, Twilight height) {
        return SunTimes.compute()
                .on(from.atZone(ZoneOffset.UTC))
                .limit(over)
                .at(latitude, longitude)
                .twilight(height)
                .execute();
    }

    public Optional<Instant> firstLight() {
        return nautical.rises();
    }

    public Optional<Instant> dawn() {
        return civil.rises();
    }

    public Optional<Instant> rise() {
        return visual.rises();
    }

    public Optional<Instant> set() {
        return visual.sets();
    }

    public Optional<Instant> dusk() {
        return civil.sets();
    }

    public Optional<Instant> lastLight() {
        return nautical.sets();
    }

    /** All that belongs to this date: a whole day around noon. */
    public Span whole() {
        return new Span(noon.minus(HALF_DAY), noon.plus(HALF_DAY));
    }

    /** While shapes can be told apart; empty in the polar night. */
    public Optional<Span> light() {
        return span(nautical);
    }

    /** While the sun is up; empty where it does not rise, all of {@link #whole} where it does not set. */
    public Optional<Span> up() {
        return span(visual);
    }

    private Optional<Span> span(Above above) {
        return above.atNoon()
                ? Optional.of(new Span(
                        above.rises().orElse(whole().from()), above.sets().orElse(whole().to())))
                : Optional.empty();
    }

    /** The same hour of this day, for a moment of another. */
    public Instant onThisDay(Instant at) {
        long off = Duration.between(whole().from(), at).toSeconds();
        return whole().from().plusSeconds(Math.floorMod(off, DAY.toSeconds()));
    }

    public Light lightAt(Instant at) {
        Instant here = onThisDay(at);
        if (up().filter(span -> span.holds(here)).isPresent()) {
            return Light.DAY;
        }
        return light().filter(span -> span.holds(here)).isPresent() ? Light.TWILIGHT : Light.NIGHT;
    }

    /** What a drawing of the day shows, in whole hours: from before first light to after dark. */
    public Span drawn() {
        Span shown =
                light().map(light -> light.with(BESIDE_DRAWN).within(whole())).orElseGet(this::whole);
        Instant from = shown.from().truncatedTo(ChronoUnit.HOURS);
        Instant to = shown.to().truncatedTo(ChronoUnit.HOURS);
        return new Span(from, to.equals(shown.to()) ? to : to.plus(1, ChronoUnit.HOURS));
    }

    /** The light over a span, in order and without a gap. */
    public List<Band> bands(Span over) {
        var turns = new ArrayList<Instant>();
        turns.add(over.from());
        for (Optional<Instant> turn : List.of(firstLight(), rise(), set(), lastLight())) {
            turn.filter(at -> at.isAfter(over.from()) && at.isBefore(over.to())).ifPresent(turns::add);
        }
        turns.add(over.to());
        var bands = new ArrayList<Band>();
        for (int i = 1; i < turns.size(); i++) {
            if (turns.get(i - 1).isBefore(turns.get(i))) {
                Instant middle = turns.get(i - 1)
                        .plus(Duration.between(turns.get(i - 1), turns.get(i)).dividedBy(2));
                bands.add(new Band(lightAt(middle), new Span(turns.get(i - 1), turns.get(i))));
            }
        }
        return bands;
    }
}
