package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Two records of one name would become one in the document, the last one: that is refused where it is made. */
@Component
class OneNameEach extends RecordConverter {
    private final Map<String, Class<?>> names = new ConcurrentHashMap<>();

    @Override
    void describe(Class<?> record, Schema<?> schema, ModelConverterContext context) {
        Class<?> other = names.putIfAbsent(record.getSimpleName(), record);
        if (other != null && !other.equals(record)) {
            throw new IllegalStateException("%s and %s have one name".formatted(other.getName(), record.getName()));
        }
    }
}
