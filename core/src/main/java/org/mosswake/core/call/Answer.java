package org.mosswake.core.call;

import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.Figure;

/**
 * What is known of one topic.
 *
 * @param choice one of its choices, where it has any
 * @param second a second target
 * @param value  its number in SI: how many birds, the top of a bait layer
 * @param other  the bottom of a bait layer (m)
 */
public record Answer(Optional<String> choice, Optional<String> second, Optional<Double> value, Optional<Double> other) {
    public static Answer choice(Enum<?> choice) {
        return new Answer(Optional.of(choice.name()), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static Answer number(double value) {
        return new Answer(Optional.empty(), Optional.empty(), Optional.of(value), Optional.empty());
    }

    public static Answer targets(Species first, Species second) {
        return new Answer(Optional.of(first.name()), Optional.of(second.name()), Optional.empty(), Optional.empty());
    }

    public static Answer birds(Topic.Birds behaviour, int many) {
        return new Answer(
                Optional.of(behaviour.name()), Optional.empty(), Optional.of((double) many), Optional.empty());
    }

    public static Answer layer(double topM, double bottomM) {
        return new Answer(
                Optional.of(Topic.Bait.LAYER.name()), Optional.empty(), Optional.of(topM), Optional.of(bottomM));
    }

    void check(Faults faults, String path, Topic topic) {
        if (!topic.choices().isEmpty()) {
            if (choice.isEmpty()) {
                faults.add(FaultCode.MISSING, path + ".choice");
            } else if (!topic.choices().contains(choice.get())) {
                faults.add(FaultCode.NOT_ONE_OF, path + ".choice", choice.get(), String.join(", ", topic.choices()));
            }
        } else {
            choice.ifPresent(c -> faults.add(FaultCode.UNKNOWN_FIELD, path + ".choice"));
            topic.range().check(faults, path + ".value", value.orElse(null));
        }
        if (topic.range() == null) {
            value.ifPresent(v -> faults.add(FaultCode.UNKNOWN_FIELD, path + ".value"));
        } else {
            value.ifPresent(v -> topic.range().check(faults, path + ".value", v));
            boolean counted = topic.figure().filter(Figure.Kind.COUNT::equals).isPresent();
            value.filter(v -> counted && v != Math.rint(v))
                    .ifPresent(v -> faults.add(FaultCode.WRONG_TYPE, path + ".value", v, "a whole number"));
        }
        checkSecond(faults, path, topic);
        checkLayer(faults, path, topic);
    }

    private void checkSecond(Faults faults, String path, Topic topic) {
        second.ifPresent(name -> {
            if (topic != Topic.TARGET) {
                faults.add(FaultCode.UNKNOWN_FIELD, path + ".second");
            } else if (!topic.choices().contains(name)) {
                faults.add(FaultCode.NOT_ONE_OF, path + ".second", name, String.join(", ", topic.choices()));
            } else if (choice.filter(name::equals).isPresent()) {
                faults.add(FaultCode.TWICE, path + ".second", name);
            }
        });
    }

    private void checkLayer(Faults faults, String path, Topic topic) {
        boolean layer = topic == Topic.BAIT
                && choice.filter(Topic.Bait.LAYER.name()::equals).isPresent();
        if (!layer) {
            other.ifPresent(v -> faults.add(FaultCode.UNKNOWN_FIELD, path + ".other"));
            return;
        }
        topic.range().check(faults, path + ".value", value.orElse(null));
        topic.range().check(faults, path + ".other", other.orElse(null));
        if (value.isPresent() && other.isPresent() && other.get() <= value.get()) {
            faults.add(FaultCode.UPSIDE_DOWN, path + ".other", other.get(), value.get());
        }
    }
}
