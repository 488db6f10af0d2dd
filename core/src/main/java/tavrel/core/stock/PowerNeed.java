package tavrel.core.stock;

import tavrel.core.InvalidValue;

/**
 * What a mains tool asks of an inverter and a battery bank.
 *
 * @param inverterWatts least rating of the inverter, W: a quarter over the tool
 * @param hours of work from the bank
 * @param burns that fit into those hours
 * @param amps drawn from the bank while the tool heats, A
 */
public record PowerNeed(double inverterWatts, double hours, int burns, double amps) {

  private static final double HEADROOM = 1.25;
  private static final double INVERTER_EFFICIENCY = 0.85;

  /**
   * A bank of batteries and the work asked of it.
   *
   * @param watts of the tool while heating, W
   * @param ampHours of the bank, Ah
   * @param volts of the bank, V
   * @param usableShare that may be drawn without harm, fraction
   * @param duty share of the time that the tool heats, fraction
   * @param secondsPerBurn from one burn's start to the next, s
   */
  public record Bank(
      double watts,
      double ampHours,
      double volts,
      double usableShare,
      double duty,
      double secondsPerBurn) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public Bank {
      InvalidValue.inRange("watts", watts, 10, 3_000, "W");
      InvalidValue.inRange("ampHours", ampHours, 1, 5_000, "Ah");
      InvalidValue.inRange("volts", volts, 3, 60, "V");
      InvalidValue.inRange("usableShare", usableShare, 0.1, 1, "of the bank");
      InvalidValue.inRange("duty", duty, 0.05, 1, "of the time");
      InvalidValue.inRange("secondsPerBurn", secondsPerBurn, 10, 3_600, "s");
    }
  }

  /** hours = Ah × V × usable share × 0.85 ÷ W ÷ duty. */
  public static PowerNeed of(Bank bank) {
    double hours =
        bank.ampHours()
            * bank.volts()
            * bank.usableShare()
            * INVERTER_EFFICIENCY
            / bank.watts()
            / bank.duty();
    return new PowerNeed(
        HEADROOM * bank.watts(),
        hours,
        (int) Math.floor(hours * 3_600 / bank.secondsPerBurn()),
        bank.watts() / INVERTER_EFFICIENCY / bank.volts());
  }
}
