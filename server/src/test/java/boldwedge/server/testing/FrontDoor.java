package boldwedge.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * An address that stays the same while the programs behind it stop, start and move to other ports, as a balancer's does. Its port
 * is the kernel's choice and is never given back while the tests run, so nobody else can come to have it.
 */
public final class FrontDoor {
    private final ServerSocket door;
    private final AtomicInteger turn = new AtomicInteger();
    private volatile List<Integer> behind = List.of();

    /** Opens the door; nobody is behind it yet. */
    public FrontDoor() {
        try {
            door = new ServerSocket(0, 256, InetAddress.getLoopbackAddress());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        Thread.ofVirtual().start(this::accept);
    }

    /** The port to come to. */
    public int port() {
        return door.getLocalPort();
    }

    /** Connections go to these ports of this machine from now on, one after the other; to none when there are none. */
    public void leadTo(Integer... ports) {
        behind = List.of(ports);
    }

    private void accept() {
        while (true) {
            Socket visitor;
            try {
                visitor = door.accept();
            } catch (IOException closed) {
                return;
            }
            List<Integer> now = behind;
            Thread.ofVirtual().start(() -> {
                try (visitor) {
                    if (now.isEmpty()) {
                        return;
                    }
                    try (Socket program = new Socket()) {
                        int port = now.get(Math.floorMod(turn.getAndIncrement(), now.size()));
                        program.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
                        program.setTcpNoDelay(true);
                        visitor.setTcpNoDelay(true);
                        Thread back = Thread.ofVirtual().start(() -> pump(program, visitor));
                        pump(visitor, program);
                        back.join();
                    }
                } catch (IOException gone) {
                    // The visitor sees a connection that was closed, as with a program that has stopped.
                } catch (InterruptedException stopping) {
                    Thread.currentThread().interrupt();
                }
            });
        }
    }

    private static void pump(Socket from, Socket to) {
        try {
            from.getInputStream().transferTo(to.getOutputStream());
            to.shutdownOutput();
        } catch (IOException gone) {
            close(from);
            close(to);
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException already) {
            // It is closed.
        }
    }
}
