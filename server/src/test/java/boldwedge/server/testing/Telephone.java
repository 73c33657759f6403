package boldwedge.server.testing;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** A telephone: RFC 4226, section 5.3, over the steps of RFC 6238, written out here as the second way. */
public final class Telephone {
    private final byte[] secret;

    /** One that has a secret. */
    public Telephone(byte[] secret) {
        this.secret = secret.clone();
    }

    /** From the letters in which the secret is typed, RFC 4648, section 6. */
    public static Telephone typed(String letters) {
        ByteBuffer bytes = ByteBuffer.allocate(20);
        long bits = 0;
        int held = 0;
        for (char letter : letters.replace(" ", "").toCharArray()) {
            bits = bits << 5 | "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".indexOf(letter);
            held += 5;
            if (held >= 8) {
                held -= 8;
                bytes.put((byte) (bits >> held));
            }
        }
        return new Telephone(bytes.array());
    }

    /** The code of a step of time. */
    public String at(long step) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "RAW"));
            byte[] hash = mac.doFinal(ByteBuffer.allocate(8).putLong(step).array());
            int from = hash[19] & 0xF;
            int figures = ByteBuffer.wrap(hash, from, 4).getInt() & 0x7FFFFFFF;
            return String.format(Locale.ROOT, "%06d", figures % 1_000_000);
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The code of now. */
    public String shows() {
        return at(step());
    }

    /** A code that is not good for minutes to come. */
    public String showsNever() {
        List<String> near = new ArrayList<>();
        for (long step = step() - 5; step < step() + 20; step++) {
            near.add(at(step));
        }
        String never = "000000";
        while (near.contains(never)) {
            never = String.format(Locale.ROOT, "%06d", Integer.parseInt(never) + 1);
        }
        return never;
    }

    private static long step() {
        return Instant.now().getEpochSecond() / 30;
    }
}
