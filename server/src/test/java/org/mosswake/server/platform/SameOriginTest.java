package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

@ExtendWith(RunningServer.class)
class SameOriginTest {
    @Test
    void answersOnlyToItsOwnAddress(Api api) {
        assertThat(api.send("GET", "/api/boats", null, "Host", "tarrow.example").status())
                .isEqualTo(421);
        assertThat(api.send("GET", "/api/boats", null, "Host", "127.0.0.1.tarrow.example")
                        .status())
                .isEqualTo(421);
        assertThat(api.send("GET", "/api/boats", null, "Host", "localhost:1").status())
                .isEqualTo(200);
    }

    @Test
    void refusesOtherOrigins(Api api) {
        for (String origin :
                new String[] {"http://tarrow.example", "null", "http://127.0.0.1:1", "https://localhost"}) {
            assertThat(api.send("GET", "/api/boats", null, "Origin", origin).status())
                    .as(origin)
                    .isEqualTo(403);
            assertThat(api.send("POST", "/api/tow", "{}", "Origin", origin).status())
                    .as(origin)
                    .isEqualTo(403);
        }
    }

    @Test
    void refusesWhatABrowserSendsAcrossSites(Api api) {
        assertThat(api.send("GET", "/api/boats", null, "Sec-Fetch-Site", "cross-site", "Sec-Fetch-Mode", "no-cors")
                        .status())
                .isEqualTo(403);
        assertThat(api.send("GET", "/", null, "Sec-Fetch-Site", "cross-site", "Sec-Fetch-Mode", "navigate")
                        .status())
                .isEqualTo(200);
        assertThat(api.send("GET", "/api/boats", null, "Sec-Fetch-Site", "same-origin")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void thePageAndItsDeepLinksAreServedAndUnknownPathsAreNot(Api api) {
        assertThat(api.get("/").text()).contains("<div id=\"root\">").doesNotContain("__NONCE__");
        assertThat(api.get("/boats/x/spread/y?view=table").status()).isEqualTo(200);
        assertThat(api.get("/api/nothing").status()).isEqualTo(404);
        assertThat(api.get("/assets/nothing.js").status()).isEqualTo(404);
        assertThat(api.get("/actuator/health").json().get("status").asString()).isEqualTo("UP");
        assertThat(api.get("/actuator/env").status()).isEqualTo(404);
    }
}
