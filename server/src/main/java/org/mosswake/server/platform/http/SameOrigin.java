package org.mosswake.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps pages from elsewhere out of a server on the same machine: the Host must be one of ours (against names that are
 * re-pointed at loopback), an Origin must match it, and a browser that says the request crosses sites is refused.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class SameOrigin extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    private final Set<String> allowed;

    SameOrigin(@Value("${moss.allowed-hosts:}") Set<String> allowed) {
        this.allowed = allowed;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (host == null || !isOurs(name(host))) {
            Refusal.write(response, 421, "Not this host", "This server answers only to its own address.");
        } else if (comesFromElsewhere(request, host)) {
            Refusal.write(response, 403, "Not from another page", "Requests are taken only from this page itself.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isOurs(String name) {
        return LOOPBACK.contains(name) || allowed.contains(name);
    }

    private static String name(String host) {
        String lower = host.toLowerCase(Locale.ROOT);
        int port = lower.lastIndexOf(':');
        return port > lower.lastIndexOf(']') ? lower.substring(0, port) : lower;
    }

    private static boolean comesFromElsewhere(HttpServletRequest request, String host) {
        String origin = request.getHeader("Origin");
        if (origin != null) {
            return !origin.equalsIgnoreCase(request.getScheme() + "://" + host);
        }
        String site = request.getHeader("Sec-Fetch-Site");
        boolean crossing = "cross-site".equals(site) || "same-site".equals(site);
        return crossing && !"navigate".equals(request.getHeader("Sec-Fetch-Mode"));
    }
}
