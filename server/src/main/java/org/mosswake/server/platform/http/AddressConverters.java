package org.mosswake.server.platform.http;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.mosswake.server.platform.json.Times;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What stands in an address is read as strictly as what stands in a body. */
@Configuration
class AddressConverters implements WebMvcConfigurer {
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, LocalDate.class, Times::date);
        registry.addConverter(String.class, Instant.class, Times::instant);
        registry.addConverter(String.class, UUID.class, AddressConverters::uuid);
        registry.addConverter(String.class, Double.class, AddressConverters::number);
    }

    private static UUID uuid(String text) {
        UUID uuid = UUID.fromString(text);
        if (!uuid.toString().equalsIgnoreCase(text)) {
            throw new IllegalArgumentException("not in full");
        }
        return uuid;
    }

    private static Double number(String text) {
        double value = Double.parseDouble(text);
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("not finite");
        }
        return value;
    }
}
