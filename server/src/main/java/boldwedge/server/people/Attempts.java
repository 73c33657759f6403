package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down whoever guesses: each failure of a name, an address, a device makes the next attempt wait longer. What was typed for a
 * name may have been a passphrase, so that only hashes are kept, and those for an hour.
 */
@Component
class Attempts {
    private static final Duration FORGOTTEN = Duration.ofHours(1);
    private static final int MOST_DOUBLINGS = 20;

    /**
     * Whose failures are counted together.
     *
     * @param key tells it from others
     * @param free how many failures cost nothing
     * @param longest the longest wait
     */
    record Subject(String key, int free, Duration longest) {
        /** A name whatever the address: a longer wait would let anybody lock the owner out. */
        static Subject name(String name) {
            return new Subject("name:" + name, 3, Duration.ofSeconds(10));
        }

        static Subject nameAt(String name, String address) {
            return new Subject("name:" + name + "@" + address, 3, Duration.ofMinutes(5));
        }

        /** Whatever the names: guessing through a list of people is slowed down too. */
        static Subject address(String address) {
            return new Subject("address:" + address, 10, Duration.ofMinutes(1));
        }

        /** Somebody who is known already, by device or by having signed in. */
        static Subject known(Object id) {
            return new Subject("known:" + id, 3, Duration.ofMinutes(5));
        }

        private String hash() {
            return Codes.hash(key);
        }
    }

    private final AttemptMapper failures;
    private final Clock clock;

    Attempts(AttemptMapper failures, Optional<Clock> clock) {
        this.failures = failures;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /** Refuses while any of these has to wait. */
    void mayTry(List<Subject> subjects) {
        Instant now = clock.instant();
        Duration wait = Duration.ZERO;
        for (Subject subject : subjects) {
            // A clock that was ahead and has been put right must not leave anybody waiting for years.
            failures.noLaterThan(subject.hash(), now.plus(subject.longest()));
            Duration left = failures.waitUntil(subject.hash())
                    .map(until -> Duration.between(now, until))
                    .orElse(Duration.ZERO);
            wait = left.compareTo(wait) > 0 ? left : wait;
        }
        if (wait.isPositive()) {
            throw new Refusal(
                    Refusal.Kind.OFTEN,
                    "tried-too-often",
                    "That was wrong several times. Wait " + (wait.toSeconds() + 1) + " s, then try again.",
                    Map.of());
        }
    }

    /** Counts a failure of each, and keeps the count whatever becomes of the request. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(List<Subject> subjects) {
        Instant now = clock.instant();
        failures.forgetOld(now.minus(FORGOTTEN));
        for (Subject subject : subjects) {
            int count = failures.failed(subject.hash(), now);
            if (count >= subject.free()) {
                Duration wait = Duration.ofSeconds(1L << Math.min(MOST_DOUBLINGS, count - subject.free()));
                failures.waitLonger(
                        subject.hash(), now.plus(wait.compareTo(subject.longest()) < 0 ? wait : subject.longest()));
            }
        }
    }

    /** Forgets the failures of these. */
    void succeeded(List<Subject> subjects) {
        for (Subject subject : subjects) {
            failures.forget(subject.hash());
        }
    }
}
