package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed document is what the server serves; -Dmoss.openapi.write=true rewrites it. */
@ExtendWith(RunningServer.class)
class OpenApiDriftTest {
    private static final Path COMMITTED = Path.of("../web/src/shared/api/openapi.json");
    private static final JsonMapper PRETTY = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theCommittedDocumentIsTheServedOne(Api api) throws IOException {
        String served = PRETTY.writeValueAsString(sorted(api.get("/v3/api-docs").json())) + "\n";
        if (Boolean.getBoolean("moss.openapi.write")) {
            Files.writeString(COMMITTED, served);
        }
        assertThat(Files.readString(COMMITTED)).isEqualTo(served);
    }

    private static Object sorted(JsonNode node) {
        if (node.isObject()) {
            var fields = new TreeMap<String, Object>();
            node.properties().forEach(field -> fields.put(field.getKey(), sorted(field.getValue())));
            return fields;
        }
        return node.isArray() ? node.valueStream().map(OpenApiDriftTest::sorted).toList() : node;
    }
}
