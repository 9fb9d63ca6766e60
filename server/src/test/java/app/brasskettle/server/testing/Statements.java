package app.brasskettle.server.testing;

import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** What calls ask of the database: statements in all, and connections held at once by one thread of the web server. */
public final class Statements implements BeanPostProcessor {

    private static final String WEB = "http-nio";

    private static final AtomicInteger RUN = new AtomicInteger();
    private static final AtomicInteger MAX_HELD = new AtomicInteger();
    private static final ThreadLocal<Integer> HELD = ThreadLocal.withInitial(() -> 0);

    /** Forgets what was counted. */
    public static void reset() {
        RUN.set(0);
        MAX_HELD.set(0);
    }

    /** Counts the statements since the last {@link #reset()}. */
    public static int run() {
        return RUN.get();
    }

    /** Tells the most connections that one call held at once since the last {@link #reset()}. */
    public static int mostHeld() {
        return MAX_HELD.get();
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!(bean instanceof DataSource pool) || bean instanceof Held) {
            return bean;
        }
        DataSource counted = ProxyDataSourceBuilder.create(pool)
                .afterQuery((execution, queries) -> {
                    if (web()) {
                        RUN.addAndGet(queries.size());
                    }
                })
                .build();
        return new Held(counted);
    }

    private static boolean web() {
        return Thread.currentThread().getName().startsWith(WEB);
    }

    /** Counts connections from when they are taken to when they are given back. */
    private static final class Held extends DelegatingDataSource {

        Held(DataSource target) {
            super(target);
        }

        @Override
        public Connection getConnection() throws java.sql.SQLException {
            Connection connection = super.getConnection();
            if (!web()) {
                return connection;
            }
            HELD.set(HELD.get() + 1);
            MAX_HELD.accumulateAndGet(HELD.get(), Math::max);
            return (Connection) Proxy.newProxyInstance(
                    Connection.class.getClassLoader(), new Class<?>[] {Connection.class}, (proxy, method, args) -> {
                        if (method.getName().equals("close")) {
                            HELD.set(HELD.get() - 1);
                        }
                        try {
                            return method.invoke(connection, args);
                        } catch (java.lang.reflect.InvocationTargetException e) {
                            throw e.getCause();
                        }
                    });
        }
    }
}
