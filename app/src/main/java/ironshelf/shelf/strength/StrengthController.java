package ironshelf.shelf.strength;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StrengthController {

  private final StrengthService strength;
  private final TouchService touch;

  StrengthController(StrengthService strength, TouchService touch) {
    this.strength = strength;
    this.touch = touch;
  }

  @GetMapping("/api/pieces/{id}/strength")
  StrengthView strength(@PathVariable long id) {
    return strength.strength(id);
  }

  @GetMapping("/api/recipes/{id}/touch")
  TouchService.TouchView touch(@PathVariable long id) {
    return touch.touch(id);
  }
}
