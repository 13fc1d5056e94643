package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class StreamTurnedTest {
    private static Motion heading(double headingDeg, double streamNorth, double doubt) {
        return new Motion(0, 0, 1.8, Math.toRadians(headingDeg), 0, streamNorth, 0.02, 0.05, doubt);
    }

    private static StreamTurned afterATide(boolean withStream, double doubt) {
        var turned = new StreamTurned(withStream);
        for (int minute = 0; minute < 360; minute++) {
            turned.look(heading(0, 0.4 * Math.cos(Math.PI * minute / 360), doubt), 60.0 * minute);
        }
        return turned;
    }

    @Test
    void whoGoesWithTheStreamIsToldWhenItSetsTheOtherWay() {
        StreamTurned turned = afterATide(true, 0.05);
        // Ten minutes after it has come to set again.
        double then = 60 * 230;
        assertThat(turned.warning(heading(0, -0.3, 0.05), then)).hasValueSatisfying(warning -> {
            assertThat(warning.kind()).isEqualTo(LiveWarning.Kind.STREAM_TURNED);
            assertThat(warning.says().text()).contains("run that way");
        });
        // Turned with it she is told nothing more.
        assertThat(turned.warning(heading(180, -0.3, 0.05), then)).isEmpty();
        assertThat(turned.warning(heading(0, -0.3, 0.05), 60 * 300)).isEmpty();
    }

    @Test
    void othersAndWhoCannotKnowAreToldNothing() {
        assertThat(afterATide(false, 0.05).warning(heading(0, -0.3, 0.05), 60 * 230))
                .isEmpty();
        assertThat(afterATide(true, 0.2).warning(heading(0, -0.3, 0.2), 60 * 230))
                .isEmpty();
    }

    /** A stream that swings between tides has not turned. */
    @Test
    void aSwingIsNoTurn() {
        var turned = new StreamTurned(true);
        for (int minute = 0; minute < 60; minute++) {
            double towards = Math.toRadians(minute);
            turned.look(
                    new Motion(0, 0, 1.8, 0, 0, 0.4 * Math.cos(towards), 0.4 * Math.sin(towards), 0.05, 0.05),
                    60.0 * minute);
        }
        assertThat(turned.warning(heading(180, 0.3, 0.05), 3600)).isEmpty();
    }
}
