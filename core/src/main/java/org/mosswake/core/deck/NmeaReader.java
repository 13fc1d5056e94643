package org.mosswake.core.deck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mosswake.core.deck.Sentence0183.NotOne;
import org.mosswake.core.units.SpeedUnit;

/** Reads what NMEA 0183 sentences tell, from any talker. No line, whatever is in it, throws. */
public final class NmeaReader {
    private static final double KNOT = SpeedUnit.KNOT.toSi(1);
    private static final double KMH = 1 / 3.6;

    /** Sentences that tell of other boats. */
    private static final Set<String> OTHERS = Set.of("VDM", "TTM");

    private NmeaReader() {}

    /** @param line without its end */
    public static Heard read(String line) {
        List<Reading> told;
        try {
            Sentence0183 said = Sentence0183.of(line);
            if (OTHERS.contains(said.type())) {
                Optional<Contact> contact = Contacts.read(said);
                return contact.isPresent()
                        ? new Heard(List.of(), contact, Optional.empty())
                        : Heard.of(Heard.Wrong.NOTHING_SAID);
            }
            told = readings(said);
        } catch (NotOne e) {
            return Heard.of(e.wrong);
        }
        if (told.isEmpty()) {
            return Heard.of(Heard.Wrong.NOTHING_SAID);
        }
        List<Reading> possible = told.stream().filter(Reading::isPossible).toList();
        return new Heard(
                possible,
                Optional.empty(),
                possible.isEmpty() ? Optional.of(Heard.Wrong.IMPOSSIBLE) : Optional.empty());
    }

    private static List<Reading> readings(Sentence0183 said) throws NotOne {
        var told = new ArrayList<Reading>();
        switch (said.type()) {
            // A: the receiver stands by it.
            case "RMC" -> {
                if (said.says(1, "A")) {
                    position(told, said, 2);
                    ground(told, said.number(6), said.number(7));
                }
            }
            case "GGA" -> {
                if (said.number(5).filter(quality -> quality > 0).isPresent()) {
                    position(told, said, 1);
                }
            }
            case "GLL" -> {
                if (!said.says(5, "V")) {
                    position(told, said, 0);
                }
            }
            case "VTG" -> ground(told, said.number(4), said.number(0));
            case "VHW" -> {
                one(told, Gauge.WATER_SPEED, said.number(4).map(knots -> KNOT * knots));
                one(told, Gauge.HEADING, said.number(0));
            }
            case "HDT" -> one(told, Gauge.HEADING, said.number(0));
            case "HDG" -> one(told, Gauge.HEADING, trueHeading(said));
            case "DPT" -> depth(told, said);
            case "DBT" -> one(told, Gauge.DEPTH, said.number(2));
            case "MTW" -> one(told, Gauge.WATER_TEMPERATURE, said.number(0));
            case "MWV" -> wind(told, said);
            default -> throw new NotOne(Heard.Wrong.NOT_USED);
        }
        return told;
    }

    private static void one(List<Reading> told, Gauge gauge, Optional<Double> value) {
        value.ifPresent(si -> told.add(Reading.of(gauge, si)));
    }

    private static void position(List<Reading> told, Sentence0183 said, int field) throws NotOne {
        Optional<Double> latitude = said.degrees(field, "N", "S");
        Optional<Double> longitude = said.degrees(field + 2, "E", "W");
        if (latitude.isPresent() && longitude.isPresent()) {
            told.add(Reading.of(Gauge.POSITION, latitude.get(), longitude.get()));
        }
    }

    /** At rest a receiver knows no course. */
    private static void ground(List<Reading> told, Optional<Double> knots, Optional<Double> course) {
        knots.ifPresent(speed -> told.add(new Reading(Gauge.GROUND, KNOT * speed, course)));
    }

    /** Without its variation a compass tells no true heading. */
    private static Optional<Double> trueHeading(Sentence0183 said) throws NotOne {
        Optional<Double> heading = said.number(0);
        Optional<Double> variation = said.number(3);
        if (heading.isEmpty() || variation.isEmpty()) {
            return Optional.empty();
        }
        double deviation = east(said, said.number(1), 2);
        return Optional.of((((heading.get() + deviation + east(said, variation, 4)) % 360) + 360) % 360);
    }

    private static double east(Sentence0183 said, Optional<Double> degrees, int side) {
        return degrees.map(size -> said.says(side, "W") ? -size : size).orElse(0.0);
    }

    /** A positive offset is from transducer to surface; a negative one, to the keel, says nothing of the surface. */
    private static void depth(List<Reading> told, Sentence0183 said) throws NotOne {
        double offset = said.number(1).orElse(0.0);
        one(told, Gauge.DEPTH, said.number(0).map(depth -> depth + Math.max(0, offset)));
    }

    /** As felt aboard: relative to the bow. */
    private static void wind(List<Reading> told, Sentence0183 said) throws NotOne {
        Optional<Double> angle = said.number(0);
        Optional<Double> speed = said.number(2);
        if (!said.says(1, "R") || said.says(4, "V") || angle.isEmpty() || speed.isEmpty()) {
            return;
        }
        double unit = switch (said.text(3).orElse("")) {
            case "N" -> KNOT;
            case "K" -> KMH;
            case "M" -> 1;
            default -> throw new NotOne(Heard.Wrong.UNREADABLE);
        };
        told.add(Reading.of(Gauge.WIND, unit * speed.get(), angle.get()));
    }
}
