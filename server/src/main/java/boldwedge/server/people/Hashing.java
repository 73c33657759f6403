package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/**
 * Hashes passphrases, which is dear on purpose, two at once at most: one for devices that are known and for whoever has signed in,
 * and one for all others, which rests four times as long as it worked while more of them wait. So strangers who storm the door take a fifth
 * of one processor, and nobody of the shop stands in their queue.
 */
@Component
class Hashing {
    /** How many strangers have their turn, hashed one after the other; the next ones stand waiting before the door. */
    private static final int STRANGERS_TURNS = 4;

    /** From one address: whoever asks without pause leaves room for others. */
    private static final int WAITING_OF_ADDRESS = 2;

    /**
     * So long a stranger waits for a turn, each another time between. Whoever gets none is sent away no sooner: who guesses on and on is slowed down by it, and a
     * thread that waits costs nothing. If all waited alike, a crowd that came together would come back together, and whoever plans just then would stand behind all of it.
     */
    private static final long PATIENCE_LEAST_MS = 2000;

    private static final long PATIENCE_MOST_MS = 5000;

    /** So many who wait make everyone's wait as long again: a crowd that guesses asks no more often, however large it is. */
    private static final int CROWD = 50;

    /** More are sent away at once. */
    private static final int MOST_WAITING = 1000;

    private static final int WAITING_KNOWN = 32;

    /** So many times as long as it has worked the strangers' thread rests while more of them wait. */
    private static final int REST = 4;

    private final PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final ThreadPoolExecutor known = lane("passphrases-known", WAITING_KNOWN);
    private final ThreadPoolExecutor strangers = lane("passphrases", STRANGERS_TURNS);
    private final Semaphore turns = new Semaphore(STRANGERS_TURNS, true);
    private final AtomicInteger before = new AtomicInteger();
    private final Map<String, Integer> waiting = new ConcurrentHashMap<>();

    /** Compared with when there is no such name, so that the time of the answer does not tell which names there are. */
    private final Supplier<String> nobodys = SingletonSupplier.of(() -> encoder.encode("nobody's passphrase"));

    private static ThreadPoolExecutor lane(String name, int waiting) {
        return new ThreadPoolExecutor(
                1,
                1,
                0,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(waiting),
                Thread.ofPlatform().daemon().name(name).factory());
    }

    @PreDestroy
    void stop() {
        known.shutdownNow();
        strangers.shutdownNow();
    }

    /** The passphrase as it is kept. */
    String hash(String passphrase) {
        return inTurn(known, new FutureTask<>(() -> encoder.encode(passphrase)), 0);
    }

    /** Whether the passphrase is the one that is kept, typed by somebody whom the program knows already. */
    boolean matches(String passphrase, Optional<String> kept) {
        return inTurn(known, compared(passphrase, kept), 0);
    }

    /** A stranger's turn: until it is closed nobody else has it. */
    interface Turn extends AutoCloseable {
        @Override
        void close();
    }

    /** Waits for a stranger's turn, before anything is asked of the database; refused where none comes. */
    Turn strangersTurn(String address) {
        int crowd = before.incrementAndGet();
        if (crowd > MOST_WAITING) {
            before.decrementAndGet();
            throw busy();
        }
        long patience =
                ThreadLocalRandom.current().nextLong(PATIENCE_LEAST_MS, PATIENCE_MOST_MS) * (CROWD + crowd) / CROWD;
        boolean room = waiting.merge(address, 1, Integer::sum) <= WAITING_OF_ADDRESS;
        boolean mine = false;
        try {
            if (room) {
                mine = turns.tryAcquire(patience, TimeUnit.MILLISECONDS);
            } else {
                TimeUnit.MILLISECONDS.sleep(patience);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } finally {
            before.decrementAndGet();
            if (!mine) {
                leave(address);
            }
        }
        if (!mine) {
            throw busy();
        }
        return () -> {
            turns.release();
            leave(address);
        };
    }

    /** Whether the passphrase is the one that is kept, typed by a stranger whose turn it is. */
    boolean matchesInTurn(String passphrase, Optional<String> kept) {
        return inTurn(strangers, compared(passphrase, kept), REST);
    }

    private void leave(String address) {
        waiting.computeIfPresent(address, (same, count) -> count > 1 ? count - 1 : null);
    }

    private FutureTask<Boolean> compared(String passphrase, Optional<String> kept) {
        return new FutureTask<>(() -> encoder.matches(passphrase, kept.orElseGet(nobodys)) && kept.isPresent());
    }

    private static <T> T inTurn(ThreadPoolExecutor lane, FutureTask<T> task, int rest) {
        try {
            lane.execute(() -> {
                long began = System.nanoTime();
                task.run();
                if (!lane.getQueue().isEmpty()) {
                    pause(rest * (System.nanoTime() - began));
                }
            });
            return task.get();
        } catch (RejectedExecutionException full) {
            throw busy();
        } catch (ExecutionException broken) {
            throw new IllegalStateException(broken.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw busy();
        }
    }

    private static void pause(long nanos) {
        try {
            TimeUnit.NANOSECONDS.sleep(nanos);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static Refusal busy() {
        return Refusal.busy(
                "many-sign-in",
                "Many are signing in just now. What you typed is kept: wait a few seconds, then try again.");
    }
}
