package ironshelf.core.route;

/** What a kind of step does to a piece. Rules are about effects, so that own kinds obey them. */
public enum Effect {
  /** Adds mix in a mould: the pour. */
  POURS,
  /** The wait in the mould that lasts as the recipe says. */
  SETS,
  /** Frees the mould. */
  FREES_MOULD,
  /** Keeps the piece wet; under water it leaves slime. */
  WETS,
  /** Takes slime off. */
  WASHES,
  /** Water leaves; without a wait of its own it lasts as the recipe says. */
  DRIES,
  /** Leaves a film, sealer or oil. */
  COATS,
  /** Cuts, drills or grinds into the surface, with dust. */
  CUTS,
  /** Is easiest while the piece is green. */
  WHILE_GREEN,
  /** Warms the piece. */
  HEATS,
  /** Fills the vessel, with wax as a rule. */
  FILLS,
  /** The piece goes on the scale. */
  WEIGHS,
  /** Takes parts and makes one piece of them. */
  JOINS,
  /** The piece is looked at and graded. */
  GRADES,
  /** Nothing comes after it. */
  ENDS
}
