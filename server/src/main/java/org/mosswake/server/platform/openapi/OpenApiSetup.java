package org.mosswake.server.platform.openapi;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class OpenApiSetup {
    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .info(new Info().title("Moss Wake").version("1").description("SI units; the unit is in each name."))
                .servers(List.of(new Server().url("/")));
    }
}
