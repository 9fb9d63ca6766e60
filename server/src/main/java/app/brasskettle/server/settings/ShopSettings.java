package app.brasskettle.server.settings;

import app.brasskettle.core.choice.Rates;
import app.brasskettle.core.pricing.QuoteTerms;
import app.brasskettle.core.rules.LimitChange;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a shop settled for itself, as it is typed and kept.
 *
 * @param shopName name on printed sheets
 * @param tagPrefix two letters before a job's number
 * @param currency how amounts are named
 * @param rates the shop's prices
 * @param certificate its certificate for explosion-protected motors
 * @param schools the school per question
 * @param limits limits it changed
 * @param simulatedInstruments true where the product's stand-ins are on: a shop that practises, never one that releases motors
 * @param instrumentAlwaysNamed true where every reading names the instrument it was read with
 * @param quote address, terms, tax and shares that quotes are made with; the usual where none are set
 * @param onePerson true in a shop of one person, whose second look is the same person's at a later moment; an administrator's to say
 * @param timeZone time zone of the shop by its name in the tz database, for all print; UTC where none is set
 */
public record ShopSettings(
        String shopName,
        String tagPrefix,
        Optional<String> currency,
        Rates rates,
        Optional<Certificate> certificate,
        List<Followed> schools,
        List<LimitChange> limits,
        Optional<Boolean> simulatedInstruments,
        Optional<Boolean> instrumentAlwaysNamed,
        Optional<QuoteTerms> quote,
        Optional<Boolean> onePerson,
        Optional<String> timeZone) {

    private static final int MAX_NAME = 80;
    private static final int MAX_CURRENCY = 8;

    /** A certificate for explosion-protected motors: its number, who gave it, and its last day (ISO 8601). */
    public record Certificate(String number, String from, String until) {

        public Certificate {
            Problems problems = new Problems();
            problems.name("number", number);
            problems.name("from", from);
            try {
                LocalDate.parse(until == null ? "" : until);
            } catch (DateTimeParseException wrong) {
                problems.add("until", Problem.Code.SYNTAX, "until is no date such as 2027-03-31");
            }
            problems.throwIfAny();
        }
    }

    /** The school followed on one question. */
    public record Followed(Question question, School school) {

        public Followed {
            Problems problems = new Problems();
            problems.present("question", question);
            problems.present("school", school);
            problems.throwIfAny();
        }
    }

    public ShopSettings {
        Problems problems = new Problems();
        if (problems.name("shopName", shopName) && shopName.strip().length() > MAX_NAME) {
            problems.add("shopName", Problem.Code.RANGE, "shopName has at most " + MAX_NAME + " characters");
        }
        if (tagPrefix == null || !tagPrefix.matches("[A-Z]{2}")) {
            problems.add("tagPrefix", Problem.Code.SYNTAX, "tagPrefix must be two capital letters");
        }
        currency = Problems.orEmpty(currency);
        simulatedInstruments = Problems.orEmpty(simulatedInstruments);
        instrumentAlwaysNamed = Problems.orEmpty(instrumentAlwaysNamed);
        quote = Problems.orEmpty(quote);
        onePerson = Problems.orEmpty(onePerson);
        timeZone = Problems.orEmpty(timeZone).map(String::strip).filter(z -> !z.isEmpty());
        timeZone.filter(z -> !ZoneId.getAvailableZoneIds().contains(z))
                .ifPresent(z -> problems.add(
                        "timeZone",
                        Problem.Code.WORD,
                        "timeZone is \"" + z + "\", which is no zone such as UTC or Atlantic/Azores"));
        if (currency.filter(c -> c.strip().length() > MAX_CURRENCY).isPresent()) {
            problems.add("currency", Problem.Code.RANGE, "currency has at most " + MAX_CURRENCY + " characters");
        }
        problems.present("rates", rates);
        certificate = Problems.orEmpty(certificate);
        if (problems.size("schools", schools, 0, Question.values().length)) {
            problems.distinct(schools.stream().map(Followed::question).toList(), i -> "schools[" + i + "].question");
        }
        if (problems.size("limits", limits, 0, 100) && problems.clear("schools")) {
            try {
                rules(schools, limits, SecondLook.byAnother());
            } catch (InvalidInputException refused) {
                refused.problems()
                        .forEach(p -> problems.add(p.field().replace("changes", "limits"), p.code(), p.message()));
            }
        }
        problems.throwIfAny();
    }

    /** What a shop starts with: its stand-ins off. */
    public static ShopSettings initial(String shopName) {
        return initial(shopName, "TQ");
    }

    /** The same with other letters before its jobs' numbers. */
    static ShopSettings initial(String shopName, String tagPrefix) {
        return new ShopSettings(
                shopName,
                tagPrefix,
                Optional.empty(),
                Rates.usual(),
                Optional.empty(),
                List.of(),
                List.of(),
                Optional.of(false),
                Optional.of(false),
                Optional.empty(),
                Optional.of(false),
                Optional.empty());
    }

    /** The same in another currency. */
    public ShopSettings with(String otherCurrency) {
        return new ShopSettings(
                shopName,
                tagPrefix,
                Optional.of(otherCurrency),
                rates,
                certificate,
                schools,
                limits,
                simulatedInstruments,
                instrumentAlwaysNamed,
                quote,
                onePerson,
                timeZone);
    }

    /** The same with other terms of its quotes. */
    public ShopSettings with(QuoteTerms terms) {
        return new ShopSettings(
                shopName,
                tagPrefix,
                currency,
                rates,
                certificate,
                schools,
                limits,
                simulatedInstruments,
                instrumentAlwaysNamed,
                Optional.of(terms),
                onePerson,
                timeZone);
    }

    /** The same with the simulated instruments on. */
    public ShopSettings practising() {
        return new ShopSettings(
                shopName,
                tagPrefix,
                currency,
                rates,
                certificate,
                schools,
                limits,
                Optional.of(true),
                instrumentAlwaysNamed,
                quote,
                onePerson,
                timeZone);
    }

    /** What quotes are made with. */
    public QuoteTerms quoteTerms() {
        return quote.orElse(QuoteTerms.usual());
    }

    /** Whether the product's simulated instruments are on, so that nothing here permits a customer's motor. */
    public boolean standIns() {
        return simulatedInstruments.orElse(false);
    }

    /** Whether every reading names the instrument it was read with. */
    public boolean namesInstruments() {
        return instrumentAlwaysNamed.orElse(false);
    }

    /** Whether one person works here, who looks a second time at a later moment. */
    public boolean hasOnePerson() {
        return onePerson.orElse(false);
    }

    /** Its name as prints carry it, which say where nobody but one person looked. */
    public String printedName() {
        return hasOnePerson() ? shopName + " (one-person shop)" : shopName;
    }

    /** The time zone of the shop. */
    public ZoneId zone() {
        return timeZone.map(ZoneId::of).orElse(ZoneId.of("UTC"));
    }

    private static ShopRules rules(List<Followed> schools, List<LimitChange> limits, SecondLook second) {
        Map<Question, School> followed = new EnumMap<>(Question.class);
        schools.forEach(f -> followed.put(f.question(), f.school()));
        return new ShopRules(followed, limits, second);
    }

    /** The rules that the core judges by. */
    public ShopRules rules() {
        return rules(schools, limits, new SecondLook(hasOnePerson()));
    }

    /** The certificate in words while it is valid at {@code at}; nothing once its last day is over. */
    public Optional<String> validCertificate(OffsetDateTime at) {
        LocalDate today = at.atZoneSameInstant(zone()).toLocalDate();
        return certificate
                .filter(c -> !LocalDate.parse(c.until()).isBefore(today))
                .map(c -> c.number() + " from " + c.from() + ", valid to " + c.until());
    }
}
