package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

/**
 * One round by a keeper who reads English and °F, and a helper who reads Spanish and °C on a phone:
 * each on the settings of his own.
 */
class LanguageJourneyTest {

  /** How long the screen takes to speak another language, from the choice to its words, ms. */
  private static final String HOW_LONG =
      """
      const done = arguments[0];
      const begun = performance.now();
      const option = [...document.querySelectorAll('[role=option]')].find((each) => each.textContent.includes('Español'));
      new MutationObserver((_, watch) => {
        if (document.body.innerText.includes('Mi idioma')) { watch.disconnect(); done(performance.now() - begun); }
      }).observe(document.body, {subtree: true, childList: true, characterData: true});
      option.click();
      """;

  @Test
  void a_helper_reads_a_round_in_spanish_while_the_keeper_reads_it_in_english() {
    try (App app = App.demo();
        Browser keeper = new Browser(app.url(), Browser.DESK);
        Browser helper = new Browser(app.url(), Browser.PHONE)) {
      keeper.enterAs("Wren").go("/account").see("My language");
      keeper.choose("Temperatures", "°F").see("57.4 °F").choose("Weights", "ounces").see(" oz");
      helper.enterAs("Tam").go("/account").see("My language").script("window.kept = true");
      helper.pressAt("#own-language ~ .form-grid .v-field").find("[role=option]");
      Number took = (Number) helper.driver().executeAsyncScript(HOW_LONG);
      // A second or two on a machine that is busy with other tests; how long it takes is the
      // bench's to say.
      assertThat(took.doubleValue()).as("ms to speak another language").isLessThan(10_000);
      System.out.println("to speak another language: " + Math.round(took.doubleValue()) + " ms");
      assertThat(helper.script("return window.kept")).as("no reload").isEqualTo(true);

      helper.go("/").see("Próximas horas útiles").see("Comprobar personas");
      assertThat(helper.body()).doesNotContain("Next workable hours").contains("°C");
      keeper.go("/").see("Next workable hours").see("°F");

      helper.go("/run").see("Primero las personas").see("Sin tormenta cerca");
      assertThat(helper.barriers()).as("people check in Spanish").isEmpty();
      Until.within(
          Duration.ofSeconds(30),
          "every point is there to be ticked",
          () -> helper.all("[role=checkbox]").size() == 8);
      helper.all("[role=checkbox]").forEach(point -> point.click());
      helper.press("Todo cierto").see("Empezar sublimación").see("trapo húmedo");
      keeper.go("/run").see("Start burn").see("wet cloth in the entrance");
      helper.pressAt("[data-act=main]");
      helper.see("sublimando");
      keeper.see("burning");

      helper.reload().see("sublimando");
      helper.press("Leer el termómetro").type("Termómetro a la sombra", "99");
      helper.press("Guardar la lectura").see("se permite de -30 °C a 50 °C");
      helper.open("/run").see("sublimando").pressAt("[data-act=main]");
      helper.see("sellada");
      readBack(keeper, helper);
      assertThat(helper.complaints()).isEmpty();
      assertThat(keeper.complaints()).isEmpty();
    }
  }

  /** The one line of the round, as the register has it for each of the two. */
  private static void readBack(Browser keeper, Browser helper) {
    keeper.go("/register").see("Register").see(" oz");
    assertThat(keeper.body()).contains("°F").doesNotContain("ácido", "°C");
    helper.go("/register").see("Registro").see(" g");
    assertThat(helper.body())
        .contains("°C")
        .doesNotContain("oxalic", "°F", " oz")
        .doesNotContain("allowed", "not on label", "simulated");
  }
}
