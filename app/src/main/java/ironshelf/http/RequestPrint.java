package ironshelf.http;

import static java.nio.charset.StandardCharsets.UTF_8;

import jakarta.servlet.http.HttpServletRequest;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * What tells one request from another: a SHA-256 digest of its method, its path with the query, and
 * its body as it was read.
 */
public final class RequestPrint {

  private static final String ATTRIBUTE = RequestPrint.class.getName();

  private final MessageDigest digest;

  private RequestPrint(MessageDigest digest) {
    this.digest = digest;
  }

  /** Begins one for a request whose body is still to be read. */
  static RequestPrint begin(HttpServletRequest request) {
    try {
      RequestPrint print = new RequestPrint(MessageDigest.getInstance("SHA-256"));
      String line = request.getMethod() + " " + request.getRequestURI();
      String query = request.getQueryString();
      print.digest.update((query == null ? line : line + "?" + query).getBytes(UTF_8));
      print.digest.update((byte) '\n');
      request.setAttribute(ATTRIBUTE, print);
      return print;
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every platform has SHA-256", e);
    }
  }

  void read(byte[] bytes, int offset, int length) {
    digest.update(bytes, offset, length);
  }

  /** Of the request at hand, in hexadecimal; nothing outside of one. */
  public static Optional<String> current() {
    return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
        .map(request -> request.getAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST))
        .map(print -> ((RequestPrint) print).hex());
  }

  private String hex() {
    try {
      return HexFormat.of().formatHex(((MessageDigest) digest.clone()).digest());
    } catch (CloneNotSupportedException e) {
      throw new IllegalStateException("the platform's SHA-256 can be cloned", e);
    }
  }
}
