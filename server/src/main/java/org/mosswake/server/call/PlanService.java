package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Topic;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.call.PlanBody.SetAside;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.json.Stored;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Days as planned, one for each boat and date. */
@Service
public class PlanService {
    private final Documents documents;
    private final Stored stored;
    private final SpreadService spreads;
    private final JsonMapper json;

    PlanService(Documents documents, Stored stored, SpreadService spreads, JsonMapper json) {
        this.documents = documents;
        this.stored = stored;
        this.spreads = spreads;
        this.json = json;
    }

    @Transactional(readOnly = true)
    PlanBody plan(UUID vessel, LocalDate day) {
        spreads.requireBoat(vessel);
        return plan(day, documents.one(vessel, DocumentKind.PLAN, day.toString()));
    }

    /** What is known of a day. */
    @Transactional(readOnly = true)
    public Conditions conditions(UUID vessel, LocalDate day) {
        return AnswerBody.conditions(new Faults(), "answers", plan(vessel, day).answers())
                .orElse(Conditions.NOTHING);
    }

    /** A count that was stated of a day. */
    @Transactional(readOnly = true)
    public Optional<Integer> stated(UUID vessel, LocalDate day, Topic topic) {
        return AnswerBody.conditions(new Faults(), "answers", plan(vessel, day).answers())
                .flatMap(known -> known.count(topic));
    }

    /** When she turns for home, where the plan says when she is to be there. */
    @Transactional(readOnly = true)
    public Optional<Instant> turnsForHome(UUID vessel, LocalDate day) {
        PlanBody plan = plan(vessel, day);
        return Optional.ofNullable(plan.homeAt()).map(at -> at.minusSeconds(Math.round(60 * plan.runOutMin())));
    }

    @Write
    PlanBody save(UUID vessel, PlanBody body) {
        spreads.requireBoat(vessel);
        var write = new Documents.Change("This plan", body.day().toString(), body.version(), body);
        return plan(
                body.day(),
                Optional.of(documents.put(
                        vessel, DocumentKind.PLAN, write, content(body), kept -> plan(body.day(), kept))));
    }

    /** As kept: answers that could not be used stay among the others, in their own words. */
    private Object content(PlanBody body) {
        ObjectNode content = json.valueToTree(body);
        content.remove(List.of("day", "version", "setAside"));
        if (body.setAside() != null) {
            body.setAside().forEach(aside -> content.withArray("answers").add(json.readTree(aside.kept())));
        }
        return content;
    }

    private PlanBody plan(LocalDate day, Optional<Kept> kept) {
        if (kept.isEmpty() || !(kept.get().body() instanceof ObjectNode body)) {
            return PlanBody.empty(day, kept.map(Kept::version).orElse(0));
        }
        var answers = new ArrayList<AnswerBody>();
        var aside = new ArrayList<SetAside>();
        body.path("answers").forEach(answer -> {
            Stored.Read<AnswerBody> read = stored.read(answer, AnswerBody.class);
            var faults = new Faults();
            read.faults().forEach(faults::add);
            read.value().ifPresent(one -> AnswerBody.conditions(faults, "answers", List.of(one)));
            if (faults.isEmpty() && read.value().isPresent()) {
                answers.add(read.value().get());
            } else {
                MarkedReply marked = MarkedReply.of(MarkedReply.Where.PLAN, "", "", 0, faults.list());
                aside.add(new SetAside(
                        answer.path("topic").asString("?"), answer.toString(), marked.says(), marked.mend()));
            }
        });
        ObjectNode rest = body.deepCopy();
        rest.remove("answers");
        Stored.Read<PlanBody.Hours> hours = stored.read(rest, PlanBody.Hours.class);
        return PlanBody.of(
                day,
                kept.get().version(),
                answers,
                hours.value().orElse(PlanBody.Hours.USUAL),
                aside.isEmpty() ? null : aside);
    }
}
