package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop, how they sign in, and how a tablet is paired. */
@Service
public class People {
    /** How long a pairing code is good. */
    static final Duration PAIRING = Duration.ofMinutes(5);

    private static final int FREE_FAILURES = 3;
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);

    /** For a name whatever the address: longer would let anybody lock the owner out. */
    private static final Duration LONGEST_WAIT_OF_NAME = Duration.ofSeconds(10);

    private static final Duration FORGOTTEN = Duration.ofHours(1);

    private final PeopleMapper people;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final SecureRandom random = new SecureRandom();
    private final Clock clock;
    private final String firstCode;

    /** Compared with when there is no such name, so that the time of the answer does not tell which names there are. */
    private final String nobodys = encoder.encode("nobody's passphrase");

    People(
            PeopleMapper people,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            Optional<Clock> clock,
            @Value("${boldwedge.first-code:}") String firstCode) {
        this.people = people;
        this.sessions = sessions;
        this.clock = clock.orElse(Clock.systemUTC());
        this.firstCode = firstCode;
    }

    List<Person> all() {
        return people.all();
    }

    /** Whether nobody has been entered yet. */
    boolean isEmpty() {
        return people.count() == 0;
    }

    /** Signs a person in, or refuses: with the same words whether the name or the passphrase is wrong. */
    Person signIn(String name, String passphrase, String address) {
        String byName = "name:" + name.strip().toLowerCase(java.util.Locale.ROOT);
        String byBoth = byName + "@" + address;
        Instant now = clock.instant();
        Optional<Instant> wait = people.waitUntil(byName, byBoth);
        if (wait.isPresent() && wait.get().isAfter(now)) {
            long seconds = Math.max(1, Duration.between(now, wait.get()).toSeconds() + 1);
            throw new Refusal(
                    Refusal.Kind.OFTEN,
                    "tried-too-often",
                    "That was wrong several times. Wait " + seconds + " s, then try again.",
                    Map.of());
        }
        Optional<Person> person = people.named(name.strip());
        String kept = person.flatMap(found -> people.passphrase(found.id())).orElse(nobodys);
        if (!encoder.matches(passphrase, kept) || person.isEmpty()) {
            slowDown(byName, now, LONGEST_WAIT_OF_NAME);
            slowDown(byBoth, now, LONGEST_WAIT);
            throw new Refusal(
                    Refusal.Kind.UNKNOWN,
                    "wrong-passphrase",
                    "The name or the passphrase is not right.",
                    Map.of("passphrase", "The name or the passphrase is not right."));
        }
        people.forgetFailures(byName, byBoth);
        return person.get();
    }

    private void slowDown(String subject, Instant now, Duration longest) {
        int failures = people.failed(subject, now, now.minus(FORGOTTEN));
        if (failures >= FREE_FAILURES) {
            Duration wait = Duration.ofSeconds(1L << Math.min(20, failures - FREE_FAILURES));
            people.waitLonger(subject, now.plus(wait.compareTo(longest) < 0 ? wait : longest));
        }
    }

    /** The shop's first owner, by the code that the start command printed. */
    @Transactional
    public Person first(String code, String name, String passphrase) {
        people.oneAtATime();
        if (!isEmpty()) {
            throw Refusal.conflict("has-owner", "The shop has its people already. Sign in, or ask its owner.");
        }
        if (firstCode.isEmpty() || !same(firstCode, code.strip())) {
            throw Refusal.wrong(
                    "wrong-code",
                    "That is not the code which this start printed.",
                    Map.of("code", "Look at the window in which the program was started."));
        }
        return add(name, Role.OWNER, passphrase);
    }

    /** Enters a person. */
    Person add(String name, Role role, String passphrase) {
        Person person = new Person(UUID.randomUUID(), 1, name.strip(), role);
        if (people.add(person, encoder.encode(passphrase)) == 0) {
            throw Refusal.wrong(
                    "name-taken",
                    "Somebody of that name is here already.",
                    Map.of("name", "Somebody of that name is here already."));
        }
        return person;
    }

    /** Changes what a person may do; the person signs in anew, with the new role. */
    @Transactional
    public void setRole(UUID id, int version, Role role) {
        people.oneAtATime();
        if (role != Role.OWNER) {
            keepAnOwner(id);
        }
        Version.check(people.setRole(id, version, role), people.find(id).isPresent(), "person");
        signOutEverywhere(id);
    }

    /** A new passphrase; every session of the person ends. */
    @Transactional
    public void setPassphrase(UUID id, String passphrase) {
        if (people.setPassphrase(id, encoder.encode(passphrase)) == 0) {
            throw Refusal.missing("no-such-person", "This person is no longer entered here.");
        }
        signOutEverywhere(id);
    }

    /** Whether this is the person's passphrase. */
    boolean isPassphraseOf(UUID id, String passphrase) {
        return people.passphrase(id)
                .filter(kept -> encoder.matches(passphrase, kept))
                .isPresent();
    }

    /** Takes a person out. What the person saved stays, with the name. */
    @Transactional
    public void remove(UUID id, int version) {
        people.oneAtATime();
        keepAnOwner(id);
        Version.check(people.remove(id, version), people.find(id).isPresent(), "person");
        signOutEverywhere(id);
    }

    private void keepAnOwner(UUID but) {
        if (people.ownersBut(but) == 0) {
            throw Refusal.conflict(
                    "last-owner", "The shop needs an owner: make somebody else one first. Nothing was changed.");
        }
    }

    /** Ends every session of a person, on every machine, and every code that would let a tablet in as this person. */
    void signOutEverywhere(UUID id) {
        // The codes first: one that is taken a moment before begins a session that is found below.
        people.dropCodesOf(id);
        sessions.findByPrincipalName(id.toString()).keySet().forEach(sessions::deleteById);
    }

    /** A code that lets a tablet in as this person: once, and for five minutes. */
    String pairingCode(Person person) {
        byte[] secret = new byte[24];
        random.nextBytes(secret);
        String code = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        people.dropOldCodes(clock.instant());
        people.addCode(hash(code), person.id(), clock.instant().plus(PAIRING));
        return code;
    }

    /** Whoever a pairing code belongs to; the code is used up. */
    Person paired(String code) {
        return people.takeCode(hash(code), clock.instant())
                .flatMap(people::find)
                .orElseThrow(() -> Refusal.wrong(
                        "code-used-up",
                        "This pairing code was used already or is older than five minutes. Have a new one shown."));
    }

    private static boolean same(String a, String b) {
        return MessageDigest.isEqual(a.getBytes(StandardCharsets.UTF_8), b.getBytes(StandardCharsets.UTF_8));
    }

    private static String hash(String code) {
        try {
            return Base64.getEncoder()
                    .encodeToString(MessageDigest.getInstance("SHA-256").digest(code.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
