package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The private database lets in the program and nobody else, and the program is no superuser of it. */
class ClusterTest extends OverHttp {
    /** Stops and starts; more of them with -Dbw.rounds=50. */
    private static final int ROUNDS = Integer.getInteger("bw.rounds", 3);

    private String address() throws Exception {
        return "jdbc:postgresql://127.0.0.1:"
                + Files.readString(shop.cluster().resolve("port")).strip() + "/boldwedge";
    }

    @Test
    void withoutThePasswordNobodyComesIn() throws Exception {
        for (String user : new String[] {"postgres", "boldwedge"}) {
            for (String password : new String[] {"", "postgres", "boldwedge"}) {
                String at = address();
                assertThatThrownBy(() -> DriverManager.getConnection(at, user, password))
                        .isInstanceOf(SQLException.class);
            }
        }
    }

    @Test
    void theProgramsRoleRunsNothing() throws Exception {
        String password =
                Files.readString(shop.cluster().resolve("program.password")).strip();
        try (Connection database = DriverManager.getConnection(address(), "boldwedge", password);
                var statement = database.createStatement()) {
            assertThatThrownBy(() -> statement.execute("copy (select 1) to program 'true'"))
                    .hasMessageContaining("superuser");
            assertThatThrownBy(() -> statement.execute("alter role boldwedge superuser"))
                    .isInstanceOf(SQLException.class);
            assertThatThrownBy(() -> statement.execute("select pg_read_file('/etc/passwd')"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @Test
    void itsPasswordsAreItsOwnersAlone() throws Exception {
        for (String file : new String[] {"program.password", "program.pgpass", "superuser.pgpass"}) {
            assertThat(PosixFilePermissions.toString(
                            Files.getPosixFilePermissions(shop.cluster().resolve(file))))
                    .as(file)
                    .isEqualTo("rw-------");
        }
        Path log = shop.cluster().resolve("log.start");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(log)))
                .startsWith("rw----");
    }

    /** What people keep stands in no log, though a statement with it failed. */
    @Test
    void whatIsKeptStandsInNoLog() throws Exception {
        String secret = "Not for a log 4711";
        shop.send(
                "POST",
                "/api/crib/tools",
                Map.of(
                        "version",
                        0,
                        "name",
                        secret,
                        "drawer",
                        "",
                        "note",
                        "",
                        "units",
                        "METRIC",
                        "fields",
                        Map.of("blank", "hss-10mm")));
        String password =
                Files.readString(shop.cluster().resolve("program.password")).strip();
        try (Connection database = DriverManager.getConnection(address(), "boldwedge", password);
                var statement = database.createStatement()) {
            assertThatThrownBy(() -> statement.execute(
                            "insert into tool (id, name, units, fields) select id, name, units, fields from tool where name = '"
                                    + secret + "'"))
                    .isInstanceOf(SQLException.class);
        }
        assertThat(Files.readString(shop.cluster().resolve("log.start"))).doesNotContain(secret);
        for (var tool : shop.get("/api/crib/tools?words=4711").json().path("tools")) {
            shop.delete("/api/crib/tools/" + tool.path("id").asString());
        }
    }

    /** Stopped and started while connections come and go on every port, on a port of its own or another: it always comes back. */
    @Test
    void itComesBackWhileOthersTakePorts() throws Exception {
        Thread noise = Thread.ofVirtual().start(() -> {
            while (!Thread.currentThread().isInterrupted()) {
                try (var socket = new java.net.Socket(
                        java.net.InetAddress.getLoopbackAddress(),
                        Integer.parseInt(shop.address().replaceAll(".*:", "")))) {
                    socket.getLocalPort();
                } catch (java.io.IOException full) {
                    Thread.onSpinWait();
                }
            }
        });
        try {
            for (int i = 0; i < ROUNDS; i++) {
                if (i % 2 == 1) {
                    shop.restart();
                }
                shop.stopDatabase();
                // Somebody else listens where it was.
                int port = Integer.parseInt(
                        Files.readString(shop.cluster().resolve("port")).strip());
                try (var taken = new java.net.ServerSocket()) {
                    taken.setReuseAddress(true);
                    taken.bind(new java.net.InetSocketAddress(java.net.InetAddress.getLoopbackAddress(), port));
                    shop.startDatabase();
                }
                assertThat(Integer.parseInt(
                                Files.readString(shop.cluster().resolve("port")).strip()))
                        .isNotEqualTo(port)
                        .isLessThan(32768);
            }
        } finally {
            noise.interrupt();
        }
        for (int i = 0; i < 100 && shop.get("/api/cuts").status() != 200; i++) {
            Thread.sleep(100);
        }
        assertThat(shop.get("/api/cuts").status()).isEqualTo(200);
    }
}
