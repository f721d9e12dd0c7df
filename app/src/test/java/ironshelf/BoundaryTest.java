package ironshelf;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.data.repository.Repository;

/** Words talk to each other through services, never through entities or repositories. */
@Execution(ExecutionMode.CONCURRENT)
class BoundaryTest {

  private static final JavaClasses APP =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(location -> !location.contains("ironshelf/core"))
          .importPackages("ironshelf");

  private static final DescribedPredicate<JavaClass> STORED =
      DescribedPredicate.describe(
          "entities and repositories",
          c ->
              c.getPackageName().startsWith("ironshelf")
                  && (c.isAnnotatedWith("jakarta.persistence.Entity")
                      || c.isAssignableTo(Repository.class)));

  private static String word(JavaClass of) {
    return of.getPackageName().replaceFirst("(ironshelf\\.\\w+).*", "$1");
  }

  @Test
  void whatIsStoredStaysInItsWord() {
    ArchRuleDefinition.classes()
        .should(
            new ArchCondition<>("use only their own word's entities and repositories") {
              @Override
              public void check(JavaClass user, ConditionEvents events) {
                user.getDirectDependenciesFromSelf().stream()
                    .filter(d -> STORED.test(d.getTargetClass()))
                    .filter(d -> !word(d.getTargetClass()).equals(word(user)))
                    .forEach(d -> events.add(SimpleConditionEvent.violated(d, d.getDescription())));
              }
            })
        .check(APP);
  }

  @Test
  void wordsHaveNoCycles() {
    slices().matching("ironshelf.(*)..").should().beFreeOfCycles().check(APP);
  }

  @Test
  void packagesOfAWordHaveNoCycles() {
    slices().matching("ironshelf.(**)").should().beFreeOfCycles().check(APP);
  }

  @Test
  void onlyHttpKnowsWeb() {
    ArchRuleDefinition.noClasses()
        .that()
        .haveSimpleNameEndingWith("Service")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("org.springframework.web..")
        .check(APP);
  }
}
