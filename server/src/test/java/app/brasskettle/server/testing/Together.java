package app.brasskettle.server.testing;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** Calls that are made at once. */
public final class Together {

    private Together() {}

    /** What each of {@code many} gave that were let loose in the same moment, in the order of their numbers from 0. */
    public static <T> List<T> all(int many, IntFunction<T> call) {
        CountDownLatch go = new CountDownLatch(1);
        ExecutorService pool = Executors.newFixedThreadPool(many);
        try {
            List<Future<T>> under = IntStream.range(0, many)
                    .mapToObj(i -> pool.submit(() -> {
                        go.await();
                        return call.apply(i);
                    }))
                    .toList();
            go.countDown();
            return under.stream().map(Together::got).toList();
        } finally {
            pool.shutdownNow();
        }
    }

    private static <T> T got(Future<T> answer) {
        try {
            return answer.get();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        } catch (ExecutionException failed) {
            throw new IllegalStateException(failed.getCause());
        }
    }
}
