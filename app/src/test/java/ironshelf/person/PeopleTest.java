package ironshelf.person;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Tablet;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who comes in from other devices, and how far. */
class PeopleTest {

  private static final String PASSWORD = "grey heron eats wet gravel";
  private static App app;
  private static long maker;

  @BeforeAll
  static void founded() throws IOException {
    app =
        App.empty(
            "--ironshelf.lan=true",
            "--ironshelf.lan-address=127.0.0.1",
            "--ironshelf.lan-names=127.0.0.1",
            "--ironshelf.lan-port=0",
            "--ironshelf.trust-port=0");
    assertThat(app.get("/api/lan").path("open").asBoolean())
        .as("before there is an owner")
        .isFalse();
    assertThat(person("Ada Reed", "owner", "\"password\":\"" + PASSWORD + "\"").status())
        .isEqualTo(201);
    assertThat(app.get("/api/lan").path("open").asBoolean()).isTrue();
    maker = person("Tom Wren", "maker", "\"pin\":\"7391\"").body().path("id").asLong();
  }

  @AfterAll
  static void close() {
    app.close();
  }

  private static App.Answer person(String name, String role, String more) {
    return app.post(
        "/api/people", "{\"name\":\"%s\",\"role\":\"%s\",%s}".formatted(name, role, more));
  }

  private static App.Answer signIn(Tablet tablet, String name, String password) {
    tablet.get("/api/session");
    return tablet.post(
        "/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
  }

  @Test
  void nobodyIsLetInWithoutSigningIn() {
    Tablet stranger = new Tablet(app.get("/api/lan"));
    assertThat(stranger.get("/api/shelf").status()).isEqualTo(401);
    assertThat(stranger.get("/api/shelf").code()).isEqualTo("request.signIn");
    JsonNode session = stranger.get("/api/session").body();
    assertThat(session.has("role")).isFalse();
    assertThat(session.path("names").size()).as("names are not told to strangers").isZero();
  }

  @Test
  void anOwnerSignsInFromAnywhereAndIsEnded() {
    Tablet phone = new Tablet(app.get("/api/lan"));
    App.Answer in = signIn(phone, "ada reed", PASSWORD);
    assertThat(in.status()).as("%s", in.body()).isEqualTo(200);
    assertThat(in.body().path("role").asString()).isEqualTo("owner");
    assertThat(phone.get("/api/people").status()).isEqualTo(200);
    JsonNode sessions = app.get("/api/sessions");
    assertThat(sessions.size()).isPositive();
    sessions.forEach(s -> app.delete("/api/sessions/" + s.path("handle").asString()));
    assertThat(phone.get("/api/people").status()).isEqualTo(401);
  }

  @Test
  void aPinIsWorthNothingOnAnUnpairedDevice() {
    Tablet elsewhere = new Tablet(app.get("/api/lan"));
    elsewhere.get("/api/session");
    App.Answer in =
        elsewhere.post("/api/session", "{\"personId\":%d,\"pin\":\"7391\"}".formatted(maker));
    assertThat(in.status()).isEqualTo(403);
    assertThat(in.code()).isEqualTo("person.pin.unpaired");
  }

  @Test
  void aMakerWorksOnAPairedTabletUntilItIsEnded() {
    Tablet tablet = Tablet.paired(app, "bench", "tablet");
    assertThat(tablet.get("/api/shelf").status()).isEqualTo(401);
    assertThat(tablet.get("/api/session").body().path("names").get(0).path("name").asString())
        .isEqualTo("Tom Wren");
    tablet.as(maker, "7391");
    assertThat(tablet.get("/api/shelf").status()).isEqualTo(200);
    assertThat(tablet.get("/api/people").code()).isEqualTo("request.role");
    assertThat(tablet.get("/api/backups").status()).isEqualTo(403);
    assertThat(tablet.get("/api/workshop").body().has("ratePerHour")).isFalse();
    assertThat(app.get("/api/workshop").has("ratePerHour")).isTrue();
    app.get("/api/devices").forEach(d -> app.delete("/api/devices/" + d.path("id").asLong()));
    assertThat(tablet.get("/api/shelf").status()).isEqualTo(401);
  }

  /** A page asks for several things at once; each of them finds who it is from. */
  @Test
  void whatIsAskedAtOnceIsAllFromTheSamePerson() {
    Tablet tablet = Tablet.paired(app, "at once", "tablet").as(maker, "7391");
    List<Integer> answers =
        IntStream.range(0, 40).parallel().mapToObj(i -> tablet.get("/api/shelf").status()).toList();
    assertThat(answers).containsOnly(200);
  }

  @Test
  void aScreenAtTheDoorSeesTheShelfAndChangesNothing() {
    Tablet screen = Tablet.paired(app, "door", "screen");
    assertThat(screen.get("/api/session").body().path("role").asString()).isEqualTo("door");
    assertThat(screen.get("/api/shelf").status()).isEqualTo(200);
    assertThat(screen.get("/api/orders").status()).isEqualTo(403);
    assertThat(screen.post("/api/shelf/steps", "{}").status()).isEqualTo(403);
    App.Answer pin =
        screen.post("/api/session", "{\"personId\":%d,\"pin\":\"7391\"}".formatted(maker));
    assertThat(pin.code()).isEqualTo("person.pin.unpaired");
  }

  @Test
  void changesNeedThePagesToken() {
    Tablet tablet = Tablet.paired(app, "token", "tablet").as(maker, "7391");
    assertThat(tablet.sendWithoutToken("POST", "/api/shelf/steps", "{}").code())
        .isEqualTo("request.token");
    assertThat(tablet.post("/api/shelf/steps", "{}").code()).isNotEqualTo("request.token");
  }

  @Test
  void aCodeIsGoodOnce() {
    String code =
        app.post("/api/devices/codes", "{\"name\":\"once\"}").body().path("code").asString();
    Tablet first = new Tablet(app.get("/api/lan"));
    first.get("/api/session");
    String typed =
        code.substring(0, 4).toLowerCase(java.util.Locale.ROOT) + " " + code.substring(4);
    assertThat(first.post("/api/devices/paired", "{\"code\":\"" + typed + "\"}").status())
        .isEqualTo(200);
    Tablet second = new Tablet(app.get("/api/lan"));
    second.get("/api/session");
    assertThat(second.post("/api/devices/paired", "{\"code\":\"" + code + "\"}").code())
        .isEqualTo("device.code");
  }

  @Test
  void wrongTriesHaveToWait() {
    person("Slow Loris", "owner", "\"password\":\"seven buckets of lime\"");
    Tablet phone = new Tablet(app.get("/api/lan"));
    for (int i = 0; i < 3; i++) {
      assertThat(signIn(phone, "Slow Loris", "not it").code()).isEqualTo("person.password.wrong");
    }
    assertThat(signIn(phone, "Slow Loris", "seven buckets of lime").code())
        .isEqualTo("person.wait");
    assertThat(SignIn.waitAfter(3)).isEqualTo(Duration.ofSeconds(5));
    assertThat(SignIn.waitAfter(30)).isEqualTo(Duration.ofMinutes(15));
  }

  /** OWASP ASVS 5, passwords: 12 characters at least, not among the common ones (from memory). */
  @Test
  void weakSecretsAreRefused() {
    assertThat(person("A", "owner", "\"password\":\"short\"").code())
        .isEqualTo("person.password.length");
    assertThat(person("B", "owner", "\"password\":\"passwordpassword\"").code())
        .isEqualTo("person.password.common");
    assertThat(person("C", "maker", "\"pin\":\"1234\"").code()).isEqualTo("person.pin.simple");
    assertThat(person("D", "maker", "\"pin\":\"12a4\"").code()).isEqualTo("person.pin.digits");
    assertThat(person("ADA REED", "maker", "\"pin\":\"5823\"").code())
        .isEqualTo("person.nameTaken");
  }

  @Test
  void withoutTlsThereIsOnePage() throws Exception {
    String trust = app.get("/api/lan").path("trustAddresses").get(0).asString();
    String fingerprint = app.get("/api/lan").path("fingerprint").asString();
    for (String path : new String[] {"", "api/shelf", "assets/x.js", "actuator/health"}) {
      var answer =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(trust + path)).build(),
                  BodyHandlers.ofString());
      assertThat(answer.body()).as(path).contains("Let this device trust", fingerprint);
    }
  }
}
