package org.mosswake.server.call;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Doubts;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.LineCount;
import org.mosswake.core.call.Score;
import org.mosswake.core.call.Topic;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.clock.Step;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Basis;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * The call for a moment and over the day.
 *
 * @param scores      every playbook, the heaviest first
 * @param marginTenths of the first over the second
 * @param from        the first stays first around the moment, until {@code to}
 * @param taughtByDays days out whose strikes moved the weights; absent where the shipped ones are used
 * @param bagByTable  fish the bag has room for by the table and the crew, where both are known
 * @param kept        fish kept until the moment asked for, of the target where there is one; they are off the room already
 */
record CallReply(
        List<ScoreReply> scores,
        int marginTenths,
        TakenReply taken,
        CountReply lines,
        List<BandReply> bands,
        Instant from,
        Instant to,
        @Nullable PlanBReply planB,
        List<UnknownReply> worthFinding,
        List<ChangeReply> wouldChange,
        List<SentenceReply> verdict,
        List<SentenceReply> contradictions,
        List<SentenceReply> lacks,
        List<CautionReply> cautions,
        List<StepReply> steps,
        @Nullable RuleBody rule,
        @Nullable Integer bagByTable,
        int kept,
        @Nullable Integer taughtByDays) {
    /** Playbooks whose reasons are sent: nobody reads those of the last. */
    private static final int WITH_REASONS = 8;

    record ReasonReply(String rule, Topic topic, int tenths, SentenceReply says) {}

    /** @param reasons add up to {@code tenths}; left out for those far behind */
    record ScoreReply(PlaybookId playbook, List<Species> targets, int tenths, List<ReasonReply> reasons) {
        static ScoreReply of(Score score, boolean reasons) {
            return new ScoreReply(
                    score.playbook().id(),
                    score.playbook().targets(),
                    score.tenths(),
                    reasons
                            ? score.reasons().stream()
                                    .map(r -> new ReasonReply(
                                            r.rule(), r.topic(), r.tenths(), SentenceReply.of(r.says())))
                                    .toList()
                            : List.of());
        }
    }

    /** @param sure where its speed and let-outs come from */
    record TakenReply(
            PlaybookId playbook, double leastMps, double startMps, double mostMps, boolean overGround, Basis sure) {
        static TakenReply of(Playbook p) {
            return new TakenReply(
                    p.id(), p.leastMps(), p.startMps(), p.mostMps(), p.is(Playbook.Trait.OVER_GROUND), p.sure());
        }
    }

    /** @param bounds the tightest first: it decides */
    record CountReply(int lines, List<BoundReply> bounds) {
        static CountReply of(LineCount count) {
            return new CountReply(
                    count.lines(),
                    count.bounds().stream()
                            .map(bound -> new BoundReply(bound.what(), bound.most(), SentenceReply.of(bound.says())))
                            .toList());
        }
    }

    record BoundReply(LineCount.What what, int most, SentenceReply says) {}

    record BandReply(PlaybookId playbook, List<SpellReply> spells) {}

    record SpellReply(Instant from, Instant to, int tenths) {}

    record PlanBReply(
            PlaybookId playbook, int tenths, @Nullable Instant at) {}

    /** @param first what an answer would put first, and {@code rankNow} where that stands now */
    record UnknownReply(
            Topic topic,
            int swingTenths,
            @Nullable PlaybookId first,
            @Nullable Integer rankNow,
            AnswerBody by) {
        static UnknownReply of(Doubts.Unknown unknown) {
            return new UnknownReply(
                    unknown.topic(),
                    unknown.swingTenths(),
                    unknown.first().orElse(null),
                    unknown.rankNow().orElse(null),
                    AnswerBody.of(unknown.topic(), unknown.by()));
        }
    }

    record ChangeReply(AnswerBody answer, PlaybookId first) {}

    record CautionReply(Caution caution, String words) {}

    record StepReply(Step.Kind kind, Instant at, Instant ends, String title, SentenceReply because) {
        static StepReply of(Step step) {
            return new StepReply(step.kind(), step.at(), step.ends(), step.title(), SentenceReply.of(step.because()));
        }
    }

    static CallReply of(
            Call call,
            List<Step> steps,
            Optional<Entry> entry,
            Optional<Integer> bag,
            int kept,
            Optional<Integer> taught) {
        var scores = call.ranking().scores();
        return new CallReply(
                IntStream.range(0, scores.size())
                        .mapToObj(i -> ScoreReply.of(
                                scores.get(i),
                                i < WITH_REASONS
                                        || scores.get(i).playbook().id()
                                                == call.taken().id()))
                        .toList(),
                call.ranking().margin(),
                TakenReply.of(call.taken()),
                CountReply.of(call.lines()),
                call.bands().entrySet().stream()
                        .map(band -> new BandReply(
                                band.getKey(),
                                band.getValue().stream()
                                        .map(spell -> new SpellReply(spell.from(), spell.to(), spell.tenths()))
                                        .toList()))
                        .toList(),
                call.from(),
                call.to(),
                call.planB()
                        .map(planB -> new PlanBReply(
                                planB.id(), planB.tenths(), planB.at().orElse(null)))
                        .orElse(null),
                call.worthFinding().stream().map(UnknownReply::of).toList(),
                call.wouldChange().stream()
                        .map(change -> new ChangeReply(AnswerBody.of(change.topic(), change.answer()), change.first()))
                        .toList(),
                SentenceReply.of(call.verdict()),
                SentenceReply.of(call.contradictions()),
                SentenceReply.of(call.lacks()),
                call.cautions().stream()
                        .map(caution -> new CautionReply(caution, caution.words()))
                        .toList(),
                steps.stream().map(StepReply::of).toList(),
                entry.map(RuleBody::of).orElse(null),
                bag.orElse(null),
                kept,
                taught.orElse(null));
    }
}
