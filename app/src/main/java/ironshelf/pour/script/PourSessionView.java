package ironshelf.pour.script;

import io.swagger.v3.oas.annotations.media.Schema;
import ironshelf.core.pour.script.PourFact;
import ironshelf.pour.Meant;
import ironshelf.pour.sheet.SheetView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A pour with what was meant, what happened and where it stands.
 *
 * @param id 0 while it is not opened
 * @param sheet as it was shown when the pour was opened, word for word; null for pours of before it
 *     was kept
 * @param facts all of them, those taken back as well
 */
public record PourSessionView(
    long id,
    Instant openedAt,
    @Nullable Instant closedAt,
    Meant meant,
    @Schema(implementation = SheetView.class) @Nullable JsonNode sheet,
    List<PourFact> facts,
    PourStateView state) {}
