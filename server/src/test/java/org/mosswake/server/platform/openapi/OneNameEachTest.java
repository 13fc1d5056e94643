package org.mosswake.server.platform.openapi;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.swagger.v3.core.converter.ModelConverterContextImpl;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import org.junit.jupiter.api.Test;

class OneNameEachTest {
    private record Mark(double northM) {}

    private static final class Elsewhere {
        private record Mark(String name) {}
    }

    @Test
    void noDocumentIsMadeOfTwoRecordsOfOneName() {
        var names = new OneNameEach();
        var context = new ModelConverterContextImpl(List.of());
        names.describe(Mark.class, new Schema<>(), context);
        names.describe(Mark.class, new Schema<>(), context);
        assertThatCode(() -> names.customise(new OpenAPI())).doesNotThrowAnyException();
        names.describe(Elsewhere.Mark.class, new Schema<>(), context);
        assertThatThrownBy(() -> names.customise(new OpenAPI())).hasMessageContaining("have one name");
    }
}
