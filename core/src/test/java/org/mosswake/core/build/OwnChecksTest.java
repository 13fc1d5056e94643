package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Situation;

/**
 * What is said and built for a random day passes the product's own checks, or says why it can't; {@code ./moss bench call}
 * asks 2,000 of them.
 */
class OwnChecksTest {
    @ParameterizedTest
    @ValueSource(longs = {5, 6, 7, 8})
    void nothingIsSaidOrBuiltThatItsOwnChecksRefuse(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Situation s = Days.any(random);
            assertThat(OwnChecks.wrongWith(s)).as("seed %d, day %d", seed, i).isEmpty();
        }
    }
}
