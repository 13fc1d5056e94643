package org.mosswake.server.deck;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.deck.CueAnswer;
import org.mosswake.core.deck.DeckSheet;
import org.mosswake.core.deck.Fight;
import org.mosswake.core.deck.FishCare;
import org.mosswake.core.deck.GoingOut;
import org.mosswake.core.deck.Handling;
import org.mosswake.core.deck.Routine;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.strikes.Cue;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * All that the deck is told about a spread beforehand.
 *
 * @param playbook absent for a spread made by hand
 * @param cautions that hold whenever lines are out
 */
record DeckReply(
        @Nullable PlaybookId playbook,
        @Nullable String words,
        HandlingReply handling,
        List<RoutineReply> routines,
        List<CueReply> cues,
        List<PhaseReply> fight,
        List<FishReply> fish,
        List<GoingOutReply> goingOut,
        List<String> cautions) {
    /** How one line is set, step by step. */
    record GoingOutReply(UUID lineId, String label, List<SentenceReply> steps) {
        static GoingOutReply of(GoingOut out) {
            return new GoingOutReply(out.line(), out.label(), SentenceReply.of(out.steps()));
        }
    }

    record HandlingReply(SentenceReply now, long holdS, SentenceReply then) {
        static HandlingReply of(Handling handling) {
            return new HandlingReply(
                    SentenceReply.of(handling.now()), handling.hold().toSeconds(), SentenceReply.of(handling.then()));
        }
    }

    /** @param putBack kinds of fact that put it back, of the line where there is one */
    record RoutineReply(
            String name,
            long everyS,
            SentenceReply says,
            List<Routine.Does> putBack,
            @Nullable UUID lineId,
            int urgency) {
        static RoutineReply of(Routine routine) {
            return new RoutineReply(
                    routine.name(),
                    routine.every().toSeconds(),
                    SentenceReply.of(routine.says()),
                    routine.putBack().stream().sorted().toList(),
                    routine.line().orElse(null),
                    routine.urgency());
        }
    }

    record CueReply(Cue cue, String says, SentenceReply act, double stepMps) {
        static CueReply of(CueAnswer answer) {
            return new CueReply(answer.cue(), answer.says(), SentenceReply.of(answer.act()), answer.stepMps());
        }
    }

    record PhaseReply(Fight phase, String words, List<SentenceReply> says) {
        static PhaseReply of(Fight phase) {
            return new PhaseReply(phase, phase.words(), SentenceReply.of(phase.says()));
        }
    }

    /** @param bag and lengths are the skipper's own, dated; absent where his table says nothing */
    record FishReply(
            Species species,
            String words,
            List<String> cautions,
            @Nullable Integer bag,
            @Nullable Double leastLengthM,
            @Nullable Double mostLengthM,
            @Nullable String lookLike) {
        static FishReply of(FishCare care) {
            return new FishReply(
                    care.species(),
                    care.species().words(),
                    care.cautions().stream().map(Caution::words).toList(),
                    care.rule().flatMap(rule -> rule.bag()).orElse(null),
                    care.rule().flatMap(rule -> rule.leastLengthM()).orElse(null),
                    care.rule().flatMap(rule -> rule.mostLengthM()).orElse(null),
                    care.lookLike().orElse(null));
        }
    }

    static DeckReply of(DeckSheet sheet) {
        return new DeckReply(
                sheet.playbook().orElse(null),
                sheet.playbook().map(PlaybookId::words).orElse(null),
                HandlingReply.of(sheet.handling()),
                sheet.routines().stream().map(RoutineReply::of).toList(),
                sheet.cues().stream().map(CueReply::of).toList(),
                Arrays.stream(Fight.values()).map(PhaseReply::of).toList(),
                sheet.fish().stream().map(FishReply::of).toList(),
                sheet.goingOut().stream().map(GoingOutReply::of).toList(),
                List.of(Caution.LOOKOUT.words(), Caution.RULES.words()));
    }
}
