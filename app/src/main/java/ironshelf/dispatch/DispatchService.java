package ironshelf.dispatch;

import static java.util.Objects.requireNonNull;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.act.ActService;
import ironshelf.core.dispatch.Packing;
import ironshelf.core.dispatch.Parcels;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderService;
import ironshelf.standin.Carrier;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs, books and sends; the order and the shelf follow at once. */
@Service
@Transactional
public class DispatchService {

  private final DispatchRepository dispatches;
  private final Picking picking;
  private final OrderService orders;
  private final AllotmentService allotments;
  private final Carrier carrier;
  private final ActService acts;
  private final Clock clock;

  DispatchService(
      DispatchRepository dispatches,
      Picking picking,
      OrderService orders,
      AllotmentService allotments,
      Carrier carrier,
      ActService acts,
      Clock clock) {
    this.dispatches = dispatches;
    this.picking = picking;
    this.orders = orders;
    this.allotments = allotments;
    this.carrier = carrier;
    this.acts = acts;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<PickView> picks() {
    return picking.list();
  }

  @Transactional(readOnly = true)
  public List<Carrier.CarrierService> services() {
    return carrier.services();
  }

  /** The fewest parcels for what is ready of an order, and what carriers ask for them. */
  @Transactional(readOnly = true)
  public PackView pack(long orderId, PackRequest request) {
    Parcels parcels = parcels(orderId, request);
    return new PackView(parcels, carrier.rates(toSend(parcels)));
  }

  private Parcels parcels(long orderId, PackRequest request) {
    Map<Long, PickView.PickPiece> ready = ready(orderId);
    List<Long> chosen =
        request.pieceIds() == null ? List.copyOf(ready.keySet()) : request.pieceIds();
    List<Packing.ToPack> pieces = new ArrayList<>();
    for (long id : chosen) {
      PickView.@Nullable PickPiece piece = ready.get(id);
      if (piece == null) {
        throw ProblemException.conflict("piece.notReady", Map.of("piece", id));
      }
      pieces.add(new Packing.ToPack(String.valueOf(id), piece.massKg()));
    }
    double mostKg =
        carrier.services().stream()
            .filter(s -> s.code().equals(request.carrier()))
            .mapToDouble(Carrier.CarrierService::mostKg)
            .findFirst()
            .orElseThrow(
                () -> ProblemException.unknown("carrier", requireNonNull(request.carrier())));
    return Parcels.of(
        new Packing(pieces, mostKg, request.boxKg(), Math.min(mostKg, request.aloneFromKg())));
  }

  private Map<Long, PickView.PickPiece> ready(long orderId) {
    return picking.of(orders.order(orderId)).places().stream()
        .flatMap(p -> p.pieces().stream())
        .collect(
            toMap(PickView.PickPiece::pieceId, identity(), (a, b) -> a, java.util.TreeMap::new));
  }

  private static List<Carrier.ToSend> toSend(Parcels parcels) {
    List<Carrier.ToSend> toSend = new ArrayList<>();
    for (Parcels.Parcel parcel : parcels.parcels()) {
      toSend.add(new Carrier.ToSend(toSend.size() + 1, parcel.massKg()));
    }
    return toSend;
  }

  /**
   * Books the parcels and notes them gone, once for the key. Where the carrier fails, nothing is.
   */
  public DispatchView send(String key, long orderId, PackRequest request) {
    return dispatch(acts.once(key, "dispatch", () -> send(orderId, request)));
  }

  private long send(long orderId, PackRequest request) {
    // Nothing is booked with the carrier that another has just sent.
    allotments.hold(orderId);
    Parcels parcels = parcels(orderId, request);
    Map<Long, PickView.PickPiece> ready = ready(orderId);
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    String code = requireNonNull(request.carrier());
    List<Carrier.Booked> booked =
        carrier.book(code, toSend(parcels), picking.of(orders.order(orderId)).address());
    String name =
        carrier.services().stream()
            .filter(s -> s.code().equals(code))
            .map(Carrier.CarrierService::name)
            .findFirst()
            .orElse(code);
    Dispatch dispatch = new Dispatch(orderId, name, now);
    for (int i = 0; i < booked.size(); i++) {
      Parcels.Parcel parcel = parcels.parcels().get(i);
      ParcelEntity entity =
          new ParcelEntity(
              dispatch, i + 1, parcel.massKg(), booked.get(i).rate(), booked.get(i).tracking());
      for (String piece : parcel.pieces()) {
        long id = Long.parseLong(piece);
        entity.add(id, ready.get(id).lineId());
      }
      dispatch.add(entity);
    }
    Dispatch kept = dispatches.saveAndFlush(dispatch);
    allotments.sent(kept.pieceIds(), now);
    return kept.id();
  }

  /** It did not go after all: its pieces are ready on the shelf again. */
  public DispatchView undo(long id) {
    Dispatch dispatch = entity(id);
    if (dispatch.isUndone()) {
      throw ProblemException.conflict("dispatch.undone", Map.of());
    }
    dispatch.undo(clock.instant());
    allotments.sent(dispatch.pieceIds(), null);
    return dispatch.view();
  }

  @Transactional(readOnly = true)
  public DispatchView dispatch(long id) {
    return entity(id).view();
  }

  @Transactional(readOnly = true)
  public List<DispatchView> ofOrder(long orderId) {
    return dispatches.findByOrderIdOrderByIdDesc(orderId).stream().map(Dispatch::view).toList();
  }

  /** The last ones, newest first. */
  @Transactional(readOnly = true)
  public List<DispatchView> recent() {
    return dispatches.findTop50ByUndoneAtIsNullOrderByIdDesc().stream()
        .map(Dispatch::view)
        .toList();
  }

  private Dispatch entity(long id) {
    return dispatches.findById(id).orElseThrow(() -> ProblemException.unknown("dispatch", id));
  }
}
