package ironshelf.read;

import java.util.List;

/**
 * Something that is missing, where it matters, and where it is mended.
 *
 * @param code for example {@code missing.lot}
 * @param about what it matters to: {@code product-3}, {@code recipe-1}, {@code order-7}, ...
 * @param path of the page that mends it
 * @param key what the key says that goes there
 */
public record MissingView(
    String code, List<String> about, String message, String path, String key) {}
