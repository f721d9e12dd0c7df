package ironshelf.wire;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the application is made of, written down where scanners look for it (CycloneDX). */
class BillOfMaterialsTest {

  @Test
  void itNamesWhatIsShipped() throws Exception {
    try (InputStream in = getClass().getResourceAsStream("/META-INF/sbom/application.cdx.json")) {
      assertThat(in).as("made by the build").isNotNull();
      JsonNode bill = new JsonMapper().readTree(in);
      assertThat(bill.path("bomFormat").asString()).isEqualTo("CycloneDX");
      List<String> names = new ArrayList<>();
      bill.path("components").forEach(c -> names.add(c.path("name").asString()));
      assertThat(names).contains("h2", "spring-security-web", "bcpkix-jdk18on", "ironshelf-core");
    }
  }
}
