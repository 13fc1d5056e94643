package org.mosswake.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class FaultsTest {
    private static final Accepted SPEED = new Accepted(0.2, 11, "m/s");

    @Test
    void namesFieldValueAndMend() {
        var faults = new Faults();
        SPEED.check(faults, "speedThroughWaterMps", 14.0);
        Fault fault = faults.list().get(0);
        assertThat(fault.code()).isEqualTo(FaultCode.OUT_OF_RANGE);
        assertThat(fault.field()).isEqualTo("speedThroughWaterMps");
        assertThat(fault.value()).isEqualTo("14.0");
        assertThat(fault.message()).isEqualTo("speedThroughWaterMps is 14 m/s; accepted is 0.2 to 11 m/s");
        assertThat(fault.mend()).isEqualTo("Use a value from 0.2 to 11 m/s.");
    }

    @Test
    void collectsAllAndBlamesAFieldOnce() {
        var faults = new Faults();
        faults.add(FaultCode.WRONG_TYPE, "chain[0]", "text", "an object");
        faults.required("chain[0].line", null);
        faults.required("speed", null);
        faults.required("speed", null);
        assertThat(faults.list()).extracting(Fault::field).containsExactly("chain[0]", "speed");
        assertThatThrownBy(faults::throwIfAny)
                .isInstanceOfSatisfying(
                        FaultException.class, e -> assertThat(e.faults()).hasSize(2));
    }

    @Test
    void nothingWrongThrowsNothing() {
        var faults = new Faults();
        SPEED.check(faults, "speed", 3.0);
        SPEED.checkOptional(faults, "other", null);
        faults.count("lines", List.of(1, 2), 1, 2);
        faults.throwIfAny();
        assertThat(faults.list()).isEmpty();
    }

    @Test
    void refusesNotANumber() {
        var faults = new Faults();
        SPEED.check(faults, "a", Double.NaN);
        SPEED.check(faults, "b", Double.NEGATIVE_INFINITY);
        assertThat(faults.list()).extracting(Fault::code).containsOnly(FaultCode.NOT_FINITE);
    }

    @Test
    void movesUnderTheRecordThatHoldsIt() {
        Fault fault = Fault.of(FaultCode.MISSING, "letOutM").under("lines[2]");
        assertThat(fault.field()).isEqualTo("lines[2].letOutM");
        assertThat(fault.message()).isEqualTo("lines[2].letOutM is missing");
    }

    @Test
    void longValuesAreShortened() {
        Fault fault = Fault.of(FaultCode.NOT_FOUND, "boat", "x".repeat(500));
        assertThat(fault.message().length()).isLessThan(150);
    }

    @Test
    void everyFormatFillsItsPlaces() {
        for (FaultCode code : FaultCode.values()) {
            Fault fault = Fault.of(code, "field", "one", "two", "three", "four");
            assertThat(fault.message() + fault.mend())
                    .as(code.name())
                    .doesNotContain("{")
                    .doesNotContain("}");
        }
        assertThat(Arrays.stream(FaultCode.values()).map(Enum::name)).doesNotHaveDuplicates();
    }
}
