package ironshelf.plan;

/** Why a plan was made. */
enum PlanCause {
  /** Somebody asked for it. */
  ASKED,
  /** What it stood on has changed: poured, broken, ordered, called off. */
  FACTS,
  /** A cast was put elsewhere by hand. */
  MOVED,
  /** A promise was accepted. */
  PROMISE
}
