package tavrel.server.people;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.words.Language;

/** In which language the person signed in reads. */
@RestController
@AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
@RequestMapping("/api/session/language")
class LanguageResource {

  /**
   * Somebody's language.
   *
   * @param own as it was chosen, or null where nobody has: then the device decides
   */
  record ChosenLanguage(@Nullable Language own) {}

  private final PersonLanguage languages;

  LanguageResource(PersonLanguage languages) {
    this.languages = languages;
  }

  /** One's own language, if it was chosen. */
  @GetMapping
  ChosenLanguage mine(@AuthenticationPrincipal Account who) {
    return new ChosenLanguage(languages.of(who.id()).orElse(null));
  }

  /** Sets one's own language, for all of one's devices. */
  @PutMapping
  ChosenLanguage change(@AuthenticationPrincipal Account who, @RequestBody ChosenLanguage wanted) {
    languages.keep(who.id(), wanted.own());
    return wanted;
  }
}
