package boldwedge.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.postgresql.ds.PGSimpleDataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Connections to the program's own cluster, whose port stands in a file: a cluster that was started again may have got another
 * port, and the next connection goes there. With an outside PostgreSQL there is no such file and the address is fixed.
 */
@Configuration
class ClusterDataSource {
    private static final int CONNECT_SECONDS = 2;

    /** Longer than any statement of ours takes; what is larger goes in pieces. */
    private static final int ANSWER_SECONDS = 10;

    @Bean
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource dataSource(
            DataSourceProperties properties, @Value("${boldwedge.database-port-file:}") String file) {
        HikariDataSource pool = new HikariDataSource();
        pool.setDataSource(new Following(
                properties.determineUrl(),
                properties.determineUsername(),
                properties.determinePassword(),
                file.isBlank() ? null : Path.of(file)));
        return pool;
    }

    private static final class Following extends PGSimpleDataSource {
        private static final long serialVersionUID = 1L;

        private final transient @Nullable Path portFile;

        Following(@Nullable String url, @Nullable String user, @Nullable String password, @Nullable Path portFile) {
            setUrl(url);
            setUser(user);
            setPassword(password);
            setConnectTimeout(CONNECT_SECONDS);
            setSocketTimeout(ANSWER_SECONDS);
            setTcpKeepAlive(true);
            // A search plan that is good for one word is bad for another: each is planned with its words.
            setOptions("-c plan_cache_mode=force_custom_plan");
            // The server's details quote the rows that people keep; they belong in no log.
            setLogServerErrorDetail(false);
            this.portFile = portFile;
        }

        @Override
        public Connection getConnection(@Nullable String user, @Nullable String password) throws SQLException {
            if (portFile != null) {
                try {
                    setPortNumbers(new int[] {
                        Integer.parseInt(Files.readString(portFile).strip())
                    });
                } catch (IOException | NumberFormatException notNow) {
                    throw new SQLException("The cluster's port is not known just now.", "08001", notNow);
                }
            }
            return super.getConnection(user, password);
        }
    }
}
