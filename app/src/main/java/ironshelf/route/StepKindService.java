package ironshelf.route;

import ironshelf.core.quantity.Findings;
import ironshelf.core.route.Effect;
import ironshelf.core.route.StepKind;
import ironshelf.core.route.StepKinds;
import ironshelf.core.route.Wetting;
import ironshelf.http.problem.ProblemException;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of step that the shop knows: those that ship and its own. */
@Service
@Transactional
public class StepKindService {

  /** A kind of a shop's own; its code follows its word. */
  public record OwnKind(
      String todo, String done, boolean waits, Set<Effect> effects, @Nullable Wetting wetting) {
    public OwnKind {
      new Findings()
          .text("todo", todo, 30)
          .text("done", done, 30)
          .present("effects", effects)
          .orRefuse();
    }
  }

  /** The words of a kind. */
  public record KindWords(String todo, String done) {
    public KindWords {
      new Findings().text("todo", todo, 30).text("done", done, 30).orRefuse();
    }
  }

  private final StepKindRepository own;
  private final CachedRead<StepKinds> kinds;

  StepKindService(StepKindRepository own, TableVersions changes) {
    this.own = own;
    this.kinds =
        changes.keep(
            () ->
                StepKinds.shipped()
                    .with(own.findAllByOrderById().stream().map(StepKindEntity::kind).toList()),
            "step_kinds");
  }

  @Transactional(readOnly = true)
  public StepKinds kinds() {
    return kinds.get();
  }

  /**
   * Those that ship first, then the shop's own.
   *
   * @param used codes of those on a product's route
   */
  @Transactional(readOnly = true)
  public List<StepKindView> all(Set<String> used) {
    return Stream.concat(
            StepKinds.shipped().all().stream()
                .map(k -> StepKindView.shipped(k, used.contains(k.code()))),
            own.findAllByOrderById().stream().map(k -> k.view(used.contains(k.kind().code()))))
        .toList();
  }

  public StepKindView add(OwnKind wanted) {
    String todo = wanted.todo().strip();
    refuseTaken(todo, null);
    StepKind kind =
        new StepKind(
            freeCode(todo),
            todo,
            wanted.done().strip(),
            wanted.waits(),
            wanted.effects(),
            wanted.wetting());
    return own.saveAndFlush(new StepKindEntity(kind)).view(false);
  }

  /** Says a shop's own kind otherwise; what it does stays, since pieces have gone that way. */
  public StepKindView say(long id, long seenVersion, KindWords words, Set<String> used) {
    StepKindEntity kind =
        own.findById(id).orElseThrow(() -> ProblemException.unknown("kind of step", id));
    if (kind.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseTaken(words.todo().strip(), kind.kind().code());
    kind.say(words.todo().strip(), words.done().strip());
    StepKindEntity said = own.saveAndFlush(kind);
    return said.view(used.contains(said.kind().code()));
  }

  private void refuseTaken(String todo, @Nullable String ownCode) {
    kinds().all().stream()
        .filter(k -> k.todo().equalsIgnoreCase(todo) && !k.code().equals(ownCode))
        .findFirst()
        .ifPresent(
            k -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "step", "value", k.todo()));
            });
  }

  /** A code that says the word, in small letters of the alphabet; numbered where it is known. */
  private String freeCode(String todo) {
    String plain =
        Normalizer.normalize(todo, Normalizer.Form.NFD)
            .toLowerCase(Locale.ROOT)
            .replaceAll("\\p{M}", "")
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^[^a-z]+|-+$", "");
    String stem = plain.isEmpty() ? "step" : plain;
    StepKinds known = kinds();
    String code = stem;
    for (int i = 2; known.knows(code); i++) {
      code = stem + "-" + i;
    }
    return code;
  }
}
