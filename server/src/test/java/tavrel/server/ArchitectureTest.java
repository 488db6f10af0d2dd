package tavrel.server;

import static com.tngtech.archunit.base.DescribedPredicate.alwaysTrue;
import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.type.BaseTypeHandler;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.RestController;

/** Which part of the server may know which. */
@AnalyzeClasses(packages = "tavrel.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule features_do_not_go_in_circles =
      slices().matching("tavrel.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule nothing_stands_on_the_demo =
      noClasses()
          .that()
          .resideOutsideOfPackage("tavrel.server.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("tavrel.server.demo..");

  /** It may read every table, since nothing rests on it. */
  @ArchTest
  static final ArchRule nothing_stands_on_reports =
      noClasses()
          .that()
          .resideOutsideOfPackage("tavrel.server.reporting..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("tavrel.server.reporting..");

  @ArchTest
  static final ArchRule what_only_the_demo_has_stands_there =
      classes()
          .that()
          .areAnnotatedWith(Profile.class)
          .should()
          .resideInAPackage("tavrel.server.demo..");

  @ArchTest
  static final ArchRule resources_ask_services_and_no_table =
      noClasses()
          .that()
          .areAnnotatedWith(RestController.class)
          .should()
          .dependOnClassesThat()
          .areAnnotatedWith(Mapper.class);

  @ArchTest
  static final ArchRule mappers_are_asked_where_they_belong =
      slices()
          .matching("tavrel.server.(**)")
          .should()
          .notDependOnEachOther()
          .ignoreDependency(alwaysTrue(), not(annotatedWith(Mapper.class)));

  @ArchTest
  static final ArchRule time_comes_from_the_one_clock =
      noClasses()
          .that()
          .doNotHaveSimpleName("MachineTime")
          .should()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(Clock.class, "systemDefaultZone");

  /**
   * What MyBatis and Spring look for by themselves has to be public without being known; whoever is
   * an interface by a lambda alone cannot be seen here.
   */
  @ArchTest
  static final ArchRule only_what_others_need_is_public =
      classes()
          .that()
          .arePublic()
          .and()
          .areTopLevelClasses()
          .and()
          .areNotInterfaces()
          .and()
          .areNotAssignableTo(BaseTypeHandler.class)
          .and()
          .areNotAnnotatedWith(SpringBootApplication.class)
          .should(beKnownElsewhere());

  private static ArchCondition<JavaClass> beKnownElsewhere() {
    return new ArchCondition<>("be known in another package") {
      @Override
      public void check(JavaClass each, ConditionEvents events) {
        boolean known =
            each.getDirectDependenciesToSelf().stream()
                .anyMatch(use -> !use.getOriginClass().getPackage().equals(each.getPackage()));
        events.add(new SimpleConditionEvent(each, known, each.getName() + " is public for nobody"));
      }
    };
  }
}
