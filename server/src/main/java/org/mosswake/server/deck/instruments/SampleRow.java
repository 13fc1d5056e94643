package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.live.Sample;
import org.mosswake.server.platform.json.Checked;

/** What was told anew in one second, as it is kept; see {@link Sample}. */
record SampleRow(
        @Nullable Double latitudeDeg,
        @Nullable Double longitudeDeg,
        @Nullable Double groundMps,
        @Nullable Double courseDeg,
        @Nullable Double waterMps,
        @Nullable Double headingDeg,
        @Nullable Double depthM,
        List<OtherRow> others)
        implements Checked {
    record OtherRow(
            String id, String name, Instant at, Double latitudeDeg, Double longitudeDeg, Double mps, Double courseDeg) {
        static OtherRow of(OtherBoat boat) {
            return new OtherRow(
                    boat.id(),
                    boat.name(),
                    boat.at(),
                    boat.place().latitudeDeg(),
                    boat.place().longitudeDeg(),
                    boat.mps(),
                    boat.courseDeg());
        }

        private void check(Faults faults) {
            faults.required("others.id", id);
            faults.required("others.name", name);
            faults.required("others.at", at);
            faults.required("others.latitudeDeg", latitudeDeg);
            faults.required("others.longitudeDeg", longitudeDeg);
            faults.required("others.mps", mps);
            faults.required("others.courseDeg", courseDeg);
        }

        OtherBoat boat() {
            return new OtherBoat(id, name, at, new Sample.Place(latitudeDeg, longitudeDeg), mps, courseDeg);
        }
    }

    /** Of another edition it may lack anything. */
    @Override
    public void check(Faults faults) {
        if (faults.required("others", others)) {
            others.forEach(other -> {
                if (faults.required("others", other)) {
                    other.check(faults);
                }
            });
        }
    }

    static SampleRow of(Sample sample, List<OtherBoat> others) {
        return new SampleRow(
                sample.place().map(Sample.Place::latitudeDeg).orElse(null),
                sample.place().map(Sample.Place::longitudeDeg).orElse(null),
                sample.groundMps().orElse(null),
                sample.courseDeg().orElse(null),
                sample.waterMps().orElse(null),
                sample.headingDeg().orElse(null),
                sample.depthM().orElse(null),
                others.stream().map(OtherRow::of).toList());
    }

    Sample sample(Instant at) {
        return new Sample(
                at,
                latitudeDeg == null || longitudeDeg == null
                        ? Optional.empty()
                        : Optional.of(new Sample.Place(latitudeDeg, longitudeDeg)),
                Optional.ofNullable(groundMps),
                Optional.ofNullable(courseDeg),
                Optional.ofNullable(waterMps),
                Optional.ofNullable(headingDeg),
                Optional.ofNullable(depthM));
    }
}
