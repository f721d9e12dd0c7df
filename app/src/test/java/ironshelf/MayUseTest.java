package ironshelf;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Each package says in its {@code package-info} which others it may use, and uses those and no
 * others. {@code -Duses.write=true} writes the lists anew, for somebody to read before they are
 * kept. Of another word its name is enough; of the own word each package is named.
 */
class MayUseTest {

  private static final Pattern DECLARED = Pattern.compile("(?s)<p>May use: (.*?)\\.?\\s*\\*/");
  private static final JavaPackage ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("ironshelf")
          .getPackage("ironshelf");

  private static final String NOTHING = "nothing of ours";

  /** Where the sources of a package lie, and how its neighbours are called in it. */
  private record Home(String own) {

    boolean isCore() {
      return own.startsWith("ironshelf.core");
    }

    Path file() {
      return Path.of(isCore() ? "../core/src/main/java" : "src/main/java")
          .resolve(own.replace('.', '/'))
          .resolve("package-info.java");
    }

    /** In a word of the core, other words of the core are not called so. */
    String call(String used) {
      String base =
          isCore() || used.startsWith("ironshelf.core.") ? "ironshelf.core." : "ironshelf.";
      String path = used.substring(base.length());
      String word = path.replaceFirst("\\..*", "");
      boolean ownWord = own.equals(base + word) || own.startsWith(base + word + ".");
      String called = ownWord ? path : word;
      return !isCore() && base.equals("ironshelf.core.") ? "core " + called : called;
    }
  }

  private static Set<String> uses(JavaPackage of) {
    Home home = new Home(of.getName());
    Set<String> uses = new TreeSet<>();
    for (JavaClass user : of.getClasses()) {
      for (Dependency dependency : user.getDirectDependenciesFromSelf()) {
        String used = dependency.getTargetClass().getBaseComponentType().getPackageName();
        if (used.startsWith("ironshelf.") && !used.equals(of.getName())) {
          uses.add(home.call(used));
        }
      }
    }
    return uses;
  }

  private static Set<String> declared(String source) {
    Matcher list = DECLARED.matcher(source);
    if (!list.find()) {
      return Set.of();
    }
    String text = list.group(1).replaceAll("\\s*\\*\\s*", " ").strip();
    return text.equals(NOTHING) ? Set.of() : new TreeSet<>(List.of(text.split(",\\s*")));
  }

  private static String with(String source, Set<String> uses) {
    String list = uses.isEmpty() ? NOTHING : String.join(", ", uses);
    String line = "<p>May use: " + list + ".\n */";
    Matcher before = DECLARED.matcher(source);
    return before.find()
        ? before.replaceFirst(Matcher.quoteReplacement(line))
        : source.replaceFirst("\\s*\\*/", Matcher.quoteReplacement("\n *\n * " + line));
  }

  @Test
  void eachPackageUsesWhatItSays() throws IOException {
    List<String> wrong = new ArrayList<>();
    for (JavaPackage one : ALL.getSubpackagesInTree()) {
      if (one.getClasses().isEmpty()) {
        continue;
      }
      Path file = new Home(one.getName()).file();
      Set<String> uses = uses(one);
      if (!Files.exists(file)) {
        wrong.add(one.getName() + " has no package-info");
        continue;
      }
      String source = Files.readString(file, UTF_8);
      if (Boolean.getBoolean("uses.write")) {
        Files.writeString(file, with(source, uses), UTF_8);
        continue;
      }
      Set<String> more = new TreeSet<>(uses);
      more.removeAll(declared(source));
      more.forEach(m -> wrong.add(one.getName() + " uses " + m + " without saying so"));
      Set<String> less = new TreeSet<>(declared(source));
      less.removeAll(uses);
      less.forEach(l -> wrong.add(one.getName() + " says that it uses " + l + ", and does not"));
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void packagesAreSmall() {
    List<String> tooLarge = new ArrayList<>();
    for (JavaPackage one : ALL.getSubpackagesInTree()) {
      long types =
          one.getClasses().stream()
              .filter(c -> !c.isArray() && !c.getName().contains("$"))
              .filter(c -> !c.getSimpleName().equals("package-info"))
              .count();
      int most = new Home(one.getName()).isCore() ? 15 : 20;
      if (types > most) {
        tooLarge.add(one.getName() + " has " + types + " types; at most " + most);
      }
    }
    assertThat(tooLarge).isEmpty();
  }
}
