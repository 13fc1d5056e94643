package org.mosswake.server.call;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Topic;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;

/**
 * What is known of one topic; numbers in SI.
 *
 * @param value its number: a temperature, how many, the top of a layer
 * @param other the bottom of a layer (m)
 */
public record AnswerBody(
        Topic topic,
        @Nullable String choice,
        @Nullable String second,
        @Nullable Double value,
        @Nullable Double other) {
    static AnswerBody of(Topic topic, Answer answer) {
        return new AnswerBody(
                topic,
                answer.choice().orElse(null),
                answer.second().orElse(null),
                answer.value().orElse(null),
                answer.other().orElse(null));
    }

    static List<AnswerBody> of(Conditions conditions) {
        return conditions.known().entrySet().stream()
                .map(entry -> of(entry.getKey(), entry.getValue()))
                .toList();
    }

    private Answer toCore() {
        return new Answer(
                Optional.ofNullable(choice),
                Optional.ofNullable(second),
                Optional.ofNullable(value),
                Optional.ofNullable(other));
    }

    /** Notes every fault; fields are named by their place in the list. */
    static Optional<Conditions> conditions(Faults faults, String path, List<AnswerBody> answers) {
        if (!faults.count(path, answers, 0, Topic.values().length)) {
            return Optional.empty();
        }
        Map<Topic, Answer> known = new EnumMap<>(Topic.class);
        int before = faults.total();
        for (int i = 0; i < answers.size(); i++) {
            AnswerBody answer = answers.get(i);
            String at = path + "[" + i + "]";
            if (!faults.required(at, answer) || !faults.required(at + ".topic", answer.topic())) {
                continue;
            }
            if (known.put(answer.topic(), answer.toCore()) != null) {
                faults.add(FaultCode.TWICE, at + ".topic", answer.topic().name());
            }
            one(faults, at, answer);
        }
        return faults.total() > before ? Optional.empty() : Optional.of(new Conditions(known));
    }

    private static void one(Faults faults, String at, AnswerBody answer) {
        try {
            new Conditions(Map.of(answer.topic(), answer.toCore()));
        } catch (FaultException e) {
            for (Fault fault : e.faults()) {
                String field = fault.field().contains(".")
                        ? fault.field().substring(fault.field().indexOf('.') + 1)
                        : "topic";
                faults.add(fault.at(at + "." + field));
            }
        }
    }
}
