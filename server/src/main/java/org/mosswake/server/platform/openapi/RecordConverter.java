package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;

/** Says more of a wire record than its types do, after the others have described it. */
abstract class RecordConverter implements ModelConverter {
    abstract void describe(Class<?> record, Schema<?> schema, ModelConverterContext context);

    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        Class<?> raw = WireRecords.raw(type.getType());
        if (schema != null && raw.isRecord()) {
            describe(raw, schema, context);
        }
        return schema;
    }
}
