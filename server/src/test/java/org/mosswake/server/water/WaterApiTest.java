package org.mosswake.server.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class WaterApiTest {
    private static final String AT = "&at=2026-06-18T08:00:00Z&day=2026-06-18";

    private static Api.Answer drop(Api api, String boat, String query, byte[] file) {
        return api.postBytes(boat + "/water?" + query, "application/octet-stream", file);
    }

    private static void isTheSea(Api api, String boat, JsonNode grid) {
        assertThat(grid.get("kind").asString()).isEqualTo("TEMPERATURE");
        assertThat(grid.get("rows").asInt()).isEqualTo(SomeGrids.ROWS);
        assertThat(grid.get("southDeg").asDouble()).isCloseTo(27, within(1e-9));
        assertThat(grid.get("westDeg").asDouble()).isCloseTo(-48, within(1e-9));
        ByteBuffer cells = ByteBuffer.wrap(
                        api.getBytes(boat + "/water/" + grid.get("gridId").asString() + "/cells"))
                .order(ByteOrder.LITTLE_ENDIAN);
        for (int row = 0; row < SomeGrids.ROWS; row++) {
            for (int column = 0; column < SomeGrids.COLUMNS; column++) {
                float expected = SomeGrids.value(row, column);
                float is = cells.getFloat();
                assertThat(Float.isNaN(is))
                        .as("row %d, column %d: %s", row, column, is)
                        .isEqualTo(Float.isNaN(expected));
                if (!Float.isNaN(expected)) {
                    assertThat(is).isCloseTo(expected, within(0.006f));
                }
            }
        }
    }

    /** One sea in five formats: the same cells, from the south-west, gaps as gaps. */
    @Test
    void everyOpenFormatIsTheSameSea(Api api) throws Exception {
        String boat = api.newBoat();
        byte[][] files = {
            SomeGrids.ascii(), SomeGrids.points(), SomeGrids.classic(), SomeGrids.hdf5(), SomeGrids.geoTiff()
        };
        String[] names = {"sst_2026-06-14.asc", "grid 20260615T06.csv", "x.nc", "y_20260616.nc", "sst_2026-06-13.tif"};
        String[] at = {
            "2026-06-14T12:00:00Z",
            "2026-06-15T06:00:00Z",
            "2026-06-17T22:00:00Z",
            "2026-06-16T12:00:00Z",
            "2026-06-13T12:00:00Z"
        };
        for (int i = 0; i < files.length; i++) {
            Api.Answer taken = drop(api, boat, "name=" + names[i].replace(" ", "%20"), files[i]);
            assertThat(taken.status()).as(names[i] + taken.text()).isEqualTo(200);
            assertThat(taken.json()).hasSize(1);
            assertThat(taken.json().get(0).get("at").asString()).isEqualTo(at[i]);
            isTheSea(api, boat, taken.json().get(0));
            assertThat(drop(api, boat, "name=again&kind=TEMPERATURE&at=" + at[i], files[i])
                            .status())
                    .isEqualTo(200);
        }
        assertThat(api.get(boat + "/water").json()).hasSize(5);
        String first = api.get(boat + "/water").json().get(0).get("gridId").asString();
        assertThat(api.send("DELETE", boat + "/water/" + first, null).status()).isEqualTo(204);
        assertThat(api.get(boat + "/water").json()).hasSize(4);
        assertThat(api.send("DELETE", boat + "/water/" + first, null).status()).isEqualTo(404);
    }

    @Test
    void whatItIsOfIsAskedWhereNothingSaysSo(Api api) {
        String boat = api.newBoat();
        Api.Answer asked = drop(api, boat, "name=grid.asc", SomeGrids.ascii());
        assertThat(asked.status()).isEqualTo(400);
        assertThat(asked.codes()).containsExactly("GRID_OF_WHAT");
        assertThat(drop(api, boat, "name=sst.asc", SomeGrids.ascii()).codes()).containsExactly("GRID_OF_WHEN");
        JsonNode depth =
                drop(api, boat, "name=grid.asc&kind=DEPTH", SomeGrids.ascii()).json();
        assertThat(depth.get(0).get("kind").asString()).isEqualTo("DEPTH");
        assertThat(depth.get(0).has("at")).isFalse();
    }

    /** Cut anywhere, with bytes turned about, of other kinds: refused with a reason, never stumbled over, and nothing is kept. */
    @Test
    void brokenFilesAreRefusedWithAReason(Api api) throws Exception {
        String boat = api.newBoat();
        var random = new Random(7);
        byte[][] whole = {
            SomeGrids.ascii(), SomeGrids.points(), SomeGrids.classic(), SomeGrids.hdf5(), SomeGrids.geoTiff()
        };
        String[] names = {"sst.asc", "sst.csv", "sst.nc", "sst.nc", "sst.tif"};
        for (int i = 0; i < 250; i++) {
            int which = i % 5;
            byte[] broken = i % 10 < 5
                    ? Arrays.copyOf(whole[which], random.nextInt(whole[which].length))
                    : whole[which].clone();
            for (int flips = 0; i % 10 >= 5 && flips < 1 + random.nextInt(20); flips++) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
            }
            Api.Answer answer = drop(api, boat, "name=" + names[which], broken);
            assertThat(answer.status()).as(i + " " + answer.text()).isIn(200, 400);
            if (answer.status() == 400) {
                assertThat(answer.codes().get(0)).isIn("UNREADABLE_GRID", "GRID_OF_WHAT", "GRID_OF_WHEN");
            }
        }
        for (String text :
                new String[] {"", "PK\u0003\u0004", "lat,lon,sst\n", "lat,lon,sst\n1,2,3\n", "ncols 1e9 nrows 1e9"}) {
            assertThat(drop(api, boat, "name=sst.asc", text.getBytes(StandardCharsets.ISO_8859_1))
                            .codes())
                    .containsExactly("UNREADABLE_GRID");
        }
    }

    /** A picture of colours would be read as temperatures of 0 to 255 degrees; one on a projection would lie elsewhere. */
    @Test
    void aPictureThatHoldsNoValuesOrLiesElsewhereIsRefused(Api api) {
        String boat = api.newBoat();
        assertThat(drop(api, boat, "name=sst_2026-06-14.tif", SomeGrids.colours())
                        .text())
                .contains("picture of colours");
        assertThat(drop(api, boat, "name=sst_2026-06-14.tif", SomeGrids.projected())
                        .text())
                .contains("on a projection");
    }

    /** The demo's sea has places to begin, the best with reasons that add up; an earlier moment knows less. */
    @Test
    void theDemoHasPlacesToBegin(Api api) {
        JsonNode begin =
                api.get(api.quietLedger() + "/water/begin?target=MAHI" + AT).json();
        assertThat(begin.get("places")).hasSize(3);
        for (JsonNode place : begin.get("places")) {
            int sum = place.get("reasons")
                    .valueStream()
                    .mapToInt(r -> r.get("tenths").asInt())
                    .sum();
            assertThat(sum).isEqualTo(place.get("tenths").asInt());
        }
        assertThat(begin.at("/picture/at").asString()).isEqualTo("2026-06-17T22:00:00Z");
        assertThat(begin.get("edges").size()).isPositive();
        assertThat(begin.get("before").size()).isPositive();
        JsonNode earlier = api.get(
                        api.quietLedger() + "/water/begin?target=MAHI&at=2026-06-17T12:00:00Z&day=2026-06-17")
                .json();
        assertThat(earlier.at("/picture/at").asString()).isEqualTo("2026-06-16T22:00:00Z");
    }

    /** A scrap that comes in last takes nothing away: the places are those of the wider picture before it. */
    @Test
    void aScrapOfANewerPictureStandsForNothing(Api api) {
        String begin = api.quietLedger() + "/water/begin?target=MAHI" + AT;
        String before = api.get(begin).json().get("places").toString();
        byte[] small = new String(SomeGrids.ascii(), StandardCharsets.UTF_8)
                .replace("cellsize 0.1", "cellsize 0.05")
                .getBytes(StandardCharsets.UTF_8);
        Api.Answer scrap = drop(api, api.quietLedger(), "name=scrap&kind=TEMPERATURE&at=2026-06-18T07:30:00Z", small);
        JsonNode grid = scrap.json().get(0);
        assertThat(grid.get("reachShare").asDouble()).isBetween(0.001, 0.3);
        assertThat(api.get(begin).json().get("places").toString()).isEqualTo(before);
        api.send("DELETE", api.quietLedger() + "/water/" + grid.get("gridId").asString(), null);
    }

    /** However large a grid, only the sea within reach is looked through: the places are those of the whole. */
    @Test
    void onlyWhatIsWithinReachIsLookedThrough(Api api) {
        JsonNode near =
                api.get(api.quietLedger() + "/water/begin?reachM=9000" + AT).json();
        JsonNode far =
                api.get(api.quietLedger() + "/water/begin?reachM=46300" + AT).json();
        assertThat(near.get("edges").toString().length())
                .isLessThan(far.get("edges").toString().length());
        near.get("places")
                .forEach(place -> assertThat(place.get("outM").asDouble()).isLessThanOrEqualTo(9000));
        assertThat(api.get(api.quietLedger() + "/water/begin?reachM=1" + AT).fields())
                .containsExactly("reachM");
    }

    @Test
    void anEmptySeaSaysWhatIsMissing(Api api) {
        JsonNode begin =
                api.get(api.newBoat() + "/water/begin?" + AT.substring(1)).json();
        assertThat(begin.get("places")).isEmpty();
        assertThat(begin.has("picture")).isFalse();
        assertThat(begin.get("lacking").toString()).contains("No temperature is here");
    }

    /** What she burns is told once, by whichever device; each place says what it takes, and what is too far is said to be. */
    @Test
    void aPlaceSaysWhatItTakesToBeThere(Api api) {
        String boat = api.quietLedger();
        String begin = boat + "/water/begin?" + AT.substring(1);
        assertThat(api.get(begin).json().at("/places/0/reach").has("bothWaysL")).isFalse();
        int version = api.get(boat + "/running").json().get("version").asInt();
        String told = "{\"version\":%d,\"runMps\":10,\"runLph\":36,\"trollLph\":10,\"tankL\":%s}";
        Api.Answer kept = api.send("PUT", boat + "/running", told.formatted(version, "600"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        JsonNode place = api.get(begin).json().at("/places/0");
        double outM = place.get("outM").asDouble();
        assertThat(place.at("/reach/runS").asDouble()).isCloseTo(outM / 10, within(1e-6));
        assertThat(place.at("/reach/bothWaysL").asDouble()).isCloseTo(2 * outM / 1000, within(1e-6));
        assertThat(place.at("/reach/isTooFar").asBoolean()).isFalse();
        assertThat(api.send("PUT", boat + "/running", told.formatted(version, "600"))
                        .status())
                .isEqualTo(409);
        assertThat(api.send("PUT", boat + "/running", told.formatted(version + 1, "0"))
                        .fields())
                .containsExactly("tankL");
        api.send("PUT", boat + "/running", told.formatted(version + 1, "30"));
        assertThat(api.get(begin).json().at("/places/0/reach/isTooFar").asBoolean())
                .isTrue();
        api.send("PUT", boat + "/running", "{\"version\":%d}".formatted(version + 2));
        assertThat(api.get(boat + "/running").json().has("tankL")).isFalse();
    }
}
