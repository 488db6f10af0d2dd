package tavrel.server.words;

import java.util.Locale;

/** A language that Tavrel speaks. */
public enum Language {
  ENGLISH("en"),
  SPANISH("es"),
  ITALIAN("it");

  private final Locale locale;

  Language(String tag) {
    locale = Locale.forLanguageTag(tag);
  }

  /** Its locale, without a region. */
  public Locale locale() {
    return locale;
  }

  /** The language spoken that is nearest to what a device asks for. */
  public static Language nearest(Locale asked) {
    for (Language language : values()) {
      if (language.locale.getLanguage().equals(asked.getLanguage())) {
        return language;
      }
    }
    return ENGLISH;
  }
}
