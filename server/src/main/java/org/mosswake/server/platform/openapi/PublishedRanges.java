package org.mosswake.server.platform.openapi;

import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.math.BigDecimal;
import org.mosswake.core.strikes.Happening;
import org.mosswake.server.platform.json.Checked;
import org.springframework.stereotype.Component;

/** Minimum and maximum of every number a body checks, in the document: found by the check itself, so never another. */
@Component
class PublishedRanges extends RecordConverter {
    @Override
    void describe(Class<?> record, Schema<?> schema, ModelConverterContext context) {
        if (Checked.class.isAssignableFrom(record) || Happening.class.isAssignableFrom(record)) {
            RangeProbe.of(record).forEach((place, range) -> publish(context, place, range));
        }
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
