package org.mosswake.server.platform.json;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.units.OnceCalled;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Scalars without coercion: a number is a finite JSON number, text is text without NUL. */
final class StrictScalars {
    private StrictScalars() {}

    static SimpleModule module() {
        var module = new SimpleModule("strict-scalars");
        module.addDeserializer(Double.class, new FiniteNumber());
        module.addDeserializer(Integer.class, new WholeNumber());
        module.addDeserializer(Boolean.class, new TrueOrFalse());
        module.addDeserializer(String.class, new Text<>(text -> text, "text"));
        module.addDeserializer(UUID.class, new Text<>(StrictScalars::uuid, "a UUID"));
        module.addDeserializer(
                Instant.class,
                new Text<>(Times::instant, "an instant such as 2026-06-18T05:12:00Z, of the years 1900 to 2199"));
        module.addDeserializer(
                LocalDate.class, new Text<>(Times::date, "a date such as 2026-06-18, of the years 1900 to 2199"));
        return module;
    }

    static UUID uuid(String text) {
        UUID uuid = UUID.fromString(text);
        if (!uuid.toString().equalsIgnoreCase(text)) {
            throw new IllegalArgumentException("not in full");
        }
        return uuid;
    }

    /** One of an enum's words; registered for every enum in {@link JsonSetup}. */
    static <E extends Enum<E>> ValueDeserializer<E> words(Class<E> type) {
        String wanted = "one of " + Arrays.toString(type.getEnumConstants());
        return new Text<>(text -> onceCalled(type, text).orElseGet(() -> Enum.valueOf(type, text)), wanted);
    }

    private static <E extends Enum<E>> Optional<E> onceCalled(Class<E> type, String text) {
        return Arrays.stream(type.getEnumConstants())
                .filter(constant ->
                        constant instanceof OnceCalled once && once.code().equals(text))
                .findFirst();
    }

    private static <T> T refuse(FaultCode code, JsonParser parser, Object... values) {
        WireFaults.add(code, parser, values);
        parser.skipChildren();
        return null;
    }

    private static final class FiniteNumber extends ValueDeserializer<Double> {
        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) {
            if (!parser.currentToken().isNumeric()) {
                return refuse(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), "a number");
            }
            double value = parser.getDoubleValue();
            return Double.isFinite(value) ? (Double) value : refuse(FaultCode.NOT_FINITE, parser);
        }
    }

    private static final class WholeNumber extends ValueDeserializer<Integer> {
        @Override
        public Integer deserialize(JsonParser parser, DeserializationContext context) {
            boolean whole = parser.currentToken() == JsonToken.VALUE_NUMBER_INT;
            if (!whole || parser.getNumberType() != JsonParser.NumberType.INT) {
                return refuse(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), "a whole number");
            }
            return parser.getIntValue();
        }
    }

    private static final class TrueOrFalse extends ValueDeserializer<Boolean> {
        @Override
        public Boolean deserialize(JsonParser parser, DeserializationContext context) {
            return parser.currentToken().isBoolean()
                    ? (Boolean) parser.getBooleanValue()
                    : refuse(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), "true or false");
        }
    }

    private static final class Text<T> extends ValueDeserializer<T> {
        private final Function<String, T> read;
        private final String wanted;

        Text(Function<String, T> read, String wanted) {
            this.read = read;
            this.wanted = wanted;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) {
            if (parser.currentToken() != JsonToken.VALUE_STRING) {
                return refuse(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), wanted);
            }
            String text = parser.getString();
            if (text.indexOf('\0') >= 0) {
                return refuse(FaultCode.NUL_CHARACTER, parser);
            }
            try {
                return read.apply(text);
            } catch (IllegalArgumentException | DateTimeException e) {
                return refuse(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), wanted);
            }
        }
    }
}
