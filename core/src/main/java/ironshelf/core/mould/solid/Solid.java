package ironshelf.core.mould.solid;

/**
 * A shape that a mould's cavity, its core or an insert has: one that is {@link Drawn} from its
 * measures, or one of which only the volume is known.
 */
public sealed interface Solid permits Drawn, Measured, Sheet {

  double MM3_PER_LITRE = 1e6;

  /** Returns the whole volume in litres. */
  double litres();
}
