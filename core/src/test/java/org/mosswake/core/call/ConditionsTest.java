package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Structure;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

class ConditionsTest {
    private static Answer raw(String choice, String also, Double value, Double other) {
        var figures = new EnumMap<Part.Key, Double>(Part.Key.class);
        Optional.ofNullable(value).ifPresent(v -> figures.put(Part.Key.VALUE, v));
        Optional.ofNullable(other).ifPresent(v -> figures.put(Part.Key.OTHER, v));
        return new Answer(
                Optional.ofNullable(choice), Optional.ofNullable(also).stream().toList(), figures);
    }

    private static void refused(Topic topic, Answer answer, String field, FaultCode code) {
        assertThatThrownBy(() -> new Conditions(Map.of(topic, answer)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field, Fault::code)
                                .contains(org.assertj.core.groups.Tuple.tuple(field, code)));
    }

    @Test
    void namesTheFieldOfWhatCannotBe() {
        refused(Topic.SURFACE, raw(null, null, null, null), "SURFACE.value", FaultCode.MISSING);
        refused(Topic.SURFACE, raw(null, null, 80.0, null), "SURFACE.value", FaultCode.OUT_OF_RANGE);
        refused(Topic.SURFACE, raw("WARM", null, 20.0, null), "SURFACE.choice", FaultCode.UNKNOWN_FIELD);
        refused(Topic.CLARITY, raw("PURPLE", null, null, null), "CLARITY.choice", FaultCode.NOT_ONE_OF);
        refused(Topic.CLARITY, raw("BLUE", null, 3.0, null), "CLARITY.value", FaultCode.UNKNOWN_FIELD);
        refused(Topic.TARGET, raw("MAHI", "MAHI", null, null), "TARGET.also[0]", FaultCode.TWICE);
        refused(Topic.BAIT, raw("LAYER", null, 20.0, 12.0), "BAIT.other", FaultCode.UPSIDE_DOWN);
        refused(Topic.SURFACE, Answer.number(20).with(Part.Key.OTHER, 22), "SURFACE.other", FaultCode.UNKNOWN_FIELD);
        refused(Topic.BAIT, raw("NONE", null, 2.0, 5.0), "BAIT.other", FaultCode.UNKNOWN_FIELD);
        refused(Topic.DEPTH, raw(null, null, 60.0, 40.0), "DEPTH.other", FaultCode.UPSIDE_DOWN);
        refused(Topic.BIRDS, raw("NONE", "DIVING", null, null), "BIRDS.also", FaultCode.STANDS_ALONE);
        refused(Topic.CLARITY, raw("BLUE", "GREEN", null, null), "CLARITY.also", FaultCode.UNKNOWN_FIELD);
        refused(Topic.FORAGE, raw(null, null, null, null), "FORAGE.choice", FaultCode.MISSING);
        refused(
                Topic.BIRDS,
                Answer.choice(Birds.DIVING).with(Part.Key.SPEED, 2),
                "BIRDS.speed",
                FaultCode.UNKNOWN_FIELD);
        refused(Topic.LIGHT, raw(null, null, null, null), "LIGHT", FaultCode.NOT_ONE_OF);
    }

    @Test
    void anAnswerIsTakenBackAsItWasGiven() {
        var conditions = Conditions.NOTHING.with(Topic.BIRDS, Answer.birds(Birds.DIVING, 40));
        assertThat(conditions.knows(Topic.BIRDS)).isTrue();
        assertThat(conditions.without(Topic.BIRDS)).isEqualTo(Conditions.NOTHING);
        assertThat(conditions.with(Topic.BIRDS, Answer.choice(Birds.NONE)).count(Topic.BIRDS))
                .isEmpty();
    }

    @Test
    void severalThingsAreKnownAtOnce() {
        var birds = Answer.choice(Birds.DIVING)
                .and(Birds.TRAVELLING)
                .with(Part.Key.VALUE, 60)
                .with(Part.Key.SPEED, 2.5);
        var seen = Conditions.NOTHING
                .with(Topic.BIRDS, birds)
                .with(Topic.STRUCTURE, Answer.choice(Structure.LEDGE).and(Structure.RIP));
        assertThat(seen.is(Topic.BIRDS, Birds.DIVING)).isTrue();
        assertThat(seen.is(Topic.BIRDS, Birds.TRAVELLING)).isTrue();
        assertThat(seen.is(Topic.STRUCTURE, Structure.RIP)).isTrue();
        assertThat(seen.is(Topic.STRUCTURE, Structure.WRECK)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0.05,FINGERLING", "0.1,PALM", "0.2,HAND", "0.4,FOREARM"})
    void aLengthSaysWhichForageItIs(double metres, Forage forage) {
        var known = Conditions.NOTHING.with(Topic.FORAGE, Answer.number(metres));
        assertThat(known.choice(Topic.FORAGE, Forage.class)).contains(forage);
    }
}
