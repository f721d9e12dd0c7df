package ironshelf.http;

import ironshelf.http.problem.ProblemException;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Reads what acts and changes say in their headers: {@link ActKey} and {@link SeenVersion}. */
@Component
class HeaderArguments implements WebMvcConfigurer, HandlerMethodArgumentResolver {

  private static final int LONGEST_KEY = 64;

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(this);
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.hasParameterAnnotation(ActKey.class)
        || parameter.hasParameterAnnotation(SeenVersion.class);
  }

  @Override
  public Object resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer container,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory binders) {
    return parameter.hasParameterAnnotation(ActKey.class)
        ? key(request.getHeader(ActKey.HEADER))
        : version(request.getHeader(SeenVersion.HEADER));
  }

  private static String key(@Nullable String header) {
    if (header == null || header.isBlank() || header.length() > LONGEST_KEY) {
      throw ProblemException.bad("act.keyMissing", Map.of());
    }
    return header;
  }

  private static Long version(@Nullable String header) {
    String digits = header == null ? "" : header.replace("W/", "").replace("\"", "").strip();
    if (!digits.matches("\\d{1,18}")) {
      throw ProblemException.bad("edit.versionMissing", Map.of());
    }
    return Long.parseLong(digits);
  }
}
