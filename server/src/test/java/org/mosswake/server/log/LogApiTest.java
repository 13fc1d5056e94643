package org.mosswake.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.xml.sax.InputSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LogApiTest {
    private static final JdbcClient DATABASE = RunningServer.context().getBean(JdbcClient.class);
    private static final String YEARS = "/api/boats/" + DemoIds.SLOW_ALMANAC;

    private static String path(String boat, String... where) {
        var path = new StringBuilder(boat + "/log?day=2026-06-18");
        for (String one : where) {
            path.append("&where=").append(URLEncoder.encode(one, StandardCharsets.UTF_8));
        }
        return path.toString();
    }

    private static JsonNode log(Api api, String boat, String... where) {
        var answer = api.get(path(boat, where));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void twentyYearsAreToldApart(Api api) {
        JsonNode log = log(api, YEARS);
        int strikes = log.get("sum").get("strikes").asInt();
        double minutes = log.get("sum").get("minutes").asDouble();
        assertThat(strikes).isGreaterThan(1000);
        assertThat(log.get("firstDay").asString()).startsWith("2007-");
        assertThat(log.get("weeks")
                        .valueStream()
                        .mapToInt(week -> week.get("strikes").asInt())
                        .sum())
                .isEqualTo(strikes);
        JsonNode depths = question(log, "DEPTH");
        double of = 0;
        for (JsonNode arm : depths.get("arms")) {
            of += arm.get("sum").get("minutes").asDouble();
            assertThat(arm.get("odds").asDouble()).isBetween(0.0, 1.0);
            JsonNode same = log(api, YEARS, arm.get("where").asString()).get("sum");
            assertThat(same.get("strikes").asInt())
                    .isEqualTo(arm.get("sum").get("strikes").asInt());
        }
        assertThat(of).isEqualTo(minutes, within(minutes / 1000));
        JsonNode far = log(api, YEARS, "POSITION:Centre, far").get("sum");
        assertThat(far.get("strikes").asInt()).isBetween(50, strikes / 2);
        JsonNode king = log(api, YEARS, "SPECIES:king|mahi", "STREAM:flood").get("sum");
        assertThat(king.get("strikes").asInt()).isBetween(100, strikes / 2);
        assertThat(log.get("findings").valueStream().map(one -> one.get("kind").asString()))
                .contains("EARLIER_WEEKS", "TAKES_MORE");
    }

    /** Cells of a picture add up to what the arms of its rows are, and are the slices of both conditions. */
    @Test
    void picturesAddUp(Api api) {
        JsonNode pictures = api.get(YEARS + "/log/pictures?where=SPECIES:king").json();
        JsonNode depths = pictures.get("crosses").get(1);
        assertThat(depths.get("rowFacet").asString()).isEqualTo("DEPTH");
        int strikes = 0;
        for (JsonNode cell : depths.get("cells")) {
            strikes += cell.get("sum").get("strikes").asInt();
        }
        assertThat(strikes).isEqualTo(pictures.get("sum").get("strikes").asInt());
        JsonNode cell = depths.get("cells").get(3);
        JsonNode same = log(
                        api,
                        YEARS,
                        "SPECIES:king",
                        depths.get("rows")
                                .get(cell.get("row").asInt())
                                .get("where")
                                .asString(),
                        depths.get("columns")
                                .get(cell.get("column").asInt())
                                .get("where")
                                .asString())
                .get("sum");
        for (String counted : List.of("strikes", "landed", "minutes", "days")) {
            assertThat(same.get(counted)).isEqualTo(cell.get("sum").get(counted));
        }
        assertThat(pictures.get("positions")).hasSize(5);
        assertThat(api.get(YEARS + "/log/pictures?where=NOTHING:x").status()).isEqualTo(400);
    }

    /** Two slices side by side: each is what it is alone, and the odds mirror. */
    @Test
    void twoSlicesAreSetSideBySide(Api api) {
        String port = "POSITION:Port rigger, outer clip";
        String deep = "POSITION:Starboard downrigger";
        JsonNode one = api.get(path(YEARS, port) + "&beside=" + URLEncoder.encode(deep, StandardCharsets.UTF_8))
                .json();
        JsonNode two = api.get(path(YEARS, deep) + "&beside=" + URLEncoder.encode(port, StandardCharsets.UTF_8))
                .json();
        assertThat(one.get("beside").get("sum").get("strikes").asInt())
                .isEqualTo(two.get("sum").get("strikes").asInt());
        assertThat(one.get("beside").get("odds").asDouble()
                        + two.get("beside").get("odds").asDouble())
                .isCloseTo(1, within(1e-9));
        assertThat(one.get("beside").get("odds").asDouble()).isGreaterThan(0.95);
        JsonNode all = api.get(path(YEARS, port) + "&beside=").json();
        assertThat(all.get("beside").get("sum").get("strikes").asInt()).isGreaterThan(1000);
        assertThat(log(api, YEARS, port).has("beside")).isFalse();
        assertThat(api.get(path(YEARS, port) + "&beside=KRAKEN:1")
                        .json()
                        .get("faults")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("beside[0]");
    }

    private static JsonNode question(JsonNode log, String facet) {
        return log.get("questions")
                .valueStream()
                .filter(one -> one.get("facet").asString().equals(facet))
                .findFirst()
                .orElseThrow();
    }

    /** The demo's morning: its lines' time and its strikes, with what the spread had tied. */
    @Test
    void factsOfADayAreInIt(Api api) {
        JsonNode log = log(api, api.quietLedger());
        JsonNode day = api.get(api.quietLedger() + "/trips").json();
        assertThat(day.size()).isPositive();
        assertThat(log.get("sum").get("strikes").asInt()).isGreaterThanOrEqualTo(5);
        assertThat(log.get("sum").get("minutes").asDouble()).isGreaterThan(300);
        assertThat(question(log, "POSITION").get("arms").size()).isGreaterThan(2);
        JsonNode struck = log.get("strikes").get(0);
        assertThat(struck.get("lure").asString()).isNotBlank();
        assertThat(struck.get("depthM").asDouble()).isBetween(0.0, 12.0);
    }

    @Test
    void anEmptyLogSaysNothing(Api api) {
        JsonNode log = log(api, api.sprat());
        assertThat(log.get("sum").get("strikes").asInt()).isZero();
        assertThat(log.get("sum").has("per100")).isFalse();
        assertThat(log.get("findings").size()).isZero();
        assertThat(log.has("firstDay")).isFalse();
    }

    @Test
    void whatCannotBeReadIsNamed(Api api) {
        for (String bad : new String[] {"DEPTH", "DEPTH:deep", "DEPTH:1..NaN", "DEPTH:4", "KRAKEN:yes", ":"}) {
            var answer = api.get(path(YEARS, "SPECIES:king", bad));
            assertThat(answer.status()).as(bad).isEqualTo(400);
            assertThat(answer.json().get("faults").get(0).get("field").asString())
                    .isEqualTo("where[1]");
        }
        assertThat(api.get(path("/api/boats/" + UUID.randomUUID())).status()).isEqualTo(404);
        assertThat(api.get(YEARS + "/log").status()).isEqualTo(400);
    }

    /** The demo's morning with a way sailed: read back by a parser of its own, point for point. */
    @Test
    void aDayOutIsGpx(Api api) throws Exception {
        String trip = api.get(api.quietLedger() + "/trips")
                .json()
                .get(0)
                .get("tripId")
                .asString();
        var fixes = new StringBuilder();
        for (int i = 0; i < 40; i++) {
            fixes.append(i == 0 ? "" : ",").append("""
                            {"at": "2026-06-18T08:%02d:00Z", "latitudeDeg": %s, "longitudeDeg": -47.3}""".formatted(10 + i, 27.6 + i * 0.001));
        }
        api.post(
                api.quietLedger() + "/fixes",
                "{\"deviceId\": \"%s\", \"fixes\": [%s]}".formatted(UUID.randomUUID(), fixes));
        var answer = api.get(api.quietLedger() + "/trips/" + trip + "/track.gpx");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        var gpx = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(answer.text())));
        var points = gpx.getElementsByTagName("trkpt");
        assertThat(points.getLength()).isGreaterThanOrEqualTo(40);
        assertThat(gpx.getElementsByTagName("wpt").getLength()).isPositive();
        assertThat(gpx.getElementsByTagName("name").item(0).getTextContent()).isNotBlank();
        assertThat(api.get(api.quietLedger() + "/trips/" + UUID.randomUUID() + "/track.gpx")
                        .status())
                .isEqualTo(404);
    }

    /** Strikes of facts lie where their lures were: the map of a slice has them. */
    @Test
    void strikesOfFactsHaveAPlace(Api api) {
        JsonNode strikes = log(api, api.quietLedger()).get("strikes");
        assertThat(strikes.valueStream().filter(strike -> strike.hasNonNull("latitudeDeg")))
                .hasSizeGreaterThanOrEqualTo(5);
        assertThat(log(api, api.quietLedger()).get("pieces")).hasSizeGreaterThan(3);
        double straight = minutes(api, "BEND:straight");
        assertThat(straight).isGreaterThan(60);
        // She turns back at the end of the ledge.
        assertThat(minutes(api, "BEND:inside|outside|turning, in the middle"))
                .isPositive()
                .isLessThan(straight / 4);
    }

    private static double minutes(Api api, String where) {
        return log(api, api.quietLedger(), where).get("sum").get("minutes").asDouble();
    }

    /** The day itself advises: nothing is claimed of five strikes. */
    @Test
    void theDayAdvises(Api api) {
        String trip = api.get(api.quietLedger() + "/trips")
                .json()
                .get(0)
                .get("tripId")
                .asString();
        String advice = api.quietLedger() + "/trips/" + trip + "/advice?at=";
        JsonNode said = api.get(advice + "2026-06-18T10:33:00Z").json();
        assertThat(said.get("positions").size()).isEqualTo(6);
        assertThat(said.get("positions")
                        .valueStream()
                        .mapToInt(one -> one.get("strikes").asInt())
                        .sum())
                .isEqualTo(5);
        assertThat(said.get("calls").size()).isZero();
        JsonNode before = api.get(advice + "2026-06-18T08:07:00Z").json();
        assertThat(before.get("positions")
                        .valueStream()
                        .mapToInt(one -> one.get("strikes").asInt())
                        .sum())
                .isZero();
        assertThat(api.get(advice + "2026-06-18T10:33:00Z&leftMin=-1").status()).isEqualTo(400);
        JsonNode lines =
                api.get(api.quietLedger() + "/trips/" + trip + "/lines").json();
        assertThat(lines.valueStream().map(line -> line.get("position").asString()))
                .contains("Port stern");
    }

    private static long stamps(String made) {
        return DATABASE.sql("select count(*) from log_month where vessel_id = ? and columns " + made)
                .param(DemoIds.SLOW_ALMANAC)
                .query(Long.class)
                .single();
    }

    /** After a change of one month the others are read as they were made, and the answer is that of all entries. */
    @Test
    void onlyTheMonthThatChangedIsMadeAgain(Api api) {
        JsonNode before = log(api, YEARS).get("sum");
        assertThat(stamps("is null")).isZero();
        long months = stamps("is not null");
        assertThat(months).isGreaterThan(60);
        UUID one =
                DATABASE.sql("""
                        delete from log_entry where entry_id = (select entry_id from log_entry
                            where vessel_id = ? and kind = 'STRUCK' and timed limit 1) returning entry_id""").param(DemoIds.SLOW_ALMANAC).query(UUID.class).single();
        assertThat(one).isNotNull();
        assertThat(stamps("is null")).isEqualTo(1);
        JsonNode after = log(api, YEARS).get("sum");
        assertThat(after.get("strikes").asInt()).isEqualTo(before.get("strikes").asInt() - 1);
        assertThat(stamps("is not null")).isEqualTo(months);
        // Columns of another edition, or spoilt ones, are made anew and not believed.
        DATABASE.sql("""
                        update log_month set columns = '\\x00000063', stamp = nextval('log_month_stamp')
                        where vessel_id = ?""").param(DemoIds.SLOW_ALMANAC).update();
        assertThat(log(api, YEARS).get("sum")).isEqualTo(after);
        assertThat(DATABASE.sql("select min(octet_length(columns)) from log_month where vessel_id = ?")
                        .param(DemoIds.SLOW_ALMANAC)
                        .query(Integer.class)
                        .single())
                .isGreaterThan(100);
    }

    /** Entries come and go as a whole; one that was changed in its place would stand in no column. */
    @Test
    void anEntryIsNeverChangedInItsPlace() {
        assertThat(catchThrowable(() -> DATABASE.sql("update log_entry set minutes = minutes + 1")
                        .update()))
                .hasMessageContaining("never changed");
    }
}
