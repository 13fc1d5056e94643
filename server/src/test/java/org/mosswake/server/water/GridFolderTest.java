package org.mosswake.server.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

@ExtendWith(RunningServer.class)
class GridFolderTest {
    /** In the name of a file that no other test has. */
    private static final String DAY = "2026-03-03";

    @TempDir
    Path folder;

    private GridFolder watched;

    @BeforeEach
    void watch() {
        watched = new GridFolder(RunningServer.context().getBean(WaterService.class), folder.toString());
    }

    private static long kept(Api api, String boat) {
        return api.get(boat + "/water")
                .json()
                .valueStream()
                .filter(grid -> grid.get("name").asString().contains(DAY))
                .count();
    }

    private String refused(Path file) throws IOException {
        watched.look();
        watched.look();
        assertThat(file).doesNotExist();
        assertThat(folder.resolve("refused").resolve(file.getFileName())).exists();
        return watched.reply().refused().toString();
    }

    /** For the boat whose water it shows, and for no other; a file that still grows is left alone. */
    @Test
    void whatIsPutThereIsTakenIn(Api api) throws IOException {
        Path file = folder.resolve("sst_" + DAY + ".asc");
        byte[] whole = SomeGrids.ascii();
        Files.write(file, Arrays.copyOf(whole, whole.length / 2));
        watched.look();
        Files.write(file, whole);
        watched.look();
        assertThat(kept(api, api.quietLedger())).isZero();
        watched.look();
        assertThat(file).doesNotExist();
        assertThat(folder.resolve("taken").resolve(file.getFileName())).hasBinaryContent(whole);
        assertThat(kept(api, api.quietLedger())).isEqualTo(1);
        assertThat(kept(api, api.sprat())).isZero();
        assertThat(watched.reply().refused()).isEmpty();
    }

    @Test
    void whatCannotBeTakenLiesBesideWithWhy() throws IOException {
        Path half = Files.writeString(folder.resolve("sst.nc.part"), "half");
        Path note = Files.write(folder.resolve("note of " + DAY + ".asc"), SomeGrids.ascii());
        assertThat(refused(note)).contains("note of " + DAY).contains("says what it is of");
        assertThat(half).exists();
        assertThatThrownBy(() -> watched.letBe("../" + note.getFileName())).isInstanceOf(FaultException.class);
        watched.letBe("note of " + DAY + ".asc");
        assertThat(watched.reply().refused()).isEmpty();
        assertThat(folder.resolve("refused").resolve(note.getFileName())).exists();
    }

    @Test
    void waterOfNoBoatIsSaidToBeSo() throws IOException {
        String far = new String(SomeGrids.ascii(), StandardCharsets.UTF_8).replace("xllcenter -48", "xllcenter 48");
        Path file = Files.writeString(folder.resolve("sst_" + DAY + ".asc"), far);
        assertThat(refused(file)).contains("no boat lies within 60 miles");
    }

    @Test
    void thePageHearsWhichFolderItIs(Api api) {
        assertThat(api.get(api.quietLedger() + "/water/folder")
                        .json()
                        .get("path")
                        .asString())
                .contains("moss-grids");
    }
}
