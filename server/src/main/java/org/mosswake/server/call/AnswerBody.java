package org.mosswake.server.call;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Part;
import org.mosswake.core.call.Topic;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;

/**
 * What is known of one topic; numbers in SI.
 *
 * @param also  what is seen beside the choice, or a second target
 * @param second a second target, as older pages and plans have it
 * @param value its number: a temperature, how many, the top of a layer
 * @param other the far end of a range that begins at the value
 * @param more  further numbers of the topic, by the keys of its parts
 */
public record AnswerBody(
        Topic topic,
        @Nullable String choice,
        @Nullable List<String> also,
        @Nullable String second,
        @Nullable Double value,
        @Nullable Double other,
        @Nullable Map<Part.Key, Double> more) {
    public static AnswerBody of(Topic topic, Answer answer) {
        var more = new EnumMap<Part.Key, Double>(Part.Key.class);
        more.putAll(answer.figures());
        more.keySet().removeAll(ENDS);
        return new AnswerBody(
                topic,
                answer.choice().orElse(null),
                answer.also().isEmpty() ? null : answer.also(),
                null,
                answer.value().orElse(null),
                answer.figure(Part.Key.OTHER).orElse(null),
                more.isEmpty() ? null : more);
    }

    private static final Set<Part.Key> ENDS = EnumSet.of(Part.Key.VALUE, Part.Key.OTHER);

    static List<AnswerBody> of(Conditions conditions) {
        return conditions.known().entrySet().stream()
                .map(entry -> of(entry.getKey(), entry.getValue()))
                .toList();
    }

    private Answer toCore() {
        var figures = new EnumMap<Part.Key, Double>(Part.Key.class);
        Optional.ofNullable(more).ifPresent(figures::putAll);
        Optional.ofNullable(value).ifPresent(v -> figures.put(Part.Key.VALUE, v));
        Optional.ofNullable(other).ifPresent(v -> figures.put(Part.Key.OTHER, v));
        var beside = new ArrayList<String>(Optional.ofNullable(also).orElse(List.of()));
        Optional.ofNullable(second).ifPresent(beside::add);
        return new Answer(Optional.ofNullable(choice), beside, figures);
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
            if (!faults.required(at, answer)
                    || !faults.required(at + ".topic", answer.topic())
                    || answer.holes(faults, at)) {
                continue;
            }
            if (known.put(answer.topic(), answer.toCore()) != null) {
                faults.add(FaultCode.TWICE, at + ".topic", answer.topic().name());
            }
            one(faults, at, answer);
        }
        return faults.total() > before ? Optional.empty() : Optional.of(new Conditions(known));
    }

    /** A list or a number that is null within. */
    private boolean holes(Faults faults, String at) {
        int before = faults.total();
        Optional.ofNullable(also).ifPresent(names -> names.forEach(name -> faults.required(at + ".also", name)));
        Optional.ofNullable(more)
                .ifPresent(map -> map.forEach((key, number) -> faults.required(at + ".more." + key, number)));
        return faults.total() > before;
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
