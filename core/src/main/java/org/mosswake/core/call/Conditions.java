package org.mosswake.core.call;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
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
        return of(topic).flatMap(Answer::choice).map(name -> Enum.valueOf(type, name));
    }

    public boolean is(Topic topic, Enum<?> choice) {
        return of(topic).flatMap(Answer::choice).filter(choice.name()::equals).isPresent();
    }

    public Optional<Double> number(Topic topic) {
        return of(topic).flatMap(Answer::value);
    }

    public Optional<Integer> count(Topic topic) {
        return number(topic).map(value -> (int) Math.floor(value));
    }

    public Optional<Species> target() {
        return choice(Topic.TARGET, Species.class);
    }

    public Optional<Species> secondTarget() {
        return of(Topic.TARGET).flatMap(Answer::second).map(Species::valueOf);
    }

    public Optional<Here.Band> bait() {
        return of(Topic.BAIT)
                .filter(answer -> answer.value().isPresent() && answer.other().isPresent())
                .map(answer ->
                        new Here.Band(answer.value().get(), answer.other().get()));
    }
}
