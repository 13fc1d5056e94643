package org.mosswake.server.platform.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** A problem written before any controller is reached. Texts are ours and hold no quotes. */
public final class Refusal {
    private Refusal() {}

    public static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        String body = "{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                .formatted(title, status, detail);
        response.getOutputStream().write(body.getBytes(StandardCharsets.UTF_8));
    }
}
