package org.mosswake.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Finding;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Notebook;
import org.mosswake.core.log.Odds;
import org.mosswake.core.log.Question;
import org.mosswake.core.log.Slice;
import org.mosswake.core.units.Figure;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * A slice of all days: what it took in what time, told apart, and what it says.
 *
 * @param entries  of the whole log
 * @param firstDay of the whole log, with {@code lastDay}; absent while no year is known
 * @param beside   the slice that it is set beside, where one was sent
 * @param pieceM   side of a piece of sea (m)
 */
record YearsReply(
        LogSum sum,
        int entries,
        @Nullable LocalDate firstDay,
        @Nullable LocalDate lastDay,
        List<LogWeek> weeks,
        List<LogFacet> facets,
        List<LogQuestion> questions,
        List<LogFinding> findings,
        List<LoggedStrike> strikes,
        @Nullable LogBeside beside,
        double pieceM,
        List<SeaPiece> pieces) {
    /**
     * @param untimed strikes of which the time fished is not in the log
     * @param minutes line-minutes
     * @param per100  strikes in 100 line-minutes; absent where no time was fished. Eight in ten lie from {@code low} to
     *                {@code high}
     * @param landedLow share of the strikes that came in, where eight in ten lie, with {@code landedHigh}; absent without
     *                strikes
     */
    record LogSum(
            int strikes,
            int landed,
            int untimed,
            double minutes,
            int days,
            @Nullable Double per100,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable Double landedLow,
            @Nullable Double landedHigh) {
        static LogSum of(Slice slice, double pooled) {
            boolean timed = slice.minutes() > 0;
            Odds.Rate rate = Odds.rate(slice, pooled);
            var share = Odds.landed(slice.landed(), slice.strikes());
            return new LogSum(
                    slice.strikes(),
                    slice.landed(),
                    slice.untimed(),
                    slice.minutes(),
                    slice.days(),
                    timed ? rate.per100() : null,
                    timed ? rate.low() : null,
                    timed ? rate.high() : null,
                    share.map(Odds.Share::low).orElse(null),
                    share.map(Odds.Share::high).orElse(null));
        }
    }

    /** @param week sevens of days from the first of January, 1 to 53 */
    record LogWeek(int year, int week, int strikes, double minutes) {
        static LogWeek of(Ledger.Week week) {
            return new LogWeek(week.year(), week.week(), week.strikes(), week.minutes());
        }
    }

    /**
     * What can be asked of.
     *
     * @param figure  of a number, absent of a choice
     * @param choices that occur
     */
    record LogFacet(
            Facet facet, String words, Figure.@Nullable Kind figure, List<String> choices, List<LogBand> bands) {}

    record LogBand(double from, double to) {}

    /** @param chosen by the crew, and not by day or sea */
    record LogQuestion(Facet facet, String words, boolean chosen, List<LogArm> arms) {
        static LogQuestion of(Question question, double pooled) {
            return new LogQuestion(
                    question.facet(),
                    question.facet().words(),
                    question.facet().isChosen(),
                    question.arms().stream()
                            .map(asked -> new LogArm(
                                    SentenceReply.of(Question.words(question.facet(), asked.arm())),
                                    WhereText.text(Question.where(question.facet(), asked.arm())),
                                    LogSum.of(asked.arm().slice(), pooled),
                                    asked.odds()))
                            .toList());
        }
    }

    /** @param odds that it takes more than all other arms together in equal time */
    record LogArm(SentenceReply says, String where, LogSum sum, double odds) {}

    record LogFinding(Finding.Kind kind, SentenceReply title, SentenceReply says, List<String> where) {
        static LogFinding of(Finding finding) {
            return new LogFinding(
                    finding.kind(),
                    SentenceReply.of(finding.title()),
                    SentenceReply.of(finding.says()),
                    finding.where().stream().map(WhereText::text).toList());
        }
    }

    /**
     * The latest first.
     *
     * @param day absent where no year is known
     */
    record LoggedStrike(
            UUID strikeId,
            @Nullable LocalDate day,
            @Nullable Instant at,
            @Nullable String species,
            @Nullable String outcome,
            @Nullable String position,
            @Nullable String lure,
            @Nullable Double depthM,
            @Nullable Double latitudeDeg,
            @Nullable Double longitudeDeg) {
        static LoggedStrike of(LogEntry entry) {
            return new LoggedStrike(
                    entry.id(),
                    entry.day().getYear() == Notebook.NO_YEAR ? null : entry.day(),
                    entry.at().orElse(null),
                    entry.choices().get(Facet.SPECIES),
                    entry.choices().get(Facet.OUTCOME),
                    entry.choices().get(Facet.POSITION),
                    entry.choices().get(Facet.LURE),
                    entry.numbers().get(Facet.DEPTH),
                    entry.place().map(LogEntry.Place::latitudeDeg).orElse(null),
                    entry.place().map(LogEntry.Place::longitudeDeg).orElse(null));
        }
    }

    /** @param minutes that lines fished there, as far as it is known where they did */
    record SeaPiece(double latitudeDeg, double longitudeDeg, int strikes, double minutes) {
        static SeaPiece of(Ledger.Piece piece) {
            return new SeaPiece(piece.latitudeDeg(), piece.longitudeDeg(), piece.strikes(), piece.minutes());
        }
    }

    /** @param odds that the slice takes more than the other, in equal time */
    record LogBeside(LogSum sum, double odds) {}
}
