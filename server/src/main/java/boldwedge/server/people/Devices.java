package boldwedge.server.people;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Devices from which a person signed in: known again by a secret that the browser keeps, of which only the hash is here. */
@Component
class Devices {
    /** The name of a session's attribute: which device it is on. */
    static final String OF_SESSION = "device";

    private static final int MOST_WORDS = 60;

    /** What browsers say of themselves, the more particular first. */
    private static final List<String> BROWSERS = List.of("Edg", "OPR", "Firefox", "Chrome", "Safari");

    private static final List<String> SYSTEMS =
            List.of("Android", "iPhone", "iPad", "Windows", "Mac OS", "CrOS", "Linux");

    private final DeviceMapper devices;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final Clock clock;

    Devices(DeviceMapper devices, FindByIndexNameSessionRepository<? extends Session> sessions, Optional<Clock> clock) {
        this.devices = devices;
        this.sessions = sessions;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /**
     * A device of a person.
     *
     * @param words what it is, as far as its browser says
     * @param paired whether it came in by a code that was scanned
     * @param since when it came in first
     * @param lastSeen when it came in last
     * @param signedIn whether it is signed in now
     * @param here whether it is the one that asks
     */
    record Device(
            UUID id, String words, boolean paired, Instant since, Instant lastSeen, boolean signedIn, boolean here) {}

    /** Whether a secret is anybody's device's: what a stranger makes up is not looked into any further. */
    boolean isKnown(String secret) {
        return Codes.isSecret(secret) && devices.isKnown(Codes.hash(secret));
    }

    /** The id of a person's device by its secret. */
    Optional<UUID> of(UUID person, String secret) {
        return secret.isEmpty() ? Optional.empty() : devices.find(person, Codes.hash(secret));
    }

    /** Whoever comes in: on a device that is known, or on a new one, which keeps the secret. */
    UUID seen(UUID person, String secret, String agent, boolean paired) {
        Instant now = clock.instant();
        Optional<UUID> known = of(person, secret);
        if (known.isPresent()) {
            devices.seen(known.get(), now);
            return known.get();
        }
        UUID id = UUID.randomUUID();
        devices.add(new DeviceMapper.Row(id, Codes.hash(secret), person, words(agent), paired, now, now));
        return id;
    }

    /** A person's devices, the one that was seen last first. */
    List<Device> all(UUID person, String here) {
        Set<String> signedIn = sessions.findByPrincipalName(person.toString()).values().stream()
                .map(session -> String.valueOf(session.<Object>getAttribute(OF_SESSION)))
                .collect(Collectors.toSet());
        return devices.all(person).stream()
                .map(row -> new Device(
                        row.id(),
                        row.words(),
                        row.paired(),
                        row.since(),
                        row.lastSeen(),
                        signedIn.contains(row.id().toString()),
                        row.id().toString().equals(here)))
                .toList();
    }

    /** Forgets a device; false when it was forgotten before. */
    boolean forget(UUID person, UUID device) {
        return devices.forget(person, device) > 0;
    }

    /** Forgets every device of a person. */
    void forgetAllOf(UUID person) {
        devices.forgetAllOf(person);
    }

    /** "Firefox on Android"; what somebody made up is cut short, and its signs are left out. */
    static String words(String agent) {
        Optional<String> browser = BROWSERS.stream().filter(agent::contains).findFirst();
        Optional<String> system = SYSTEMS.stream().filter(agent::contains).findFirst();
        if (browser.isEmpty() || system.isEmpty()) {
            String plain = agent.replaceAll("[^A-Za-z0-9 ./_-]", "").strip();
            return plain.isEmpty() ? "A device" : plain.substring(0, Math.min(MOST_WORDS, plain.length()));
        }
        String name = browser.get().equals("Edg") ? "Edge" : browser.get().equals("OPR") ? "Opera" : browser.get();
        return name + " on " + system.get();
    }
}
