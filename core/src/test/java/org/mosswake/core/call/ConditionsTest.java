package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

class ConditionsTest {
    private static Answer raw(String choice, String second, Double value, Double other) {
        return new Answer(
                Optional.ofNullable(choice),
                Optional.ofNullable(second),
                Optional.ofNullable(value),
                Optional.ofNullable(other));
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
        refused(Topic.TARGET, raw("MAHI", "MAHI", null, null), "TARGET.second", FaultCode.TWICE);
        refused(Topic.BAIT, raw("LAYER", null, 20.0, 12.0), "BAIT.other", FaultCode.UPSIDE_DOWN);
        refused(Topic.BAIT, raw("LAYER", null, 20.0, null), "BAIT.other", FaultCode.MISSING);
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
}
