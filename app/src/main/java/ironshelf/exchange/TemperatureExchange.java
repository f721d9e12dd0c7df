package ironshelf.exchange;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import ironshelf.http.problem.ProblemException;
import ironshelf.http.table.CsvTable;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A logger's table in and out: {@code at}, with its offset or as the shop's clocks had it, and
 * {@code celsius}. Times that the shop's clocks had twice count as the earlier.
 */
@Service
@Transactional
public class TemperatureExchange {

  private static final Duration WRITTEN = Duration.ofDays(90);

  private final Temperatures temperatures;
  private final Catalogue catalogue;
  private final Clock clock;

  TemperatureExchange(Temperatures temperatures, Catalogue catalogue, Clock clock) {
    this.temperatures = temperatures;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /** What a place had in the last months. */
  @Transactional(readOnly = true)
  public String table(String place) {
    List<Map<String, String>> rows = new ArrayList<>();
    known(place, clock.instant().minus(WRITTEN))
        .forEach(
            (at, celsius) -> {
              Map<String, String> row = new LinkedHashMap<>();
              row.put("at", at.toString());
              row.put("celsius", String.valueOf(celsius));
              rows.add(row);
            });
    return rows.isEmpty() ? "at,celsius\r\n" : CsvTable.write(rows);
  }

  /** Takes a table in, or says what would happen. */
  public ImportView take(String place, String table, boolean apply) {
    List<Map<String, String>> rows = CsvTable.read(table);
    List<ProbeReading> wanted = new ArrayList<>();
    List<ImportView.Row> views = new ArrayList<>();
    Map<Instant, Double> known = null;
    for (int i = 0; i < rows.size(); i++) {
      String name = rows.get(i).getOrDefault("at", "");
      try {
        ProbeReading reading = reading(rows.get(i));
        if (known == null) {
          known = known(place, Instant.EPOCH);
        }
        Double before = known.get(reading.at());
        ImportView.What what =
            before == null
                ? ImportView.What.FRESH
                : before == reading.celsius() ? ImportView.What.SAME : ImportView.What.CHANGED;
        if (what != ImportView.What.SAME) {
          wanted.add(reading);
        }
        views.add(new ImportView.Row(i + 1, what, name, List.of()));
      } catch (RefusedException e) {
        List<FindingView> errors = catalogue.views(e.findings());
        views.add(new ImportView.Row(i + 1, ImportView.What.REFUSED, name, errors));
      }
    }
    ImportView view = ImportView.of(views, apply);
    if (apply && view.refused() > 0) {
      throw ProblemException.bad("table.refused", Map.of("value", view.refused()));
    }
    if (apply) {
      temperatures.keep(place, wanted);
    }
    return view;
  }

  /** By time; where one was read twice, what was said last. */
  private Map<Instant, Double> known(String place, Instant since) {
    Map<Instant, Double> known = new TreeMap<>();
    temperatures.stored(place, since, clock.instant()).forEach(r -> known.put(r.at(), r.celsius()));
    return known;
  }

  private ProbeReading reading(Map<String, String> row) {
    Findings findings = new Findings();
    Instant at = at(row.get("at"), findings);
    double celsius = celsius(row.get("celsius"), findings);
    row.keySet().stream()
        .filter(column -> !column.equals("at") && !column.equals("celsius"))
        .forEach(
            column ->
                findings.add(
                    new Finding(FindingCode.VALUE_UNREADABLE, column, unreadable(column))));
    findings.orRefuse();
    return new ProbeReading(at.truncatedTo(ChronoUnit.MICROS), celsius);
  }

  private static Map<String, Object> unreadable(String value) {
    return Map.of("value", value, "wanted", "the columns at and celsius only");
  }

  private Instant at(String text, Findings findings) {
    findings.present("at", text);
    if (text == null) {
      return Instant.EPOCH;
    }
    try {
      return text.endsWith("Z") || text.matches(".*[+-]\\d\\d:\\d\\d$")
          ? OffsetDateTime.parse(text.replace(' ', 'T')).toInstant()
          : LocalDateTime.parse(text.replace(' ', 'T')).atZone(clock.getZone()).toInstant();
    } catch (DateTimeException e) {
      findings.add(
          new Finding(
              FindingCode.VALUE_UNREADABLE,
              "at",
              Map.of("value", text, "wanted", "a time such as 2027-03-01 07:10")));
      return Instant.EPOCH;
    }
  }

  private static double celsius(String text, Findings findings) {
    findings.present("celsius", text);
    if (text == null) {
      return Double.NaN;
    }
    try {
      return Double.parseDouble(text);
    } catch (NumberFormatException e) {
      findings.add(
          new Finding(
              FindingCode.VALUE_UNREADABLE,
              "celsius",
              Map.of("value", text, "wanted", "a number such as 17.5")));
      return Double.NaN;
    }
  }
}
