package app.brasskettle.server.runs;

import java.time.OffsetDateTime;
import java.util.Optional;

/**
 * A run of an instrument as stored.
 *
 * @param id its number
 * @param kind the test it reads
 * @param speed the speed it reads
 * @param instrument what has the voltage on
 * @param simulated true for one of the product's own stand-ins
 * @param pace seconds of the instrument in one of the wall
 * @param by who began it
 * @param begunAt when, by the database's clock
 * @param endedAt when its voltage went off; empty while it is on, or while nobody knows
 * @param seconds time under voltage as the instrument counts; 0 while it is on
 * @param used true once a test was recorded from it
 */
public record RunRow(
        long id,
        String kind,
        int speed,
        String instrument,
        boolean simulated,
        double pace,
        String by,
        OffsetDateTime begunAt,
        Optional<OffsetDateTime> endedAt,
        double seconds,
        boolean used) {}
