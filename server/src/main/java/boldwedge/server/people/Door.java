package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the program is open to the shop's network, and by which names it may be asked for. */
@Component
public class Door {
    private static final Set<String> OWN = Set.of("127.0.0.1", "localhost", "::1", "[::1]", "0:0:0:0:0:0:0:1");
    private static final Pattern ADDRESS = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.]+]");
    private static final long LOOK_AGAIN_NANOS = TimeUnit.SECONDS.toNanos(30);

    private final boolean open;
    private final List<String> named;
    private volatile Set<String> addresses = Set.of();
    private volatile long looked = System.nanoTime() - LOOK_AGAIN_NANOS;

    Door(@Value("${boldwedge.network:false}") boolean open, @Value("${boldwedge.hosts:}") List<String> hosts) {
        this.open = open;
        this.named = hosts.stream()
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .toList();
    }

    /** Whether people of the shop come in over the network, and sign in. */
    public boolean isOpen() {
        return open;
    }

    /** Refuses what makes sense only with sign-in. */
    void mustBeOpen() {
        if (!open) {
            throw Refusal.wrong("no-sign-in-here", "Nobody signs in here: the program was started without --network.");
        }
    }

    /**
     * Whether the program may be asked for by this name. A page elsewhere can have its own name point at this machine; what the
     * browser then sends bears that name.
     */
    boolean isKnown(String host) {
        String name = host.toLowerCase(Locale.ROOT);
        // An address is no name: nobody can make it point elsewhere, and on the network any of this machine's may be
        // typed.
        return OWN.contains(name)
                || named.contains(name)
                || (open && (ADDRESS.matcher(name).matches() || ownAddresses().contains(name)));
    }

    /** This machine's addresses and name, looked at anew now and then: a lease may change. */
    private Set<String> ownAddresses() {
        if (System.nanoTime() - looked > LOOK_AGAIN_NANOS) {
            Set<String> found = new HashSet<>();
            try {
                NetworkInterface.networkInterfaces()
                        .flatMap(NetworkInterface::inetAddresses)
                        .map(InetAddress::getHostAddress)
                        .map(address -> address.replaceAll("%.*", ""))
                        .forEach(address -> {
                            found.add(address);
                            found.add("[" + address + "]");
                        });
                String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
                found.add(name);
                found.add(name + ".local");
            } catch (SocketException | UnknownHostException unnamed) {
                // The addresses found so far stand.
            }
            addresses = Set.copyOf(found);
            looked = System.nanoTime();
        }
        return addresses;
    }

    /** Where another machine reaches the program: as it was asked for, or by an address of this machine's if that was its own. */
    public String address(HttpServletRequest request) {
        String host = request.getServerName();
        if (OWN.contains(host.toLowerCase(Locale.ROOT))) {
            host = named.stream()
                    .findFirst()
                    .or(() -> ownAddresses().stream()
                            .filter(address ->
                                    address.matches("\\d+\\.\\d+\\.\\d+\\.\\d+") && !address.startsWith("127."))
                            .sorted()
                            .findFirst())
                    .orElse(host);
        }
        return request.getScheme() + "://" + host + ":" + request.getServerPort();
    }
}
