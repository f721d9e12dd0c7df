package ironshelf.plan.basis;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import java.util.List;
import java.util.Map;

/**
 * The shop as the plan sees it at a moment.
 *
 * @param copies the ids of each mould's copies, as the request numbers them
 * @param lineOf the lines of what has begun, by its name; several where pieces of one group are
 *     tied to several
 * @param what has begun, by its name
 * @param idle lines whose mould has no copy in use, or whose product has no route, or a part of it
 * @param askedParts parts to be poured for each thing that was asked for besides
 */
public record PlanBasis(
    PlanRequest request,
    Map<String, List<Long>> copies,
    Map<String, List<Long>> lineOf,
    Map<String, PlanContent.BegunPieces> what,
    List<Long> idle,
    List<List<Demand>> askedParts) {}
