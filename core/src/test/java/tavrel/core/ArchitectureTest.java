package tavrel.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.File;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;

/**
 * Keeps the core clean: the job alone, without frameworks, files, networks or a clock of its own.
 */
@AnalyzeClasses(packages = "tavrel.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule knows_only_java_itself_the_sun_chance_and_search =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "tavrel.core..",
              "java.lang..",
              "java.util..",
              "java.time..",
              "java.math..",
              "org.jspecify..",
              "org.shredzone..",
              "org.apache.commons.rng..",
              "org.apache.commons.statistics..",
              "ai.timefold..");

  @ArchTest
  static final ArchRule only_the_season_plan_searches =
      noClasses()
          .that()
          .resideOutsideOfPackage("tavrel.core.seasonplan")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("ai.timefold..");

  @ArchTest
  static final ArchRule touches_no_file =
      noClasses()
          .should()
          .dependOnClassesThat()
          .areAssignableTo(File.class)
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(Path.class);

  @ArchTest
  static final ArchRule has_no_clock_of_its_own =
      noClasses()
          .should()
          .dependOnClassesThat()
          .areAssignableTo(Clock.class)
          .orShould()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(LocalDateTime.class, "now")
          .orShould()
          .callMethod(ZonedDateTime.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime");

  @ArchTest
  static final ArchRule its_steps_of_the_job_do_not_go_in_circles =
      slices().matching("tavrel.core.(*)..").should().beFreeOfCycles();
}
