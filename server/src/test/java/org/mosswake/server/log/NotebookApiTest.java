package org.mosswake.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class NotebookApiTest {
    private static JsonNode send(Api api, String table, String query) {
        var answer =
                api.send("POST", api.quietLedger() + "/log/notebook.csv?" + query, table, "Content-Type", "text/csv");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static int untimed(Api api) {
        return api.get(api.quietLedger() + "/log?day=2026-06-18")
                .json()
                .get("sum")
                .get("untimed")
                .asInt();
    }

    /** Five hundred rows, each with a part of what there is: all of them are in the log or told, and can be taken back. */
    @Test
    void aNotebookIsTakenInWholeAndBack(Api api) {
        var random = new Random(11);
        var table = new StringBuilder("month;place;tide;colour;leader (ft);year\n");
        int bad = 0;
        for (int i = 0; i < 500; i++) {
            boolean spoilt = i % 50 == 7;
            bad += spoilt ? 1 : 0;
            table.append(spoilt ? "Junuary" : random.nextInt(3) == 0 ? "" : "June")
                    .append(';');
            table.append("ground ").append(i).append(';');
            table.append(random.nextBoolean() ? "flood" : "").append(';');
            table.append(random.nextBoolean() ? "pink" : "?").append(';');
            table.append(random.nextBoolean() ? "4.5" : "").append(';');
            table.append(random.nextBoolean() ? 1990 + random.nextInt(30) : "").append('\n');
        }
        int before = untimed(api);
        JsonNode looked = send(api, table.toString(), "");
        assertThat(looked.get("rows").asInt()).isEqualTo(500);
        assertThat(looked.get("refusedRows").asInt()).isEqualTo(bad);
        assertThat(looked.get("readable").asInt()).isEqualTo(500 - bad);
        assertThat(looked.get("refused").get(0).get("says").asString()).contains("month");
        assertThat(looked.get("refused").get(0).get("line").asInt()).isEqualTo(9);
        assertThat(looked.has("taken")).isFalse();
        assertThat(untimed(api)).isEqualTo(before);
        JsonNode taken =
                send(api, table.toString(), "take=true&name=Old%20book").get("taken");
        assertThat(taken.get("added").asInt()).isEqualTo(500 - bad);
        assertThat(untimed(api)).isEqualTo(before + 500 - bad);
        JsonNode again = send(api, table.toString(), "take=true").get("taken");
        assertThat(again.get("added").asInt()).isZero();
        assertThat(again.get("again").asInt()).isEqualTo(500 - bad);
        JsonNode pink = api.get(api.quietLedger() + "/log?day=2026-06-18&where=COLOUR:pink&where=STREAM:flood")
                .json();
        assertThat(pink.get("sum").get("untimed").asInt()).isBetween(60, 200);
        JsonNode imports = api.get(api.quietLedger() + "/log/imports").json();
        assertThat(imports.size()).isEqualTo(1);
        String imported = api.quietLedger() + "/log/imports/"
                + imports.get(0).get("importId").asString();
        assertThat(api.send("DELETE", imported, null).status()).isEqualTo(204);
        assertThat(untimed(api)).isEqualTo(before);
        assertThat(api.send("DELETE", imported, null).status()).isEqualTo(404);
    }

    @Test
    void columnsAreWhatSomebodySaysTheyAre(Api api) {
        JsonNode read = send(api, "a,b\n6/18/2019,12\n", "columns=DAY&columns=DEPTH&dayFirst=false&feet=true");
        assertThat(read.get("readable").asInt()).isEqualTo(1);
        assertThat(read.get("columns").get(1).get("target").asString()).isEqualTo("DEPTH");
        var wrong = api.send(
                "POST",
                api.quietLedger() + "/log/notebook.csv?columns=DAY&columns=KRAKEN",
                "a,b\n1,2\n",
                "Content-Type",
                "text/csv");
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.json().get("faults").get(0).get("field").asString()).isEqualTo("columns");
    }

    @Test
    void whatIsNoTableIsRefusedWithTheReason(Api api) {
        for (String bad : new String[] {"", "\n\n", "PK\u0003\u0004packed", "a,b\n\"open", "1,".repeat(80)}) {
            var answer = api.send("POST", api.quietLedger() + "/log/notebook.csv", bad, "Content-Type", "text/csv");
            assertThat(answer.status()).as(bad).isEqualTo(400);
        }
    }

    /** What goes out as a table comes in again as it was: into another boat's log, slice by slice the same. */
    @Test
    void aTableOutIsATableIn(Api api) {
        String years = "/api/boats/" + DemoIds.SLOW_ALMANAC;
        String query = "?where=" + URLEncoder.encode("WEEK:24..26", StandardCharsets.UTF_8);
        var table = api.get(years + "/log/strikes.csv" + query);
        assertThat(table.status()).isEqualTo(200);
        JsonNode read = api.send(
                        "POST", api.sprat() + "/log/notebook.csv?take=true", table.text(), "Content-Type", "text/csv")
                .json();
        assertThat(read.get("refusedRows").asInt()).as(read.toString()).isZero();
        int strikes = api.get(years + "/log" + query + "&day=2026-06-18")
                .json()
                .get("sum")
                .get("strikes")
                .asInt();
        assertThat(read.get("taken").get("added").asInt()).isEqualTo(strikes).isGreaterThan(50);
        for (String where : new String[] {
            "SPECIES:king", "POSITION:port stern", "DEPTH:4..8", "PACE:3.1..3.6", "OUTCOME:lost", "HOUR:6..9"
        }) {
            String narrowed = "&day=2026-06-18&where=" + URLEncoder.encode(where, StandardCharsets.UTF_8);
            assertThat(api.get(api.sprat() + "/log" + query + narrowed)
                            .json()
                            .get("sum")
                            .get("untimed")
                            .asInt())
                    .as(where)
                    .isEqualTo(api.get(years + "/log" + query + narrowed)
                            .json()
                            .get("sum")
                            .get("strikes")
                            .asInt());
        }
        String imported = api.get(api.sprat() + "/log/imports")
                .json()
                .get(0)
                .get("importId")
                .asString();
        assertThat(api.send("DELETE", api.sprat() + "/log/imports/" + imported, null)
                        .status())
                .isEqualTo(204);
    }
}
