package boldwedge.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Codes that let somebody in: good once and for a short time. Only their hashes are kept. */
@Component
class Codes {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    /** What a code is for. */
    enum Purpose {
        /** Lets a tablet in as a person. */
        PAIR("pair", Duration.ofMinutes(5)),
        /** Lets a person choose a new passphrase. */
        RESET("reset", Duration.ofHours(24)),
        /** Made at the machine by ./bw owner: makes whoever has it an owner. */
        OWNER("owner", Duration.ofMinutes(15));

        private final String kept;
        private final Duration good;

        Purpose(String kept, Duration good) {
            this.kept = kept;
            this.good = good;
        }

        /** How long a code is good. */
        Duration good() {
            return good;
        }
    }

    private final CodeMapper codes;
    private final Clock clock;

    Codes(CodeMapper codes, Optional<Clock> clock) {
        this.codes = codes;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /** A new code for a person. */
    String make(Purpose purpose, UUID person) {
        String code = secret();
        codes.dropOld(clock.instant());
        codes.add(hash(code), purpose.kept, person, clock.instant().plus(purpose.good));
        return code;
    }

    /** Uses up a code that is nobody's own, and tells whether it was good. */
    boolean isTaken(Purpose purpose, String code) {
        return codes.takeAny(hash(code), purpose.kept, clock.instant()) > 0;
    }

    /** Uses a code up, and tells whose it was: whoever comes second finds nothing. */
    Optional<UUID> take(Purpose purpose, String code) {
        return codes.take(hash(code), purpose.kept, clock.instant());
    }

    /** Makes every code of a person useless. */
    void dropOf(UUID person) {
        codes.dropOf(person);
    }

    /** As many random letters as nobody guesses. */
    static String secret() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** Whether a text is of the form of {@link #secret}. */
    static boolean isSecret(String text) {
        return text.matches("[A-Za-z0-9_-]{32}");
    }

    /** SHA-256 in base 64: a secret of that length needs no slower one. */
    static String hash(String text) {
        try {
            return Base64.getEncoder()
                    .encodeToString(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
