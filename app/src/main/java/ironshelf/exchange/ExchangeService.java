package ironshelf.exchange;

import ironshelf.copy.CopyHistory;
import ironshelf.copy.CopyRequest;
import ironshelf.copy.CopyService;
import ironshelf.copy.CopyView;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.http.json.RecordReader;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.ProblemException;
import ironshelf.http.table.CsvTable;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.mould.NewMould;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Moulds and copies as tables. */
@Service
@Transactional
public class ExchangeService {

  private static final Pageable ALL = PageRequest.of(0, 100_000, Sort.by("name"));

  private final MouldService moulds;
  private final CopyService copies;
  private final MouldCsv mouldCsv;
  private final RecordReader records;
  private final Catalogue catalogue;
  private final JsonMapper json;

  ExchangeService(
      MouldService moulds,
      CopyService copies,
      MouldCsv mouldCsv,
      RecordReader records,
      Catalogue catalogue,
      JsonMapper json) {
    this.moulds = moulds;
    this.copies = copies;
    this.mouldCsv = mouldCsv;
    this.records = records;
    this.catalogue = catalogue;
    this.json = json;
  }

  @Transactional(readOnly = true)
  public String moulds() {
    return CsvTable.write(
        moulds.moulds("", ALL).items().stream().map(m -> mouldCsv.row(m.kept())).toList());
  }

  @Transactional(readOnly = true)
  public String copies() {
    List<Map<String, String>> rows = new ArrayList<>();
    for (MouldView mould : moulds.moulds("", ALL).items()) {
      for (CopyView copy : mould.copies()) {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("mould", mould.name());
        ObjectNode kept = json.valueToTree(copies.kept(copy.id()));
        kept.properties()
            .forEach(f -> row.put(MouldCsv.snake(f.getKey()), MouldCsv.cell(f.getValue())));
        rows.add(row);
      }
    }
    return CsvTable.write(rows);
  }

  /** Takes moulds in, or says what would happen. */
  public ImportView takeMoulds(String table, boolean apply) {
    return take(
        table,
        apply,
        row -> {
          NewMould wanted = records.read(mouldCsv.tree(row), NewMould.class);
          Optional<MouldView> known = moulds.byName(wanted.name());
          return new Wanted(
              wanted.name(),
              known.map(k -> k.kept().equals(wanted)).orElse(null),
              () ->
                  known.ifPresentOrElse(
                      k -> moulds.change(k.id(), k.version(), wanted), () -> moulds.add(wanted)));
        });
  }

  /** Takes copies in, or says what would happen; their moulds must be there. */
  public ImportView takeCopies(String table, boolean apply) {
    return take(
        table,
        apply,
        row -> {
          String mouldName = row.getOrDefault("mould", "");
          Map<String, String> own = new LinkedHashMap<>(row);
          own.remove("mould");
          CopyRequest wanted = records.read(copyTree(own), CopyRequest.class);
          MouldView mould =
              moulds
                  .byName(mouldName)
                  .orElseThrow(() -> refused("mould", "a mould that is known", mouldName));
          Optional<CopyHistory> known = copies.byCode(wanted.code().strip());
          if (known.isPresent() && known.get().mouldId() != mould.id()) {
            throw refused("code", "a code that no other mould's copy has", wanted.code());
          }
          return new Wanted(
              wanted.code(),
              known.map(k -> copies.kept(k.copy().id()).equals(wanted)).orElse(null),
              () ->
                  known.ifPresentOrElse(
                      k -> copies.change(k.copy().id(), k.copy().version(), wanted),
                      () -> moulds.addCopy(mould.id(), wanted)));
        });
  }

  private ObjectNode copyTree(Map<String, String> row) {
    ObjectNode tree = json.createObjectNode();
    Set<String> numbers = Set.of("casts_before", "bought_for");
    row.forEach(
        (column, cell) -> {
          if (numbers.contains(column) && cell.matches("-?\\d+(\\.\\d+)?")) {
            tree.set(MouldCsv.camel(column), json.readTree(cell));
          } else {
            tree.put(MouldCsv.camel(column), cell);
          }
        });
    return tree;
  }

  /**
   * A row that can be taken.
   *
   * @param same whether it is there already as it stands; null where it is new
   */
  private record Wanted(String name, Boolean same, Runnable act) {}

  private ImportView take(
      String table, boolean apply, Function<Map<String, String>, Wanted> reading) {
    List<ImportView.Row> rows = new ArrayList<>();
    List<Runnable> acts = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (Map<String, String> cells : CsvTable.read(table)) {
      int number = rows.size() + 1;
      try {
        Wanted wanted = reading.apply(cells);
        if (!seen.add(wanted.name.strip().toLowerCase(Locale.ROOT))) {
          throw refused("name", "each name once", wanted.name);
        }
        ImportView.What what =
            wanted.same == null
                ? ImportView.What.FRESH
                : wanted.same ? ImportView.What.SAME : ImportView.What.CHANGED;
        if (what != ImportView.What.SAME) {
          acts.add(wanted.act);
        }
        rows.add(new ImportView.Row(number, what, wanted.name, List.of()));
      } catch (RefusedException e) {
        rows.add(
            new ImportView.Row(
                number,
                ImportView.What.REFUSED,
                cells.getOrDefault("name", cells.getOrDefault("code", "")),
                catalogue.views(e.findings())));
      }
    }
    ImportView view = ImportView.of(List.copyOf(rows), apply);
    if (apply && view.refused() > 0) {
      throw ProblemException.bad("table.refused", Map.of("value", view.refused()));
    }
    if (apply) {
      acts.forEach(Runnable::run);
    }
    return view;
  }

  private static RefusedException refused(String field, String wanted, String value) {
    return new RefusedException(
        new Finding(FindingCode.VALUE_UNREADABLE, field, Map.of("value", value, "wanted", wanted)));
  }
}
