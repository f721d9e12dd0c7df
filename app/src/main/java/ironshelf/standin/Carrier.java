package ironshelf.standin;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Who takes parcels away: what a real one would have to do. */
public interface Carrier {

  /** A parcel to be sent. */
  record ToSend(int number, double massKg) {}

  /**
   * A service that it offers.
   *
   * @param mostKg of one parcel
   * @param needsAddress whether it goes to somebody
   */
  record CarrierService(String code, String name, double mostKg, boolean needsAddress) {}

  /** What sending costs by a service, parcel by parcel. */
  record Rate(String code, String name, BigDecimal total, List<BigDecimal> parcels) {}

  /** A parcel that was booked. */
  record Booked(int number, String tracking, BigDecimal rate) {}

  List<CarrierService> services();

  /** What each service that takes them asks for. */
  List<Rate> rates(List<ToSend> parcels);

  /**
   * Books parcels with a service.
   *
   * @throws ironshelf.http.problem.ProblemException where the carrier fails or refuses; nothing is
   *     booked
   */
  List<Booked> book(String code, List<ToSend> parcels, @Nullable String address);
}
