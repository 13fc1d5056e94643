package org.mosswake.server.platform.json;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.module.SimpleModule;

/** JSON read strictly: unknown fields, wrong types, duplicates, trailing text, NUL and non-finite numbers refused. */
@Configuration
class JsonSetup {
    @Bean
    JsonMapperBuilderCustomizer strictJson() {
        return builder -> builder.addHandler(new StrictReading())
                .addModule(StrictScalars.module())
                .addModule(enumWords())
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    }

    private static SimpleModule enumWords() {
        var module = new SimpleModule("enum-words");
        module.setDeserializerModifier(new EnumWords());
        return module;
    }

    private static final class EnumWords extends ValueDeserializerModifier {
        @Override
        @SuppressWarnings({"unchecked", "rawtypes"})
        public ValueDeserializer<?> modifyEnumDeserializer(
                DeserializationConfig config,
                JavaType type,
                BeanDescription.Supplier bean,
                ValueDeserializer<?> reader) {
            return StrictScalars.words((Class) type.getRawClass());
        }
    }
}
