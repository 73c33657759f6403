package boldwedge.server.people;

import boldwedge.server.people.Attempts.Subject;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop, how they sign in, and how a tablet is paired. */
@Service
public class People {
    private static final Duration BROUGHT_BACK_WITHIN = Duration.ofDays(1);
    private static final String WRONG_SECOND_FACTOR =
            "That is not the code which your telephone shows now. Each is good once; look whether the telephone's clock is right.";

    private final PeopleMapper people;
    private final Codes codes;
    private final Devices devices;
    private final Attempts attempts;
    private final Hashing hashing;
    private final SecondFactor secondFactor;
    private final Journal journal;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final String firstCode;
    private final Clock clock;

    People(
            PeopleMapper people,
            Codes codes,
            Devices devices,
            Attempts attempts,
            Hashing hashing,
            SecondFactor secondFactor,
            Journal journal,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            @Value("${boldwedge.first-code:}") String firstCode,
            Optional<Clock> clock) {
        this.people = people;
        this.codes = codes;
        this.devices = devices;
        this.attempts = attempts;
        this.hashing = hashing;
        this.secondFactor = secondFactor;
        this.journal = journal;
        this.sessions = sessions;
        this.firstCode = firstCode;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    List<Person> all() {
        return people.all();
    }

    /** Whether nobody has been entered yet. */
    boolean isEmpty() {
        return people.count() == 0;
    }

    /**
     * Signs a person in, or refuses: with the same words whether the name or the passphrase is wrong.
     *
     * @param code of the second factor; empty when none was typed
     * @param device what the browser says it is known by; empty when by nothing
     */
    Person signIn(String typedName, String passphrase, String code, String address, String device) {
        String name = Normalizer.normalize(typedName, Normalizer.Form.NFKC).strip();
        Optional<Person> known = devices.isKnown(device) ? people.named(name) : Optional.empty();
        Optional<UUID> onDevice = known.flatMap(person -> devices.of(person.id(), device));
        if (onDevice.isPresent()) {
            return judged(
                    known, code, List.of(Subject.known(onDevice.get())), 1, kept -> hashing.matches(passphrase, kept));
        }
        String looks = PersonName.looks(name);
        try (Hashing.Turn ignored = hashing.strangersTurn(address)) {
            // Not the address is forgiven: with one name of one's own one could guess the others' on and on.
            return judged(
                    people.named(name),
                    code,
                    List.of(Subject.name(looks), Subject.nameAt(looks, address), Subject.address(address)),
                    2,
                    kept -> hashing.matchesInTurn(passphrase, kept));
        }
    }

    /**
     * Judges a sign-in.
     *
     * @param forgiven how many of the subjects, the first ones, are forgiven by one that is right
     */
    private Person judged(
            Optional<Person> person,
            String code,
            List<Subject> subjects,
            int forgiven,
            Predicate<Optional<String>> right) {
        attempts.mayTry(subjects);
        if (!right.test(person.flatMap(found -> people.passphrase(found.id())))) {
            attempts.failed(subjects);
            // Who it was is told only where there is such a person: what was typed for a name may be a passphrase.
            journal.refused("sign-in as " + person.map(Person::name).orElse("somebody who is not entered"));
            throw new Refusal(
                    Refusal.Kind.UNKNOWN,
                    "wrong-passphrase",
                    "The name or the passphrase is not right.",
                    Map.of("passphrase", "The name or the passphrase is not right."));
        }
        Person found = person.orElseThrow();
        if (secondFactor.isOn(found)) {
            if (code.isBlank()) {
                throw SecondFactor.wanted();
            }
            if (!secondFactor.takes(found, code)) {
                attempts.failed(subjects);
                journal.refused("the second factor of " + found.name());
                throw new Refusal(
                        Refusal.Kind.UNKNOWN,
                        "wrong-second-factor",
                        WRONG_SECOND_FACTOR,
                        Map.of("code", WRONG_SECOND_FACTOR));
            }
        }
        attempts.succeeded(subjects.subList(0, forgiven));
        return found;
    }

    /** The shop's first owner, by the code that the start command printed. */
    @Transactional
    public Person first(String code, String name, String passphrase, String address) {
        people.oneAtATime();
        if (!isEmpty()) {
            throw Refusal.conflict("has-owner", "The shop has its people already. Sign in, or ask its owner.");
        }
        Subject guesser = Subject.address(address);
        attempts.mayTry(List.of(guesser));
        if (firstCode.isEmpty() || !same(firstCode, typed(code))) {
            attempts.failed(List.of(guesser));
            journal.refused("the first owner's code");
            throw Refusal.wrong(
                    "wrong-code",
                    "That is not the code which this start printed.",
                    Map.of(
                            "code",
                            "That is not the code which this start printed. It stands in the window in which the program was"
                                    + " started."));
        }
        return add(name, Role.OWNER, passphrase);
    }

    /** Enters a person. */
    @Transactional
    public Person add(String typedName, Role role, String passphrase) {
        people.oneAtATime();
        String name = PersonName.kept(typedName);
        PassphraseRule.check(passphrase, name, "passphrase");
        String looks = PersonName.looks(name);
        Person person = new Person(UUID.randomUUID(), 1, name, role);
        boolean taken = people.all().stream()
                .anyMatch(other -> PersonName.looks(other.name()).equals(looks));
        if (taken || people.add(person, hashing.hash(passphrase)) == 0) {
            throw Refusal.wrong(
                    "name-taken",
                    "Somebody of that name, or of one that looks like it, is here already.",
                    Map.of("name", "Somebody of that name, or of one that looks like it, is here already."));
        }
        journal.note(Deed.PERSON_ADDED, name + ", " + inWords(role));
        return person;
    }

    private static String inWords(Role role) {
        return role.name().toLowerCase(Locale.ROOT);
    }

    /** Changes what a person may do; the person signs in anew, with the new role. */
    @Transactional
    public void setRole(UUID id, int version, Role role) {
        people.oneAtATime();
        if (role != Role.OWNER) {
            keepAnOwner(id);
        }
        Optional<Person> there = people.find(id);
        Version.check(people.setRole(id, version, role), there.isPresent(), "person");
        journal.note(Deed.ROLE_CHANGED, there.map(Person::name).orElse("") + ", " + inWords(role));
        endAll(id);
    }

    /** A new passphrase by whoever knows the one of now; every session of the person ends. */
    void changePassphrase(Person person, String now, String next) {
        mustKnow(person, now, "a new passphrase");
        setPassphrase(person, next, "next");
    }

    /** A secret for a second factor, for whoever knows the passphrase of now. */
    SecondFactor.Begun beginSecondFactor(Person person, String now) {
        mustKnow(person, now, "a second factor");
        return secondFactor.begin(person);
    }

    /** From now on a code is asked for beside the passphrase; this one shows that the telephone has the secret. */
    void turnSecondFactorOn(Person person, String code) {
        Subject guesser = Subject.known(person.id());
        attempts.mayTry(List.of(guesser));
        if (!secondFactor.turnOn(person, code)) {
            attempts.failed(List.of(guesser));
            throw Refusal.wrong("wrong-second-factor", WRONG_SECOND_FACTOR, Map.of("code", WRONG_SECOND_FACTOR));
        }
        attempts.succeeded(List.of(guesser));
        journal.note(Deed.SECOND_FACTOR_ON, "");
    }

    /** No code is asked for any more. */
    void turnSecondFactorOff(Person person, String now) {
        mustKnow(person, now, "taking off a second factor");
        secondFactor.off(person.id());
        journal.note(Deed.SECOND_FACTOR_OFF, person.name());
    }

    private void mustKnow(Person person, String now, String what) {
        Subject guesser = Subject.known(person.id());
        attempts.mayTry(List.of(guesser));
        if (!hashing.matches(now, people.passphrase(person.id()))) {
            attempts.failed(List.of(guesser));
            journal.refused(what);
            throw Refusal.wrong(
                    "wrong-passphrase",
                    "That is not your passphrase as it is now.",
                    Map.of("now", "That is not your passphrase as it is now."));
        }
        attempts.succeeded(List.of(guesser));
    }

    /** For whoever has lost the passphrase the telephone may be lost too: a code of the owner's takes the second factor off. */
    private void setForgotten(Person person, String passphrase) {
        setPassphrase(person, passphrase, "passphrase");
        if (secondFactor.isOn(person)) {
            secondFactor.off(person.id());
            journal.note(person.name(), Deed.SECOND_FACTOR_OFF, person.name());
        }
    }

    private void setPassphrase(Person person, String passphrase, String entry) {
        PassphraseRule.check(passphrase, person.name(), entry);
        if (people.setPassphrase(person.id(), hashing.hash(passphrase)) == 0) {
            throw Refusal.missing("no-such-person", "This person is no longer entered here.");
        }
        journal.note(Deed.PASSPHRASE_CHANGED, person.name());
        endAll(person.id());
    }

    /** A code by which a person who has forgotten the passphrase chooses a new one. */
    String resetCode(UUID id) {
        Person person = people.find(id)
                .orElseThrow(() -> Refusal.missing("no-such-person", "This person is no longer entered here."));
        journal.note(Deed.CODE_GIVEN, "a new passphrase for " + person.name());
        return codes.make(Codes.Purpose.RESET, person.id());
    }

    /** A new passphrase by a code that the owner gave; the code is used up. */
    @Transactional
    public Person reset(String code, String passphrase, String address) {
        Subject guesser = Subject.address(address);
        attempts.mayTry(List.of(guesser));
        Person person = codes.take(Codes.Purpose.RESET, code)
                .flatMap(people::find)
                .orElseThrow(() -> codeUsedUp(
                        guesser, "This code was used already or is older than a day. Ask the owner for a new one."));
        setForgotten(person, passphrase);
        return person;
    }

    /** An owner by the code that ./bw owner printed at the machine: somebody who is here already, or somebody new. */
    @Transactional
    public Person recover(String code, String name, String passphrase, String address) {
        people.oneAtATime();
        Subject guesser = Subject.address(address);
        attempts.mayTry(List.of(guesser));
        if (!codes.isTaken(Codes.Purpose.OWNER, typed(code))) {
            throw codeUsedUp(
                    guesser, "This code was used already or is older than 15 minutes. ./bw owner prints a new one.");
        }
        Optional<Person> there =
                people.named(Normalizer.normalize(name, Normalizer.Form.NFKC).strip());
        if (there.isEmpty()) {
            return add(name, Role.OWNER, passphrase);
        }
        setForgotten(there.get(), passphrase);
        people.makeOwner(there.get().id());
        journal.note(there.get().name(), Deed.OWNER_MADE, "");
        return people.find(there.get().id()).orElseThrow();
    }

    private Refusal codeUsedUp(Subject guesser, String sentence) {
        attempts.failed(List.of(guesser));
        journal.refused("a code");
        return Refusal.wrong("code-used-up", sentence, Map.of("code", sentence));
    }

    /** Takes a person out. What the person saved stays, with the name. For a day the person can be let in again, as before. */
    @Transactional
    public void remove(UUID id, int version) {
        people.oneAtATime();
        keepAnOwner(id);
        Optional<Person> there = people.find(id);
        people.forgetGone(clock.instant().minus(BROUGHT_BACK_WITHIN));
        people.putAside(id, version, clock.instant());
        Version.check(people.remove(id, version), there.isPresent(), "person");
        journal.note(Deed.PERSON_REMOVED, there.map(Person::name).orElse(""));
        endAll(id);
    }

    /** Lets a person in again who was taken out within a day: with the role, the passphrase and the second factor of before. */
    @Transactional
    public Person bringBack(UUID id) {
        people.oneAtATime();
        people.forgetGone(clock.instant().minus(BROUGHT_BACK_WITHIN));
        Person gone = people.gone(id)
                .orElseThrow(() -> Refusal.missing(
                        "no-such-person", "This person was taken out more than a day ago, or is here again."));
        String looks = PersonName.looks(gone.name());
        if (people.all().stream()
                .anyMatch(other -> PersonName.looks(other.name()).equals(looks))) {
            throw Refusal.conflict("name-taken", "Somebody else of that name has come meanwhile.");
        }
        people.bringBack(id);
        people.dropGone(id);
        journal.note(Deed.PERSON_BACK, gone.name());
        return people.find(id).orElseThrow();
    }

    private void keepAnOwner(UUID but) {
        if (people.ownersBut(but) == 0) {
            throw Refusal.conflict(
                    "last-owner", "The shop needs an owner: make somebody else one first. Nothing was changed.");
        }
    }

    /** Ends every session of a person, on every machine, and every code that would let a tablet in as this person. */
    void signOutEverywhere(UUID id) {
        journal.note(
                Deed.SIGNED_OUT_EVERYWHERE, people.find(id).map(Person::name).orElse(""));
        endAll(id);
    }

    private void endAll(UUID id) {
        // The codes first: one that is taken a moment before begins a session that is found below.
        codes.dropOf(id);
        devices.forgetAllOf(id);
        sessions.findByPrincipalName(id.toString()).keySet().forEach(sessions::deleteById);
    }

    /** Ends one device of a person: its sessions, and that it is known. */
    void signOut(UUID person, UUID device) {
        if (!devices.forget(person, device)) {
            throw Refusal.missing("no-such-device", "This device has been signed out already.");
        }
        journal.note(Deed.DEVICE_ENDED, "");
        sessions.findByPrincipalName(person.toString()).forEach((id, session) -> {
            if (device.toString().equals(session.getAttribute(Devices.OF_SESSION))) {
                sessions.deleteById(id);
            }
        });
    }

    /** A code that lets a tablet in as this person: once, and for five minutes. */
    String pairingCode(Person person) {
        journal.note(Deed.CODE_GIVEN, "a tablet for " + person.name());
        return codes.make(Codes.Purpose.PAIR, person.id());
    }

    /** Whoever a pairing code belongs to; the code is used up. */
    Person paired(String code, String address) {
        Subject guesser = Subject.address(address);
        attempts.mayTry(List.of(guesser));
        return codes.take(Codes.Purpose.PAIR, code)
                .flatMap(people::find)
                .orElseThrow(() -> codeUsedUp(
                        guesser,
                        "This pairing code was used already or is older than five minutes. Have a new one shown."));
    }

    /** A code as it was printed, whatever capitals it was typed in and however it was parted. */
    private static String typed(String code) {
        return code.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
    }

    private static boolean same(String a, String b) {
        return MessageDigest.isEqual(a.getBytes(StandardCharsets.UTF_8), b.getBytes(StandardCharsets.UTF_8));
    }
}
