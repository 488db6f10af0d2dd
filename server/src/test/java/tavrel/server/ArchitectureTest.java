package tavrel.server;

import static com.tngtech.archunit.base.DescribedPredicate.alwaysTrue;
import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleName;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.weather.FolderFiles;

/** Which part of the server may know which. What breaks a rule today is listed with it. */
@AnalyzeClasses(packages = "tavrel.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  /**
   * Today: a problem knows how a key is stored, and what is stored tells problems; gear asks
   * rounds.
   */
  @ArchTest
  static final ArchRule features_do_not_go_in_circles =
      slices()
          .matching("tavrel.server.(*)..")
          .should()
          .beFreeOfCycles()
          .ignoreDependency(
              resideInAPackage("tavrel.server.store.."), resideInAPackage("tavrel.server.http.."))
          .ignoreDependency(
              resideInAPackage("tavrel.server.gear.."), resideInAPackage("tavrel.server.run.."));

  @ArchTest
  static final ArchRule nothing_stands_on_the_demo =
      noClasses()
          .that()
          .resideOutsideOfPackage("tavrel.server.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("tavrel.server.demo..");

  /** Nightly copies and a folder for weather are the two that the demo does without. */
  @ArchTest
  static final ArchRule what_only_the_demo_has_stands_there =
      classes()
          .that()
          .areAnnotatedWith(Profile.class)
          .and()
          .doNotHaveSimpleName("Backups")
          .and()
          .doNotHaveSimpleName("WeatherFolder")
          .should()
          .resideInAPackage("tavrel.server.demo..");

  /** Today: the page of hours lists files of the weather folder. */
  @ArchTest
  static final ArchRule resources_ask_services_and_no_table =
      noClasses()
          .that()
          .areAnnotatedWith(RestController.class)
          .and()
          .doNotHaveSimpleName("HoursResource")
          .should()
          .dependOnClassesThat()
          .areAnnotatedWith(Mapper.class);

  /**
   * Today: a roster brings hives into the apiaries' own tables, and the page of hours lists files
   * of the weather folder.
   */
  @ArchTest
  static final ArchRule tables_are_asked_where_they_belong =
      slices()
          .matching("tavrel.server.(*)..")
          .should()
          .notDependOnEachOther()
          .ignoreDependency(alwaysTrue(), not(annotatedWith(Mapper.class)))
          .ignoreDependency(simpleName("HoursResource"), type(FolderFiles.class));

  /**
   * What is done on a data folder without a server goes by the machine; a run's log asks how far
   * the demo's clock is from it.
   */
  @ArchTest
  static final ArchRule time_comes_from_the_one_clock =
      noClasses()
          .that()
          .doNotHaveFullyQualifiedName("tavrel.server.TavrelApplication")
          .and()
          .doNotHaveFullyQualifiedName("tavrel.server.safekeeping.OutfitTask")
          .and()
          .doNotHaveFullyQualifiedName("tavrel.server.run.RunLog")
          .should()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(Clock.class, "systemDefaultZone");
}
