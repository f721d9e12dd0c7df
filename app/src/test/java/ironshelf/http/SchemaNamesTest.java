package ironshelf.http;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** The document names records by their simple name: two that share one would become one. */
@Execution(ExecutionMode.CONCURRENT)
class SchemaNamesTest {

  @Test
  void noTwoPublicRecordsShareAName() {
    Map<String, List<String>> byName =
        new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("ironshelf")
                .stream()
                .filter(c -> c.isRecord())
                .filter(
                    c ->
                        c.getModifiers()
                            .contains(com.tngtech.archunit.core.domain.JavaModifier.PUBLIC))
                .collect(
                    Collectors.groupingBy(
                        JavaClass::getSimpleName,
                        TreeMap::new,
                        Collectors.mapping(JavaClass::getName, Collectors.toList())));
    byName.values().removeIf(names -> names.size() < 2);
    assertThat(byName).isEmpty();
  }
}
