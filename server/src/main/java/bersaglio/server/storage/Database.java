package bersaglio.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Everything that only this database understands. */
@Configuration
class Database {

    /**
     * A shot takes some ten statements, which stay parsed. Without a write delay a killed process loses no committed row; a short retention keeps the file from growing
     * with every commit.
     */
    private static final String OPTIONS =
            ";QUERY_CACHE_SIZE=64;WRITE_DELAY=0;RETENTION_TIME=1000;DB_CLOSE_ON_EXIT=FALSE";

    @Bean(destroyMethod = "")
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource dataSource(DataFolder folder) throws IOException {
        HikariDataSource source = new HikariDataSource();
        source.setJdbcUrl("jdbc:h2:file:" + folder.file("club") + OPTIONS);
        source.setUsername("club");
        source.setPassword(folder.password());
        return source;
    }

    /** Commits reach the disc, and survive a power cut, only through this. */
    @Component
    static class CheckpointSync implements Disc {

        private final JdbcTemplate jdbc;

        CheckpointSync(JdbcTemplate jdbc) {
            this.jdbc = jdbc;
        }

        @Override
        public void force() {
            jdbc.execute("CHECKPOINT SYNC");
        }
    }

    @Component
    static class Closing implements AutoCloseable {

        private final HikariDataSource source;

        Closing(DataSource source) {
            this.source = (HikariDataSource) source;
        }

        /** The pool goes first: none of its connections outlives the shutdown. */
        @Override
        public void close() throws SQLException {
            source.close();
            try (Connection last =
                    DriverManager.getConnection(source.getJdbcUrl(), source.getUsername(), source.getPassword())) {
                last.createStatement().execute("SHUTDOWN COMPACT");
            }
        }
    }
}
