package org.mosswake.server.platform.http;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes a body in whole before anything waits for it. One that is still on its way holds a connection and no thread, so
 * that slow senders cost the others nothing; one that does not arrive in time, or grows too large, is refused.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class WholeBody extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long length = request.getContentLengthLong();
        boolean chunked = request.getHeader("Transfer-Encoding") != null;
        if (length <= 0 && !chunked) {
            chain.doFilter(request, response);
            return;
        }
        BodyRules rules = BodyRules.of(request);
        if (length > rules.bytes()) {
            Refusal.write(response, 413, "The request is too large", rules.tooLarge());
        } else if (!rules.takes(request.getContentType())) {
            Refusal.write(response, 415, "Not a kind of body that is taken here", "Send " + rules.mediaType() + ".");
        } else if (rules.streamed()) {
            chain.doFilter(request, response);
        } else {
            ServletInputStream in = request.getInputStream();
            if (length > 0 && in.available() >= length) {
                chain.doFilter(new BufferedRequest(request, in.readNBytes((int) length)), response);
            } else {
                await(request, response, rules, in);
            }
        }
    }

    private static void await(
            HttpServletRequest request, HttpServletResponse response, BodyRules rules, ServletInputStream in) {
        var buffered = new BufferedRequest(request, new byte[0]);
        AsyncContext waiting = request.startAsync(buffered, response);
        waiting.setTimeout(rules.time().toMillis());
        waiting.addListener(new TooSlow(rules));
        in.setReadListener(new BodyArriving(waiting, buffered, rules, in));
    }

    /** Nobody waits for ever. */
    private record TooSlow(BodyRules rules) implements AsyncListener {
        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            BodyArriving.tooSlow(event.getAsyncContext(), rules);
        }

        @Override
        public void onComplete(AsyncEvent event) {}

        @Override
        public void onError(AsyncEvent event) {}

        @Override
        public void onStartAsync(AsyncEvent event) {}
    }
}
