package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.Plane;

class HelmTest {
    private static final Pose START = new Pose(0, 0, 0);

    @Test
    void aQuarterTurnToStarboardEndsAheadAndToStarboard() {
        Helm helm = Helm.turn(Side.STARBOARD, Math.PI / 2, 40);
        Pose end = helm.after(helm.lengthM(), START);
        assertThat(end.x()).isCloseTo(-40, within(1e-9));
        assertThat(end.y()).isCloseTo(40, within(1e-9));
        assertThat(end.headingRad()).isCloseTo(Math.PI / 2, within(1e-9));
    }

    @Test
    void afterTheHelmSheRunsStraightOn() {
        Helm helm = Helm.turn(Side.PORT, Math.PI / 2, 40);
        Pose later = helm.after(helm.lengthM() + 100, START);
        assertThat(later.y()).isCloseTo(-140, within(1e-9));
    }

    @Test
    void aPlaceAndBackAgain() {
        Pose pose = new Pose(3, -7, 0.8);
        double x = pose.placeX(12, 5);
        double y = pose.placeY(12, 5);
        assertThat(pose.astern(x, y)).isCloseTo(12, within(1e-9));
        assertThat(pose.starboard(x, y)).isCloseTo(5, within(1e-9));
    }

    @Test
    void aWeaveSwingsToBothSidesAndEndsOnItsCourse() {
        Helm weave = Helm.weave(Side.PORT, 0.6, 50, 30, 3);
        double most = 0;
        double least = 0;
        for (double s = 0; s < weave.lengthM(); s += 1) {
            double heading = weave.after(s, START).headingRad();
            most = Math.max(most, heading);
            least = Math.min(least, heading);
        }
        assertThat(most).isCloseTo(0.6, within(0.03));
        assertThat(least).isCloseTo(-0.6, within(0.03));
        assertThat(weave.turnedRad()).isCloseTo(0, within(1e-12));
    }

    /** Corners are cut by the arc, so the way passes inside them, and ends at the last mark. */
    @Test
    void aTrackGoesByItsMarks() {
        var marks = List.of(new Helm.Mark(-200, 0), new Helm.Mark(-200, 150), new Helm.Mark(-400, 150));
        Helm track = Helm.track(marks, 40);
        Pose end = track.after(track.lengthM(), START);
        assertThat(end.x()).isCloseTo(-400, within(1e-6));
        assertThat(end.y()).isCloseTo(150, within(1e-6));
        double nearest = Double.POSITIVE_INFINITY;
        for (double s = 0; s < track.lengthM(); s += 0.5) {
            Pose at = track.after(s, START);
            nearest = Math.min(nearest, Plane.hypot(at.x() + 200, at.y()));
        }
        assertThat(nearest).isCloseTo(40 * (Math.sqrt(2) - 1), within(0.1));
    }

    @Test
    void aTrackThatTurnsBackOnItselfIsRefused() {
        var marks = List.of(new Helm.Mark(-100, 0), new Helm.Mark(0, 0.1));
        assertThatThrownBy(() -> Helm.track(marks, 40))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("marks[1]");
    }

    @Test
    void legsOutsideWhatIsAcceptedAreAllNamed() {
        var legs = List.<Helm.Leg>of(new Helm.Arc(9, 40), new Helm.Arc(1, 1), new Helm.Straight(-3));
        assertThatThrownBy(() -> new Helm(legs))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("legs[0].angleRad")
                .hasMessageContaining("legs[1].radiusM")
                .hasMessageContaining("legs[2].lengthM");
    }
}
