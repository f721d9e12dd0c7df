package ironshelf.pour;

import java.time.Instant;
import java.util.List;

/**
 * Castings in their moulds, or pieces that go into one again, that wait for their next layer.
 *
 * @param layer its name
 * @param layerNo of the product's layers, from 0
 * @param colourwayId as ordered, which the sheet asks for
 * @param layerColourway what this layer is mixed in
 * @param mayStartAt when what is below is stiff enough
 * @param castIds none where the pieces are out
 * @param copyIds that hold them, or that are free for them
 * @param pieceIds of those that are out; none where they are in their moulds
 */
public record WaitingLayer(
    long productId,
    String product,
    String layer,
    int layerNo,
    long colourwayId,
    String layerColourway,
    String swatch,
    Instant mayStartAt,
    List<Long> castIds,
    List<Long> copyIds,
    List<String> copies,
    List<Long> pieceIds) {}
