package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** An owner opens the shop to tablets; a maker works on one, a screen hangs at the door. */
@ExtendWith(Workshop.class)
class OtherDevicesTest {

  private static final String PIN = "7391";

  private static Locator key(Page page, String words) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words).setExact(true));
  }

  /** What a maker goes to in a day; nothing there is refused. */
  private static final List<String> FOR_MAKERS =
      List.of(
          "/next",
          "/orders/1",
          "/plan",
          "/plan?by=mould",
          "/plan/promise",
          "/plan/needs",
          "/pour",
          "/pours",
          "/dispatch",
          "/products/1",
          "/products/1/sets",
          "/moulds",
          "/moulds/1",
          "/copies/1",
          "/recipes",
          "/recipes/1",
          "/stock",
          "/stock/1",
          "/stock/use",
          "/temperatures",
          "/words");

  private static Locator field(Page page, String label) {
    return page.getByLabel(Pattern.compile("^" + label));
  }

  @Test
  void fromTheOwnersPasswordToTheDoor(Browser browser) {
    try (RunningApp app = RunningApp.demoOnLan()) {
      Page owner = browser.open(app, "/people");
      anOwnerAndAMakerAreAdded(owner);
      Page tablet = browser.elsewhere(app, "/");
      assertThat(tablet.getByText("Sign in").first()).isVisible();
      Browser.isAccessible(tablet);
      isPaired(owner, tablet, "bench tablet", "tablet");
      aMakerSignsIn(tablet);
      takesOut(tablet);
      weighs(tablet);
      seesNoPrices(tablet);
      aStolenPinOpensNothing(browser, app);
      theOwnerSees(owner);
      Page door = browser.elsewhere(app, "/");
      isPaired(owner, door, "yard door", "screen");
      theDoorOnlyLooks(door);
      isSignedOut(owner, tablet);
    }
  }

  static void anOwnerAndAMakerAreAdded(Page owner) {
    assertThat(owner.getByText("Only this machine")).isVisible();
    Browser.isAccessible(owner);
    field(owner, "name").fill("Ada Reed");
    field(owner, "password").fill("ironshelfiron");
    key(owner, "Add Ada Reed").click();
    assertThat(owner.getByText("among the first that are tried")).isVisible();
    field(owner, "password").fill("grey heron eats wet gravel");
    key(owner, "Add Ada Reed").click();
    assertThat(owner.getByText("Open to devices in this network")).isVisible();
    key(owner, "Somebody new").click();
    field(owner, "name").fill("Tom Wren");
    field(owner, "PIN").fill(PIN);
    key(owner, "Add Tom Wren").click();
    assertThat(owner.getByText("maker · PIN on paired tablets")).isVisible();
    Browser.isAccessible(owner);
  }

  static void isPaired(Page owner, Page device, String name, String kind) {
    owner.navigate("/people");
    field(owner, "where it is").fill(name);
    owner.getByLabel("it is", new Page.GetByLabelOptions().setExact(true)).selectOption(kind);
    key(owner, "Make a code").click();
    String code =
        owner.getByLabel("code", new Page.GetByLabelOptions().setExact(true)).textContent();
    device.getByText("Pair this device").first().click();
    field(device, "code").fill(code);
    key(device, "Pair this device").click();
    assertThat(owner.getByLabel("Paired devices").getByText(name)).isVisible();
  }

  private static void aMakerSignsIn(Page tablet) {
    key(tablet, "Tom Wren").click();
    Browser.isAccessible(tablet);
    type(tablet, "5555");
    assertThat(tablet.getByText("The PIN is not right")).isVisible();
    type(tablet, PIN);
    assertThat(tablet.getByText("hand over")).isVisible();
  }

  private static void type(Page tablet, String pin) {
    pin.chars().forEach(digit -> key(tablet, Character.toString(digit)).click());
    key(tablet, "Go to work").click();
  }

  private static void takesOut(Page tablet) {
    Bench shelf = new Bench(tablet);
    shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, out since .*")).click();
    for (String copy : List.of("R1", "R2", "R3")) {
      tablet.getByLabel("Mass of " + copy).fill("2.08 kg");
    }
    shelf.key("fine").click();
    shelf.key("Take out 3").click();
    assertThat(shelf.key(Pattern.compile("Ripple bowl ×3, Chalk, trim since .*"))).isVisible();
  }

  private static void weighs(Page tablet) {
    tablet.navigate("/pour/sheet?fills=1-0-5.6.7&colourway=2");
    Bench bench = new Bench(tablet);
    bench.prepare();
    Locator next = bench.key(Pattern.compile("went in$")).first();
    String asked = next.textContent();
    next.click();
    assertThat(next).not().hasText(asked);
  }

  private static void seesNoPrices(Page tablet) {
    tablet.navigate("/products");
    assertThat(tablet.getByText("Ripple bowl").first()).isVisible();
    Assertions.assertThat(tablet.locator("main").textContent()).doesNotContain("€", "to make");
    tablet.navigate("/people");
    assertThat(tablet.getByText("This page is for the shop’s owner")).isVisible();
    Browser.isAccessible(tablet);
    for (String path : FOR_MAKERS) {
      Browser.go(tablet, path);
      Assertions.assertThat(tablet.locator("body").textContent())
          .as(path)
          .doesNotContain("This is not for a maker", "This page is for", "Demo,");
    }
    tablet.navigate("/orders");
    assertThat(tablet.getByText("Allot what is free")).isVisible();
    assertThat(tablet.getByText("New order")).hasCount(0);
    tablet.navigate("/");
  }

  private static void aStolenPinOpensNothing(Browser browser, RunningApp app) {
    Page elsewhere = browser.elsewhere(app, "/");
    assertThat(elsewhere.getByText("Sign in").first()).isVisible();
    Assertions.assertThat(elsewhere.locator("body").textContent()).doesNotContain("Tom Wren");
    field(elsewhere, "name").fill("Tom Wren");
    field(elsewhere, "password").fill(PIN);
    key(elsewhere, "Sign in").click();
    assertThat(elsewhere.getByText("The name or the password is not right")).isVisible();
  }

  private static void theOwnerSees(Page owner) {
    JsonNode act = new ShopApi(owner).get("/api/shelf/acts").path(0);
    long piece = act.path("pieceIds").path(0).asLong();
    owner.navigate("/pieces/" + piece);
    assertThat(owner.getByText("by Tom Wren").first()).isVisible();
    owner.navigate("/pours");
    assertThat(owner.getByText("Tom Wren").first()).isVisible();
  }

  private static void theDoorOnlyLooks(Page door) {
    assertThat(door.getByLabel("Bath", new Page.GetByLabelOptions().setExact(true))).isVisible();
    assertThat(door.getByRole(AriaRole.BUTTON)).hasCount(0);
    Browser.isAccessible(door);
  }

  private static void isSignedOut(Page owner, Page tablet) {
    owner.navigate("/people");
    Locator signedIn = owner.getByLabel("Signed in");
    assertThat(signedIn.getByText("Tom Wren, on bench tablet")).isVisible();
    Browser.act(signedIn.getByText("Sign out").first());
    tablet.navigate("/next");
    assertThat(tablet.getByText("Who is here?")).isVisible();
  }
}
