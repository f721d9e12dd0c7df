package ironshelf.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers whoever comes without TLS from another machine: with the page that says how to trust the
 * shop's certificate, and with that. Nothing else is served there, whatever is asked for.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class TrustFilter extends OncePerRequestFilter {

  static final String CERTIFICATE = "/workshop-authority.crt";

  /** Asked for when somebody comes: a filter is made before anything that needs the database. */
  private final ObjectProvider<LanDoors> doors;

  private final LanNames names;
  private final Authority authority;
  private final String page;

  TrustFilter(ObjectProvider<LanDoors> doors, LanNames names, Authority authority)
      throws IOException {
    this.doors = doors;
    this.names = names;
    this.authority = authority;
    this.page = new ClassPathResource("lan/trust.html").getContentAsString(StandardCharsets.UTF_8);
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !doors.getObject().isForTrust(request.getLocalPort());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Cache-Control", "no-store");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader(
        "Content-Security-Policy",
        "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
    if (!"GET".equals(request.getMethod())) {
      response.setStatus(HttpServletResponse.SC_METHOD_NOT_ALLOWED);
      return;
    }
    byte[] answer;
    if (CERTIFICATE.equals(request.getRequestURI())) {
      response.setContentType("application/x-x509-ca-cert");
      try {
        answer = authority.certificate().getEncoded();
      } catch (GeneralSecurityException e) {
        throw new IOException(e);
      }
    } else {
      response.setContentType("text/html; charset=UTF-8");
      answer = filled(request.getServerName()).getBytes(StandardCharsets.UTF_8);
    }
    response.setContentLength(answer.length);
    response.getOutputStream().write(answer);
  }

  /** With the name by which the device reached it, where that is one of the machine's own. */
  private String filled(String host) {
    String name = names.knows(host) ? host : names.told().stream().findFirst().orElse("127.0.0.1");
    return page.replace("{fingerprint}", authority.fingerprint())
        .replace("{address}", "https://" + name + ":" + doors.getObject().port() + "/");
  }
}
