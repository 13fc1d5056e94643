package org.mosswake.server.platform.openapi;

import com.fasterxml.jackson.databind.type.TypeFactory;
import java.lang.reflect.Type;

final class WireRecords {
    private WireRecords() {}

    static Class<?> raw(Type type) {
        return TypeFactory.defaultInstance().constructType(type).getRawClass();
    }
}
