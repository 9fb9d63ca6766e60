package app.brasskettle.server.access;

import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.passwords.Passwords;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The way back of an administrator who has lost password or second factor: whoever can start the program on its machine, and nobody
 * on the web. {@code --brasskettle.reset-administrator=NAME} opens the account, makes it an administrator's, gives it a new password,
 * which is printed, and takes its second factor, its number and its tokens away.
 */
@Component
@Order(3)
@ConditionalOnProperty("brasskettle.reset-administrator")
class AdministratorReset implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(AdministratorReset.class);
    private static final String NAME = "brasskettle.reset-administrator";

    private final AccountStore accounts;
    private final FactorStore factors;
    private final TokenStore tokens;
    private final PasswordEncoder encoder;
    private final SecurityJournal journal;

    AdministratorReset(
            AccountStore accounts,
            FactorStore factors,
            TokenStore tokens,
            PasswordEncoder encoder,
            SecurityJournal journal) {
        this.accounts = accounts;
        this.factors = factors;
        this.tokens = tokens;
        this.encoder = encoder;
        this.journal = journal;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        String username = arguments.getOptionValues(NAME).get(0);
        Person before = accounts.byUsername(username)
                .orElseThrow(() -> new IllegalArgumentException("There is no account " + username))
                .person();
        String password = Passwords.random();
        accounts.change(new Person(username, before.displayName(), Role.ADMIN), false);
        accounts.setPassword(username, encoder.encode(password));
        accounts.setPin(username, Optional.empty());
        factors.takeOff(username);
        tokens.revokeAll(username);
        accounts.endSessions(username, "");
        journal.write(SecurityEventKind.PASSWORD_RESET, username, "at the machine");
        LOG.warn("Reset: sign in as {} with the password {}", username, password);
    }
}
