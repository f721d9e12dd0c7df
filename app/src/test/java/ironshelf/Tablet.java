package ironshelf;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.UUID;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Another device: it comes over TLS, trusts the authority that it fetched and no other, and keeps
 * its own cookies.
 */
public final class Tablet {

  private final JsonMapper json = new JsonMapper();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client;
  private final String base;

  /**
   * @param lan what the shop's own machine is told at /api/lan
   */
  public Tablet(JsonNode lan) {
    this(lan.path("addresses").get(0).asString(), lan.path("trustAddresses").get(0).asString());
  }

  private Tablet(String address, String trustAddress) {
    base = address.substring(0, address.length() - 1);
    try {
      client =
          HttpClient.newBuilder()
              .cookieHandler(cookies)
              .sslContext(trusting(fetched(trustAddress + "workshop-authority.crt")))
              .build();
    } catch (GeneralSecurityException | IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static byte[] fetched(String address) {
    try {
      return HttpClient.newHttpClient()
          .send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofByteArray())
          .body();
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static SSLContext trusting(byte[] certificate)
      throws GeneralSecurityException, IOException {
    KeyStore known = KeyStore.getInstance(KeyStore.getDefaultType());
    known.load(null, null);
    known.setCertificateEntry(
        "shop",
        CertificateFactory.getInstance("X.509")
            .generateCertificate(new ByteArrayInputStream(certificate)));
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(known);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, trust.getTrustManagers(), null);
    return context;
  }

  /** One that is paired already. */
  public static Tablet paired(App app, String name, String kind) {
    String code =
        app.post("/api/devices/codes", "{\"name\":\"%s\",\"kind\":\"%s\"}".formatted(name, kind))
            .body()
            .path("code")
            .asString();
    Tablet tablet = new Tablet(app.get("/api/lan"));
    tablet.get("/api/session");
    App.Answer paired = tablet.post("/api/devices/paired", "{\"code\":\"" + code + "\"}");
    if (paired.status() != 200) {
      throw new IllegalStateException("not paired: " + paired);
    }
    return tablet;
  }

  /** Signs somebody in by PIN. */
  public Tablet as(long personId, String pin) {
    App.Answer in =
        post("/api/session", "{\"personId\":%d,\"pin\":\"%s\"}".formatted(personId, pin));
    if (in.status() != 200) {
      throw new IllegalStateException("not signed in: " + in);
    }
    return this;
  }

  public App.Answer get(String path) {
    return send("GET", path, null);
  }

  public App.Answer post(String path, String body) {
    return send("POST", path, body);
  }

  public App.Answer delete(String path) {
    return send("DELETE", path, null);
  }

  /** Any request, with the token that the page would show. */
  public App.Answer send(String method, String path, String body) {
    return send(method, path, body, token());
  }

  public App.Answer sendWithoutToken(String method, String path, String body) {
    return send(method, path, body, null);
  }

  private App.Answer send(String method, String path, String body, String token) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Idempotency-Key", UUID.randomUUID().toString())
            .header("If-Match", "\"0\"")
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
    if (body != null) {
      request.header("Content-Type", "application/json");
    }
    if (token != null) {
      request.header("X-XSRF-TOKEN", token);
    }
    try {
      HttpResponse<String> answer = client.send(request.build(), BodyHandlers.ofString());
      boolean isJson = answer.headers().firstValue("Content-Type").orElse("").contains("json");
      return new App.Answer(
          answer.statusCode(), isJson ? json.readTree(answer.body()) : json.createObjectNode());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(method + " " + path, e);
    }
  }

  /** The code of the refusal that an empty request gets, if any; streams are not waited for. */
  public String codeOf(String method, String path) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/json")
            .method(
                method,
                "GET".equals(method) ? BodyPublishers.noBody() : BodyPublishers.ofString("{}"));
    if (token() != null) {
      request.header("X-XSRF-TOKEN", token());
    }
    try {
      HttpResponse<InputStream> answer = client.send(request.build(), BodyHandlers.ofInputStream());
      try (InputStream body = answer.body()) {
        boolean refused = answer.statusCode() >= 400;
        return refused ? json.readTree(body.readAllBytes()).path("code").asString() : "";
      }
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(method + " " + path, e);
    }
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse(null);
  }
}
