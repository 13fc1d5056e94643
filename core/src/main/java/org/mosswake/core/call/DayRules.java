package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Sky;
import org.mosswake.core.playbook.School;
import org.mosswake.core.units.Sentence;

/** Hour, sky and moon. */
final class DayRules {
    static final List<Rule> ALL = all();

    private DayRules() {}

    private static List<Rule> all() {
        var rules = new ArrayList<Rule>();
        rules.add(light(Light.NIGHT, "all -24, WIRE_JIG -3, TANDEM -3, SPOONS -4"));
        rules.add(
                light(
                        Light.FIRST_LIGHT,
                        "LADDER 14, TOOTHY 6, MIXED 10, SMALL_FAST 8, EELS 2, BIRDS 4, BARS 8, LIGHT_JIG 6, LIVE_SLOW 6, DEAD_SLOW 2, WIRE_JIG 10, TANDEM 8, SPOONS 10, PLUG_CUT 8, BENT_BAIT 6, FLASH_SQUID 14, FLASH_FLY 5"));
        rules.add(
                light(
                        Light.MORNING,
                        "LADDER 6, TOOTHY 7, MIXED 6, SMALL_FAST 6, EELS 3, BIRDS 4, BARS 4, LIGHT_JIG 4, LIVE_SLOW 5, DEAD_SLOW 4, WIRE_JIG 2, TANDEM 2, SPOONS 2, PLUG_CUT 4, BENT_BAIT 4, FLASH_SQUID 8, FLASH_FLY 4"));
        rules.add(
                light(
                        Light.MIDDAY,
                        "LADDER -9, TOOTHY 3, MIXED 2, SMALL_FAST 1, EELS 6, BIRDS 3, BARS -2, LIVE_SLOW 1, DEAD_SLOW 8, WIRE_JIG -6, TANDEM -3, SPOONS -6, PLUG_CUT -2, BENT_BAIT -2, FLASH_FLY 6"));
        rules.add(
                light(
                        Light.AFTERNOON,
                        "LADDER -6, TOOTHY 3, MIXED 3, SMALL_FAST 2, EELS 4, BIRDS 3, DEAD_SLOW 4, WIRE_JIG -3, SPOONS -3, FLASH_FLY 3"));
        rules.add(
                light(
                        Light.DUSK,
                        "LADDER 4, TOOTHY 5, MIXED 8, SMALL_FAST 8, EELS 3, BIRDS 4, BARS 6, LIGHT_JIG 5, LIVE_SLOW 5, DEAD_SLOW 1, WIRE_JIG 10, TANDEM 8, SPOONS 10, PLUG_CUT 6, BENT_BAIT 5, FLASH_SQUID 6, FLASH_FLY 2"));
        rules.add(Rule.when(
                Topic.SKY,
                Sky.OVERCAST,
                "an overcast sky",
                "an overcast sky keeps fish up",
                "LADDER 3, MIXED 3, SMALL_FAST 3, BARS 3, FLASH_SQUID 5, BENT_BAIT 4, SPOONS 3, WIRE_JIG 2"));
        rules.add(
                Rule.of(
                        "SKY_CLEAR_MIDDAY",
                        Topic.SKY,
                        "a clear sky at midday",
                        (s, p) -> s.conditions().is(Topic.SKY, Sky.CLEAR)
                                        && s.moment().light() == Light.MIDDAY
                                ? Optional.of(Sentence.of("clear sky and high sun: fish stay down"))
                                : Optional.empty(),
                        "LADDER -4, MIXED -4, SMALL_FAST -3, BARS -3, FLASH_SQUID -1, BENT_BAIT -6, DEAD_SLOW 3, FLASH_FLY 3, SPOONS -3"));
        rules.add(Rule.of(
                "MOON_MIDDAY",
                Topic.MOON,
                "midday near new or full moon",
                (s, p) -> s.moment().nearNewOrFull() && s.moment().light() == Light.MIDDAY
                        ? Optional.of(Sentence.of("midday near new or full moon: big ones lie near the bottom"))
                        : Optional.empty(),
                "DEAD_SLOW 9, LIVE_SLOW 2"));
        rules.add(Rule.of(
                "MOON_TIDES",
                Topic.MOON,
                "spring tides",
                (s, p) -> s.moment().nearNewOrFull()
                        ? Optional.of(Sentence.of("spring tides run hard over the shoals"))
                        : Optional.empty(),
                "WIRE_JIG 4, TANDEM -1, PLUG_CUT -1"));
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
