package ironshelf.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says with every answer of the API which build of the interface belongs to it, so that a page that
 * was opened before an upgrade knows that it is older. The build is the name of its main script,
 * which has a hash of its content.
 */
@Component
class InterfaceBuild extends OncePerRequestFilter {

  static final String HEADER = "Interface-Build";

  private static final Pattern SCRIPT = Pattern.compile("/assets/(index-[\\w-]+\\.js)");

  private final @Nullable String build;

  InterfaceBuild() throws IOException {
    ClassPathResource page = new ClassPathResource("static/index.html");
    Matcher script =
        SCRIPT.matcher(page.exists() ? page.getContentAsString(StandardCharsets.UTF_8) : "");
    build = script.find() ? script.group(1) : null;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return build == null || !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(HEADER, build);
    chain.doFilter(request, response);
  }
}
