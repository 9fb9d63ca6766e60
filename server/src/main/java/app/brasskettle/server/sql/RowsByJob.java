package app.brasskettle.server.sql;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Rows of several jobs read by one statement. */
public final class RowsByJob {

    private RowsByJob() {}

    /**
     * Reads rows and tells them apart by their job.
     *
     * @param statement one that has a column {@code job_id}
     * @param mapper reads a row
     * @return by the number of the job, in the order of the statement; nothing for a job without rows
     */
    public static <T> Map<Long, List<T>> of(JdbcClient.StatementSpec statement, RowMapper<T> mapper) {
        return statement.query((row, n) -> Map.entry(row.getLong("job_id"), mapper.mapRow(row, n))).list().stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }
}
