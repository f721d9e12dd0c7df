package ironshelf.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;

/** Holds what the package-info of each word says it may use. */
class BoundaryTest {

  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("ironshelf.core");

  @Test
  void eachWordUsesOnlyWhatItDeclares() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("quantity")
        .definedBy("ironshelf.core.quantity..")
        .layer("material")
        .definedBy("ironshelf.core.material..")
        .layer("recipe")
        .definedBy("ironshelf.core.recipe..")
        .layer("mould")
        .definedBy("ironshelf.core.mould..")
        .layer("cure")
        .definedBy("ironshelf.core.cure..")
        .layer("pour")
        .definedBy("ironshelf.core.pour..")
        .layer("piece")
        .definedBy("ironshelf.core.piece..")
        .layer("finish")
        .definedBy("ironshelf.core.finish..")
        .layer("route")
        .definedBy("ironshelf.core.route..")
        .layer("plan")
        .definedBy("ironshelf.core.plan..")
        .whereLayer("quantity")
        .mayNotAccessAnyLayer()
        .whereLayer("material")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("recipe")
        .mayOnlyAccessLayers("quantity", "material")
        .whereLayer("mould")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("cure")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("pour")
        .mayOnlyAccessLayers("quantity", "material", "recipe")
        .whereLayer("piece")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("finish")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("route")
        .mayOnlyAccessLayers("quantity")
        .whereLayer("plan")
        .mayOnlyAccessLayers("quantity")
        .check(CORE);
  }

  @Test
  void aMouldsPartsStandOnEachOther() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("planar")
        .definedBy("ironshelf.core.mould.planar..")
        .layer("solid")
        .definedBy("ironshelf.core.mould.solid..")
        .layer("mesh")
        .definedBy("ironshelf.core.mould.mesh..")
        .layer("mould")
        .definedBy("ironshelf.core.mould")
        .layer("wear")
        .definedBy("ironshelf.core.mould.wear..")
        .layer("starting")
        .definedBy("ironshelf.core.mould.starting..")
        .whereLayer("planar")
        .mayNotAccessAnyLayer()
        .whereLayer("solid")
        .mayOnlyAccessLayers("planar")
        .whereLayer("mesh")
        .mayOnlyAccessLayers("planar", "solid")
        .whereLayer("mould")
        .mayOnlyAccessLayers("planar", "solid")
        .whereLayer("wear")
        .mayOnlyAccessLayers("mould")
        .whereLayer("starting")
        .mayOnlyAccessLayers("planar", "solid", "mould")
        .check(CORE);
  }

  @Test
  void wordsHaveNoCycles() {
    slices().matching("ironshelf.core.(*)..").should().beFreeOfCycles().check(CORE);
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
