package app.brasskettle.server.jobs;

import app.brasskettle.core.passport.MotorMark;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.customers.Customer;
import app.brasskettle.server.jobrecord.JobRow;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor at the door.
 *
 * @param customer whose it is
 * @param machine what it drives
 * @param complaint in the customer's words
 * @param supply what fed it when it failed
 * @param urgency rush, usual or can-wait
 * @param outageCostPerHour as typed, nothing for none
 * @param serial serial number, or a mark the shop gave it; nothing when it has neither
 * @param askedBy who asked for a rush
 * @param contact whom to call about it, nothing for nobody new
 * @param promisedAt when it is promised, nothing for not promised
 */
public record JobIntake(
        String customer,
        String machine,
        String complaint,
        String supply,
        String urgency,
        String outageCostPerHour,
        String serial,
        String askedBy,
        Optional<Customer.Contact> contact,
        Optional<OffsetDateTime> promisedAt) {

    private static final List<String> URGENCIES = List.of("rush", "usual", "can-wait");
    private static final int MAX_NAME = 120;
    private static final int MAX_COMPLAINT = 2000;
    private static final int MAX_SUPPLY = 200;
    private static final int MAX_MARK = 80;
    private static final double MAX_HOUR = 1e9;

    /** Judges everything before anything is kept. */
    public void check(OffsetDateTime at) {
        Problems problems = new Problems();
        name("customer", customer, problems);
        name("machine", machine, problems);
        length("complaint", complaint, MAX_COMPLAINT, problems);
        length("supply", supply, MAX_SUPPLY, problems);
        length("serial", serial, MAX_MARK, problems);
        length("askedBy", askedBy, MAX_NAME, problems);
        if (urgency == null || !URGENCIES.contains(urgency)) {
            problems.add("urgency", Problem.Code.WORD, "urgency must be one of " + String.join(", ", URGENCIES));
        } else if (urgency.equals("rush") && (askedBy == null || askedBy.isBlank())) {
            problems.add(
                    "askedBy",
                    Problem.Code.MISSING,
                    "askedBy is missing: a rush pushes others aside; who asked for it?");
        }
        double outage = outage(problems);
        if (outage < 0 || outage > MAX_HOUR) {
            problems.add(
                    "outageCostPerHour",
                    Problem.Code.RANGE,
                    "outageCostPerHour is " + outageCostPerHour + "; it must be from 0 to 1000000000");
        }
        if (promisedAt != null && promisedAt.filter(p -> p.isBefore(at)).isPresent()) {
            problems.add("promisedAt", Problem.Code.RANGE, "promisedAt lies in the past");
        }
        if (contact != null) {
            contact.ifPresent(c -> c.check("contact.", problems));
        }
        problems.throwIfAny();
    }

    private double outage(Problems problems) {
        return Quantity.parse("outageCostPerHour", outageCostPerHour, Dimension.MONEY, problems)
                .map(Quantity::value)
                .orElse(0.0);
    }

    public JobRow row(String tag, long customerId, ChangeContext hand) {
        return new JobRow(
                0,
                0,
                tag,
                customer.strip(),
                machine.strip(),
                complaint == null ? "" : complaint.strip(),
                supply == null ? "" : supply.strip(),
                urgency,
                BigDecimal.valueOf(outage(new Problems())).setScale(2, RoundingMode.HALF_UP),
                promisedAt == null ? Optional.empty() : promisedAt,
                hand.at(),
                hand.name(),
                Map.of("faults", List.of(), "windingTemperatureC", 21.0),
                1,
                customerId,
                MotorMark.of(serial).map(MotorMark::text).orElse(""),
                askedBy == null ? "" : askedBy.strip(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static void name(String field, String value, Problems problems) {
        if (problems.name(field, value)) {
            length(field, value, MAX_NAME, problems);
        }
    }

    private static void length(String field, String value, int most, Problems problems) {
        if (value != null && value.strip().length() > most) {
            problems.add(
                    field,
                    Problem.Code.RANGE,
                    field + " has " + value.strip().length() + " characters; at most " + most + " fit");
        }
    }
}
