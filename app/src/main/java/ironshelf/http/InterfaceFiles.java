package ironshelf.http;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface; a deep link answers with its one page. */
@Configuration(proxyBeanMethods = false)
class InterfaceFiles implements WebMvcConfigurer {

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(false)
        .addResolver(new DeepLinks());
  }

  private static final class DeepLinks extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource file = path.isEmpty() ? null : super.getResource(path, location);
      if (file != null) {
        return file;
      }
      boolean page =
          !path.startsWith("api/")
              && !path.startsWith("actuator/")
              && path.indexOf('.', path.lastIndexOf('/') + 1) < 0;
      return page ? new ClassPathResource("static/index.html") : null;
    }
  }
}
