package ironshelf.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.core.route.Board;
import ironshelf.core.route.StartingRoutes;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The gates as a calendar, read back by a standard library. */
@ExtendWith(App.Extension.class)
class GatesCalendarTest {

  @Test
  void everyGateOfTheShelfIsInItAndValid(App app) throws Exception {
    JsonNode shelf = app.get("/api/shelf");
    Calendar calendar = read(new String(app.file("/api/shelf/gates.ics"), StandardCharsets.UTF_8));
    assertThat(calendar.validate().hasErrors()).isFalse();
    Set<String> uids = new HashSet<>();
    Set<Instant> confirmed = new HashSet<>();
    for (VEvent event : calendar.<VEvent>getComponents("VEVENT")) {
      assertThat(event.validate().hasErrors()).isFalse();
      assertThat(uids.add(event.getUid().orElseThrow().getValue())).as("one uid each").isTrue();
      if (event.getStatus().getValue().equals("CONFIRMED")) {
        confirmed.add(start(event));
      }
    }
    int gates = 0;
    for (JsonNode group : shelf.path("groups")) {
      if (group.has("gateAt")) {
        gates++;
        Instant gate = Instant.parse(group.path("gateAt").asString());
        assertThat(confirmed).contains(Instant.ofEpochSecond(gate.getEpochSecond()));
      }
    }
    assertThat(gates).isGreaterThan(5);
    assertThat(uids.size()).as("and what follows").isGreaterThan(gates);
  }

  /** A day's wait over the change of 31 October 2027 in Oslo ends an hour earlier on the wall. */
  @Test
  void aChangeOfTheClocksIsRightToTheMinute() throws Exception {
    ZoneId oslo = ZoneId.of("Europe/Oslo");
    Instant trimmed = ZonedDateTime.of(2027, 10, 30, 12, 0, 0, 0, oslo).toInstant();
    Instant gate =
        StartingRoutes.usualOf("vessels", "rapid-neat")
            .route()
            .withAges(2.5, 168)
            .gateAfter(3, 1, trimmed)
            .orElseThrow()
            .earliest();
    VEvent event =
        new CalendarBuilder()
            .build(new StringReader(ics(gate)))
            .<VEvent>getComponents("VEVENT")
            .get(0);
    assertThat(start(event).atZone(oslo).toLocalDateTime()).hasToString("2027-10-31T11:00");
  }

  private static String ics(Instant gate) {
    ShelfView.ShelfGroup group =
        new ShelfView.ShelfGroup(
            "k",
            Board.BATH,
            "bath",
            null,
            1,
            "Bowl",
            "Chalk",
            "#dcd8cc",
            1,
            1L,
            3,
            gate,
            1,
            "rinse",
            null,
            0,
            1,
            1,
            gate,
            null,
            null,
            6,
            1,
            null,
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Calendar calendar = new Calendar();
    calendar.add(
        GatesCalendar.event(
            group,
            "wash off",
            1,
            gate,
            net.fortuna.ical4j.model.property.immutable.ImmutableStatus.VEVENT_CONFIRMED,
            gate));
    return calendar.toString();
  }

  private static Calendar read(String text) throws Exception {
    return new CalendarBuilder().build(new StringReader(text));
  }

  private static Instant start(VEvent event) {
    Temporal start = event.getDateTimeStart().getDate();
    return Instant.from(start);
  }
}
