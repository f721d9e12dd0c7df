package ironshelf.material;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MaterialController {

  private final MaterialService materials;

  MaterialController(MaterialService materials) {
    this.materials = materials;
  }

  @GetMapping("/api/materials")
  List<StockView> stock() {
    return materials.stock();
  }
}
