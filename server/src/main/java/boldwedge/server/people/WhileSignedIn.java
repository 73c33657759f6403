package boldwedge.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A file that is being fetched ends where its person is signed out: a long one is looked at again every second. */
@Component
@Order(WhileSignedIn.INSIDE_SECURITY)
class WhileSignedIn extends OncePerRequestFilter {
    /** Spring Security's filter stands at -100. */
    static final int INSIDE_SECURITY = -49;

    private static final long LOOK_AGAIN_NANOS = TimeUnit.SECONDS.toNanos(1);

    private final SessionRepository<? extends Session> sessions;
    private final Door door;

    WhileSignedIn(SessionRepository<? extends Session> sessions, Door door) {
        this.sessions = sessions;
        this.door = door;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !door.isOpen() || !request.getRequestURI().startsWith("/api/exchange/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        chain.doFilter(request, session == null ? response : new Watched(response, session.getId()));
    }

    private final class Watched extends HttpServletResponseWrapper {
        private final String session;
        private @Nullable ServletOutputStream stream;

        Watched(HttpServletResponse response, String session) {
            super(response);
            this.session = session;
        }

        @Override
        public ServletOutputStream getOutputStream() throws IOException {
            if (stream == null) {
                stream = new WatchedStream(super.getOutputStream(), session);
            }
            return stream;
        }
    }

    private final class WatchedStream extends ServletOutputStream {
        private final ServletOutputStream to;
        private final String session;
        private long looked = System.nanoTime();

        WatchedStream(ServletOutputStream to, String session) {
            this.to = to;
            this.session = session;
        }

        private void look() throws IOException {
            if (System.nanoTime() - looked > LOOK_AGAIN_NANOS) {
                if (sessions.findById(session) == null) {
                    throw new IOException("signed out while a file was being fetched");
                }
                looked = System.nanoTime();
            }
        }

        @Override
        public void write(int b) throws IOException {
            look();
            to.write(b);
        }

        @Override
        public void write(byte[] bytes, int at, int length) throws IOException {
            look();
            to.write(bytes, at, length);
        }

        @Override
        public void flush() throws IOException {
            to.flush();
        }

        @Override
        public void close() throws IOException {
            to.close();
        }

        @Override
        public boolean isReady() {
            return to.isReady();
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            to.setWriteListener(listener);
        }
    }
}
