package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.sim.AisWriter;

class ContactsTest {
    private static Contact read(String line) {
        Heard heard = NmeaReader.read(line);
        assertThat(heard.wrong()).isEmpty();
        assertThat(heard.readings()).isEmpty();
        return heard.contact().orElseThrow();
    }

    /** Bits worked out by hand from the recommendation: type 1, 5.0 kn towards 90.0°, 27° 36' N 47° 18' W. */
    @Test
    void aShipsPlaceAndWayAreRead() {
        String bits = "000001" + "00" + bits(235_000_001, 30) + "0000" + bits(0, 8) + bits(50, 10) + "1"
                + bits((1 << 28) - 28_380_000, 28) + bits(16_560_000, 27) + bits(900, 12) + bits(90, 9) + bits(0, 31);
        var payload = new StringBuilder();
        for (int i = 0; i + 6 <= bits.length(); i += 6) {
            int six = Integer.parseInt(bits.substring(i, i + 6), 2);
            payload.append((char) (six < 40 ? six + 48 : six + 56));
        }
        Contact contact = read(NmeaReaderTest.sentence("!AIVDM,1,1,,A," + payload + ",0"));
        assertThat(contact.id()).isEqualTo("AIS 235000001");
        assertThat(contact.place().orElseThrow().latitudeDeg()).isCloseTo(27.6, within(1e-6));
        assertThat(contact.place().orElseThrow().longitudeDeg()).isCloseTo(-47.3, within(1e-6));
        assertThat(contact.mps().orElseThrow()).isCloseTo(2.5722, within(1e-3));
        assertThat(contact.courseDeg()).contains(90.0);
    }

    private static String bits(long value, int bits) {
        String text = Long.toBinaryString(value);
        return "0".repeat(bits - text.length()) + text;
    }

    @Test
    void aSmallBoatIsReadAsItIsWritten() {
        var random = new Random(5);
        for (int i = 0; i < 500; i++) {
            double latitude = 170 * random.nextDouble() - 85;
            double longitude = 360 * random.nextDouble() - 180;
            Contact contact = read(AisWriter.place(800_000_000 + i, latitude, longitude, 0.1 * i, 0.7 * i));
            assertThat(contact.place().orElseThrow().latitudeDeg()).isCloseTo(latitude, within(2e-6));
            assertThat(contact.place().orElseThrow().longitudeDeg()).isCloseTo(longitude, within(2e-6));
            assertThat(contact.mps().orElseThrow()).isCloseTo(0.1 * i, within(0.03));
            assertThat(contact.courseDeg().orElseThrow()).isCloseTo(0.7 * i, within(0.06));
        }
    }

    @Test
    void whatARadarFollowsIsReadFromTheBoat() {
        Contact contact = read(NmeaReaderTest.sentence("$RATTM,07,0.50,312.0,T,12.0,085.0,T,0.1,4.0,N,,T,,,A"));
        assertThat(contact.id()).isEqualTo("Target 07");
        assertThat(contact.from()).contains(new Contact.From(926, 312, false));
        assertThat(contact.mps().orElseThrow()).isCloseTo(6.1733, within(1e-3));
        Contact metric = read(NmeaReaderTest.sentence("$RATTM,07,0.50,12.0,R,36.0,085.0,T,,,K,Flock,T,,,A"));
        assertThat(metric.from()).contains(new Contact.From(500, 12, true));
        assertThat(metric.mps().orElseThrow()).isCloseTo(10, within(1e-9));
        assertThat(metric.name()).contains("Flock");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "$RATTM,07,0.50,312.0,T,12.0,085.0,T,0.1,4.0,N,,L,,,A",
                "$RATTM,07,,,T,12.0,085.0,T,0.1,4.0,N,,T,,,A",
                "!AIVDM,2,1,3,B,55P5TL01VIaAL@7WKO@mBplU@<PDhh000000001S;AJ::4A80?4i@E53,0",
                "!AIVDM,1,1,,A,1,0",
                "!AIVDM,1,1,,A,,0",
            })
    void whatSaysNoPlaceIsPassedOver(String body) {
        Heard heard = NmeaReader.read(NmeaReaderTest.sentence(body));
        assertThat(heard.contact()).isEmpty();
        assertThat(heard.wrong()).contains(Heard.Wrong.NOTHING_SAID);
    }

    @Test
    void aTargetAtNoDistanceThatCanBeIsRefused() {
        assertThat(NmeaReader.read(NmeaReaderTest.sentence("$RATTM,07,5000,312.0,T,,,,,,N,,T,,,A"))
                        .wrong())
                .contains(Heard.Wrong.IMPOSSIBLE);
        assertThat(NmeaReader.read(NmeaReaderTest.sentence("$RATTM,07,1,312.0,T,,,,,,Q,,T,,,A"))
                        .wrong())
                .contains(Heard.Wrong.UNREADABLE);
    }
}
