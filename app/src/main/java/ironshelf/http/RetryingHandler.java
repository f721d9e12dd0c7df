package ironshelf.http;

import java.util.concurrent.ThreadLocalRandom;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/**
 * Does an act again whose transaction lost a race against another one: its rows were locked, or
 * changed while it ran. What it found before counts for nothing; the second time it sees what the
 * other one left, and whoever acts on an outdated version is told so.
 */
@Configuration
class RetryingHandler {

  private static final int MOST_TRIES = 6;
  private static final int NAME_TRIES = 4;
  private static final int PAUSE_MS = 25;

  @Bean
  WebMvcRegistrations retryingHandlers() {
    return new WebMvcRegistrations() {
      @Override
      public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
          @Override
          protected ServletInvocableHandlerMethod createInvocableHandlerMethod(
              HandlerMethod method) {
            return new Retrying(method);
          }
        };
      }
    };
  }

  private static final class Retrying extends ServletInvocableHandlerMethod {

    Retrying(HandlerMethod method) {
      super(method);
    }

    @Override
    protected @Nullable Object doInvoke(@Nullable Object... args) throws Exception {
      for (int tries = 1; ; tries++) {
        try {
          return super.doInvoke(args);
        } catch (ConcurrencyFailureException | DataIntegrityViolationException lost) {
          // A name that another act took meanwhile is found, and named, the next time. Those who
          // set up products at once may meet so over each of their materials.
          int most = lost instanceof DataIntegrityViolationException ? NAME_TRIES : MOST_TRIES;
          if (tries == most) {
            throw lost;
          }
          // Those that collided must not meet again at the same moment.
          Thread.sleep(ThreadLocalRandom.current().nextLong(PAUSE_MS * (long) tries) + 1);
        }
      }
    }
  }
}
