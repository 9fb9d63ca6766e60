package app.brasskettle.server.access;

import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/**
 * How a session's row is kept alive: the moment of its last call is written once a minute, not at every call.
 *
 * <p>A page left open asks many times a minute; each of them would write a row, and hold it, for a session of twelve hours.
 */
@Component
class SessionRowStore implements SessionRepositoryCustomizer<JdbcIndexedSessionRepository> {

    private static final int WRITTEN_EVERY_MS = 60_000;

    @Override
    public void customize(JdbcIndexedSessionRepository sessions) {
        sessions.setUpdateSessionQuery("""
                with said as (select ?::char(36) as id, ?::bigint as last, ?::int as inactive, ?::bigint as expiry,
                    ?::varchar(100) as principal)
                update spring_session s
                set session_id = said.id, last_access_time = said.last, max_inactive_interval = said.inactive,
                    expiry_time = said.expiry, principal_name = said.principal
                from said where s.primary_id = ? and (s.last_access_time <= said.last - %d or s.session_id <> said.id
                    or s.max_inactive_interval <> said.inactive or s.principal_name is distinct from said.principal)
                """.formatted(WRITTEN_EVERY_MS));
    }
}
