package org.mosswake.server.platform.json;

import org.mosswake.core.fault.FaultCode;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.deser.ValueInstantiator;

/** Notes what does not fit and reads on; unknown fields were noted by {@link UnknownFields}. */
final class StrictReading extends DeserializationProblemHandler {
    @Override
    public boolean handleUnknownProperty(
            DeserializationContext context, JsonParser parser, ValueDeserializer<?> reader, Object bean, String name) {
        parser.skipChildren();
        return true;
    }

    @Override
    public Object handleUnexpectedToken(
            DeserializationContext context, JavaType target, JsonToken token, JsonParser parser, String message) {
        WireFaults.add(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), wanted(target));
        parser.skipChildren();
        return null;
    }

    @Override
    public Object handleMissingInstantiator(
            DeserializationContext context,
            Class<?> type,
            ValueInstantiator instantiator,
            JsonParser parser,
            String message) {
        WireFaults.add(FaultCode.WRONG_TYPE, parser, WireFaults.found(parser), "an object");
        parser.skipChildren();
        return null;
    }

    private static String wanted(JavaType type) {
        return type.isCollectionLikeType() ? "a list" : type.isEnumType() ? "one of its words" : "an object";
    }
}
