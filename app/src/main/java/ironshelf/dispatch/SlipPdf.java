package ironshelf.dispatch;

import static java.util.Objects.requireNonNull;

import ironshelf.core.dispatch.Parcels;
import ironshelf.core.finish.WaxFill;
import ironshelf.customer.CustomerService;
import ironshelf.material.MaterialService;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.print.Paper;
import ironshelf.print.TextPage;
import ironshelf.print.TextPage.Style;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.WaxKept;
import ironshelf.recipe.RecipeService;
import ironshelf.style.ShopWriter;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The packing slip and the address labels of a dispatch. */
@Component
@Transactional(readOnly = true)
class SlipPdf {

  /** A label of 100 x 60 mm. */
  private static final PDRectangle LABEL =
      new PDRectangle(100 * Paper.POINTS_PER_MM, 74 * Paper.POINTS_PER_MM);

  private final DispatchService dispatches;
  private final OrderService orders;
  private final CustomerService customers;
  private final PieceService pieces;
  private final ProductService products;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final WorkshopService workshop;
  private final ShopWriter writer;
  private final Clock clock;

  SlipPdf(
      DispatchService dispatches,
      OrderService orders,
      CustomerService customers,
      PieceService pieces,
      ProductService products,
      RecipeService recipes,
      MaterialService materials,
      WorkshopService workshop,
      ShopWriter writer,
      Clock clock) {
    this.dispatches = dispatches;
    this.orders = orders;
    this.customers = customers;
    this.pieces = pieces;
    this.products = products;
    this.recipes = recipes;
    this.materials = materials;
    this.workshop = workshop;
    this.writer = writer;
    this.clock = clock;
  }

  byte[] slip(long dispatchId, @Nullable Paper paper) {
    DispatchView dispatch = dispatches.dispatch(dispatchId);
    OrderView order = orders.order(dispatch.orderId());
    WorkshopView shop = workshop.view();
    TextPage page = new TextPage(Paper.chosen(paper, writer.style()).size());
    page.line(Style.TITLE, "Packing slip", 0);
    page.line(Style.SMALL, shop.name() + ", order " + order.number() + ", " + date(dispatch), 0);
    page.gap(4).line(Style.HEAD, order.customer(), 0);
    address(page, Style.TEXT, customers.customer(order.customerId()).address());
    page.gap(4).line(Style.HEAD, "ordered", 0, "in this delivery", 110, "to come", 150);
    for (OrderLineView line : order.lines()) {
      long here = here(dispatch, line);
      page.line(
          Style.TEXT,
          line.quantity() + " " + line.product() + ", " + line.colourway(),
          0,
          String.valueOf(here),
          110,
          String.valueOf(Math.max(0, line.quantity() - line.refunded() - line.sent())),
          150);
    }
    for (DispatchView.ParcelView parcel : dispatch.parcels()) {
      page.gap(4)
          .line(
              Style.HEAD,
              "parcel " + parcel.number() + " of " + dispatch.parcels().size(),
              0,
              writer.mass(parcel.massKg().doubleValue()),
              110,
              parcel.tracking(),
              136);
      if (parcel.massKg().doubleValue() > Parcels.LIFT_KG) {
        page.line(Style.SMALL, "Heavy: two people or a trolley.", 0);
      }
      names(parcel).forEach((name, count) -> page.line(Style.TEXT, count + " " + name, 6));
      waxes(parcel).forEach(wax -> page.line(Style.SMALL, wax, 6));
    }
    if (order.note() != null) {
      page.gap(4).line(Style.TEXT, order.note(), 0);
    }
    return page.done();
  }

  byte[] labels(long dispatchId) {
    DispatchView dispatch = dispatches.dispatch(dispatchId);
    OrderView order = orders.order(dispatch.orderId());
    WorkshopView shop = workshop.view();
    TextPage page = new TextPage(LABEL);
    for (DispatchView.ParcelView parcel : dispatch.parcels()) {
      if (parcel.number() > 1) {
        page.next();
      }
      address(page, Style.SMALL, shop.address() == null ? shop.name() : shop.address());
      page.gap(3).line(Style.HEAD, order.customer(), 0);
      address(page, Style.TEXT, customers.customer(order.customerId()).address());
      page.gap(2)
          .line(
              Style.SMALL,
              parcel.number()
                  + " of "
                  + dispatch.parcels().size()
                  + ", "
                  + writer.mass(parcel.massKg().doubleValue())
                  + ", "
                  + parcel.tracking(),
              0);
    }
    return page.done();
  }

  private static void address(TextPage page, Style style, @Nullable String address) {
    if (address != null) {
      address.lines().forEach(l -> page.line(style, l, 0));
    }
  }

  private Map<String, Long> names(DispatchView.ParcelView parcel) {
    Map<Long, ProductView> all = products.all();
    return pieces.byIds(parcel.pieceIds()).stream()
        .collect(
            Collectors.groupingBy(
                p ->
                    all.get(p.productId()).name()
                        + ", "
                        + recipes.colourway(p.colourwayId()).name(),
                LinkedHashMap::new,
                Collectors.counting()));
  }

  /** What its vessels are filled with, a line a product. */
  private List<String> waxes(DispatchView.ParcelView parcel) {
    Map<Long, ProductView> all = products.all();
    return pieces.byIds(parcel.pieceIds()).stream()
        .map(p -> all.get(p.productId()))
        .distinct()
        .filter(p -> p.wax() != null)
        .map(p -> p.name() + ": " + filled(requireNonNull(p.wax())))
        .toList();
  }

  private String filled(WaxKept wax) {
    WaxFill fill = WaxFill.of(wax.fill());
    String scent =
        wax.fragranceId() == null || fill.fragranceKg() == 0
            ? ""
            : ", of it " + writer.mass(fill.fragranceKg()) + " " + named(wax.fragranceId());
    String wicks =
        wax.wicks() == 0 ? "" : ", " + wax.wicks() + (wax.wicks() == 1 ? " wick" : " wicks");
    return "each " + writer.mass(fill.totalKg()) + " of " + named(wax.waxId()) + scent + wicks;
  }

  private String named(long materialId) {
    return requireNonNull(materials.byIds(List.of(materialId)).get(materialId)).name();
  }

  private long here(DispatchView dispatch, OrderLineView line) {
    return dispatch.parcels().stream()
        .flatMap(p -> pieces.byIds(p.pieceIds()).stream())
        .filter((PieceView p) -> p.productId() == line.productId())
        .filter(p -> p.colourwayId() == line.colourwayId())
        .count();
  }

  private String date(DispatchView dispatch) {
    return writer.date(LocalDate.ofInstant(dispatch.sentAt(), clock.getZone()));
  }
}
