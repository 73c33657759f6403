package boldwedge.server.people;

import boldwedge.server.web.QrPicture;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.Line;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/people")
class PeopleController {
    private static final String TOO_SHORT =
            "A passphrase has 12 to 128 characters: a few words that you will remember.";

    private final People people;
    private final Who who;
    private final Door door;
    private final SecondFactor secondFactor;
    private final Devices devices;
    private final DeviceCookie cookie;
    private final Journal journal;
    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    PeopleController(
            People people,
            SecondFactor secondFactor,
            Devices devices,
            DeviceCookie cookie,
            Journal journal,
            Who who,
            Door door) {
        this.people = people;
        this.secondFactor = secondFactor;
        this.devices = devices;
        this.cookie = cookie;
        this.journal = journal;
        this.who = who;
        this.door = door;
    }

    /**
     * Before anything but the question who one is: people, roles and codes are made only where people sign in. Whoever sits at the
     * machine while it is closed could else make an owner for the day on which it is opened.
     */
    @ModelAttribute
    void onlyWherePeopleSignIn(HttpServletRequest request) {
        if (!request.getRequestURI().equals("/api/people/me")) {
            door.mustBeOpen();
        }
    }

    /**
     * Who is asking, and whether one has to sign in here.
     *
     * @param network whether the program is open to the shop's network
     * @param name of whoever has signed in; else empty
     * @param role what that person may do; OWNER where nobody has to sign in; READER while nobody has
     * @param address where the shop's other machines reach the program; empty where none does
     * @param secondFactor whether a code is asked for beside that person's passphrase
     * @param ownerNeeded whether the shop has nobody yet, so that its first owner is to be entered
     */
    record Me(boolean network, String name, Role role, boolean secondFactor, boolean ownerNeeded, String address) {}

    /** Name and passphrase, and the code of a second factor where one is asked for. */
    record SignIn(
            @Line(most = 80, missing = "Type your name.") String name,

            @NotNull(message = "Type your passphrase.") @Size(max = 200, message = TOO_SHORT)
            String passphrase,

            @Nullable @Line(most = 20) String code) {}

    /** One's own passphrase as it is now. */
    record Known(
            @NotNull(message = "Type your passphrase as it is now.") @Size(max = 200, message = TOO_SHORT)
            String now) {}

    /** A code of the second factor. */
    record FactorCode(
            @Line(most = 20, missing = "Type the code that your telephone shows.")
            String code) {}

    /** An owner, with the code that the machine printed: at the first start, or for ./bw owner. */
    record OwnersEntry(
            @Line(most = 40, missing = "Type the code that was printed.")
            String code,

            @Line(most = 80, missing = "Type your name.") String name,

            @NotNull(message = TOO_SHORT)
            @Size(min = PassphraseRule.LEAST, max = PassphraseRule.MOST, message = TOO_SHORT)
            String passphrase) {}

    /** A new passphrase, with the code that the owner gave. */
    record Reset(
            @Line(most = 40, missing = "The address holds no code.")
            String code,

            @NotNull(message = TOO_SHORT)
            @Size(min = PassphraseRule.LEAST, max = PassphraseRule.MOST, message = TOO_SHORT)
            String passphrase) {}

    /** A person to enter. */
    record NewPerson(
            @Line(most = 80, missing = "Type a name.") String name,

            @NotNull(message = "Say what the person may do.")
            Role role,

            @NotNull(message = TOO_SHORT)
            @Size(min = PassphraseRule.LEAST, max = PassphraseRule.MOST, message = TOO_SHORT)
            String passphrase) {}

    /** What a person may do from now on. */
    record RoleEntry(
            int version,

            @NotNull(message = "Say what the person may do.")
            Role role) {}

    /** A new passphrase of one's own. */
    record NewPassphrase(
            @NotNull(message = "Type your passphrase as it is now.") @Size(max = 200, message = TOO_SHORT)
            String now,

            @NotNull(message = TOO_SHORT)
            @Size(min = PassphraseRule.LEAST, max = PassphraseRule.MOST, message = TOO_SHORT)
            String next) {}

    /**
     * A way in for a tablet.
     *
     * @param address what the tablet opens; good once
     * @param code the same as a picture to scan, SVG
     * @param minutes how long it is good
     */
    record Pairing(String address, String code, int minutes) {}

    /**
     * A way to a new passphrase.
     *
     * @param address what the person opens; good once
     * @param hours how long it is good
     */
    record ResetCode(String address, int hours) {}

    /** A pairing code as scanned. */
    record PairingCode(
            @Line(most = 80, missing = "The address holds no pairing code.")
            String code) {}

    @GetMapping("/me")
    Me me(HttpServletRequest request) {
        if (!door.isOpen()) {
            return new Me(false, "", Role.OWNER, false, false, "");
        }
        return who.person()
                .map(person -> new Me(
                        true, person.name(), person.role(), secondFactor.isOn(person), false, door.address(request)))
                .orElseGet(() -> new Me(true, "", Role.READER, false, people.isEmpty(), ""));
    }

    @PostMapping("/first")
    Me first(@Valid @RequestBody OwnersEntry entry, HttpServletRequest request, HttpServletResponse response) {
        Person owner = people.first(entry.code(), entry.name(), entry.passphrase(), request.getRemoteAddr());
        return come(owner, false, request, response);
    }

    /** An owner by the code that ./bw owner printed at the machine. */
    @PostMapping("/recover")
    Me recover(@Valid @RequestBody OwnersEntry entry, HttpServletRequest request, HttpServletResponse response) {
        Person owner = people.recover(entry.code(), entry.name(), entry.passphrase(), request.getRemoteAddr());
        return come(owner, false, request, response);
    }

    /** A new passphrase by the code that the owner gave. */
    @PostMapping("/reset")
    Me reset(@Valid @RequestBody Reset entry, HttpServletRequest request, HttpServletResponse response) {
        Person person = people.reset(entry.code(), entry.passphrase(), request.getRemoteAddr());
        return come(person, false, request, response);
    }

    @PostMapping("/sign-in")
    Me signIn(@Valid @RequestBody SignIn entry, HttpServletRequest request, HttpServletResponse response) {
        Person person = people.signIn(
                entry.name(),
                entry.passphrase(),
                Text.stripped(entry.code()),
                request.getRemoteAddr(),
                DeviceCookie.secret(request));
        return come(person, false, request, response);
    }

    /** Lets a tablet in by a code that was scanned. */
    @PostMapping("/pair")
    Me pair(@Valid @RequestBody PairingCode entry, HttpServletRequest request, HttpServletResponse response) {
        return come(people.paired(entry.code(), request.getRemoteAddr()), true, request, response);
    }

    private Me come(Person person, boolean paired, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new Signed(person));
        // A session that somebody else may have begun is not signed in: it is another one from here on.
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        UUID device = devices.seen(person.id(), cookie.kept(request, response), agent(request), paired);
        request.getSession(true).setAttribute(Devices.OF_SESSION, device.toString());
        SecurityContextHolder.setContext(context);
        journal.note(person.name(), paired ? Deed.PAIRED : Deed.SIGNED_IN, "");
        contexts.saveContext(context, request, response);
        return me(request);
    }

    private static String agent(HttpServletRequest request) {
        String agent = request.getHeader(HttpHeaders.USER_AGENT);
        return agent == null ? "" : agent;
    }

    /** A person who has signed in, known by the id: the name may change. */
    static final class Signed extends UsernamePasswordAuthenticationToken {
        private static final long serialVersionUID = 1L;

        private final String id;

        Signed(Person person) {
            super(
                    person,
                    "",
                    AuthorityUtils.createAuthorityList("ROLE_" + person.role().name()));
            id = person.id().toString();
        }

        @Override
        public String getName() {
            return id;
        }
    }

    @PostMapping("/sign-out")
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** Ends every session of one's own, on this machine and on all others. */
    @PostMapping("/sign-out-everywhere")
    void signOutEverywhere() {
        people.signOutEverywhere(signedIn().id());
    }

    @PostMapping("/pairings")
    Pairing pairing(HttpServletRequest request) {
        String address = door.address(request) + "/pair#" + people.pairingCode(signedIn());
        return new Pairing(
                address, QrPicture.of(address), (int) Codes.Purpose.PAIR.good().toMinutes());
    }

    @PostMapping("/passphrase")
    void newPassphrase(@Valid @RequestBody NewPassphrase entry) {
        people.changePassphrase(signedIn(), entry.now(), entry.next());
    }

    /** A secret for a second factor of one's own; it counts once a code of it was sent. */
    @PostMapping("/second-factor")
    SecondFactor.Begun secondFactor(@Valid @RequestBody Known entry) {
        return people.beginSecondFactor(signedIn(), entry.now());
    }

    /** Asks for the second factor from now on. */
    @PostMapping("/second-factor/on")
    void secondFactorOn(@Valid @RequestBody FactorCode entry) {
        people.turnSecondFactorOn(signedIn(), entry.code());
    }

    /** Asks for it no more. */
    @PostMapping("/second-factor/off")
    void secondFactorOff(@Valid @RequestBody Known entry) {
        people.turnSecondFactorOff(signedIn(), entry.now());
    }

    /** One's own devices. */
    @GetMapping("/devices")
    List<Devices.Device> devices(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        Object here = session == null ? null : session.getAttribute(Devices.OF_SESSION);
        return devices.all(signedIn().id(), String.valueOf(here));
    }

    /** Ends one device of one's own. */
    @DeleteMapping("/devices/{id}")
    void signOutDevice(@PathVariable UUID id) {
        people.signOut(signedIn().id(), id);
    }

    @GetMapping
    List<Person> all() {
        return people.all();
    }

    @PostMapping
    Person add(@Valid @RequestBody NewPerson entry) {
        return people.add(entry.name(), entry.role(), entry.passphrase());
    }

    @PutMapping("/{id}/role")
    void setRole(@PathVariable UUID id, @Valid @RequestBody RoleEntry entry) {
        people.setRole(id, entry.version(), entry.role());
    }

    @PostMapping("/{id}/sign-out-everywhere")
    void signOut(@PathVariable UUID id) {
        people.signOutEverywhere(id);
    }

    /** A code for a person who has forgotten the passphrase. */
    @PostMapping("/{id}/reset")
    ResetCode resetCode(@PathVariable UUID id, HttpServletRequest request) {
        return new ResetCode(door.address(request) + "/reset#" + people.resetCode(id), (int)
                Codes.Purpose.RESET.good().toHours());
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable UUID id, @RequestParam int version) {
        people.remove(id, version);
    }

    /** Lets a person in again who was taken out within a day. */
    @PostMapping("/{id}/back")
    Person bringBack(@PathVariable UUID id) {
        return people.bringBack(id);
    }

    private Person signedIn() {
        return who.person()
                .orElseThrow(() -> Refusal.wrong(
                        "no-sign-in-here", "Nobody signs in here: the program was started without --network."));
    }
}
