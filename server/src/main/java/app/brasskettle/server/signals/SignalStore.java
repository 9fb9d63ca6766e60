package app.brasskettle.server.signals;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.datasource.SimpleDriverDataSource;
import org.springframework.stereotype.Component;

/** Signals through PostgreSQL's {@code LISTEN} and {@code NOTIFY}. */
@Component
class SignalStore {

    private static final Logger LOG = LoggerFactory.getLogger(SignalStore.class);
    private static final String CHANNEL = "brass_kettle";
    private static final int VALID_WITHIN_S = 2;

    private final JdbcClient db;
    private final DataSource own;

    SignalStore(JdbcClient db, JdbcConnectionDetails database) {
        this.db = db;
        // Whoever listens keeps its connection for good: that is none for the pool.
        this.own = DataSourceBuilder.create()
                .type(SimpleDriverDataSource.class)
                .driverClassName(database.getDriverClassName())
                .url(database.getJdbcUrl())
                .username(database.getUsername())
                .password(database.getPassword())
                .build();
    }

    /** Calls out; inside a transaction it is heard once that is kept. */
    void send(Signal signal) {
        db.sql("select pg_notify(:channel, :signal)")
                .param("channel", CHANNEL)
                .param("signal", signal.name())
                .query()
                .listOfRows();
    }

    /** A line on which signals are heard from now on. */
    Line listen() {
        Line line = new Line(DataSourceUtils.getConnection(own));
        try (Statement statement = line.connection.createStatement()) {
            statement.execute("set application_name = 'brass-kettle signals'");
            statement.execute("listen " + CHANNEL);
            return line;
        } catch (SQLException broken) {
            line.close();
            throw new DataAccessResourceFailureException("Nothing can be heard on this line", broken);
        }
    }

    /** A connection that hears. */
    record Line(Connection connection) implements AutoCloseable {

        /**
         * Waits for signals.
         *
         * @param milliseconds how long at most
         * @return what was heard, each kind once; nothing when it was quiet
         * @throws DataAccessResourceFailureException when the line is broken
         */
        List<Signal> heard(int milliseconds) {
            try {
                PGNotification[] notes = connection.unwrap(PGConnection.class).getNotifications(milliseconds);
                if (notes.length == 0 && !connection.isValid(VALID_WITHIN_S)) {
                    throw new DataAccessResourceFailureException("The line is silent and broken");
                }
                List<String> names =
                        Stream.of(notes).map(PGNotification::getParameter).toList();
                // A newer server may call out what this one does not know.
                return Arrays.stream(Signal.values())
                        .filter(s -> names.contains(s.name()))
                        .toList();
            } catch (SQLException broken) {
                throw new DataAccessResourceFailureException("The line is broken", broken);
            }
        }

        /** Breaks the line off, also under somebody who waits on it. */
        @Override
        public void close() {
            try {
                connection.abort(Runnable::run);
            } catch (SQLException broken) {
                LOG.debug("The line was broken already", broken);
            }
        }
    }
}
