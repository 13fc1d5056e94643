package org.mosswake.core.deck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.sf.marineapi.nmea.parser.DataNotAvailableException;
import net.sf.marineapi.nmea.parser.ParseException;
import net.sf.marineapi.nmea.parser.SentenceFactory;
import net.sf.marineapi.nmea.sentence.DBTSentence;
import net.sf.marineapi.nmea.sentence.DPTSentence;
import net.sf.marineapi.nmea.sentence.GGASentence;
import net.sf.marineapi.nmea.sentence.GLLSentence;
import net.sf.marineapi.nmea.sentence.HDGSentence;
import net.sf.marineapi.nmea.sentence.HDTSentence;
import net.sf.marineapi.nmea.sentence.MTWSentence;
import net.sf.marineapi.nmea.sentence.MWVSentence;
import net.sf.marineapi.nmea.sentence.RMCSentence;
import net.sf.marineapi.nmea.sentence.Sentence;
import net.sf.marineapi.nmea.sentence.SentenceValidator;
import net.sf.marineapi.nmea.sentence.VHWSentence;
import net.sf.marineapi.nmea.sentence.VTGSentence;
import net.sf.marineapi.nmea.util.DataStatus;
import net.sf.marineapi.nmea.util.GpsFixQuality;
import net.sf.marineapi.nmea.util.Position;
import net.sf.marineapi.nmea.util.Units;
import org.mosswake.core.units.SpeedUnit;

/**
 * Reads NMEA 0183, from any talker. The sentences are taken apart by a library whose faults end here: no line, whatever
 * is in it, throws.
 */
public final class NmeaReader {
    /** Of the standard, with room for the long ones some instruments send. */
    private static final int LONGEST = 164;

    private static final double KNOT = SpeedUnit.KNOT.toSi(1);
    private static final double KMH = 1 / 3.6;

    private NmeaReader() {}

    /** @param line without its end */
    public static Heard read(String line) {
        String text = line.strip();
        int start = Math.max(text.indexOf('$'), text.indexOf('!'));
        if (start < 0 || text.length() - start > LONGEST) {
            return Heard.of(Heard.Wrong.NO_SENTENCE);
        }
        text = text.substring(start);
        try {
            if (!SentenceValidator.isSentence(text)) {
                return Heard.of(Heard.Wrong.NO_SENTENCE);
            }
            if (!SentenceValidator.isValid(text)) {
                return Heard.of(Heard.Wrong.CHECKSUM);
            }
            if (!USED.contains(text.substring(3, 6))) {
                return Heard.of(Heard.Wrong.NOT_USED);
            }
            return heard(
                    readings(text.substring(3, 6), SentenceFactory.getInstance().createParser(text)));
        } catch (ParseException e) {
            return Heard.of(Heard.Wrong.UNREADABLE);
        } catch (DataNotAvailableException e) {
            return Heard.of(Heard.Wrong.NOTHING_SAID);
        } catch (RuntimeException e) {
            return Heard.of(Heard.Wrong.UNREADABLE);
        }
    }

    private static final List<String> USED =
            List.of("RMC", "GGA", "GLL", "VTG", "VHW", "HDT", "HDG", "DPT", "DBT", "MTW", "MWV");

    private static Heard heard(List<Reading> told) {
        if (told.isEmpty()) {
            return Heard.of(Heard.Wrong.NOTHING_SAID);
        }
        List<Reading> possible = told.stream().filter(Reading::isPossible).toList();
        return new Heard(possible, possible.isEmpty() ? Optional.of(Heard.Wrong.IMPOSSIBLE) : Optional.empty());
    }

    private static List<Reading> readings(String id, Sentence sentence) {
        var told = new ArrayList<Reading>();
        switch (id) {
            case "RMC" -> {
                var rmc = (RMCSentence) sentence;
                if (rmc.getStatus() == DataStatus.ACTIVE) {
                    position(told, rmc.getPosition());
                    ifSaid(() -> told.add(ground(rmc.getSpeed(), rmc::getCourse)));
                }
            }
            case "GGA" -> {
                var gga = (GGASentence) sentence;
                if (gga.getFixQuality() != GpsFixQuality.INVALID) {
                    position(told, gga.getPosition());
                }
            }
            case "GLL" -> {
                var gll = (GLLSentence) sentence;
                if (gll.getStatus() == DataStatus.ACTIVE) {
                    position(told, gll.getPosition());
                }
            }
            case "VTG" -> {
                var vtg = (VTGSentence) sentence;
                told.add(ground(vtg.getSpeedKnots(), vtg::getTrueCourse));
            }
            case "VHW" -> {
                var vhw = (VHWSentence) sentence;
                ifSaid(() -> told.add(Reading.of(Gauge.WATER_SPEED, KNOT * vhw.getSpeedKnots())));
                ifSaid(() -> told.add(Reading.of(Gauge.HEADING, vhw.getHeading())));
            }
            case "HDT" -> told.add(Reading.of(Gauge.HEADING, ((HDTSentence) sentence).getHeading()));
            case "HDG" -> {
                // Without its variation a compass tells no true heading.
                var hdg = (HDGSentence) sentence;
                told.add(Reading.of(Gauge.HEADING, round(hdg.getHeading() + hdg.getVariation())));
            }
            case "DPT" -> told.add(Reading.of(Gauge.DEPTH, fromSurface((DPTSentence) sentence)));
            case "DBT" -> told.add(Reading.of(Gauge.DEPTH, ((DBTSentence) sentence).getDepth()));
            case "MTW" -> told.add(Reading.of(Gauge.WATER_TEMPERATURE, ((MTWSentence) sentence).getTemperature()));
            case "MWV" -> {
                var mwv = (MWVSentence) sentence;
                if (mwv.getStatus() == DataStatus.ACTIVE && !mwv.isTrue()) {
                    told.add(Reading.of(Gauge.WIND, mwv.getSpeed() * metres(mwv.getSpeedUnit()), mwv.getAngle()));
                }
            }
            default -> throw new IllegalArgumentException(id);
        }
        return told;
    }

    /** At rest a receiver knows no course. */
    private static Reading ground(double knots, Told course) {
        Optional<Double> said;
        try {
            said = Optional.of(course.get());
        } catch (DataNotAvailableException e) {
            said = Optional.empty();
        }
        return new Reading(Gauge.GROUND, KNOT * knots, said);
    }

    private static void position(List<Reading> told, Position at) {
        told.add(Reading.of(Gauge.POSITION, at.getLatitude(), at.getLongitude()));
    }

    /** A positive offset is from transducer to surface; a negative one, to the keel, says nothing of the surface. */
    private static double fromSurface(DPTSentence dpt) {
        double offset = 0;
        try {
            offset = dpt.getOffset();
        } catch (DataNotAvailableException e) {
            offset = 0;
        }
        return dpt.getDepth() + Math.max(0, offset);
    }

    private interface Told {
        double get();
    }

    private static void ifSaid(Runnable read) {
        try {
            read.run();
        } catch (DataNotAvailableException e) {
            // One field of several is empty; the others count.
        }
    }

    private static double round(double degrees) {
        return ((degrees % 360) + 360) % 360;
    }

    /** m/s for one of it: the letters of speeds are those of lengths. */
    private static double metres(Units unit) {
        return switch (unit) {
            case NAUTICAL_MILES -> KNOT;
            case KILOMETERS -> KMH;
            case METER -> 1;
            default -> throw new IllegalArgumentException("no speed: " + unit);
        };
    }
}
