package ironshelf.inspect;

import ironshelf.core.piece.cause.Defect;

/** What may be seen on a piece, and whether anything mends it. */
public record DefectView(Defect defect, String seen, String mend) {}
