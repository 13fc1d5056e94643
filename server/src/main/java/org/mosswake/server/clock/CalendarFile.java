package org.mosswake.server.clock;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.mosswake.core.clock.Step;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** Steps of a day as an iCalendar file (RFC 5545). Figures are in metres, knots and °C: a file has no reader's units. */
public final class CalendarFile {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private CalendarFile() {}

    public static String of(List<Step> steps, ZoneId zone) {
        var calendar = new Calendar();
        calendar.add(new ProdId("-//Moss Wake//Day plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Step step : steps) {
            calendar.add(event(step, zone));
        }
        return calendar.toString();
    }

    private static VEvent event(Step step, ZoneId zone) {
        String title = oneLine(step.title());
        var event = step.takes().isZero() ? new VEvent(step.at(), title) : new VEvent(step.at(), step.ends(), title);
        // The same step gets the same id: a second import replaces the first.
        event.add(new Uid(UUID.nameUUIDFromBytes(
                        (step.kind() + " " + step.at() + " " + step.title()).getBytes(StandardCharsets.UTF_8))
                + "@moss-wake"));
        event.add(new Description(oneLine(words(step.because(), zone))));
        return event;
    }

    /** A name may hold a line end or worse; the file format knows none but its own. */
    private static String oneLine(String text) {
        return text.replaceAll("\\p{Cntrl}+", " ");
    }

    public static String words(Sentence sentence, ZoneId zone) {
        String text = sentence.text();
        for (int i = 0; i < sentence.figures().size(); i++) {
            text = text.replace("{" + i + "}", words(sentence.figures().get(i), zone));
        }
        return text;
    }

    private static String words(Figure figure, ZoneId zone) {
        double si = figure.si();
        return switch (figure.kind()) {
            case DISTANCE -> number(si, 1) + " m";
            case SMALL -> number(100 * si, 0) + " cm";
            case SPEED -> number(SpeedUnit.KNOT.fromSi(si), 1) + " kn";
            case MASS -> number(si, 2) + " kg";
            case PULL -> number(ForceUnit.KILOGRAM_FORCE.fromSi(si), 1) + " kg";
            case TEMPERATURE -> number(si, 1) + " °C";
            case TEMPERATURE_STEP -> number(si, 1) + " °C";
            case MILES -> number(si / 1852, 1) + " nm";
            case AREA -> number(si, 2) + " m²";
            case ANGLE -> number(Math.toDegrees(si), 0) + "°";
            case COUNT -> number(si, si == Math.rint(si) ? 0 : 1);
            case SHARE -> number(100 * si, 0) + " %";
            case DURATION -> number(si / 60, 0) + " min";
            case CLOCK -> CLOCK.format(Instant.ofEpochSecond(Math.round(si)).atZone(zone));
        };
    }

    private static String number(double value, int digits) {
        return String.format(Locale.ROOT, "%." + digits + "f", value).replaceFirst("\\.0$", "");
    }
}
