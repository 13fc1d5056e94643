package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Every component of a wire record is required in the document unless it is optional or marked nullable. */
@Component
class RequiredUnlessNullable extends RecordConverter {
    @Override
    void describe(Class<?> record, Schema<?> schema, ModelConverterContext context) {
        markRequired(defined(schema, context), record);
    }

    private static Schema<?> defined(Schema<?> schema, ModelConverterContext context) {
        if (schema.get$ref() == null) {
            return schema;
        }
        String name = schema.get$ref().substring(Components.COMPONENTS_SCHEMAS_REF.length());
        return context.getDefinedModels().getOrDefault(name, schema);
    }

    private static void markRequired(Schema<?> schema, Class<?> type) {
        if (schema.getProperties() != null) {
            schema.setRequired(Arrays.stream(type.getRecordComponents())
                    .filter(component -> !isNullable(component))
                    .map(RecordComponent::getName)
                    .filter(schema.getProperties()::containsKey)
                    .sorted()
                    .toList());
        }
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getType() == Optional.class
                || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
