package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A full disk, a deadlock and a frozen database, each in its own words; all pass. */
class TroubleTest {
    private static void failing(JdbcClient database, String state, int times) {
        database.sql("create sequence if not exists met").update();
        database.sql("select setval('met', 1, false)").query(Long.class).single();
        database.sql("""
                create or replace function fail() returns trigger language plpgsql as $$
                begin
                    if nextval('met') <= %d then raise exception 'as told' using errcode = '%s'; end if;
                    return new;
                end $$""".formatted(times, state)).update();
        database.sql("drop trigger if exists failing on document").update();
        database.sql("create trigger failing before insert or update on document for each row execute function fail()")
                .update();
    }

    private static String tick(int version) {
        return "{\"item\":\"tethers\",\"amount\":" + (version + 1) + ",\"version\":" + version + "}";
    }

    @Test
    void eachHasItsSentenceAndPasses() throws Exception {
        try (var context = RunningServer.start(
                RunningServer.freshDatabase(),
                Map.of("moss.demo", "true", "spring.datasource.hikari.data-source-properties.socketTimeout", "2"))) {
            var api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            var database = context.getBean(JdbcClient.class);
            String stock = api.sprat() + "/stock";

            failing(database, "53100", 1);
            var full = api.put(stock, tick(0));
            assertThat(full.status()).isEqualTo(503);
            assertThat(full.json().get("code").asString()).isEqualTo("DISK_FULL");
            assertThat(full.json().get("detail").asString()).startsWith("Nothing was kept.");
            assertThat(api.put(stock, tick(0)).status()).isEqualTo(200);

            // Broken off to undo a deadlock, it is run again from its beginning.
            failing(database, "40P01", 3);
            assertThat(api.put(stock, tick(1)).status()).isEqualTo(200);
            failing(database, "40P01", 50);
            var busy = api.put(stock, tick(2));
            assertThat(busy.status()).isEqualTo(503);
            assertThat(busy.json().get("code").asString()).isEqualTo("BUSY");
            database.sql("drop trigger failing on document").update();

            try (var other = context.getBean(javax.sql.DataSource.class).getConnection()) {
                other.setAutoCommit(false);
                other.createStatement().execute("lock table document in access exclusive mode");
                var frozen = api.put(stock, tick(2));
                assertThat(frozen.status()).isEqualTo(503);
                assertThat(frozen.json().get("code").asString()).isEqualTo("OUTCOME_UNKNOWN");
                assertThat(frozen.json().get("detail").asString()).startsWith("Not known yet");
                assertThat(api.get("/actuator/health").status()).isEqualTo(200);
                other.rollback();
            }
            assertThat(api.put(stock, tick(2)).status()).isEqualTo(200);
        }
    }

    @Test
    void healthTellsDiskAndDatabaseApart() {
        try (var context = RunningServer.start(
                RunningServer.freshDatabase(), Map.of("moss.least-disk-bytes", Long.toString(Long.MAX_VALUE / 2)))) {
            var api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            var health = api.get("/actuator/health");
            assertThat(health.status()).isEqualTo(503);
            assertThat(health.json().at("/components/disk/status").asString()).isEqualTo("OUT_OF_SERVICE");
            assertThat(health.json().at("/components/db/status").asString()).isEqualTo("UP");
        }
    }
}
