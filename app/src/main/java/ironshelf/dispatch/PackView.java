package ironshelf.dispatch;

import ironshelf.access.Money;
import ironshelf.core.dispatch.Parcels;
import ironshelf.standin.Carrier;
import java.util.List;

/** Parcels as they would be, and what each carrier asks for them. */
public record PackView(Parcels parcels, @Money List<Carrier.Rate> rates) {}
