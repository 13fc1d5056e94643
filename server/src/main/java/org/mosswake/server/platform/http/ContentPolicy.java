package org.mosswake.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No inline script or style, nothing from elsewhere; a nonce for the styles a dialog library injects. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ContentPolicy extends OncePerRequestFilter {
    static final String NONCE = "moss.nonce";
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-%s'; img-src 'self' data:; font-src 'self';"
                    + " connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'none';"
                    + " frame-ancestors 'none'";

    /** Where she is belongs to the deck; nothing else of the device is asked for. */
    private static final String PERMISSIONS =
            "geolocation=(self), camera=(), microphone=(), payment=(), usb=(), serial=(), bluetooth=(), midi=(),"
                    + " accelerometer=(), gyroscope=(), magnetometer=(), display-capture=(), browsing-topics=()";

    private final SecureRandom random = new SecureRandom();

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var bytes = new byte[16];
        random.nextBytes(bytes);
        String nonce = Base64.getEncoder().encodeToString(bytes);
        request.setAttribute(NONCE, nonce);
        response.setHeader("Content-Security-Policy", POLICY.formatted(nonce));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Permissions-Policy", PERMISSIONS);
        response.setHeader("Cross-Origin-Embedder-Policy", "require-corp");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        if (request.getRequestURI().startsWith("/api")) {
            // Kept by the reader, and asked for again each time: what did not change is not sent twice.
            response.setHeader("Cache-Control", "private, no-cache");
        }
        chain.doFilter(request, response);
    }
}
