package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * What a fact says. Components are named as devices send them; metres, kilograms, m/s, degrees clockwise from north.
 * A kind is never removed and a component never changes its meaning: facts of twenty years are read by these records.
 */
public sealed interface Happening {
    /** Every fault of it, by component. */
    void check(Faults faults, String path);

    /** About one line of what is fished, so that it says the line was out. */
    sealed interface OfLine extends Happening {
        UUID lineId();

        @Override
        default void check(Faults faults, String path) {
            faults.required(path + "lineId", lineId());
        }
    }

    /** About a strike. */
    sealed interface OfStrike extends Happening {
        UUID strikeId();
    }

    /**
     * A fish took.
     *
     * @param fished hash of the spread as it was fished
     * @param sailed how the line went then, where the live spread had it
     */
    record Struck(UUID lineId, Optional<String> fished, Optional<Sailed> sailed) implements OfLine {
        public Struck(UUID lineId, Optional<String> fished) {
            this(lineId, fished, Optional.empty());
        }

        @Override
        public void check(Faults faults, String path) {
            OfLine.super.check(faults, path);
            sailed.ifPresent(one -> one.check(faults, path + "sailed."));
        }
    }

    /**
     * One fish of a strike came aboard or alongside.
     *
     * @param released it went back; absent is taken as kept
     */
    record Landed(
            UUID strikeId,
            String species,
            Optional<Double> lengthM,
            Optional<Double> massKg,
            Optional<Boolean> released)
            implements OfStrike {
        private static final int LONGEST_SPECIES = 60;
        private static final Accepted LENGTH_M = new Accepted(0.05, 6, "m");
        private static final Accepted MASS_KG = new Accepted(0.01, 1000, "kg");

        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "strikeId", strikeId);
            faults.text(path + "species", species, LONGEST_SPECIES);
            LENGTH_M.checkOptional(faults, path + "lengthM", lengthM.orElse(null));
            MASS_KG.checkOptional(faults, path + "massKg", massKg.orElse(null));
        }

        boolean isKept() {
            return !released.orElse(false);
        }
    }

    /** The fish of a strike got away. */
    record Lost(UUID strikeId, Optional<Loss> how) implements OfStrike {
        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "strikeId", strikeId);
        }
    }

    /** A fish came after a lure and did not take. */
    record Followed(UUID lineId, Optional<String> fished) implements OfLine {}

    /** The line went out. */
    record Set(UUID lineId, Optional<Double> letOutM, Optional<String> fished) implements OfLine {
        @Override
        public void check(Faults faults, String path) {
            OfLine.super.check(faults, path);
            LET_OUT_M.checkOptional(faults, path + "letOutM", letOutM.orElse(null));
        }
    }

    /** Let-out, lure or rigging is another from now on. */
    record Changed(UUID lineId, Optional<Double> letOutM, Optional<String> fished) implements OfLine {
        @Override
        public void check(Faults faults, String path) {
            OfLine.super.check(faults, path);
            LET_OUT_M.checkOptional(faults, path + "letOutM", letOutM.orElse(null));
        }
    }

    /** The line came in. */
    record Cleared(UUID lineId) implements OfLine {}

    /** Its bait is a fresh one. */
    record Renewed(UUID lineId) implements OfLine {}

    /** Looked over: weed, hook, leader. */
    record Checked(UUID lineId) implements OfLine {}

    /** Its lure or weight touched bottom. */
    record Touched(UUID lineId) implements OfLine {}

    /**
     * A clock of the routine was put back: what it asked for is done.
     *
     * @param routine its name
     */
    record Tended(String routine) implements Happening {
        /** A count of the box was lowered for what a day used up; followed by the lure's id and how many. */
        public static final String TAKEN_OFF = "TAKEN_OFF ";

        /** Line and hooks that went with a lure are off the evening's count; followed by the strike's id. */
        public static final String TACKLE_OFF = "TACKLE_OFF ";

        private static final int LONGEST = 80;

        /** Said of the day when it was over: nothing was in the water for it. */
        public boolean isPuttingAway() {
            return routine.startsWith(TAKEN_OFF) || routine.startsWith(TACKLE_OFF);
        }

        @Override
        public void check(Faults faults, String path) {
            faults.text(path + "routine", routine, LONGEST);
        }
    }

    /**
     * The crew saw how it runs.
     *
     * @param gearId its lure, which is taken to want another speed from then on
     */
    record Cued(UUID lineId, Cue cue, Optional<UUID> gearId) implements OfLine {
        @Override
        public void check(Faults faults, String path) {
            OfLine.super.check(faults, path);
            faults.required(path + "cue", cue);
        }
    }

    /** How many engines push from now on. */
    record Engines(Integer running) implements Happening {
        private static final Accepted RUNNING = new Accepted(0, 6, "");

        @Override
        public void check(Faults faults, String path) {
            RUNNING.check(faults, path + "running", running == null ? null : (Double) running.doubleValue());
        }
    }

    /**
     * Seen from the boat.
     *
     * @param bearingDeg from the boat, of true north; {@code towardsDeg} with {@code speedMps} is where it goes
     * @param latitudeDeg where it lay, with {@code longitudeDeg}, as the device reckoned it then
     * @param topM       with {@code bottomM} the depths a bait layer lies between
     */
    record Sighted(
            Seen what,
            Optional<Double> bearingDeg,
            Optional<Double> distanceM,
            Optional<Double> topM,
            Optional<Double> bottomM,
            Optional<Double> towardsDeg,
            Optional<Double> speedMps,
            Optional<Double> latitudeDeg,
            Optional<Double> longitudeDeg,
            Optional<String> note)
            implements Happening {
        private static final Accepted DISTANCE_M = new Accepted(0, 50_000, "m");

        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "what", what);
            DIRECTION_DEG.checkOptional(faults, path + "bearingDeg", bearingDeg.orElse(null));
            DISTANCE_M.checkOptional(faults, path + "distanceM", distanceM.orElse(null));
            DEPTH_M.checkOptional(faults, path + "topM", topM.orElse(null));
            DEPTH_M.checkOptional(faults, path + "bottomM", bottomM.orElse(null));
            DIRECTION_DEG.checkOptional(faults, path + "towardsDeg", towardsDeg.orElse(null));
            SPEED_MPS.checkOptional(faults, path + "speedMps", speedMps.orElse(null));
            if (latitudeDeg.isPresent() || longitudeDeg.isPresent()) {
                LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg.orElse(null));
                LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg.orElse(null));
            }
            note.ifPresent(text -> faults.text(path + "note", text, LONGEST_NOTE));
        }
    }

    /** Into the well. */
    record BaitCaught(String bait, Integer count, Optional<Double> lengthM) implements Happening {
        @Override
        public void check(Faults faults, String path) {
            checkBait(faults, path, bait, count);
        }
    }

    /** Out of the well, of no more use. */
    record BaitDead(String bait, Integer count) implements Happening {
        @Override
        public void check(Faults faults, String path) {
            checkBait(faults, path, bait, count);
        }
    }

    /** What a fish of a strike had eaten. */
    record Opened(UUID strikeId, String found) implements OfStrike {
        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "strikeId", strikeId);
            faults.text(path + "found", found, LONGEST_NOTE);
        }
    }

    /** A note on another fact. */
    record Annotated(UUID targetId, String note) implements Happening {
        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "targetId", targetId);
            faults.text(path + "note", note, LONGEST_NOTE);
        }
    }

    /** Another fact is taken back; taking back a retraction restores what it took. */
    record Retracted(UUID targetId) implements Happening {
        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "targetId", targetId);
        }
    }

    /**
     * Another fact happened at another time, or a fish took at another place, than was said. Of several the one that was
     * said last holds.
     *
     * @param latitudeDeg with {@code longitudeDeg}: where the lure was; both or neither
     */
    record Corrected(UUID targetId, Optional<Instant> at, Optional<Double> latitudeDeg, Optional<Double> longitudeDeg)
            implements Happening {
        @Override
        public void check(Faults faults, String path) {
            faults.required(path + "targetId", targetId);
            LATITUDE_DEG.checkOptional(faults, path + "latitudeDeg", latitudeDeg.orElse(null));
            LONGITUDE_DEG.checkOptional(faults, path + "longitudeDeg", longitudeDeg.orElse(null));
            if (latitudeDeg.isPresent() != longitudeDeg.isPresent()) {
                faults.required(path + "latitudeDeg", latitudeDeg.orElse(null));
                faults.required(path + "longitudeDeg", longitudeDeg.orElse(null));
            } else if (at.isEmpty() && latitudeDeg.isEmpty()) {
                faults.required(path + "at", null);
            }
        }

        Optional<Place> place() {
            return latitudeDeg.map(latitude -> new Place(latitude, longitudeDeg.orElseThrow()));
        }
    }

    /** Degrees north and east. */
    record Place(double latitudeDeg, double longitudeDeg) {}

    /** Where the boat was, as first editions reported it; fixes have a way of their own since. */
    record Fix(Double latitudeDeg, Double longitudeDeg, Optional<Double> speedOverGroundMps, Optional<Double> courseDeg)
            implements Happening {
        @Override
        public void check(Faults faults, String path) {
            LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
            LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
            SPEED_MPS.checkOptional(faults, path + "speedOverGroundMps", speedOverGroundMps.orElse(null));
            DIRECTION_DEG.checkOptional(faults, path + "courseDeg", courseDeg.orElse(null));
        }
    }

    /** Of a newer device: kept and shown, and folded into nothing. */
    record Unknown(String kind) implements Happening {
        @Override
        public void check(Faults faults, String path) {}
    }

    Accepted LET_OUT_M = new Accepted(1, 400, "m");
    Accepted DEPTH_M = new Accepted(0, 2000, "m");
    Accepted SPEED_MPS = new Accepted(0, 40, "m/s");
    Accepted LATITUDE_DEG = new Accepted(-90, 90, "°");
    Accepted LONGITUDE_DEG = new Accepted(-180, 180, "°");
    Accepted DIRECTION_DEG = new Accepted(0, 360, "°");
    int LONGEST_NOTE = 2000;

    private static void checkBait(Faults faults, String path, String bait, Integer count) {
        faults.text(path + "bait", bait, 60);
        new Accepted(1, 1000, "").check(faults, path + "count", count == null ? null : (Double) count.doubleValue());
    }
}
