package ironshelf.wire;

import ironshelf.access.Asker;
import ironshelf.access.AskerSource;
import ironshelf.access.Role;
import ironshelf.access.RoleTable;
import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Finds out who asks, and refuses what their role may not do. The interface's own files have
 * nothing of the shop in them and are everybody's.
 */
final class RoleFilter extends OncePerRequestFilter {

  private static final List<String> THE_SHOPS = List.of("/api/", "/actuator");

  private final AskerSource askers;
  private final RoleTable roles;
  private final ProblemWriter problems;

  RoleFilter(AskerSource askers, RoleTable roles, ProblemWriter problems) {
    this.askers = askers;
    this.roles = roles;
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String path = request.getServletPath();
    if (THE_SHOPS.stream().noneMatch(path::startsWith)) {
      chain.doFilter(request, response);
      return;
    }
    Optional<Asker> asker = askers.of(request);
    Optional<RoleTable.Row> row = roles.row(request.getMethod(), path);
    // What is no operation at all is answered as such, to those who may know.
    boolean allowed =
        row.map(r -> roles.allows(r, asker))
            .orElse(asker.filter(a -> a.role() == Role.OWNER).isPresent());
    if (!allowed) {
      refuse(response, asker);
      return;
    }
    asker.ifPresent(RoleFilter::remember);
    try {
      chain.doFilter(request, response);
    } finally {
      SecurityContextHolder.clearContext();
    }
  }

  private void refuse(HttpServletResponse response, Optional<Asker> asker) throws IOException {
    if (asker.isEmpty()) {
      problems.write(response, HttpStatus.UNAUTHORIZED, "request.signIn", Map.of());
    } else {
      problems.write(
          response,
          HttpStatus.FORBIDDEN,
          "request.role",
          Map.of("value", asker.get().role().name().toLowerCase(Locale.ROOT)));
    }
  }

  private static void remember(Asker asker) {
    SecurityContextHolder.setContext(
        new SecurityContextImpl(
            UsernamePasswordAuthenticationToken.authenticated(
                asker, null, AuthorityUtils.createAuthorityList("ROLE_" + asker.role()))));
  }
}
