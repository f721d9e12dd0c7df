package ironshelf.core;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;

/**
 * Words stand on each other without cycles; {@code MayUseTest} of the application holds what each
 * says it may use.
 */
class BoundaryTest {

  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("ironshelf.core");

  @Test
  void wordsHaveNoCycles() {
    slices().matching("ironshelf.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void packagesOfAWordHaveNoCycles() {
    slices().matching("ironshelf.core.(**)").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void coreKnowsNothingOfTheOutside() {
    ArchRuleDefinition.noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "com.fasterxml..",
            "tools.jackson..",
            "jakarta..",
            "java.sql..")
        .check(CORE);
  }
}
