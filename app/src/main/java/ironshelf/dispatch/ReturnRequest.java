package ironshelf.dispatch;

import ironshelf.core.quantity.Findings;

/**
 * A piece that came back.
 *
 * @param sound whether it goes back on the shelf; it is scrap otherwise
 * @param replaced whether another is made for it
 */
public record ReturnRequest(long pieceId, String reason, boolean sound, boolean replaced) {
  public ReturnRequest {
    new Findings().text("reason", reason, 200).orRefuse();
  }
}
