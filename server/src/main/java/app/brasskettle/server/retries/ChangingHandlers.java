package app.brasskettle.server.retries;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** Which calls change something: by their method, unless their handler says otherwise. */
@Component
public class ChangingHandlers {

    private static final Set<String> METHODS = Set.of("POST", "PUT", "DELETE");

    private final RequestMappingHandlerMapping mapping;

    ChangingHandlers(@Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping mapping) {
        this.mapping = mapping;
    }

    /** Whether {@code handler} takes a key when it is called by {@code method}. */
    public static boolean keyed(String method, HandlerMethod handler) {
        return METHODS.contains(method)
                && !AnnotatedElementUtils.hasAnnotation(handler.getMethod(), Unkeyed.class)
                && !AnnotatedElementUtils.hasAnnotation(handler.getBeanType(), Unkeyed.class);
    }

    boolean changes(HttpServletRequest request) {
        if (!METHODS.contains(request.getMethod())) {
            return false;
        }
        ServletRequestPathUtils.parseAndCache(request);
        try {
            HandlerExecutionChain chain = mapping.getHandler(request);
            return chain != null
                    && chain.getHandler() instanceof HandlerMethod handler
                    && keyed(request.getMethod(), handler);
        } catch (Exception refused) {
            // No such call: the framework says so in a moment.
            return false;
        }
    }
}
