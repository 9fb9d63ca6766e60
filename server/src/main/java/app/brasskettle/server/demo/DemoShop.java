package app.brasskettle.server.demo;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.passport.MotorLine;
import app.brasskettle.core.pricing.QuoteTerms;
import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteStanding;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.bank.BankBook;
import app.brasskettle.server.bench.TestBook;
import app.brasskettle.server.cause.Conclusions;
import app.brasskettle.server.customers.Customer;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.floor.FloorBook;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobIntake;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.photos.PhotoBook;
import app.brasskettle.server.quotes.QuoteBook;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.winding.WindingBook;
import java.io.IOException;
import java.io.InputStream;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tarn Quay Motor Works, an invented shop: its people, and jobs told as what was done, hour by hour before now.
 *
 * <p>The jobs stand in {@code demo/jobs.json} and are entered through the book like any other, so that every figure is
 * computed; readings come from the simulated instruments.
 */
@Component
@Order(1)
@ConditionalOnProperty("brasskettle.demo")
class DemoShop implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoShop.class);
    /** How many seconds of its stand-ins pass in one of the wall. */
    private static final double STAND_IN_PACE = 60;

    private static final int MADE_UP = 300;

    private static final Map<String, Person> PEOPLE = Map.of(
            "tech", new Person("tech", "Mara Orre", Role.TECHNICIAN),
            "lead", new Person("lead", "Ivo Dalby", Role.LEAD),
            "office", new Person("office", "Petra Lunn", Role.OFFICE),
            "admin", new Person("admin", "Sunniva Tarn", Role.ADMIN));

    private static final QuoteTerms TERMS = new QuoteTerms(
            Optional.of("Low Quay 4, Tarn"),
            Optional.of(
                    "Payable thirty days after the motor leaves. Parts taken out stay here for a month to be looked at."),
            Optional.of(12.0),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private final JobBook book;
    private final TestBook tests;
    private final DemoReadings readings;
    private final DemoFinish finish;
    private final DemoBenches benches;
    private final DemoRack rack;
    private final DemoRoster roster;
    private final BankBook bank;
    private final WindingBook windings;
    private final QuoteBook quotes;
    private final FloorBook floor;
    private final SettingsStore settings;
    private final PhotoBook photos;
    private final AccountStore accounts;
    private final PasswordEncoder encoder;
    private final JsonMapper json;
    private final TransactionTemplate together;
    private final CurrentShop current;
    private final OffsetDateTime now = OffsetDateTime.now(ZoneOffset.UTC);

    DemoShop(
            JobBook book,
            TestBook tests,
            DemoReadings readings,
            DemoFinish finish,
            DemoBenches benches,
            DemoRack rack,
            DemoRoster roster,
            BankBook bank,
            WindingBook windings,
            QuoteBook quotes,
            FloorBook floor,
            SettingsStore settings,
            PhotoBook photos,
            AccountStore accounts,
            PasswordEncoder encoder,
            JsonMapper json,
            TransactionTemplate together,
            CurrentShop current) {
        this.book = book;
        this.tests = tests;
        this.readings = readings;
        this.finish = finish;
        this.benches = benches;
        this.rack = rack;
        this.roster = roster;
        this.bank = bank;
        this.windings = windings;
        this.quotes = quotes;
        this.floor = floor;
        this.settings = settings;
        this.photos = photos;
        this.accounts = accounts;
        this.encoder = encoder;
        this.json = json;
        this.together = together;
        this.current = current;
    }

    /** A job of the demonstration: how it came in, and what was done since. */
    record Story(
            String tag,
            String customer,
            String machine,
            String complaint,
            String supply,
            String urgency,
            String outageCostPerHour,
            String serial,
            String askedBy,
            Customer.Contact contact,
            Double promisedInHours,
            double hoursAgo,
            List<String> faults,
            double windingTemperatureC,
            List<Deed> deeds) {}

    /** Something done, so many hours ago. */
    record Deed(String what, double hoursAgo, String by, Map<String, Object> with) {}

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (!accounts.isEmpty()) {
            return;
        }
        List<Story> stories;
        try (InputStream in = DemoShop.class.getResourceAsStream("/demo/jobs.json")) {
            stories = json.readValue(in, json.getTypeFactory().constructCollectionType(List.class, Story.class));
        }
        List<DemoRack.Reels> wires = rack.told();
        together.executeWithoutResult(t -> current.in(Shop.FIRST, () -> {
            String hash = encoder.encode("tarnquay");
            PEOPLE.values().forEach(p -> accounts.add(p, hash, List.of(Shop.FIRST)));
            accounts.setPin("tech", Optional.of(encoder.encode("1860")));
            accounts.setPin("lead", Optional.of(encoder.encode("1705")));
            settings.write(
                    0,
                    ShopSettings.initial("Tarn Quay Motor Works")
                            .with("crowns")
                            .with(TERMS)
                            .practising(),
                    "Sunniva Tarn",
                    now.minusDays(900));
            // Jobs of the demonstration name each other by their tags; a start that was killed half way has counted
            // some.
            book.countTagsAnew();
            bank.add(DemoBank.windings(MADE_UP, now.toLocalDate()), "Sunniva Tarn", now);
            rack.fill("Mara Orre", wires);
            stories.forEach(this::tell);
            benches.furnish(now);
            roster.write(now.minusDays(30));
        }));
        LOG.info("Tarn Quay Motor Works is set up with {} jobs", stories.size());
    }

    private void tell(Story story) {
        JobIntake receipt = new JobIntake(
                story.customer(),
                story.machine(),
                story.complaint(),
                story.supply(),
                story.urgency(),
                story.outageCostPerHour(),
                story.serial(),
                story.askedBy(),
                Optional.ofNullable(story.contact()),
                Optional.ofNullable(story.promisedInHours())
                        .map(h -> now.plusMinutes(Math.round(60 * h)).truncatedTo(ChronoUnit.HOURS)));
        ChangeContext received = hand("tech", story.hoursAgo());
        ReadJob job =
                story.tag() == null ? book.receive(receipt, received) : book.receiveAs(story.tag(), receipt, received);
        String tag = job.job().row().tag();
        book.setSimulatedMotor(
                tag,
                Map.of("faults", story.faults(), "windingTemperatureC", story.windingTemperatureC()),
                hand("tech", story.hoursAgo()));
        for (Deed deed : story.deeds()) {
            try {
                done(tag, story, deed);
            } catch (RuntimeException refused) {
                throw new IllegalStateException(
                        "The demonstration's job " + tag + ", " + deed.what() + " " + deed.hoursAgo() + " hours ago: "
                                + refused.getMessage(),
                        refused);
            }
        }
    }

    private void done(String tag, Story story, Deed deed) {
        ChangeContext hand = hand(deed.by(), deed.hoursAgo());
        Optional<SheetKind> sheet = Coded.parse(SheetKind.class, deed.what());
        Optional<EventKind> event = Coded.parse(EventKind.class, deed.what());
        if (deed.what().equals("photograph")) {
            photos.add(
                    tag,
                    picture(tag, text(deed.with(), "picture")),
                    new PhotoBook.Attached(text(deed.with(), "step"), "", text(deed.with(), "caption")),
                    hand);
        } else if (finish.tells(deed.what())) {
            finish.tell(tag, deed.what(), deed.with(), hand);
        } else if (deed.what().equals("left")) {
            floor.leave(tag, text(deed.with(), "how"), false, hand);
        } else if (deed.what().equals("held")) {
            floor.hold(
                    tag, Optional.of(new JobRow.Waiting(text(deed.with(), "what"), text(deed.with(), "reason"))), hand);
        } else if (deed.what().equals("set-down")) {
            floor.setDown(tag, text(deed.with(), "workNote"), Optional.of(text(deed.with(), "displacedBy")), hand);
        } else if (deed.what().equals(EventKind.QUOTE_ISSUED.code())) {
            quotes.issue(tag, hand);
        } else if (deed.what().equals(EventKind.CHOSEN.code())) {
            quotes.answer(
                    tag,
                    quotes.newest(tag).orElseThrow(),
                    new QuoteStanding.Given(
                            QuoteAnswer.ACCEPTED,
                            Optional.of(text(deed.with(), "option")),
                            text(deed.with(), "customer"),
                            Optional.of(text(deed.with(), "reason"))),
                    text(deed.with(), "how"),
                    hand);
        } else if (deed.what().equals(EventKind.WINDING_SETTLED.code())) {
            windings.settle(tag, "", hand);
        } else if (sheet.isPresent()) {
            book.writeSheet(tag, sheet.get(), 0, deed.with(), hand);
        } else if (event.isPresent()) {
            book.addEvent(tag, event.get(), detail(tag, event.get(), deed.with(), PEOPLE.get(deed.by())), hand);
        } else {
            test(tag, deed, TestKinds.named(deed.what()).orElseThrow(), hand);
        }
    }

    private byte[] picture(String tag, String kind) {
        Optional<Plate> plate = book.plate(tag);
        List<Integer> dark = List.of(0, 1, 3, 4, 6, 7, 9, 10);
        return kind.equals("winding")
                ? DemoPictures.winding(12, dark)
                : DemoPictures.plate(List.of(MotorLine.of(plate).split(" · ")));
    }

    private Map<String, Object> detail(String tag, EventKind kind, Map<String, Object> told, Person by) {
        return kind == EventKind.CONCLUDED
                ? Conclusions.detail(book.read(tag), json.convertValue(told, Conclusions.Conclusion.class), by)
                : told;
    }

    private static String text(Map<String, Object> told, String name) {
        return String.valueOf(told.get(name));
    }

    private void test(String tag, Deed deed, TestKind kind, ChangeContext hand) {
        Object because = deed.with().getOrDefault("because", "");
        int speed = deed.with().get("speed") instanceof Number n ? n.intValue() : 1;
        boolean here = Boolean.TRUE.equals(deed.with().get("here"));
        Record input = kind == WindingTests.TESTER_PROOF
                ? new TesterProof(20_000, true, 0)
                : readings.of(tag, kind, speed, deed.with());
        tests.add(
                tag,
                new TestBook.Test(
                        kind,
                        speed,
                        Map.of(),
                        input,
                        readings.appliedV(tag, kind, speed),
                        Optional.empty(),
                        kind != WindingTests.TESTER_PROOF && !here,
                        Optional.empty(),
                        because.toString(),
                        here ? 1 : STAND_IN_PACE,
                        false),
                hand);
    }

    private ChangeContext hand(String by, double hoursAgo) {
        return new ChangeContext(PEOPLE.get(by), now.minusSeconds(Math.round(3600 * hoursAgo)));
    }
}
