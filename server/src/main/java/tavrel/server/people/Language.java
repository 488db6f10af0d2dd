package tavrel.server.people;

import java.util.Locale;

/** A language that Tavrel speaks. */
enum Language {
  ENGLISH("en"),
  SPANISH("es"),
  ITALIAN("it");

  private final Locale locale;

  Language(String tag) {
    locale = Locale.forLanguageTag(tag);
  }

  /** Its locale, without a region. */
  Locale locale() {
    return locale;
  }
}
