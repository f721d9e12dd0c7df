package ironshelf.core.pour.script;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/** What a fact of a pour says. */
public sealed interface What {

  /** The longest reason, in characters. */
  int MOST_WORDS = 200;

  void tell(Listener to);

  /** Hears what happened, each kind by its own method. */
  interface Listener {
    void checked(Checked f);

    void weighed(WeighedIn f);

    void asAsked(AsAsked f);

    void putIn(PutIn f);

    void followed(Followed f);

    void wetted(Wetted f);

    void filled(Filled f);

    void leftOut(LeftOut f);

    void added(Added f);

    void mixedMore(MixedMore f);

    void splitOff(SplitOff f);

    void emptied(Emptied f);

    void tapped(Tapped f);

    void leftWeighed(LeftWeighed f);

    void thrown(Thrown f);

    void recorded(Recorded f);

    void abandoned(Abandoned f);

    void takenBack(TakenBack f);
  }

  /** Something of the sheet's checks was looked at. */
  record Checked(String check) implements What {
    public Checked {
      new Findings().text("check", check, 80).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.checked(this);
    }
  }

  /**
   * So much went in.
   *
   * @param more whether further additions to the same line follow: water by and by
   */
  record WeighedIn(String line, double kg, @Nullable Source source, boolean more) implements What {
    public WeighedIn {
      new Findings()
          .text("line", line, 80)
          .within("kg", kg, 0, Findings.MAX_MASS_KG)
          .present("source", source)
          .orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.weighed(this);
    }
  }

  /** All that was still to weigh of a mix went in as asked; nobody measured it. */
  record AsAsked(String mix) implements What {
    public AsAsked {
      new Findings().text("mix", mix, 40).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.asAsked(this);
    }
  }

  /**
   * Something went in that the sheet does not ask for: more pigment, a little water.
   *
   * @param litresPerKg as for a line of the sheet
   */
  record PutIn(
      String mix,
      String material,
      @Nullable Role role,
      double kg,
      double litresPerKg,
      @Nullable Source source)
      implements What {
    public PutIn {
      new Findings()
          .text("mix", mix, 40)
          .text("material", material, 80)
          .present("role", role)
          .above("kg", kg, 0, Findings.MAX_MASS_KG)
          .within("litresPerKg", litresPerKg, 0, 1_000)
          .present("source", source)
          .orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.putIn(this);
    }
  }

  /** The rest of a mix follows what went in wrong: everything asked is multiplied, 0.1 to 10. */
  record Followed(String mix, double factor) implements What {
    public Followed {
      new Findings().text("mix", mix, 40).within("factor", factor, 0.1, 10).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.followed(this);
    }
  }

  /** Powder met water: the working time runs. */
  record Wetted(String mix) implements What {
    public Wetted {
      new Findings().text("mix", mix, 40).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.wetted(this);
    }
  }

  /**
   * Mix went into a copy.
   *
   * @param all whether it is full with this
   * @param kg of wet mix; null where nobody weighed it
   * @param cavities that were filled where not all were; null: all
   */
  record Filled(
      String copy,
      String batch,
      boolean all,
      @Nullable Double kg,
      @Nullable Source source,
      @Nullable Integer cavities)
      implements What {
    public Filled {
      source = source == null ? (kg == null ? Source.ASSUMED : Source.TYPED) : source;
      Findings findings = new Findings().text("copy", copy, 40).text("batch", batch, 40);
      if (kg != null) {
        findings.above("kg", kg, 0, Findings.MAX_MASS_KG);
      }
      if (cavities != null) {
        findings.within("cavities", cavities, 1, 1_000);
      }
      findings.orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.filled(this);
    }
  }

  /** A copy is not filled in this pour, or stays as it is where it holds a part. */
  record LeftOut(String copy, String why) implements What {
    public LeftOut {
      new Findings().text("copy", copy, 40).text("why", why, What.MOST_WORDS).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.leftOut(this);
    }
  }

  /**
   * A copy that was not planned is filled too.
   *
   * @param product what it becomes, as the shop names it; null where that is known otherwise
   * @param line of an order that it is for; null: for stock
   */
  record Added(
      PourSheet.@Nullable PlannedCopy copy, @Nullable String product, @Nullable String line)
      implements What {
    public Added {
      new Findings().present("copy", copy).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.added(this);
    }
  }

  /**
   * A further batch in the proportions in which the one before really went in.
   *
   * @param batch its key
   * @param like the batch that it is to match
   * @param litres to mix, over 0
   */
  record MixedMore(String batch, String like, double litres) implements What {
    public MixedMore {
      new Findings()
          .text("batch", batch, 40)
          .text("like", like, 40)
          .above("litres", litres, 0, 5_000)
          .orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.mixedMore(this);
    }
  }

  /**
   * Part of a bowl becomes a bowl of its own, in another colour or thinner.
   *
   * @param batch the key of what it becomes
   * @param mix that it is taken from
   */
  record SplitOff(String batch, String mix, double kg, String colour) implements What {
    public SplitOff {
      new Findings()
          .text("batch", batch, 40)
          .text("mix", mix, 40)
          .above("kg", kg, 0, Findings.MAX_MASS_KG)
          .text("colour", colour, 80)
          .orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.splitOff(this);
    }
  }

  /**
   * Nothing is left in the bowls of a batch, whatever the sum says: what it says is left is not
   * accounted for.
   */
  record Emptied(String batch) implements What {
    public Emptied {
      new Findings().text("batch", batch, 40).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.emptied(this);
    }
  }

  /** What a batch filled was tapped, struck off, rammed, lettered or hung. */
  record Tapped(String batch) implements What {
    public Tapped {
      new Findings().text("batch", batch, 40).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.tapped(this);
    }
  }

  /** What is left in the bowls when all is filled. */
  record LeftWeighed(double kg, @Nullable Source source) implements What {
    public LeftWeighed {
      new Findings().within("kg", kg, 0, Findings.MAX_MASS_KG).present("source", source).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.leftWeighed(this);
    }
  }

  /**
   * Mix was thrown away.
   *
   * @param kg null: all that the bowl held
   */
  record Thrown(String batch, @Nullable Double kg, String why) implements What {
    public Thrown {
      Findings findings = new Findings().text("batch", batch, 40).text("why", why, What.MOST_WORDS);
      if (kg != null) {
        findings.above("kg", kg, 0, Findings.MAX_MASS_KG);
      }
      findings.orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.thrown(this);
    }
  }

  /** The pour is over and stands as it is. */
  record Recorded() implements What {
    @Override
    public void tell(Listener to) {
      to.recorded(this);
    }
  }

  /** The pour came to nothing. */
  record Abandoned(String why) implements What {
    public Abandoned {
      new Findings().text("why", why, What.MOST_WORDS).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.abandoned(this);
    }
  }

  /** An earlier fact never happened. */
  record TakenBack(String fact) implements What {
    public TakenBack {
      new Findings().text("fact", fact, 64).orRefuse();
    }

    @Override
    public void tell(Listener to) {
      to.takenBack(this);
    }
  }
}
