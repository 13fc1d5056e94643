package org.mosswake.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies over the limit, declared or not. A spread of twelve lines takes about 8 KiB. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyLimit extends OncePerRequestFilter {
    static final long LIMIT_BYTES = 128 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > LIMIT_BYTES) {
            Refusal.write(response, 413, "The request is too large", new BodyTooLarge(LIMIT_BYTES).getMessage());
            return;
        }
        chain.doFilter(new Counted(request), response);
    }

    private static final class Counted extends HttpServletRequestWrapper {
        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream());
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream in;
        private long left = LIMIT_BYTES;

        CountedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int read = in.read();
            return read < 0 ? read : count(1, read);
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int read = in.read(into, offset, length);
            return read < 0 ? read : count(read, read);
        }

        private int count(int bytes, int result) throws BodyTooLarge {
            left -= bytes;
            if (left < 0) {
                throw new BodyTooLarge(LIMIT_BYTES);
            }
            return result;
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
