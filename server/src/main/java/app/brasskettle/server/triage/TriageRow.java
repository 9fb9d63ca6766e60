package app.brasskettle.server.triage;

import app.brasskettle.core.verdict.Judgement;
import java.time.OffsetDateTime;
import java.util.Map;
import java.util.Optional;

/**
 * A motor of the pile as it was looked at.
 *
 * @param id its number
 * @param mark what is chalked on it
 * @param typed what was entered
 * @param answer sound, doubtful or unfit
 * @param judgement that in words, with what to do next
 * @param by who looked
 * @param at when
 * @param job tag of the job it became, if it did
 */
public record TriageRow(
        long id,
        String mark,
        Map<String, Object> typed,
        String answer,
        Judgement judgement,
        String by,
        OffsetDateTime at,
        Optional<String> job) {}
