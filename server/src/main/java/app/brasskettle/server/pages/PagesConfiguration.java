package app.brasskettle.server.pages;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Files of the front end, packed where the build packed them and the browser takes it so; a link deep into it gets the page, which
 * finds its own way from there.
 */
@Configuration
class PagesConfiguration implements WebMvcConfigurer {

    private static final String FILES = "classpath:/static/";
    private static final List<String> NOT_PAGES = List.of("api/", "actuator/", "v3/", "assets/");

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // Names of built files carry a hash of their content, so they may be kept for good.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PageOrFile());
    }

    private static final class PageOrFile extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean page = !path.contains(".") && NOT_PAGES.stream().noneMatch(path::startsWith);
            return file == null && page ? new ClassPathResource("/static/index.html") : file;
        }
    }
}
