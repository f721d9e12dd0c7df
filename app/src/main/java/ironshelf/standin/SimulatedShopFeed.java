package ironshelf.standin;

import ironshelf.workshop.WorkshopService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * The stand-in: three documents, one each time it is asked, as a shop would send them on a bad day;
 * after that nothing is new. A real shop's feed is not there yet, and says nothing. {@code
 * today+14} in them stands for the day in two weeks.
 */
@Component
class SimulatedShopFeed implements ShopFeed {

  private static final int DOCUMENTS = 3;
  private static final Pattern DAY = Pattern.compile("today([+-]\\d+)");

  private final Clock clock;
  private final WorkshopService workshop;
  private final AtomicInteger asked = new AtomicInteger();

  SimulatedShopFeed(Clock clock, WorkshopService workshop) {
    this.clock = clock;
    this.workshop = workshop;
  }

  @Override
  public String fetch() {
    int no = asked.incrementAndGet();
    return no > DOCUMENTS || !workshop.view().demo() ? "{\"messages\":[]}" : document(no);
  }

  private String document(int no) {
    try (var in =
        SimulatedShopFeed.class.getResourceAsStream("/standin/shop-feed-" + no + ".json")) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      LocalDate today = LocalDate.now(clock);
      return DAY.matcher(text)
          .replaceAll(
              m ->
                  Matcher.quoteReplacement(
                      today.plusDays(Integer.parseInt(m.group(1))).toString()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
