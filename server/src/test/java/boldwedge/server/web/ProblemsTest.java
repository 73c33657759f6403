package boldwedge.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.ConnectException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionSystemException;

/** What falls through every handler is told for what it is: a database that is away is no mistake of the program's. */
class ProblemsTest {
    private static String told(int status, Throwable fault) {
        return Objects.requireNonNull(Problems.fallen(status, fault).getBody()).code();
    }

    @Test
    void aDatabaseThatIsAwayIsNoFault() {
        List<Throwable> away = List.of(
                new TransactionSystemException("JDBC rollback failed", new SQLException("Connection is closed")),
                new IllegalStateException(
                        new SQLTransientConnectionException("none to be had", new ConnectException())),
                new IllegalStateException(new SQLException("terminating connection", "57P01")),
                new IllegalStateException(new SQLException("gone", "08006")));
        for (Throwable one : away) {
            assertThat(Problems.fallen(500, one).getStatusCode().value()).isEqualTo(503);
            assertThat(told(500, one)).isEqualTo("records-away");
        }
    }

    @Test
    void whatIsOursStaysOurs() {
        assertThat(told(500, new IllegalStateException("ours"))).isEqualTo("fault");
        assertThat(told(500, new IllegalStateException(new SQLException("syntax error", "42601"))))
                .isEqualTo("fault");
        // Endless chains of causes end.
        IllegalStateException one = new IllegalStateException("one");
        one.initCause(new IllegalStateException("two", one));
        assertThat(told(500, one)).isEqualTo("fault");
        assertThat(told(404, one)).isNotEqualTo("fault");
    }
}
