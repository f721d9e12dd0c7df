package ironshelf.shelf;

import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.pour.Ways;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;

/**
 * All gates of the shelf as an iCalendar (RFC 5545): what comes next as certain as the temperatures
 * are, what follows as tentative, if each thing is done as soon as it may be.
 */
@Component
class GatesCalendar {

  /** No entry is shorter: calendars draw nothing for less. */
  private static final Duration SHORTEST = Duration.ofMinutes(5);

  private final Ways ways;

  GatesCalendar(Ways ways) {
    this.ways = ways;
  }

  String of(ShelfView shelf) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Iron Shelf//Gates//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    Ways.Known known = ways.known();
    for (ShelfView.ShelfGroup group : shelf.groups()) {
      if (group.gateAt() != null && group.step() != null) {
        add(calendar, group, known.way(group.routeId()), shelf.now());
      }
    }
    return calendar.toString();
  }

  private static void add(Calendar calendar, ShelfView.ShelfGroup group, Route route, Instant now) {
    Instant gateAt = group.gateAt();
    ShelfView.StepWords next = group.kind();
    if (gateAt == null || next == null) {
      return;
    }
    calendar.add(
        event(group, next.todo(), group.round(), gateAt, ImmutableStatus.VEVENT_CONFIRMED, now));
    if (group.next() != null) {
      return;
    }
    Instant earliest = gateAt.isBefore(now) ? now : gateAt;
    List<Gate> ahead =
        route.gatesFrom(
            new Gate(group.stepNo(), group.round(), route.kind(group.stepNo()), earliest, null));
    ahead.stream()
        .skip(1)
        .forEach(
            g ->
                calendar.add(
                    event(
                        group,
                        g.kind().todo(),
                        g.round(),
                        g.earliest(),
                        ImmutableStatus.VEVENT_TENTATIVE,
                        now)));
  }

  static VEvent event(
      ShelfView.ShelfGroup group, String todo, int round, Instant at, Status status, Instant now) {
    Duration takes = Duration.ofSeconds(Math.round(group.attendedMin() * 60));
    Instant end = at.plus(takes.compareTo(SHORTEST) < 0 ? SHORTEST : takes);
    VEvent event = new VEvent(at, end, summary(group, todo, round));
    event.replace(new DtStamp(now));
    event.add(new Uid(group.key() + "-" + todo.replace(' ', '-') + "-" + round + "@ironshelf"));
    event.add(new Location(group.station() == null ? "Shelf" : group.station()));
    event.add(status);
    return event;
  }

  private static String summary(ShelfView.ShelfGroup group, String todo, int round) {
    String what = todo + (round > 1 ? " " + round : "");
    String next = group.next() == null ? "" : " " + group.next().layer();
    return what.substring(0, 1).toUpperCase(Locale.ROOT)
        + what.substring(1)
        + next
        + ": "
        + group.product()
        + " x "
        + group.pieces()
        + ", "
        + group.colourway();
  }
}
