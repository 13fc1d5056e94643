package org.mosswake.server.water.read;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mosswake.core.water.Grid.Kind;

/** What files and columns are called: which quantity they hold, and of when it is. */
final class Naming {
    private static final Pattern DAY = Pattern.compile(
            "(20\\d\\d)[-_.]?(0[1-9]|1[0-2])[-_.]?([0-3]\\d)(?:[T_ -]?([01]\\d|2[0-3])[:h]?([0-5]\\d)?)?");

    private Naming() {}

    static Optional<Kind> kind(String name) {
        String text = name.toLowerCase(Locale.ROOT);
        if (text.matches(".*(sst|temp|thetao|\\bto\\b).*")) {
            return Optional.of(Kind.TEMPERATURE);
        }
        if (text.matches(".*(chl|colou?r).*")) {
            return Optional.of(Kind.COLOUR);
        }
        if (text.matches(".*(depth|bathy|elevation|topo|bottom).*")) {
            return Optional.of(Kind.DEPTH);
        }
        if (text.matches(".*(ssh|sla|adt|zos|height|altim).*")) {
            return Optional.of(Kind.HEIGHT);
        }
        if (text.matches("(.*[^a-z])?(u|uo|ugos|water_u|east\\w*)([^a-z].*)?") || text.contains("current_east")) {
            return Optional.of(Kind.CURRENT_EAST);
        }
        if (text.matches("(.*[^a-z])?(v|vo|vgos|water_v|north\\w*)([^a-z].*)?") || text.contains("current_north")) {
            return Optional.of(Kind.CURRENT_NORTH);
        }
        return Optional.empty();
    }

    /** A date, with an hour where there is one; noon else. UTC. */
    static Optional<Instant> moment(String name) {
        Matcher day = DAY.matcher(name);
        try {
            return day.find()
                    ? Optional.of(LocalDate.of(number(day, 1), number(day, 2), number(day, 3))
                            .atTime(
                                    day.group(4) == null ? 12 : number(day, 4),
                                    day.group(5) == null ? 0 : number(day, 5))
                            .toInstant(ZoneOffset.UTC))
                    : Optional.empty();
        } catch (DateTimeException noDay) {
            return Optional.empty();
        }
    }

    private static int number(Matcher of, int group) {
        return Integer.parseInt(of.group(group));
    }
}
