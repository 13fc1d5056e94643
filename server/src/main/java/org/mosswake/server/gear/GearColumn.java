package org.mosswake.server.gear;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.units.Figure;

/**
 * One column of the box, which is one field of an item's form.
 *
 * @param name    in a table, with its unit
 * @param field   of the body it holds
 * @param words   in the form; null where a form never asks
 * @param factor  SI for one of {@code unit}
 * @param figure  read in any unit of its kind and shown in the reader's; null where the unit is the trade's own
 * @param without what it means to leave it open; null where it must be given
 * @param finer   only what is computed needs it; a form folds it away
 * @param with    the field without which this one says nothing
 */
record GearColumn(
        String name,
        String field,
        Reads reads,
        @Nullable String words,
        double factor,
        String unit,
        Figure.@Nullable Kind figure,
        List<Choice> choices,
        @Nullable String without,
        @Nullable String with,
        boolean finer) {
    enum Reads {
        TEXT,
        WHOLE,
        NUMBER,
        CHOICE,
        /** A line of the box: by name in a table, by id in a body. */
        LINE
    }

    record Choice(String value, String words) {}

    static GearColumn text(String name, String words) {
        return new GearColumn(name, name, Reads.TEXT, words, 1, "", null, List.of(), null, null, false);
    }

    static GearColumn whole(String name, String words) {
        return new GearColumn(name, name, Reads.WHOLE, words, 1, "", null, List.of(), null, null, false);
    }

    static GearColumn number(String name, String field, String words, double factor, String unit) {
        return new GearColumn(name, field, Reads.NUMBER, words, factor, unit, null, List.of(), null, null, false);
    }

    static GearColumn figure(String name, String field, String words, double factor, Figure.Kind figure) {
        return new GearColumn(name, field, Reads.NUMBER, words, factor, "", figure, List.of(), null, null, false);
    }

    static GearColumn lineOfTheBox(String name, String field, String words) {
        return new GearColumn(name, field, Reads.LINE, words, 1, "", null, List.of(), "none", null, false);
    }

    static <E extends Enum<E>> GearColumn choice(
            String name, String field, @Nullable String words, Class<E> type, Function<E, String> said) {
        List<Choice> choices = Arrays.stream(type.getEnumConstants())
                .map(one -> new Choice(one.name(), said.apply(one)))
                .toList();
        return new GearColumn(name, field, Reads.CHOICE, words, 1, "", null, choices, null, null, false);
    }

    /** What a form never asks: the kind is chosen before there is an item. */
    static <E extends Enum<E>> GearColumn kind(Class<E> type) {
        return choice(
                "kind",
                "kind",
                null,
                type,
                one -> one.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    GearColumn orElse(String open) {
        return new GearColumn(name, field, reads, words, factor, unit, figure, choices, open, with, finer);
    }

    GearColumn forTheSolver() {
        return new GearColumn(name, field, reads, words, factor, unit, figure, choices, without, with, true);
    }

    GearColumn onlyWith(String other) {
        return new GearColumn(name, field, reads, words, factor, unit, figure, choices, without, other, finer);
    }
}
