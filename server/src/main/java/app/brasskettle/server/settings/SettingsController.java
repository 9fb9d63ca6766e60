package app.brasskettle.server.settings;

import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's settings. */
@RestController
@RequestMapping("/api/settings")
class SettingsController {

    /** Settings with what can be settled. */
    record View(int version, ShopSettings settings, boolean certified, List<Asked> questions, List<Settable> limits) {}

    /** A question and what each school answers. */
    record Asked(Question question, String label, School school, String standard, String practice) {}

    /** A limit that can be set. */
    record Settable(
            ShopLimit limit,
            String label,
            String unit,
            double standard,
            double figure,
            double least,
            double most,
            String source) {}

    /** Settings as typed, with the version the writer saw. */
    record Body(int version, Map<String, Object> typed) {}

    private final SettingsStore store;

    SettingsController(SettingsStore store) {
        this.store = store;
    }

    @GetMapping
    View view() {
        ShopSettings settings = store.current();
        return new View(
                store.stored().map(SettingsStore.Stored::version).orElse(0),
                settings,
                settings.validCertificate(JobClock.now()).isPresent(),
                Arrays.stream(Question.values())
                        .map(q -> new Asked(
                                q,
                                q.label(),
                                settings.rules().school(q),
                                q.answer(School.STANDARD),
                                q.answer(School.PRACTICE)))
                        .toList(),
                Arrays.stream(ShopLimit.values())
                        .map(l -> new Settable(
                                l,
                                l.label(),
                                l.unit(),
                                l.standard(),
                                settings.rules().figure(l),
                                l.least(),
                                l.most(),
                                l.source()))
                        .toList());
    }

    @PutMapping
    @Transactional
    public View write(@RequestBody Body body, Authentication who) {
        Person person = People.of(who, Role.LEAD, Role.ADMIN);
        ShopSettings settings = TypedInput.read(ShopSettings.class, body.typed() == null ? Map.of() : body.typed())
                .input();
        if (settings.hasOnePerson() != store.current().hasOnePerson()) {
            // It takes the second person out of every count and signature: nobody who is one of the two decides that.
            People.of(who, Role.ADMIN);
        }
        if (!store.write(body.version(), settings, person.displayName(), JobClock.now())) {
            throw RefusedException.stale(
                    "Somebody else changed the settings. Yours are kept: look at both, then save again");
        }
        return view();
    }

    @GetMapping("/journal")
    List<SettingsStore.Entry> journal(Authentication who) {
        People.of(who, Role.LEAD, Role.ADMIN);
        return store.journal();
    }
}
