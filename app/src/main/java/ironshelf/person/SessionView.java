package ironshelf.person;

import ironshelf.access.Role;
import ironshelf.device.DeviceKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who is here, as the page needs to know before it shows anything.
 *
 * @param role what they may do; null where nobody is signed in
 * @param personId who is signed in; null for nobody, the own machine and a screen
 * @param ownMachine whether this is the machine that the application runs on
 * @param device the paired device's name
 * @param deviceKind what it is for
 * @param names whose PINs this device takes
 */
record SessionView(
    @Nullable Role role,
    @Nullable Long personId,
    @Nullable String name,
    boolean ownMachine,
    @Nullable String device,
    @Nullable DeviceKind deviceKind,
    List<NameView> names) {

  /** Somebody who can be tapped. */
  record NameView(long id, String name) {}
}
