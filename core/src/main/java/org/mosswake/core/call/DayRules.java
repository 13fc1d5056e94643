package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Sky;
import org.mosswake.core.units.Sentence;

/** Hour, sky and moon. */
final class DayRules {
    static final List<Rule> ALL = all();

    private DayRules() {}

    private static List<Rule> all() {
        var rules = new ArrayList<Rule>();
        rules.add(light(Light.NIGHT, "all -24,M11 -3,M12 -3,M13 -4"));
        rules.add(light(
                Light.FIRST_LIGHT,
                "M1 14,M2 6,M3 10,M4 8,M5 2,M6 4,M7 8,M8 6,M9 6,M10 2,M11 10,M12 8,M13 10,M14 8,M15 6,M16 14,M17 5"));
        rules.add(light(
                Light.MORNING,
                "M1 6,M2 7,M3 6,M4 6,M5 3,M6 4,M7 4,M8 4,M9 5,M10 4,M11 2,M12 2,M13 2,M14 4,M15 4,M16 8,M17 4"));
        rules.add(light(
                Light.MIDDAY,
                "M1 -9,M2 3,M3 2,M4 1,M5 6,M6 3,M7 -2,M9 1,M10 8,M11 -6,M12 -3,M13 -6,M14 -2,M16 -3,M17 6"));
        rules.add(light(Light.AFTERNOON, "M1 -6,M2 3,M3 3,M4 2,M5 4,M6 3,M10 4,M11 -3,M13 -3,M17 3"));
        rules.add(light(
                Light.DUSK,
                "M1 4,M2 5,M3 8,M4 8,M5 3,M6 4,M7 6,M8 5,M9 5,M10 1,M11 10,M12 8,M13 10,M14 6,M15 5,M16 6,M17 2"));
        rules.add(Rule.when(
                Topic.SKY,
                Sky.OVERCAST,
                "an overcast sky",
                "an overcast sky keeps fish up",
                "M1 3,M3 3,M4 3,M7 3,M16 5,M15 4,M13 3,M11 2"));
        rules.add(Rule.of(
                "SKY_CLEAR_MIDDAY",
                Topic.SKY,
                "a clear sky at midday",
                (s, p) -> s.conditions().is(Topic.SKY, Sky.CLEAR) && s.moment().light() == Light.MIDDAY
                        ? Optional.of(Sentence.of("clear sky and high sun: fish stay down"))
                        : Optional.empty(),
                "M1 -4,M3 -4,M4 -3,M7 -3,M16 -5,M15 -4,M10 3,M17 3,M13 -3"));
        rules.add(Rule.of(
                "MOON_MIDDAY",
                Topic.MOON,
                "midday near new or full moon",
                (s, p) -> s.moment().nearNewOrFull() && s.moment().light() == Light.MIDDAY
                        ? Optional.of(Sentence.of("midday near new or full moon: big ones lie near the bottom"))
                        : Optional.empty(),
                "M10 9,M9 2"));
        rules.add(Rule.of(
                "MOON_TIDES",
                Topic.MOON,
                "spring tides",
                (s, p) -> s.moment().nearNewOrFull()
                        ? Optional.of(Sentence.of("spring tides run hard over the shoals"))
                        : Optional.empty(),
                "M11 4,M12 -1,M14 -1"));
        rules.add(Rule.of(
                "HOURS_EARLY",
                Topic.SCHOOL,
                "you fish the early hours only",
                (s, p) -> s.schools().is(School.HOURS, 1)
                                && s.moment().light() != Light.FIRST_LIGHT
                                && s.moment().light() != Light.MORNING
                        ? Optional.of(Sentence.of("you fish the early hours only"))
                        : Optional.empty(),
                "all -24"));
        return List.copyOf(rules);
    }

    private static Rule light(Light light, String tenths) {
        return Rule.of(
                "LIGHT_" + light.name(),
                Topic.LIGHT,
                light.words(),
                (s, p) -> s.moment().light() == light ? Optional.of(Sentence.of(light.words())) : Optional.empty(),
                tenths);
    }
}
