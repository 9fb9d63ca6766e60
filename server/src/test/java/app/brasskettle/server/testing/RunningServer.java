package app.brasskettle.server.testing;

import app.brasskettle.server.BrassKettleApplication;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application with its demonstration shop, started once for all tests on a free port and the PostgreSQL that the
 * environment names; hands tests a {@link Visitor}.
 */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {

    /** An application that runs. */
    public record Running(ConfigurableApplicationContext context, int port) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    /** Starts one more application, on the same database unless {@code arguments} say another. */
    public static Running start(String... arguments) {
        if (System.getenv("BRASSKETTLE_DB_URL") == null) {
            throw new IllegalStateException("These tests need a PostgreSQL: run ./verify, or set BRASSKETTLE_DB_URL");
        }
        SpringApplication application = new SpringApplication(BrassKettleApplication.class);
        application.addInitializers(c -> c.getBeanFactory().addBeanPostProcessor(new Statements()));
        String demo = "--brasskettle.demo=";
        boolean said = Stream.of(arguments).anyMatch(a -> a.startsWith(demo));
        ConfigurableApplicationContext context = application.run(Stream.of(
                        Stream.of("--server.port=0", "--spring.main.banner-mode=off"),
                        said ? Stream.<String>empty() : Stream.of(demo + true),
                        Stream.of(arguments))
                .flatMap(Function.identity())
                .toArray(String[]::new));
        return new Running(
                context,
                ((ServletWebServerApplicationContext) context).getWebServer().getPort());
    }

    private static Running shared(ExtensionContext context) {
        return context.getRoot()
                .getStore(Namespace.create(RunningServer.class))
                .getOrComputeIfAbsent(Running.class, k -> start(), Running.class);
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        shared(context);
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == Visitor.class || type == Running.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        Running running = shared(context);
        return parameter.getParameter().getType() == Running.class ? running : new Visitor(running.port());
    }
}
