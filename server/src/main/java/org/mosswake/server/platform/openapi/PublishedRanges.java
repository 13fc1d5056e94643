package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.math.BigDecimal;
import java.util.Iterator;
import org.mosswake.server.platform.json.Checked;
import org.springframework.stereotype.Component;

/** Minimum and maximum of every number a body checks, in the document: found by the check itself, so never another. */
@Component
class PublishedRanges implements ModelConverter {
    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        Class<?> raw = WireRecords.raw(type.getType());
        if (schema != null && raw.isRecord() && Checked.class.isAssignableFrom(raw)) {
            RangeProbe.of(raw).forEach((place, range) -> publish(context, place, range));
        }
        return schema;
    }

    private static void publish(ModelConverterContext context, RangeProbe.Place place, RangeProbe.Range range) {
        Schema<?> model = context.getDefinedModels().get(place.record().getSimpleName());
        if (model != null
                && model.getProperties() != null
                && model.getProperties().get(place.component()) != null) {
            Schema<?> property = model.getProperties().get(place.component());
            property.setMinimum(BigDecimal.valueOf(range.least()));
            property.setMaximum(BigDecimal.valueOf(range.most()));
        }
    }
}
