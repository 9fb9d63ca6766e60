package app.brasskettle.server.admission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.testing.Together;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class WorkGateTest {

    @Test
    void neverMoreAtOnceThanFit() {
        WorkGate gate = new WorkGate(2, "Busy", Duration.ofMinutes(1));
        AtomicInteger inside = new AtomicInteger();

        List<Integer> seen = Together.all(
                20,
                i -> gate.through(() -> {
                    int now = inside.incrementAndGet();
                    Thread.yield();
                    inside.decrementAndGet();
                    return now;
                }));

        assertThat(seen).allMatch(n -> n <= 2);
    }

    @Test
    void whoWaitsTooLongIsToldAndTheNextGoesThrough() throws Exception {
        WorkGate gate = new WorkGate(1, "The press is in use", Duration.ZERO);
        CountDownLatch inside = new CountDownLatch(1);
        CountDownLatch out = new CountDownLatch(1);
        ExecutorService other = Executors.newSingleThreadExecutor();
        try {
            Future<Boolean> first = other.submit(() -> gate.through(() -> {
                inside.countDown();
                return await(out);
            }));
            inside.await();

            assertThatThrownBy(() -> gate.through(() -> "second"))
                    .isInstanceOf(RefusedException.class)
                    .hasMessage("The press is in use");
            out.countDown();
            assertThat(first.get()).isTrue();
        } finally {
            other.shutdownNow();
        }
        assertThat(gate.through(() -> "third")).isEqualTo("third");
    }

    private static boolean await(CountDownLatch latch) {
        try {
            latch.await();
            return true;
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    @Test
    void workThatFailsLeavesTheGateOpen() {
        WorkGate gate = new WorkGate(1, "Busy", Duration.ZERO);
        assertThatThrownBy(() -> gate.through(() -> {
                    throw new IllegalStateException("failed");
                }))
                .hasMessage("failed");
        assertThat(gate.through(() -> "after")).isEqualTo("after");
    }
}
