package app.brasskettle.server.shops;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * The shop in which this thread works. A call works in the shop of its job, or in the one its caller says; work beside calls says
 * its own. Where nothing says it nothing is read or written: no shop is ever taken for granted.
 */
@Component
public class CurrentShop {

    private final ShopStore store;
    private final ThreadLocal<Standing> standing = new ThreadLocal<>();

    CurrentShop(ShopStore store) {
        this.store = store;
    }

    /** Where a thread works, and which shops it may read where shops are read together. */
    private interface Standing {

        long shop();

        List<Long> seen();
    }

    private record One(long shop) implements Standing {

        @Override
        public List<Long> seen() {
            return List.of(shop);
        }
    }

    /** A caller's own shops, asked for once and only where something needs them. */
    private final class Callers implements Standing {

        private final String username;
        private final Optional<String> said;
        private final boolean together;
        private List<Shop> mine;

        Callers(String username, Optional<String> said, boolean together) {
            this.username = username;
            this.said = said;
            this.together = together;
        }

        private List<Shop> mine() {
            if (mine == null) {
                mine = store.of(username);
            }
            return mine;
        }

        @Override
        public long shop() {
            if (mine().isEmpty()) {
                throw RefusedException.forbidden("You belong to no shop. An administrator can add you to one");
            }
            if (said.isEmpty() && mine().size() == 1) {
                return mine().get(0).id();
            }
            String number = said.orElseThrow(() -> unsaid("shop is needed: you belong to " + listed()));
            return mine().stream()
                    .map(Shop::id)
                    .filter(id -> String.valueOf(id).equals(number))
                    .findFirst()
                    .orElseThrow(() -> unsaid("shop is none of yours: you belong to " + listed()));
        }

        @Override
        public List<Long> seen() {
            return together ? mine().stream().map(Shop::id).toList() : List.of(shop());
        }

        private String listed() {
            return mine().stream().map(s -> s.id() + " (" + s.name() + ")").collect(Collectors.joining(", "));
        }

        private static InvalidInputException unsaid(String message) {
            return new InvalidInputException(List.of(new Problem("shop", Problem.Code.WORD, message)));
        }
    }

    private static final Standing NOBODYS = new Standing() {

        @Override
        public long shop() {
            throw RefusedException.notSignedIn("Sign in first");
        }

        @Override
        public List<Long> seen() {
            return List.of(shop());
        }
    };

    /**
     * Number of the shop.
     *
     * @throws InvalidInputException at {@code shop} where the caller belongs to several and says none, or one that is not theirs
     */
    public long id() {
        return now().shop();
    }

    /** The shops that are read together: this one, or all of the caller's where the call says so. */
    public List<Long> seen() {
        return now().seen();
    }

    private Standing now() {
        Standing now = standing.get();
        if (now == null) {
            throw new IllegalStateException("Work beside the calls says its shop");
        }
        return now;
    }

    /** A call by {@code username} begins: it names a shop or does not, and wants all shops together or does not. */
    void begin(String username, Optional<String> said, boolean together) {
        standing.set(new Callers(username, said, together));
    }

    /** A call by nobody begins. */
    void begin() {
        standing.set(NOBODYS);
    }

    /** From here on the call works in {@code shop}: its job's, or the one that the key opens with which it came. */
    public void enter(long shop) {
        standing.set(new One(shop));
    }

    /** The call is over. */
    void end() {
        standing.remove();
    }

    /** Works in a shop, then wherever this thread worked before. */
    public <T> T in(long shop, Supplier<T> work) {
        Standing before = standing.get();
        standing.set(new One(shop));
        try {
            return work.get();
        } finally {
            if (before == null) {
                standing.remove();
            } else {
                standing.set(before);
            }
        }
    }

    /** Work that is done later, on another thread, in the shop of now. */
    public <T> Consumer<T> carried(Consumer<T> work) {
        long shop = id();
        return given -> in(shop, () -> work.accept(given));
    }

    /** The same for work that is given nothing. */
    public Runnable carried(Runnable work) {
        Consumer<Void> carried = carried(nothing -> work.run());
        return () -> carried.accept(null);
    }

    /** What is said of a job that is in none of the caller's shops, wherever else it may be. */
    public static RefusedException noJob(String tag) {
        return RefusedException.unknown("There is no job " + tag + " in this shop");
    }

    /** The same for work that answers nothing. */
    public void in(long shop, Runnable work) {
        in(shop, () -> {
            work.run();
            return null;
        });
    }
}
