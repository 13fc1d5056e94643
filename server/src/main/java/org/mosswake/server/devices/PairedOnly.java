package org.mosswake.server.devices;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mosswake.server.platform.http.Refusal;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever comes in over the boat's network reads and writes nothing until his device is paired: but for the page itself,
 * which holds nobody's data, the certificate of the boat's authority, and the pairing. Who sits at the computer that
 * serves needs no pairing, and he alone lets devices in and shuts them out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class PairedOnly extends OncePerRequestFilter {
    static final String COOKIE = "moss_device";

    /** The page and its scripts. */
    private static final Pattern OPEN = Pattern.compile(
            "/|/boats(/.*)?|/assets/.*|/licences/.*|/favicon\\.svg|/icon-\\d+\\.png|/app\\.webmanifest|/sw\\.js|/authority\\.crt|/api/pairing");

    private static final Pattern AT_THE_COMPUTER = Pattern.compile("/api/(devices(/.*)?|pairing/code)");

    private final DeviceService devices;

    PairedOnly(DeviceService devices) {
        this.devices = devices;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // What is asked for once dots and escapes are resolved: as it was written it could look like something else.
        String path = request.getServletPath();
        if (!request.isSecure() || OPEN.matcher(path).matches()) {
            chain.doFilter(request, response);
            return;
        }
        try {
            if (cookies(request).noneMatch(devices::opens)) {
                Refusal.write(response, 401, "Not paired", "This device is not paired with the boat, or was shut out.");
                return;
            }
        } catch (DataAccessException | TransactionException e) {
            Refusal.write(response, 503, "Not known yet", "The database does not answer; try again.");
            return;
        }
        if (AT_THE_COMPUTER.matcher(path).matches()) {
            Refusal.write(response, 403, "Not from here", "Devices are let in at the computer that serves.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static Stream<String> cookies(HttpServletRequest request) {
        return request.getCookies() == null
                ? Stream.empty()
                : Arrays.stream(request.getCookies())
                        .filter(cookie -> cookie.getName().equals(COOKIE))
                        .map(Cookie::getValue);
    }
}
