package app.brasskettle.server.access;

import app.brasskettle.server.passwords.Passwords;
import app.brasskettle.server.shops.Shop;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Makes an administrator with a printed password when nobody could sign in otherwise. */
@Component
@Order(2)
class FirstAdministrator implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(FirstAdministrator.class);

    private final AccountStore accounts;
    private final PasswordEncoder encoder;

    FirstAdministrator(AccountStore accounts, PasswordEncoder encoder) {
        this.accounts = accounts;
        this.encoder = encoder;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isEmpty()) {
            return;
        }
        String password = Passwords.random();
        accounts.add(new Person("admin", "Administrator", Role.ADMIN), encoder.encode(password), List.of(Shop.FIRST));
        LOG.warn("First start: sign in as admin with the password {}", password);
    }
}
