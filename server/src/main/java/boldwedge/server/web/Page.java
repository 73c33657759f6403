package boldwedge.server.web;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the page from the folder that {@code boldwedge.page} names: hashed assets are kept for ever, any other path without a dot is
 * the page itself. The page lies beside the program, not in it: a page that was built anew leaves the program as it is.
 */
@Configuration
class Page implements WebMvcConfigurer {
    private final String folder;

    Page(@Value("${boldwedge.page}") String folder) {
        this.folder = folder;
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(folder + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(folder)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
                        Resource found = super.getResource(path, location);
                        if (found != null) {
                            return found;
                        }
                        boolean page = !path.startsWith("api/") && !path.startsWith("actuator/") && !path.contains(".");
                        return page ? super.getResource("index.html", location) : null;
                    }
                });
    }
}
