package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Product;
import org.mosswake.e2e.support.StartCommand;

/** The start command: comes up by itself, stays alone, heals its database, keeps what is kept, leaves nothing behind. */
class MossScriptIT {
    private Path folder;
    private StartCommand moss;
    private StartCommand elsewhere;

    @BeforeEach
    void start() throws IOException {
        folder = Files.createTempDirectory(Path.of("/var/tmp"), "moss e2e");
        folder.toFile().setExecutable(true, false);
        folder.toFile().setReadable(true, false);
        moss = new StartCommand(folder.resolve("one home"));
        elsewhere = new StartCommand(folder.resolve("other"));
        moss.serve("demo");
    }

    @AfterEach
    void stop() throws IOException {
        moss.stop();
        elsewhere.stop();
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        }
    }

    @Test
    void standsAloneHealsKeepsAndLeavesNothingBehind() throws Exception {
        assertThat(moss.run("demo", "--port", Integer.toString(moss.port())))
                .contains("port " + moss.port() + " is taken");
        assertThat(moss.run("demo", "--port", Integer.toString(Product.freePort())))
                .contains("is in use by another Moss Wake");
        assertThat(moss.health()).isEqualTo(200);
        assertThat(moss.server().info().user())
                .hasValueSatisfying(user -> assertThat(user).isNotEqualTo("root"));

        Path underLoad = folder.resolve("under load.dump");
        Path quiet = folder.resolve("quiet.dump");
        whileWriting(() -> assertThat(moss.run("backup", underLoad.toString())).contains("all that is kept"));
        assertThat(moss.run("backup", quiet.toString())).contains("all that is kept");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(quiet)))
                .isEqualTo("rw-------");
        List<String> kept = StartCommand.rows(quiet);
        assertThat(StartCommand.rows(underLoad)).hasSizeLessThanOrEqualTo(kept.size());

        String forgotten = forgetTheFirstBoat();
        Path without = folder.resolve("without.dump");
        assertThat(moss.run("backup", without.toString())).contains("all that is kept");

        moss.postmaster().destroyForcibly();
        StartCommand.await("the page says the database is gone", 30, () -> moss.health() == 503);
        StartCommand.await("PostgreSQL is started again", 60, () -> moss.health() == 200);

        var children = moss.children();
        List<String> mark = moss.mark();
        assertThat(children).hasSizeGreaterThan(1);
        moss.kill();
        StartCommand.awaitEnd("nothing is left running", 15, children);

        restoresElsewhere(quiet, underLoad, kept);

        // Whatever the kill left, the next start goes on with what was kept.
        moss.leaveTheMarkOfAnother(mark);
        Path after = folder.resolve("after.dump");
        assertThat(moss.run("backup", after.toString())).contains("all that is kept");
        assertThat(StartCommand.rows(after)).isEqualTo(StartCommand.rows(without));

        // An older backup brings back everything but who asked to be forgotten since.
        assertThat(moss.run("restore", quiet.toString())).contains("restored from");
        assertThat(moss.run("backup", after.toString())).contains("all that is kept");
        assertThat(StartCommand.rows(after))
                .filteredOn(row -> row.contains(forgotten))
                .hasSize(1);
        assertThat(StartCommand.rows(after)).isEqualTo(StartCommand.rows(without));
    }

    /** As she asks for it: taken away first. */
    private String forgetTheFirstBoat() {
        String boat = moss.firstBoat();
        var mark = Pattern.compile("\"mark\": ?\"(\\w+)\"").matcher(moss.get("/api/boats/" + boat + "/export"));
        assertThat(mark.find()).isTrue();
        assertThat(moss.post("/api/boats/" + boat + "/forget", "{\"mark\":\"" + mark.group(1) + "\"}"))
                .isEqualTo(204);
        return boat;
    }

    private void restoresElsewhere(Path quiet, Path underLoad, List<String> kept) throws Exception {
        assertThat(elsewhere.run("restore", quiet.toString())).contains("restored from");
        Path back = folder.resolve("back.dump");
        assertThat(elsewhere.run("backup", back.toString())).contains("all that is kept");
        assertThat(StartCommand.rows(back)).isEqualTo(kept);

        Path junk = Files.writeString(folder.resolve("junk"), "no dump");
        assertThat(elsewhere.run("restore", junk.toString())).contains("nothing was changed");

        List<String> other = StartCommand.rows(underLoad);
        var random = new Random(4);
        for (int i = 0; i < 3; i++) {
            elsewhere.runAndKill(200 + random.nextInt(2500), "restore", underLoad.toString());
            assertThat(elsewhere.run("backup", back.toString())).contains("all that is kept");
            assertThat(StartCommand.rows(back))
                    .satisfiesAnyOf(
                            rows -> assertThat(rows).isEqualTo(kept),
                            rows -> assertThat(rows).isEqualTo(other));
        }
    }

    /** Counts of what is aboard, one write after the other, as long as the work takes. */
    private void whileWriting(Runnable work) throws InterruptedException {
        var on = new AtomicBoolean(true);
        String boat = moss.firstBoat();
        var writer = new Thread(() -> {
            for (int i = 0; on.get(); i++) {
                moss.put("/api/boats/" + boat + "/stock", "{\"item\":\"item " + i + "\",\"amount\":1.0,\"version\":0}");
            }
        });
        writer.start();
        try {
            work.run();
        } finally {
            on.set(false);
            writer.join(TimeUnit.SECONDS.toMillis(20));
        }
    }
}
