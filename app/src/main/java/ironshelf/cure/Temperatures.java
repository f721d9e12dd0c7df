package ironshelf.cure;

import static java.util.stream.Collectors.toSet;

import ironshelf.core.cure.AgeLine;
import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.Places;
import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.cure.temperature.UsualDay;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Stores the probes' readings as they come and works out from them how concrete ages. The last
 * weeks are cached in memory, so that a new reading needs no query; what began before them is read
 * from the database, so that no answer depends on what happens to be cached.
 */
@Service
@Transactional
public class Temperatures {

  /** The place of everything that was not moved elsewhere. */
  public static final String ROOM = "room";

  private static final String BATH = "bath";

  /** Readings further apart are not joined by a line; a probe silent for longer has failed. */
  static final Duration LONGEST_GAP = Duration.ofHours(1);

  private static final Duration REMEMBERED = Duration.ofDays(45);
  private static final Duration USUAL_FROM = Duration.ofDays(7);
  private static final Duration AHEAD = Duration.ofDays(30);

  private final ReadingRepository readings;
  private final WorkshopService workshop;
  private final StationService stations;
  private final Clock clock;

  private @Nullable Map<String, List<ProbeReading>> memory;
  private Instant memoryFrom = Instant.MAX;
  private @Nullable Snapshot snapshot;
  private @Nullable Snapshot older;

  Temperatures(
      ReadingRepository readings, WorkshopService workshop, StationService stations, Clock clock) {
    this.readings = readings;
    this.workshop = workshop;
    this.stations = stations;
    this.clock = clock;
  }

  /**
   * How concrete ages now, place by place.
   *
   * @param from when it begins; what aged before is not in it
   * @param actual along what was read, then along usual days
   * @param usual along usual days only, as it was to be expected
   */
  public record Snapshot(
      Instant madeAt,
      Instant from,
      double roomC,
      Places actual,
      Places usual,
      Map<String, UsualDay> usualDays) {}

  /** The places that have a probe or may have one. */
  @Transactional(readOnly = true)
  public Set<String> places() {
    Set<String> places = new LinkedHashSet<>();
    places.add(ROOM);
    stations.all().stream()
        .filter(s -> s.warm() || s.code().equals(BATH))
        .forEach(s -> places.add(s.code()));
    return places;
  }

  /**
   * Stores a probe's readings in a transaction of their own: they stay when the act that brought
   * them is refused, and that act does not carry thousands of rows along.
   */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  public void keep(String place, Collection<ProbeReading> fresh) {
    Set<String> known = places();
    new Findings()
        .addIf(
            !known.contains(place),
            FindingCode.STATION_UNKNOWN,
            "place",
            Map.of("value", place, "wanted", String.join(", ", known)))
        .orRefuse();
    // The store keeps microseconds; so does memory.
    List<ProbeReading> kept =
        fresh.stream()
            .map(r -> new ProbeReading(r.at().truncatedTo(ChronoUnit.MICROS), r.celsius()))
            .toList();
    readings.saveAll(kept.stream().map(r -> new Reading(place, r)).toList());
    synchronized (this) {
      remembered().computeIfAbsent(place, p -> new ArrayList<>()).addAll(kept);
      snapshot = null;
      older = null;
    }
  }

  /**
   * How concrete ages now; computed again after a new reading, or when the clock went on by hours.
   */
  @Transactional(readOnly = true)
  public synchronized Snapshot snapshot() {
    Instant now = clock.instant();
    double roomC = workshop.view().roomC();
    Snapshot known = snapshot;
    if (known == null || isPast(known, now, roomC)) {
      known = look(now.minus(REMEMBERED), now, roomC);
      snapshot = known;
    }
    return known;
  }

  /** The same for what began at a moment, however long ago that is. */
  @Transactional(readOnly = true)
  public synchronized Snapshot snapshot(Instant since) {
    Snapshot recent = snapshot();
    if (!since.isBefore(recent.from)) {
      return recent;
    }
    Snapshot known = older;
    if (known == null || since.isBefore(known.from) || isPast(known, recent.madeAt, recent.roomC)) {
      known = look(since, recent.madeAt, recent.roomC);
      older = known;
    }
    return known;
  }

  private static boolean isPast(Snapshot known, Instant now, double roomC) {
    return known.roomC != roomC
        || Duration.between(known.madeAt, now).abs().compareTo(LONGEST_GAP) >= 0;
  }

  private Snapshot look(Instant from, Instant now, double roomC) {
    Map<String, AgeLine> actual = new LinkedHashMap<>();
    Map<String, AgeLine> usual = new LinkedHashMap<>();
    Map<String, UsualDay> days = new LinkedHashMap<>();
    Set<String> warm = warm();
    Instant to = now.plus(AHEAD);
    for (String place : places()) {
      TemperatureLog log = log(place, warm, now, roomC, since(place, from));
      days.put(place, log.usual());
      actual.put(place, AgeLine.of(log, method(), from, to));
      usual.put(
          place,
          AgeLine.of(new TemperatureLog(List.of(), LONGEST_GAP, log.usual()), method(), from, to));
    }
    return new Snapshot(
        now, from, roomC, new Places(actual, ROOM), new Places(usual, ROOM), Map.copyOf(days));
  }

  private Set<String> warm() {
    return stations.all().stream()
        .filter(StationView::warm)
        .map(StationView::code)
        .collect(toSet());
  }

  /** The log of a place with its usual day. */
  private TemperatureLog log(
      String place, Set<String> warm, Instant now, double roomC, List<ProbeReading> said) {
    Instant since = now.minus(USUAL_FROM);
    ProbeReading last = said.stream().max(Comparator.comparing(ProbeReading::at)).orElse(null);
    // A heater goes on as it is set; a room goes on as days do.
    boolean heated = warm.contains(place) && last != null;
    UsualDay usual =
        heated
            ? UsualDay.steady(last.celsius())
            : UsualDay.of(
                said.stream().filter(r -> r.at().isAfter(since) && !r.at().isAfter(now)).toList(),
                clock.getZone(),
                roomC);
    return new TemperatureLog(said, LONGEST_GAP, usual);
  }

  /**
   * What places had between two moments, however long ago, and how concrete aged by it.
   *
   * @param said what the probe of each place said
   * @param logs the same, with what stands in where it said nothing
   * @param places how concrete aged, and for a while after
   */
  public record During(
      Map<String, List<ProbeReading>> said, Map<String, TemperatureLog> logs, Places places) {

    /** The stretches that a place had, for methods other than the usual one. */
    public List<TemperatureSpan> spans(String place, Instant from, Instant to) {
      return logs.getOrDefault(place, logs.get(ROOM)).spans(from, to);
    }

    /** What the probe of a place said between two moments. */
    public List<ProbeReading> said(String place, Instant from, Instant to) {
      return said.getOrDefault(place, said.get(ROOM)).stream()
          .filter(r -> !r.at().isBefore(from) && !r.at().isAfter(to))
          .sorted(Comparator.comparing(ProbeReading::at))
          .toList();
    }
  }

  /**
   * What some places had between two moments, and the room; a place without a probe has what the
   * room has.
   *
   * @param foreseen how concrete ages is worked out until then
   */
  @Transactional(readOnly = true)
  public synchronized During during(
      Collection<String> wanted, Instant from, Instant to, Instant foreseen) {
    Map<String, List<ProbeReading>> said = new LinkedHashMap<>();
    Map<String, TemperatureLog> logs = new LinkedHashMap<>();
    Map<String, AgeLine> lines = new LinkedHashMap<>();
    Set<String> warm = warm();
    double roomC = workshop.view().roomC();
    for (String place : places()) {
      if (!place.equals(ROOM) && !wanted.contains(place)) {
        continue;
      }
      List<ProbeReading> own = between(place, from, to);
      TemperatureLog log = log(place, warm, to, roomC, own);
      said.put(place, own);
      logs.put(place, log);
      lines.put(place, AgeLine.of(log, method(), from, foreseen));
    }
    return new During(said, logs, new Places(lines, ROOM));
  }

  /** What the probe of a place said between two moments. */
  @Transactional(readOnly = true)
  public synchronized List<ProbeReading> said(String place, Instant from, Instant to) {
    return between(place, from, to).stream()
        .filter(r -> !r.at().isBefore(from) && !r.at().isAfter(to))
        .sorted(Comparator.comparing(ProbeReading::at))
        .toList();
  }

  /** All that was ever read at a place between two moments, from the store. */
  @Transactional(readOnly = true)
  public List<ProbeReading> stored(String place, Instant from, Instant to) {
    return readings.said(place, from, to);
  }

  @Transactional(readOnly = true)
  public @Nullable Instant lastAt(String place) {
    return readings.lastAt(place).orElse(null);
  }

  /** Since when the probe of a place says nothing; null where it speaks, or never did. */
  @Transactional(readOnly = true)
  public @Nullable Instant silentSince(String place) {
    Instant now = clock.instant();
    Instant last =
        since(place, now.minus(REMEMBERED)).stream()
            .map(ProbeReading::at)
            .filter(at -> !at.isAfter(now))
            .max(Comparator.naturalOrder())
            .orElseGet(() -> lastAt(place));
    return last == null || Duration.between(last, now).compareTo(LONGEST_GAP) <= 0 ? null : last;
  }

  static Maturity method() {
    return Maturity.usual(MaturityMethod.ARRHENIUS);
  }

  /**
   * What was read at a place since a moment and a little before: from memory if it reaches back.
   */
  private List<ProbeReading> since(String place, Instant from) {
    return between(place, from, clock.instant().plus(AHEAD));
  }

  private List<ProbeReading> between(String place, Instant from, Instant to) {
    Instant start = from.minus(LONGEST_GAP);
    List<ProbeReading> remembered = remembered().getOrDefault(place, List.of());
    return start.isBefore(memoryFrom) ? stored(place, start, to.plus(LONGEST_GAP)) : remembered;
  }

  private Map<String, List<ProbeReading>> remembered() {
    if (memory == null) {
      memoryFrom = clock.instant().minus(REMEMBERED).minus(LONGEST_GAP);
      Map<String, List<ProbeReading>> loaded = new LinkedHashMap<>();
      readings
          .findByReadAtAfterOrderById(memoryFrom)
          .forEach(r -> loaded.computeIfAbsent(r.place(), p -> new ArrayList<>()).add(r.reading()));
      memory = loaded;
    }
    return memory;
  }
}
