package org.mosswake.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.advice.DayAdvice;
import org.mosswake.core.deck.AfterDay;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Finding;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.Odds;
import org.mosswake.core.log.Question;
import org.mosswake.core.log.Slice;
import org.mosswake.core.log.Traits;
import org.mosswake.core.log.Where;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.log.YearsReply.LogFacet;
import org.mosswake.server.strikes.DayEntries;
import org.springframework.stereotype.Service;

@Service
class LogService {
    /** What is drawn over what: rows over columns. */
    private static final List<List<Facet>> CROSSES =
            List.of(List.of(Facet.STREAM, Facet.HOUR), List.of(Facet.DEPTH, Facet.HOUR));

    private static final int STRIKES = 300;
    private static final int CHOICES = 60;
    /** As many as a notebook may have: a table that goes out can come in. */
    private static final int TABLE_ROWS = 20_000;

    private static final double PIECE_M = 250;
    private static final int PIECES = 2000;

    private final Ledgers ledgers;
    private final BoatService boats;
    private final DayEntries days;

    LogService(Ledgers ledgers, BoatService boats, DayEntries days) {
        this.days = days;
        this.ledgers = ledgers;
        this.boats = boats;
    }

    YearsReply slice(UUID vessel, List<String> where, @Nullable List<String> beside, LocalDate day) {
        List<Where> filter = WhereText.read("where", where);
        List<Where> other = beside == null ? null : WhereText.read("beside", beside);
        boats.require(vessel);
        Ledger ledger = ledgers.of(vessel);
        Slice slice = ledger.slice(filter);
        double pooled = slice.minutes() > 0 ? slice.strikes() / slice.minutes() : 0;
        List<Question> questions = Question.of(ledger, filter);
        List<LocalDate> days = ledger.days();
        return new YearsReply(
                YearsReply.LogSum.of(slice, pooled),
                ledger.size(),
                days.isEmpty() ? null : days.get(0),
                days.isEmpty() ? null : days.get(days.size() - 1),
                ledger.weeks(filter).stream().map(YearsReply.LogWeek::of).toList(),
                Arrays.stream(Facet.values())
                        .map(facet -> facet(ledger, facet))
                        .filter(facet ->
                                !facet.choices().isEmpty() || !facet.bands().isEmpty())
                        .toList(),
                questions.stream()
                        .map(question -> YearsReply.LogQuestion.of(question, pooled))
                        .toList(),
                Finding.of(ledger, filter, questions, day).stream()
                        .map(YearsReply.LogFinding::of)
                        .toList(),
                ledger.strikes(filter, STRIKES).stream()
                        .map(YearsReply.LoggedStrike::of)
                        .toList(),
                other == null ? null : beside(slice, ledger.slice(other), pooled),
                PIECE_M,
                ledger.pieces(filter, PIECE_M).stream()
                        .map(YearsReply.SeaPiece::of)
                        .limit(PIECES)
                        .toList());
    }

    PicturesReply pictures(UUID vessel, List<String> where) {
        List<Where> filter = WhereText.read("where", where);
        boats.require(vessel);
        Ledger ledger = ledgers.of(vessel);
        Slice slice = ledger.slice(filter);
        double pooled = slice.minutes() > 0 ? slice.strikes() / slice.minutes() : 0;
        return new PicturesReply(
                YearsReply.LogSum.of(slice, pooled),
                CROSSES.stream()
                        .map(two -> PicturesReply.LogCross.of(
                                two.get(0), two.get(1), ledger.cross(two.get(0), two.get(1), filter), pooled))
                        .toList(),
                ledger.by(Facet.POSITION, filter).stream()
                        .limit(CHOICES)
                        .map(arm ->
                                new PicturesReply.LogPosition(arm.choice(), YearsReply.LogSum.of(arm.slice(), pooled)))
                        .toList());
    }

    String table(UUID vessel, List<String> where) {
        List<Where> filter = WhereText.read("where", where);
        ZoneId zone = boats.homeOf(vessel).zone();
        Ledger ledger = ledgers.of(vessel);
        Slice slice = ledger.slice(filter);
        int strikes = slice.strikes() + slice.untimed();
        if (strikes > TABLE_ROWS) {
            throw FaultException.of(FaultCode.TOO_MANY, "strikes", strikes, TABLE_ROWS);
        }
        return TableOut.write(ledger.strikes(filter, TABLE_ROWS), zone);
    }

    AfterDay after(UUID vessel, UUID trip) {
        return days.after(vessel, trip);
    }

    Map<UUID, Traits> lines(UUID vessel, UUID trip, Optional<Instant> at) {
        return days.lines(vessel, trip, at);
    }

    AdviceReply advice(UUID vessel, UUID trip, Instant at, double leftMin) {
        var faults = new Faults();
        MoveBody.LEFT_MIN.check(faults, "leftMin", leftMin);
        faults.throwIfAny();
        return AdviceReply.of(DayAdvice.of(days.of(vessel, trip), at, leftMin, days.drift(vessel, trip)));
    }

    private static YearsReply.LogBeside beside(Slice slice, Slice other, double pooled) {
        return new YearsReply.LogBeside(YearsReply.LogSum.of(other, pooled), Odds.takesMore(slice, other));
    }

    private static LogFacet facet(Ledger ledger, Facet facet) {
        List<Ledger.Arm> arms = ledger.by(facet, List.of());
        return new LogFacet(
                facet,
                facet.words(),
                facet.kind().orElse(null),
                facet.isNumber()
                        ? List.of()
                        : arms.stream().limit(CHOICES).map(Ledger.Arm::choice).toList(),
                facet.isNumber()
                        ? arms.stream()
                                .map(arm -> new YearsReply.LogBand(arm.from(), arm.to()))
                                .toList()
                        : List.of());
    }
}
