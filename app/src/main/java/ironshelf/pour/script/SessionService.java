package ironshelf.pour.script;

import ironshelf.access.Asker;
import ironshelf.act.ActService;
import ironshelf.core.pour.script.PourFact;
import ironshelf.core.pour.script.PourScript;
import ironshelf.core.pour.script.PourState;
import ironshelf.core.pour.script.What;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.OrderService;
import ironshelf.pour.Meant;
import ironshelf.pour.PourBooks;
import ironshelf.pour.PourUndone;
import ironshelf.pour.sheet.MeantService;
import ironshelf.pour.sheet.PourSheetService;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Opens pours, notes what happens at them, and keeps the books accordingly. */
@Service
@Transactional
public class SessionService {

  private final PourSessionRepository sessions;
  private final NotedFactRepository facts;
  private final MeantService meanings;
  private final PourBooks books;
  private final AddedCopies added;
  private final OrderService orders;
  private final ActService acts;
  private final StateWords words;
  private final PourSheetService sheets;
  private final JsonMapper mapper;

  SessionService(
      PourSessionRepository sessions,
      NotedFactRepository facts,
      MeantService meanings,
      PourBooks books,
      AddedCopies added,
      OrderService orders,
      ActService acts,
      StateWords words,
      PourSheetService sheets,
      JsonMapper mapper) {
    this.sessions = sessions;
    this.facts = facts;
    this.meanings = meanings;
    this.books = books;
    this.added = added;
    this.orders = orders;
    this.acts = acts;
    this.words = words;
    this.sheets = sheets;
    this.mapper = mapper;
  }

  /** Opens a pour, once for its key. */
  public PourSessionView open(String key, PourOpening opening, Instant at) {
    long id =
        acts.once(
            key, "pour-open", () -> open(meant(opening, at), shown(opening, at), at).pourId());
    return view(id);
  }

  /** What it would be if it were opened; keeps nothing. */
  @Transactional(readOnly = true)
  public PourSessionView preview(PourOpening opening, Instant at) {
    Meant meant = meant(opening, null);
    PourState state = PourScript.of(meant.sheet(), List.of()).state();
    return new PourSessionView(
        0, at, null, meant, shown(opening, at), List.of(), words.of(meant, state));
  }

  /** Where a pour would stand that is only practised. */
  @Transactional(readOnly = true)
  public PourStateView practice(Meant meant, List<PourFact> practised) {
    return words.of(meant, PourScript.of(meant.sheet(), practised).state());
  }

  private Meant meant(PourOpening opening, @Nullable Instant when) {
    return meanings.meant(opening.sheet(), opening.lines(), Map.of(), when, opening.earlyReason());
  }

  private JsonNode shown(PourOpening opening, Instant at) {
    return mapper.valueToTree(sheets.sheet(opening.sheet(), at));
  }

  PourSession open(Meant meant, @Nullable JsonNode shown, Instant at) {
    for (Meant.MeantCopy copy : meant.copies()) {
      if (copy.lineId() != null) {
        orders.lineFor(copy.lineId(), copy.productId(), meant.colourwayId());
      }
    }
    Instant kept = at.truncatedTo(ChronoUnit.MICROS);
    return sessions.save(new PourSession(books.open(meant, kept), meant, shown, kept));
  }

  /** Notes what happened; a fact that is known changes nothing. */
  public PourSessionView note(long id, List<PourFact> more, Instant at) {
    PourSession session =
        sessions.toChange(id).orElseThrow(() -> ProblemException.unknown("pour", id));
    if (books.isUndone(id)) {
      throw ProblemException.conflict("pour.wasUndone", Map.of("pour", id));
    }
    PourState state = note(session, more, null, true, at);
    return view(session, facts(id), state);
  }

  /**
   * @param fillingMin where it was measured otherwise than by the facts' moments
   * @param acceptShort whether lots may go below zero
   * @return where the pour stands with them
   */
  PourState note(
      PourSession session,
      List<PourFact> more,
      @Nullable Double fillingMin,
      boolean acceptShort,
      Instant at) {
    List<PourFact> known = facts(session.pourId());
    List<PourFact> all = new ArrayList<>(known);
    more.forEach(fact -> all.add(signed(fact)));
    PourScript script = PourScript.of(session.meant().sheet(), all);
    Set<String> keys = known.stream().map(PourFact::key).collect(Collectors.toSet());
    for (PourFact fact : script.facts()) {
      if (!keys.contains(fact.key())) {
        if (fact.what() instanceof What.SplitOff split) {
          added.refuseColour(session.meant(), split);
        }
        if (fact.what() instanceof What.PutIn extra) {
          added.refuseUnknown(extra);
        }
        facts.save(new NotedFact(session.pourId(), fact, at));
      }
    }
    PourState state = script.state();
    session.stands(state.status(), at);
    List<Meant.MeantCopy> copies = new ArrayList<>(session.meant().copies());
    for (PourFact fact : script.facts()) {
      if (fact.what() instanceof What.Added a) {
        copies.add(added.copy(a));
      }
    }
    books.settle(
        session.pourId(),
        session.meant(),
        copies,
        state,
        fillingMin == null ? state.fillingMin() : fillingMin,
        acceptShort,
        at.truncatedTo(ChronoUnit.MICROS));
    return state;
  }

  /** A pour that was taken back as a whole goes on no longer. */
  @EventListener
  public void undone(PourUndone undone) {
    sessions
        .toChange(undone.pour())
        .ifPresent(session -> session.stands(PourState.Status.ABANDONED, undone.at()));
  }

  /** The pours that go on now, the oldest first. */
  @Transactional(readOnly = true)
  public List<PourSessionView> open() {
    return sessions.findByStatusOrderByOpenedAt(PourState.Status.OPEN).stream()
        .map(this::view)
        .toList();
  }

  @Transactional(readOnly = true)
  public PourSessionView view(long id) {
    return view(sessions.findById(id).orElseThrow(() -> ProblemException.unknown("pour", id)));
  }

  private PourSessionView view(PourSession session) {
    List<PourFact> known = facts(session.pourId());
    return view(session, known, PourScript.of(session.meant().sheet(), known).state());
  }

  private PourSessionView view(PourSession session, List<PourFact> known, PourState state) {
    return new PourSessionView(
        session.pourId(),
        session.openedAt(),
        session.closedAt(),
        session.meant(),
        session.shown(),
        known,
        words.of(session.meant(), state));
  }

  private List<PourFact> facts(long pourId) {
    return facts.findByPourIdOrderById(pourId).stream().map(NotedFact::fact).toList();
  }

  /** With the name of who is signed in, whatever the bench says; else with what the bench says. */
  private static PourFact signed(PourFact fact) {
    return Asker.current()
        .map(Asker::name)
        .map(name -> new PourFact(fact.key(), fact.at(), fact.bench(), name, fact.what()))
        .orElse(fact);
  }
}
