package boldwedge.server.people;

import boldwedge.server.web.QrPicture;
import boldwedge.server.web.Refusal;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.springframework.stereotype.Component;

/**
 * A second factor beside the passphrase, for whoever wants one: codes of six figures that a telephone makes from a secret and the time
 * (RFC 6238: HMAC-SHA-1, steps of 30 s). A code is good once; the step before and the one after are taken too, for clocks that differ.
 */
@Component
class SecondFactor {
    /** RFC 4226, section 4: 160 bits are recommended. */
    private static final int SECRET_BYTES = 20;

    private static final int STEPS_OFF = 1;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SecondFactorMapper kept;
    private final Clock clock;
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();

    SecondFactor(SecondFactorMapper kept, Optional<Clock> clock) {
        this.kept = kept;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /**
     * A secret to take into the telephone.
     *
     * @param secret in Base32, for typing
     * @param code the same as a picture to scan, SVG
     */
    record Begun(String secret, String code) {}

    boolean isOn(Person person) {
        return kept.isOn(person.id());
    }

    /** Makes a secret, which counts once a code of it has been shown. */
    Begun begin(Person person) {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        if (kept.begin(person.id(), secret) == 0) {
            throw Refusal.conflict("second-factor-on", "Your sign-in has a second factor already. Take it off first.");
        }
        String typed = new Base32().encodeToString(secret);
        String name = URLEncoder.encode("Bold Wedge:" + person.name(), StandardCharsets.UTF_8)
                .replace("+", "%20");
        return new Begun(
                typed.replaceAll("(.{4})(?=.)", "$1 "),
                QrPicture.of("otpauth://totp/" + name + "?secret=" + typed + "&issuer=Bold%20Wedge"));
    }

    /** Whether this is a code of the secret that was begun; from then on it is asked for. */
    boolean turnOn(Person person, String code) {
        return isGood(person.id(), false, code);
    }

    /** Whether a code is good now; it is used up. */
    boolean takes(Person person, String code) {
        return isGood(person.id(), true, code);
    }

    void off(UUID person) {
        kept.drop(person);
    }

    /** Refuses a sign-in whose passphrase was right, until a code stands beside it. */
    static Refusal wanted() {
        return new Refusal(
                Refusal.Kind.UNKNOWN,
                "second-factor-wanted",
                "Type the code that your telephone shows.",
                Map.of("code", "Type the code that your telephone shows."));
    }

    private boolean isGood(UUID person, boolean isOn, String code) {
        byte[] secret = kept.secret(person, isOn).orElse(new byte[0]);
        String figures = code.replaceAll("\\s", "");
        if (secret.length == 0) {
            return false;
        }
        long seconds = codes.getTimeStep().toSeconds();
        long now = clock.instant().getEpochSecond() / seconds;
        for (long step = now - STEPS_OFF; step <= now + STEPS_OFF; step++) {
            if (MessageDigest.isEqual(
                    of(secret, Instant.ofEpochSecond(step * seconds)).getBytes(StandardCharsets.UTF_8),
                    figures.getBytes(StandardCharsets.UTF_8))) {
                return kept.use(person, step) > 0;
            }
        }
        return false;
    }

    private String of(byte[] secret, Instant at) {
        try {
            return codes.generateOneTimePasswordString(new SecretKeySpec(secret, codes.getAlgorithm()), at);
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
