package boldwedge.server.people;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Who is asking. */
@Component
public class Who {
    /** The name of whoever has signed in; empty where nobody has to. */
    public String name() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null && known.getPrincipal() instanceof Person person ? person.name() : "";
    }

    /** The person who has signed in. */
    java.util.Optional<Person> person() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null && known.getPrincipal() instanceof Person person
                ? java.util.Optional.of(person)
                : java.util.Optional.empty();
    }
}
