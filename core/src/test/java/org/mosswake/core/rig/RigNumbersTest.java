package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.Named;

class RigNumbersTest {
    static Stream<Named> all() {
        return RigNumbers.all().stream();
    }

    @ParameterizedTest
    @MethodSource("all")
    void defaultsLieInTheirRangeAndHaveWords(Named named) {
        assertThat(named.usual()).isBetween(named.range().least(), named.range().most());
        assertThat(named.words()).isNotBlank();
        assertThat(RigNumbers.USUAL.of(named.key())).isEqualTo(named.usual());
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachIsSetByItsKeyAndRefusedBeyondItsRange(Named named) {
        double beyond = named.range().most() + 1;
        assertThatThrownBy(() -> RigNumbers.USUAL.with(named.key(), beyond))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo(named.key()));
        assertThat(RigNumbers.USUAL.with(named.key(), named.usual()).of(named.key()))
                .isEqualTo(named.usual());
    }

    @ParameterizedTest
    @EnumSource(JointKind.class)
    void everyJointHasItsEfficiency(JointKind kind) {
        assertThat(RigNumbers.USUAL.efficiency(kind)).isBetween(0.5, 1.0);
        assertThat(RigNumbers.USUAL.with(RigNumbers.joint(kind), 0.77).efficiency(kind))
                .isEqualTo(0.77);
    }

    @Test
    void aLooseTakeKeepsItsOrder() {
        assertThatThrownBy(() -> RigNumbers.USUAL.with(RigNumbers.LOOSE_LEAST, 1.5))
                .isInstanceOf(FaultException.class);
        assertThat(RigNumbers.USUAL
                        .with(RigNumbers.LOOSE_MOST, 2)
                        .with(RigNumbers.LOOSE_LEAST, 1.5)
                        .set())
                .hasSize(2);
    }

    @Test
    void anUnknownNumberIsNamed() {
        assertThatThrownBy(() -> new RigNumbers(Map.of("joint.GLUE", 0.5)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("joint.GLUE"));
    }
}
