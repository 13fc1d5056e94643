package org.mosswake.server.log;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Finding;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.Question;
import org.mosswake.core.log.Slice;
import org.mosswake.core.log.Where;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.log.YearsReply.LogFacet;
import org.springframework.stereotype.Service;

@Service
class LogService {
    private static final int STRIKES = 300;
    private static final int CHOICES = 60;
    private static final double PIECE_M = 250;
    private static final int PIECES = 2000;

    private final Ledgers ledgers;
    private final BoatService boats;

    LogService(Ledgers ledgers, BoatService boats) {
        this.ledgers = ledgers;
        this.boats = boats;
    }

    YearsReply slice(UUID vessel, List<String> where, LocalDate day) {
        List<Where> filter = WhereText.read(where);
        boats.require(vessel);
        Ledger ledger = ledgers.of(vessel);
        Slice slice = ledger.slice(filter);
        double pooled = slice.minutes() > 0 ? slice.strikes() / slice.minutes() : 0;
        List<Question> questions = Question.of(ledger, filter);
        List<LocalDate> days = ledger.days();
        return new YearsReply(
                YearsReply.LogSum.of(slice, pooled),
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
                PIECE_M,
                ledger.pieces(filter, PIECE_M).stream()
                        .map(YearsReply.SeaPiece::of)
                        .limit(PIECES)
                        .toList());
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
