package ironshelf.order.allotment;

import java.util.List;

/** The pieces that a line has, and those that it could have. */
public record LineAllotments(long lineId, List<AllotmentView> own, List<AllotmentView> free) {}
