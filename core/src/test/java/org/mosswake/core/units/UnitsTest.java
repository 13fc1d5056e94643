package org.mosswake.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The vectors are shared with the page, so that both read and print alike. */
class UnitsTest {
    private static final Map<String, BiFunction<String, String, Double>> READERS = Map.of(
            "length",
                    (text, unit) -> Length.parse(text, LengthUnit.valueOf(unit)).metres(),
            "speed",
                    (text, unit) -> SpeedThroughWater.parse(text, SpeedUnit.valueOf(unit))
                            .mps(),
            "mass", (text, unit) -> Mass.parse(text, MassUnit.valueOf(unit)).kilograms(),
            "force", (text, unit) -> Force.parse(text, ForceUnit.valueOf(unit)).newtons(),
            "temperature",
                    (text, unit) -> Temperature.parse(text, TemperatureUnit.valueOf(unit))
                            .celsius());

    private static final Map<String, String> SOME_UNIT =
            Map.of("length", "METRE", "speed", "KNOT", "mass", "KILOGRAM", "force", "NEWTON", "temperature", "CELSIUS");

    private static final Map<String, BiFunction<Double, String, String>> PRINTERS = Map.of(
            "length", (si, unit) -> new Length(si).print(LengthUnit.valueOf(unit)),
            "speed", (si, unit) -> new SpeedThroughWater(si).print(SpeedUnit.valueOf(unit)),
            "mass", (si, unit) -> new Mass(si).print(MassUnit.valueOf(unit)),
            "force", (si, unit) -> new Force(si).print(ForceUnit.valueOf(unit)),
            "temperature", (si, unit) -> new Temperature(si).print(TemperatureUnit.valueOf(unit)));

    static Stream<JsonNode> parse() {
        return vectors("parse");
    }

    static Stream<JsonNode> refuse() {
        return vectors("refuse");
    }

    static Stream<JsonNode> print() {
        return vectors("print");
    }

    private static Stream<JsonNode> vectors(String name) {
        JsonNode all = JsonMapper.shared().readTree(UnitsTest.class.getResourceAsStream("/units/vectors.json"));
        return all.get(name).valueStream();
    }

    @ParameterizedTest
    @MethodSource("parse")
    void readsWhatPeopleType(JsonNode vector) {
        double si = READERS.get(text(vector, "quantity")).apply(text(vector, "text"), text(vector, "inUse"));
        assertThat(si).isCloseTo(vector.get("si").asDouble(), within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("refuse")
    void refusesWhatCannotBeRead(JsonNode vector) {
        String quantity = text(vector, "quantity");
        assertThatThrownBy(() -> READERS.get(quantity).apply(text(vector, "text"), SOME_UNIT.get(quantity)))
                .isInstanceOfSatisfying(FaultException.class, e -> {
                    assertThat(e.faults()).hasSize(1);
                    assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.UNREADABLE_QUANTITY);
                    assertThat(e.faults().get(0).mend()).contains("such as");
                });
    }

    @ParameterizedTest
    @MethodSource("print")
    void printsWithSensibleDigits(JsonNode vector) {
        String printed =
                PRINTERS.get(text(vector, "quantity")).apply(vector.get("si").asDouble(), text(vector, "unit"));
        assertThat(printed).isEqualTo(text(vector, "text"));
    }

    @Test
    void aQuantityIsFinite() {
        assertThatThrownBy(() -> new Length(Double.NaN)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Force(Double.POSITIVE_INFINITY)).isInstanceOf(FaultException.class);
    }

    @Test
    void groundAndWaterSpeedAreNotTheSameType() {
        Object water = SpeedThroughWater.of(7, SpeedUnit.KNOT);
        Object ground = SpeedOverGround.of(7, SpeedUnit.KNOT);
        assertThat(water).isNotEqualTo(ground);
    }

    private static String text(JsonNode vector, String field) {
        return vector.get(field).asString();
    }
}
