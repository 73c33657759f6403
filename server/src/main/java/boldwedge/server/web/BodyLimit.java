package boldwedge.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses bodies larger than any shop's records, whatever their heading says of their size: they are counted while they are
 * read; and bodies that trickle in so slowly that somebody only holds the line.
 */
@Component
@Order(BodyLimit.INSIDE_SECURITY)
class BodyLimit extends OncePerRequestFilter {
    /** Spring Security's filter stands at -100: its headings are on these refusals too. */
    static final int INSIDE_SECURITY = -50;

    static final long MOST_BYTES = 20L * 1024 * 1024;

    /** A name, a code, a passphrase: what anybody on the network may send before it is known who sends it. */
    static final long MOST_BYTES_OF_A_WAY_IN = 64L * 1024;

    /** A shop's file: a hundred thousand tools with a million trials come to about 1 GB. */
    static final long MOST_SHOP_BYTES = 8L * 1024 * 1024 * 1024;

    private static final long PATIENCE_NANOS = 10_000_000_000L;
    private static final long LEAST_BYTES_A_SECOND = 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            Answers.write(response, tooLarge(most));
            return;
        }
        chain.doFilter(new Counted(request, most), response);
    }

    private static long most(String path) {
        if (path.startsWith("/api/exchange/")) {
            return MOST_SHOP_BYTES;
        }
        return path.startsWith("/api/people/") ? MOST_BYTES_OF_A_WAY_IN : MOST_BYTES;
    }

    private static String size(long bytes) {
        return bytes < 1024 * 1024 ? bytes / 1024 + " kB" : bytes / (1024 * 1024) + " MB";
    }

    static Refusal tooLarge(long most) {
        return new Refusal(
                Refusal.Kind.LARGE,
                "too-large",
                "That is more than " + size(most) + ", which nothing of this kind is. Nothing was taken in.",
                Map.of());
    }

    static Refusal slow() {
        return new Refusal(
                Refusal.Kind.SLOW,
                "too-slow",
                "What was sent did not come to its end: nothing more arrived for ten seconds. Nothing was taken in; send it again.",
                Map.of());
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;
        private @Nullable ServletInputStream stream;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (stream == null) {
                stream = new CountedStream(super.getInputStream(), most);
            }
            return stream;
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream from;
        private final long most;
        private final long began = System.nanoTime();
        private long count;

        CountedStream(ServletInputStream from, long most) {
            this.from = from;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int b = from.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] into, int at, int length) throws IOException {
            int read = from.read(into, at, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) {
            count += read;
            if (count > most) {
                throw tooLarge(most);
            }
            long since = System.nanoTime() - began;
            if (since > PATIENCE_NANOS && count < LEAST_BYTES_A_SECOND * (since / 1_000_000_000L)) {
                throw slow();
            }
        }

        @Override
        public boolean isFinished() {
            return from.isFinished();
        }

        @Override
        public boolean isReady() {
            return from.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            from.setReadListener(listener);
        }
    }
}
