package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NmeaReaderTest {
    static String sentence(String body) {
        int sum = body.substring(1).chars().reduce(0, (a, b) -> a ^ b);
        return "%s*%02X".formatted(body, sum);
    }

    /** Worked by hand from the standard: degrees and minutes to degrees, knots to m/s. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "$GPRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,|POSITION|27.608333|-47.303333",
                "$GNRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,|GROUND|3.858333|36",
                "$IIGGA,081836,4324.000,S,03854.000,E,1,08,0.9,5.4,M,46.9,M,,|POSITION|-43.4|38.9",
                "$GPGLL,4324.000,N,03854.000,W,081836,A|POSITION|43.4|-38.9",
                "$IIVTG,036.0,T,040.0,M,008.3,N,015.4,K|GROUND|4.269889|36",
                "$VWVHW,034.0,T,038.0,M,07.5,N,13.9,K|WATER_SPEED|3.858333|",
                "$VWVHW,034.0,T,038.0,M,07.5,N,13.9,K|HEADING|34|",
                "$HEHDT,274.1,T|HEADING|274.1|",
                "$HCHDG,358.0,,,5.0,E|HEADING|3|",
                "$SDDPT,127.2,0.8|DEPTH|128|",
                "$SDDPT,127.2,-0.5|DEPTH|127.2|",
                "$SDDBT,,f,22.5,M,12.3,F|DEPTH|22.5|",
                "$YXMTW,24.6,C|WATER_TEMPERATURE|24.6|",
                "$WIMWV,214.8,R,10.0,N,A|WIND|5.144444|214.8",
            })
    void readsWhatInstrumentsSay(String body, Gauge gauge, double value, Double second) {
        Heard heard = NmeaReader.read(sentence(body));
        assertThat(heard.wrong()).isEmpty();
        Reading reading = heard.readings().stream()
                .filter(one -> one.gauge() == gauge)
                .findFirst()
                .orElseThrow();
        assertThat(reading.value()).isCloseTo(value, within(1e-5));
        assertThat(reading.second().isPresent()).isEqualTo(second != null);
        reading.second().ifPresent(other -> assertThat(other).isCloseTo(second, within(1e-5)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|NO_SENTENCE",
                "hello|NO_SENTENCE",
                "$GPRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,*00|CHECKSUM",
                "$GPZDA,081836,13,06,2026,00,00|NOT_USED",
                "$SDDPT,,|NOTHING_SAID",
                "$GPRMC,081836,V,,,,,,,130626,,|NOTHING_SAID",
                "$SDDPT,deep,0.8|UNREADABLE",
                "$YXMTW,246.0,C|IMPOSSIBLE",
            })
    void saysWhyALineTellsNothing(String line, Heard.Wrong wrong) {
        String sent = line.startsWith("$") && !line.contains("*") ? sentence(line) : line;
        assertThat(NmeaReader.read(sent).wrong()).contains(wrong);
        assertThat(NmeaReader.read(sent).readings()).isEmpty();
    }

    /** A wire that is half pulled out: every good line among the broken ones is read, and none throws. */
    @Test
    void aMillionMutatedLinesHarmNothing() {
        var random = new Random(14);
        List<String> good = List.of(
                sentence("$SDDPT,127.2,0.8"),
                sentence("$YXMTW,24.6,C"),
                sentence("$HEHDT,274.1,T"),
                sentence("$GPRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,"),
                sentence("$WIMWV,214.8,R,10.0,N,A"));
        int read = 0;
        int sent = 0;
        for (int i = 0; i < 1_000_000; i++) {
            String line = good.get(random.nextInt(good.size()));
            if (i % 20 == 0) {
                sent++;
                read += NmeaReader.read(line).readings().isEmpty() ? 0 : 1;
            } else {
                assertThat(NmeaReader.read(mutated(line, random))).isNotNull();
            }
        }
        assertThat(read).isEqualTo(sent);
    }

    private static String mutated(String line, Random random) {
        var text = new StringBuilder(line);
        for (int i = random.nextInt(4); i >= 0 && !text.isEmpty(); i--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.setCharAt(at, (char) random.nextInt(0x180));
                case 1 -> text.deleteCharAt(at);
                case 2 -> text.insert(at, (char) random.nextInt(0x80));
                default -> text.setLength(at);
            }
        }
        return text.toString();
    }
}
