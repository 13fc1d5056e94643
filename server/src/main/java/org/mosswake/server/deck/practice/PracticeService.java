package org.mosswake.server.deck.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.sim.Practice;
import org.mosswake.core.sim.PracticeState;
import org.mosswake.server.deck.instruments.PracticeEar;
import org.mosswake.server.deck.practice.PracticeBody.PracticeBegun;
import org.mosswake.server.deck.practice.PracticeBody.PracticeHelm;
import org.mosswake.server.deck.practice.PracticeMapper.Row;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.owner.OwnerService;
import org.mosswake.server.platform.database.Write;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Practice days: begun, steered, and sailed on for as long as somebody looks. */
@Service
class PracticeService {
    /** Who has not looked for so long finds the day where it was left. */
    private static final Duration LOOKED = Duration.ofSeconds(3);
    /** Some days back, so that hours of hurried time never come to the present. */
    private static final int DAYS_BACK = 3;

    private static final double USUAL_MPS = 3;

    private final PracticeMapper rows;
    private final PracticeSeas seas;
    private final PracticeEar ear;
    private final OwnerService owners;
    private final BoatService boats;
    private final JsonMapper json;
    private final Clock clock;
    private final Optional<Long> seed;

    /** @param seed of every sea; each has its own where it is not set */
    PracticeService(
            PracticeMapper rows,
            PracticeSeas seas,
            PracticeEar ear,
            OwnerService owners,
            BoatService boats,
            JsonMapper json,
            Clock clock,
            @Value("${moss.practice.seed:#{null}}") @Nullable Long seed) {
        this.rows = rows;
        this.seas = seas;
        this.ear = ear;
        this.owners = owners;
        this.boats = boats;
        this.json = json;
        this.clock = clock;
        this.seed = Optional.ofNullable(seed);
    }

    /** @param practises the copy of this boat, or this boat where she is one; empty where nobody practises */
    record Known(Optional<PracticeReply> practises) {}

    @Transactional(readOnly = true)
    Known known(UUID boat) {
        boats.require(boat);
        UUID copy = rows.copyOf(boat);
        return new Known(
                Optional.ofNullable(rows.one(copy == null ? boat : copy)).map(this::reply));
    }

    /** Goes on with what was practised before, unless it is to begin afresh. */
    @Write
    PracticeReply begin(UUID boat, PracticeBegun body) {
        boats.hold(boat);
        if (rows.one(boat) != null) {
            throw FaultException.of(FaultCode.ONLY_PRACTICE, "a practice day");
        }
        UUID before = rows.copyOf(boat);
        if (before != null && !body.afresh()) {
            return reply(required(rows.one(before), before));
        }
        if (before != null) {
            owners.forgetCopy(before);
        }
        UUID copy = UUID.randomUUID();
        owners.copy(boat, copy, boats.nameOf(boat) + ", practice");
        LocalDate day =
                LocalDate.ofInstant(clock.instant(), boats.homeOf(boat).zone()).minusDays(DAYS_BACK);
        Instant begins = seas.begins(copy, day).truncatedTo(ChronoUnit.SECONDS);
        PracticeState state = seas.of(copy, seed(copy)).begin(begins, body.holdMps());
        Row row = new Row(copy, boat, state.at(), 1, now(), json.writeValueAsString(state));
        rows.insert(row);
        return reply(row);
    }

    @Write
    PracticeReply steer(UUID boat, PracticeHelm helm) {
        Row row = required(rows.locked(boat), boat);
        PracticeState state = state(row).steered(helm.steering(), helm.steerDeg(), helm.radiusM(), helm.holdMps());
        return keep(row, helm.rate(), row.askedAt(), state);
    }

    /** @param lines as they were when last looked */
    @Write
    PracticeReply look(UUID boat, List<Practice.Line> lines) {
        Row row = required(rows.locked(boat), boat);
        Instant now = now();
        Duration since = Duration.between(row.askedAt(), now);
        boolean left = since.compareTo(LOOKED) > 0;
        double seconds = (left ? LOOKED : since).toNanos() / 1e9 * row.rate();
        PracticeState state = state(row);
        Practice practice = seas.of(boat, state.seed());
        long most = Math.min((long) seconds, Duration.between(state.at(), now).toSeconds());
        var written = new ArrayList<PracticeEar.Written>();
        boolean taken = false;
        while (written.size() < most && !taken) {
            state = practice.second(state, lines);
            written.add(new PracticeEar.Written(state.at(), practice.writes(state)));
            taken = Practice.isTaken(state);
        }
        ear.hear(boat, written);
        // With a fish on nobody wants time to run.
        int rate = taken ? 1 : row.rate();
        Instant asked = left || taken ? now : row.askedAt().plusNanos((long) (written.size() * 1e9 / row.rate()));
        return keep(row, rate, asked, state);
    }

    private PracticeReply keep(Row row, int rate, Instant asked, PracticeState state) {
        String body = json.writeValueAsString(state);
        Row kept = new Row(row.vesselId(), row.ofVesselId(), state.at(), rate, asked, body);
        rows.update(kept);
        return reply(kept);
    }

    private PracticeReply reply(Row row) {
        PracticeState state = state(row);
        boolean over = Duration.between(state.at(), clock.instant()).compareTo(Duration.ofMinutes(1)) < 0;
        return PracticeReply.of(row, seas.of(row.vesselId(), state.seed()), state, over);
    }

    /** What another edition wrote and this one cannot read: she is at her home again, at the same hour. */
    private PracticeState state(Row row) {
        try {
            return json.readValue(row.body(), PracticeState.class);
        } catch (JacksonException e) {
            return seas.of(row.vesselId(), seed(row.vesselId())).begin(row.moment(), USUAL_MPS);
        }
    }

    private long seed(UUID copy) {
        return seed.orElse(copy.getLeastSignificantBits());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static Row required(@Nullable Row row, UUID boat) {
        if (row == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "practice", boat.toString());
        }
        return row;
    }
}
