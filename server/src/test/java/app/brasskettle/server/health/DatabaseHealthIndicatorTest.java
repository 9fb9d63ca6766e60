package app.brasskettle.server.health;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Status;
import org.springframework.dao.DataAccessResourceFailureException;

class DatabaseHealthIndicatorTest {

    /** A database that answers nobody until it is let go. */
    private static final class Silent extends PingStore {
        private final CountDownLatch letGo = new CountDownLatch(1);
        private final AtomicInteger asked = new AtomicInteger();

        Silent() {
            super(null);
        }

        @Override
        void ping() {
            asked.incrementAndGet();
            try {
                letGo.await();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @Test
    void aDatabaseThatDoesNotAnswerIsToldAndNotAskedAgainMeanwhile() {
        Silent store = new Silent();
        DatabaseHealthIndicator health = new DatabaseHealthIndicator(store);

        assertThat(health.health().getStatus()).isEqualTo(Status.DOWN);
        assertThat(health.health().getStatus()).isEqualTo(Status.DOWN);
        assertThat(store.asked).hasValue(1);

        store.letGo.countDown();
        assertThat(health.health().getStatus()).isEqualTo(Status.UP);
        health.stop();
    }

    @Test
    void aDatabaseThatIsAwayIsDown() {
        DatabaseHealthIndicator health = new DatabaseHealthIndicator(new PingStore(null) {
            @Override
            void ping() {
                throw new DataAccessResourceFailureException("away");
            }
        });
        assertThat(health.health().getStatus()).isEqualTo(Status.DOWN);
        health.stop();
    }
}
