package org.mosswake.server.platform.json;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import tools.jackson.databind.JsonNode;

/**
 * Fields that no record of the body has. Jackson meets them only after it has moved on, and then names the wrong
 * place, so the tree is compared with the record before it is read.
 */
final class UnknownFields {
    private UnknownFields() {}

    static void note(JsonNode node, Type type, String path, Faults faults) {
        if (type instanceof ParameterizedType list && node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                note(node.get(i), list.getActualTypeArguments()[0], path + "[" + i + "]", faults);
            }
        } else if (type instanceof Class<?> record && record.isRecord() && node.isObject()) {
            Map<String, Type> known = Arrays.stream(record.getRecordComponents())
                    .collect(Collectors.toMap(RecordComponent::getName, RecordComponent::getGenericType));
            node.properties().forEach(field -> {
                String name = field.getKey().replace("\0", "\\0");
                String here = path.isEmpty() ? name : path + "." + name;
                if (known.containsKey(field.getKey())) {
                    note(field.getValue(), known.get(field.getKey()), here, faults);
                } else {
                    faults.add(FaultCode.UNKNOWN_FIELD, here);
                }
            });
        }
    }
}
