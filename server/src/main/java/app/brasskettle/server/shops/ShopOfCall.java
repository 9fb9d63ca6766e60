package app.brasskettle.server.shops;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Tells every call its shop: a call to a job works in that job's shop, and to somebody who does not belong to it there is no such
 * job. Any other call works in the shop that the header or the parameter {@code shop} names, or in its caller's only one.
 */
@Configuration
public class ShopOfCall implements AsyncHandlerInterceptor, WebMvcConfigurer {

    /** Names the shop a call is about; the same as a parameter, for an address that is opened as it is. */
    public static final String HEADER = "Shop";

    private static final String PARAMETER = "shop";
    /** What a path calls a job. */
    private static final String JOB = "tag";

    private final CurrentShop current;
    private final ShopStore store;

    ShopOfCall(CurrentShop current, ShopStore store) {
        this.current = current;
        this.store = store;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest call, HttpServletResponse answer, Object handler) {
        current.end();
        Principal caller = call.getUserPrincipal();
        if (caller == null) {
            current.begin();
            return true;
        }
        String username = caller.getName();
        String tag = variables(call).get(JOB);
        Optional<ShopStore.JobsShop> job = tag == null ? Optional.empty() : store.ofJob(tag, username);
        if (job.isPresent()) {
            if (!job.get().belongs()) {
                throw CurrentShop.noJob(tag);
            }
            current.enter(job.get().shop());
        } else {
            Optional<String> said = Optional.ofNullable(call.getHeader(HEADER))
                    .or(() -> Optional.ofNullable(call.getParameter(PARAMETER)));
            current.begin(username, said, together(call, handler));
        }
        return true;
    }

    private static boolean together(HttpServletRequest call, Object handler) {
        String asked = call.getParameter(ShopsTogether.PARAMETER);
        if (asked == null) {
            return false;
        }
        boolean can = handler instanceof HandlerMethod method && method.hasMethodAnnotation(ShopsTogether.class);
        if (!can || !asked.equals(ShopsTogether.ALL)) {
            throw new InvalidInputException(List.of(new Problem(
                    ShopsTogether.PARAMETER,
                    Problem.Code.WORD,
                    can
                            ? "shops must be all, or be left out"
                            : "shops must be left out: this call is about one shop")));
        }
        return true;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, String> variables(HttpServletRequest call) {
        Object found = call.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return found == null ? Map.of() : (Map<String, String>) found;
    }

    @Override
    public void afterConcurrentHandlingStarted(HttpServletRequest call, HttpServletResponse answer, Object handler) {
        current.end();
    }

    @Override
    public void afterCompletion(HttpServletRequest call, HttpServletResponse answer, Object handler, Exception thrown) {
        current.end();
    }
}
