package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;

/**
 * Two records of one name would become one in the document: no document is made then. Told while a record is described it
 * would go unheard, and the document would lack what that record is part of.
 */
@Component
class OneNameEach extends RecordConverter implements OpenApiCustomizer {
    private final Map<String, Class<?>> names = new ConcurrentHashMap<>();
    private final Set<String> twice = new ConcurrentSkipListSet<>();

    @Override
    void describe(Class<?> record, Schema<?> schema, ModelConverterContext context) {
        Class<?> other = names.putIfAbsent(record.getSimpleName(), record);
        if (other != null && !other.equals(record)) {
            twice.add("%s and %s have one name".formatted(other.getName(), record.getName()));
        }
    }

    @Override
    public void customise(OpenAPI whole) {
        if (!twice.isEmpty()) {
            throw new IllegalStateException(String.join("; ", twice));
        }
    }
}
