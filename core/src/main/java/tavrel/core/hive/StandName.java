package tavrel.core.hive;

import org.jspecify.annotations.Nullable;

/**
 * Names of hives that have none of their own: a stand or pallet with n of them is a place whose
 * hives are told apart by a number behind its name, "P3/1" to "P3/4". Each is a hive like any
 * other, with its own grams, loads and label count.
 */
public final class StandName {

  private static final char BEFORE_NUMBER = '/';

  private StandName() {}

  /** What the n-th hive of a stand is called, from 1. */
  public static String of(String stand, int number) {
    return stand.strip() + BEFORE_NUMBER + number;
  }

  /** Whether a hive's name is no more than its number on the stand that it shares. */
  public static boolean isNameless(String name, @Nullable String stand) {
    if (stand == null || !name.startsWith(stand + BEFORE_NUMBER)) {
      return false;
    }
    String number = name.substring(stand.length() + 1);
    return !number.isEmpty() && number.chars().allMatch(Character::isDigit);
  }
}
