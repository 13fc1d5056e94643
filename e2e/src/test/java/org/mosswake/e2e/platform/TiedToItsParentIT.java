package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.StartCommand;

/** What a script starts goes with it, at whatever instant the script is killed. */
class TiedToItsParentIT {
    /** The first process there is, so never the parent of what is started here. */
    private static final String DEAD_PARENT = "1";

    @Test
    void whatWasStartedAsItsParentDiedEndsByItself() throws Exception {
        Process late = bash("tied " + DEAD_PARENT + " INT sleep 300");
        assertThat(late.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(late.exitValue()).isEqualTo(1);
    }

    /** A shell starts what runs beside it deaf to INT. */
    @Test
    void aKilledParentIsHeard() throws Exception {
        Process parent = bash("(tied $$ INT sleep 300) & wait");
        StartCommand.await("it began", 20, () -> parent.descendants().anyMatch(TiedToItsParentIT::sleeps));
        var children = parent.descendants().toList();
        parent.destroyForcibly();
        StartCommand.awaitEnd("it heard", 20, children);
    }

    private static boolean sleeps(ProcessHandle process) {
        return process.info()
                .command()
                .filter(command -> command.endsWith("sleep"))
                .isPresent();
    }

    private static Process bash(String script) throws IOException {
        return new ProcessBuilder("bash", "-c", ". scripts/postgres; " + script)
                .directory(Path.of("..").toFile())
                .inheritIO()
                .start();
    }
}
