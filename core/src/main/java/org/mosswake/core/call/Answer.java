package org.mosswake.core.call;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Figure;

/**
 * What is known of one topic.
 *
 * @param choice  one of its choices, where it has any
 * @param also    what is seen beside it, or a second target
 * @param figures its numbers in SI: how many birds, the top and bottom of a bait layer
 */
public record Answer(Optional<String> choice, List<String> also, Map<Part.Key, Double> figures) {
    public Answer {
        also = List.copyOf(also);
        figures = figures.isEmpty() ? Map.of() : new EnumMap<>(figures);
    }

    public static Answer choice(Enum<?> choice) {
        return choice(choice.name());
    }

    static Answer choice(String choice) {
        return new Answer(Optional.of(choice), List.of(), Map.of());
    }

    public static Answer number(double value) {
        return new Answer(Optional.empty(), List.of(), Map.of(Part.Key.VALUE, value));
    }

    public static Answer targets(Species first, Species second) {
        return choice(first).and(second);
    }

    public static Answer birds(Topic.Birds behaviour, int many) {
        return choice(behaviour).with(Part.Key.VALUE, many);
    }

    public static Answer layer(double topM, double bottomM) {
        return choice(Topic.Bait.LAYER).with(Part.Key.VALUE, topM).with(Part.Key.OTHER, bottomM);
    }

    /** With something seen beside it. */
    public Answer and(Enum<?> other) {
        return new Answer(
                choice, Stream.concat(also.stream(), Stream.of(other.name())).toList(), figures);
    }

    public Answer with(Part.Key key, double value) {
        var all = new EnumMap<Part.Key, Double>(Part.Key.class);
        all.putAll(figures);
        all.put(key, value);
        return new Answer(choice, also, all);
    }

    /** All that was chosen, the first first. */
    public List<String> choices() {
        return also.isEmpty()
                ? choice.map(List::of).orElse(List.of())
                : Stream.concat(choice.stream(), also.stream()).toList();
    }

    public Optional<Double> figure(Part.Key key) {
        return Optional.ofNullable(figures.get(key));
    }

    public Optional<Double> value() {
        return figure(Part.Key.VALUE);
    }

    void check(Faults faults, String path, Topic topic) {
        checkChoice(faults, path, topic);
        checkAlso(faults, path, topic);
        figures.keySet().stream()
                .filter(key -> topic.part(key)
                        .filter(part -> key == Part.Key.VALUE || part.belongsTo(this))
                        .isEmpty())
                .forEach(key -> faults.add(FaultCode.UNKNOWN_FIELD, path + "." + key.field()));
        topic.parts()
                .forEach(part -> checkFigure(faults, path + "." + part.key().field(), part));
        Optional<Double> from = value();
        figure(Part.Key.OTHER)
                .filter(to -> from.filter(least -> to <= least).isPresent())
                .ifPresent(to -> faults.add(FaultCode.UPSIDE_DOWN, path + ".other", to, from.get()));
    }

    private void checkChoice(Faults faults, String path, Topic topic) {
        if (topic.choices().isEmpty()) {
            choice.ifPresent(c -> faults.add(FaultCode.UNKNOWN_FIELD, path + ".choice"));
        } else if (choice.isEmpty()) {
            if (value().isEmpty() || !topic.toldByFigure()) {
                faults.add(FaultCode.MISSING, path + ".choice");
            }
        } else if (!topic.choices().contains(choice.get())) {
            faults.add(FaultCode.NOT_ONE_OF, path + ".choice", choice.get(), String.join(", ", topic.choices()));
        }
    }

    private void checkAlso(Faults faults, String path, Topic topic) {
        if (!also.isEmpty() && (topic.most() < 2 || choice.isEmpty())) {
            faults.add(FaultCode.UNKNOWN_FIELD, path + ".also");
            return;
        }
        faults.count(path + ".also", also, 0, topic.most() - 1);
        for (int i = 0; i < also.size(); i++) {
            String at = path + ".also[" + i + "]";
            String name = also.get(i);
            if (!topic.choices().contains(name)) {
                faults.add(FaultCode.NOT_ONE_OF, at, name, String.join(", ", topic.choices()));
            } else if (choices().indexOf(name) <= i) {
                faults.add(FaultCode.TWICE, at, name);
            }
        }
        if (!also.isEmpty() && choices().contains(Topic.NONE)) {
            faults.add(FaultCode.STANDS_ALONE, path + ".also", Topic.NONE);
        }
    }

    private void checkFigure(Faults faults, String at, Part part) {
        Optional<Double> value = figure(part.key());
        boolean asked = part.needed() && part.belongsTo(this);
        if (value.isPresent() || asked) {
            part.range().check(faults, at, value.orElse(null));
        }
        value.filter(v -> part.kind() == Figure.Kind.COUNT && v != Math.rint(v))
                .ifPresent(v -> faults.add(FaultCode.WRONG_TYPE, at, v, "a whole number"));
    }
}
