package org.mosswake.server.platform.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mosswake.server.support.RunningServer;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;

/** Six weeks, a day at a time: the last ones by day and by week stay. */
class KeptDumpsTest {
    /** Small: what is looked at is which dumps stay. */
    private static final DataSourceProperties DATABASE = new DataSourceProperties();

    @BeforeAll
    static void make() {
        DATABASE.setUrl(RunningServer.freshDatabase());
        DATABASE.setUsername(RunningServer.environment("MOSS_TEST_DATABASE_USER"));
        DATABASE.setPassword(RunningServer.environment("MOSS_TEST_DATABASE_PASSWORD"));
    }

    @TempDir
    Path folder;

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    private KeptDumps on(Instant now) {
        var clock = Clock.fixed(now, ZoneOffset.UTC);
        var dump = new DatabaseDump(
                DATABASE, clock, folder.toString(), "", RunningServer.environment("MOSS_TEST_POSTGRES_BIN"));
        return new KeptDumps(dump, clock);
    }

    /** What a power cut left half written is written over. */
    @Test
    void aHalfWrittenCopyIsNoObstacle() throws IOException {
        Files.writeString(folder.resolve("week-2026-W23.dump.part"), "half");
        on(Instant.parse("2026-06-01T05:00:00Z")).takeDue();
        assertThat(names()).containsExactly("day-2026-06-01.dump", "week-2026-W23.dump");
    }

    @Test
    void theLastOnesStayByDayAndWeek() throws IOException {
        Instant first = Instant.parse("2026-06-01T05:00:00Z");
        for (int day = 0; day < 42; day += day < 33 ? 3 : 1) {
            on(first.plus(Duration.ofDays(day))).takeDue();
            on(first.plus(Duration.ofDays(day)).plus(Duration.ofHours(9))).takeDue();
        }
        assertThat(names())
                .filteredOn(name -> name.startsWith("day-"))
                .hasSize(7)
                .last()
                .isEqualTo("day-2026-07-12.dump");
        assertThat(names())
                .filteredOn(name -> name.startsWith("week-"))
                .containsExactly(
                        "week-2026-W25.dump", "week-2026-W26.dump", "week-2026-W27.dump", "week-2026-W28.dump");
        assertThat(names()).noneMatch(name -> name.endsWith(".part"));
        Path one = folder.resolve("day-2026-07-12.dump");
        assertThat(Files.size(one)).isGreaterThan(1000);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(one)))
                .isEqualTo("rw-------");
    }
}
