package boldwedge.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Writes down who did what, together with it: what is rolled back was not done and does not stand here. */
@Service
public class Journal {
    private static final int LONGEST = 200;

    private final JournalMapper lines;
    private final Who who;
    private final Clock clock;

    Journal(JournalMapper lines, Who who, Optional<Clock> clock) {
        this.lines = lines;
        this.who = who;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /**
     * A line.
     *
     * @param id rises
     * @param at when
     * @param person who, by name; empty where nobody signs in or nobody had
     * @param address from where
     * @param what what was done, of {@link Deed}
     * @param about to what
     */
    record Line(long id, Instant at, String person, String address, String what, String about) {}

    /** Notes what whoever asks does, within what is being done. */
    public void note(Deed what, String about) {
        note(who.name(), what, about);
    }

    /** The same of somebody who has only now come in. */
    public void note(String person, Deed what, String about) {
        lines.add(clock.instant(), person, address(), what.name(), shortened(about));
    }

    /** Notes what was refused, whatever becomes of the request. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void refused(String about) {
        note(who.name(), Deed.REFUSED, about);
    }

    /** Lines before one, the last first. */
    List<Line> before(long id, int most) {
        return lines.before(id, most);
    }

    /** Hands over every line, the first first; within a transaction. */
    void each(Consumer<Line> take) {
        lines.each().forEach(take);
    }

    private static String address() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? address(attributes.getRequest())
                : "";
    }

    private static String address(HttpServletRequest request) {
        return String.valueOf(request.getRemoteAddr());
    }

    /** One line of it, and no more than can be read: names come from whoever asks. */
    private static String shortened(String about) {
        String plain = about.replaceAll("\\p{C}", " ").strip();
        return plain.length() > LONGEST ? plain.substring(0, LONGEST) + "…" : plain;
    }
}
