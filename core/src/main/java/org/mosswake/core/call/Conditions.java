package org.mosswake.core.call;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.spread.Here;

/** What is known of the day and the water; a topic that is not known is not there. */
public record Conditions(Map<Topic, Answer> known) {
    public static final Conditions NOTHING = new Conditions(Map.of());

    public Conditions {
        var faults = new Faults();
        known.forEach((topic, answer) -> {
            if (topic.asked()) {
                answer.check(faults, topic.name(), topic);
            } else {
                faults.add(FaultCode.NOT_ONE_OF, topic.name(), topic.name(), "the topics that are asked");
            }
        });
        faults.throwIfAny();
        known = known.isEmpty() ? Map.of() : new EnumMap<>(known);
    }

    public Conditions with(Topic topic, Answer answer) {
        var all = new EnumMap<Topic, Answer>(Topic.class);
        all.putAll(known);
        all.put(topic, answer);
        return new Conditions(all);
    }

    public Conditions without(Topic topic) {
        var all = new EnumMap<Topic, Answer>(Topic.class);
        all.putAll(known);
        all.remove(topic);
        return new Conditions(all);
    }

    public boolean knows(Topic topic) {
        return known.containsKey(topic);
    }

    private Optional<Answer> of(Topic topic) {
        return Optional.ofNullable(known.get(topic));
    }

    public <E extends Enum<E>> Optional<E> choice(Topic topic, Class<E> type) {
        return choices(topic).stream().findFirst().map(name -> Enum.valueOf(type, name));
    }

    /** Among all that is seen of a topic. */
    public boolean is(Topic topic, Enum<?> choice) {
        return choices(topic).contains(choice.name());
    }

    /** All that is seen of it, or what its number stands for. */
    private List<String> choices(Topic topic) {
        Answer answer = known.get(topic);
        if (answer == null) {
            return List.of();
        }
        return answer.choice().isPresent()
                ? answer.choices()
                : answer.value().flatMap(topic::choiceOf).map(List::of).orElse(List.of());
    }

    public Optional<Double> number(Topic topic) {
        return figure(topic, Part.Key.VALUE);
    }

    public Optional<Double> figure(Topic topic, Part.Key key) {
        return of(topic).flatMap(answer -> answer.figure(key));
    }

    public Optional<Integer> count(Topic topic) {
        return number(topic).map(value -> (int) Math.floor(value));
    }

    public Optional<Species> target() {
        return choice(Topic.TARGET, Species.class);
    }

    public Optional<Species> secondTarget() {
        return choices(Topic.TARGET).stream().skip(1).findFirst().map(Species::valueOf);
    }

    public Optional<Here.Band> bait() {
        return number(Topic.BAIT)
                .flatMap(top -> figure(Topic.BAIT, Part.Key.OTHER).map(bottom -> new Here.Band(top, bottom)));
    }

    /** The deepest water on the way; the depth itself where one figure is known. */
    public Optional<Double> deepestM() {
        return figure(Topic.DEPTH, Part.Key.OTHER).or(() -> number(Topic.DEPTH));
    }
}
