package ironshelf.wire;

import ironshelf.access.AskerSource;
import ironshelf.access.RoleTable;
import ironshelf.http.problem.ProblemWriter;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;

/** What every request has to keep to, and what every answer says (docs/security.md). */
@Configuration(proxyBeanMethods = false)
class WireSecurity {

  /** Of nothing: the interface's scripts make style elements and fill them through the page. */
  private static final String EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

  /** Scripts, styles and data from here alone; pictures also from what the page itself drew. */
  private static final String CONTENT =
      "default-src 'self'; script-src 'self'; img-src 'self' data: blob:; style-src 'self' "
          + EMPTY_STYLE
          + "; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  /** A bench's camera reads labels; nothing else of a device is needed. */
  private static final String DEVICES =
      "camera=(self), screen-wake-lock=(self), microphone=(), geolocation=(), payment=(), usb=(),"
          + " serial=(), bluetooth=(), midi=(), display-capture=()";

  @Bean
  SecurityFilterChain wire(
      HttpSecurity http,
      ProblemWriter problems,
      AskerSource askers,
      RoleTable roles,
      @Value("${ironshelf.most-acts-at-once}") int mostActs,
      @Value("${ironshelf.burst}") int burst,
      @Value("${ironshelf.per-second}") int perSecond) {
    return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
        // Who asks is looked up each time (RoleFilter). Left on, it would take every request for a
        // new sign-in and change the session's id under those that are on their way.
        .sessionManagement(s -> s.disable())
        .securityContext(context -> context.disable())
        // The own machine has no session to be ridden on; see ElsewhereFilter.
        .csrf(csrf -> csrf.spa().requireCsrfProtectionMatcher(WireSecurity::changesFromElsewhere))
        .exceptionHandling(
            e ->
                e.accessDeniedHandler(
                    (request, response, denied) ->
                        problems.write(response, HttpStatus.FORBIDDEN, "request.token", Map.of())))
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .anonymous(anonymous -> {})
        .addFilterBefore(new ElsewhereFilter(problems), CsrfFilter.class)
        .addFilterBefore(new RateFilter(burst, perSecond, problems), ElsewhereFilter.class)
        .addFilterAfter(new RoleFilter(askers, roles, problems), CsrfFilter.class)
        .addFilterAfter(new ContentTypeFilter(problems), ElsewhereFilter.class)
        .addFilterAfter(new BusyFilter(mostActs, problems), ContentTypeFilter.class)
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT))
                    .frameOptions(frame -> frame.deny())
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(p -> p.policy(DEVICES))
                    .addHeaderWriter(
                        new StaticHeadersWriter("Cross-Origin-Opener-Policy", "same-origin"))
                    .addHeaderWriter(
                        new StaticHeadersWriter("Cross-Origin-Resource-Policy", "same-origin")))
        .build();
  }

  private static boolean changesFromElsewhere(HttpServletRequest request) {
    return request.isSecure() && !ElsewhereFilter.READING.contains(request.getMethod());
  }

  @Bean
  StrictHttpFirewall firewall(Hosts hosts) {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(hosts::knows);
    return firewall;
  }

  @Bean
  RequestRejectedHandler rejected(ProblemWriter problems) {
    return (request, response, e) ->
        problems.write(response, HttpStatus.BAD_REQUEST, "request.rejected", Map.of());
  }
}
