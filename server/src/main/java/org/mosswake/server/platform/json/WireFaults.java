package org.mosswake.server.platform.json;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonPointer;
import tools.jackson.core.TokenStreamContext;

/** Faults found while one request body is read; reading goes on past each, so that all are answered at once. */
final class WireFaults {
    private static final ThreadLocal<Faults> CURRENT = ThreadLocal.withInitial(Faults::new);

    private WireFaults() {}

    static void begin() {
        CURRENT.set(new Faults());
    }

    static Faults current() {
        return CURRENT.get();
    }

    static void end() {
        CURRENT.remove();
    }

    static void add(FaultCode code, JsonParser parser, Object... values) {
        TokenStreamContext here = parser.streamReadContext();
        boolean opened = parser.currentToken().isStructStart();
        CURRENT.get().add(code, path((opened ? here.getParent() : here).pathAsPointer()), values);
    }

    /** What stands there instead, in a few words. */
    static String found(JsonParser parser) {
        return switch (parser.currentToken()) {
            case START_ARRAY -> "a list";
            case START_OBJECT -> "an object";
            case VALUE_STRING -> "the text '" + parser.getString().replace("\0", "\\0") + "'";
            default -> parser.getString();
        };
    }

    /** {@code /lines/2/letOutM} as people read it: {@code lines[2].letOutM}. */
    static String path(JsonPointer pointer) {
        var path = new StringBuilder();
        for (JsonPointer at = pointer; at != null && !at.matches(); at = at.tail()) {
            String name = at.getMatchingProperty();
            if (name.chars().allMatch(Character::isDigit) && !name.isEmpty()) {
                path.append('[').append(name).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(name.replace("\0", "\\0"));
            }
        }
        return path.toString();
    }
}
