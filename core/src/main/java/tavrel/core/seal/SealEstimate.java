package tavrel.core.seal;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;

/**
 * Model estimate of how much of the acid settles inside: one mixed volume, dM/dt = S(t) − (k_dep +
 * k_leak)·M with k_leak = Σ kᵢ·Aᵢ ÷ V, solved in closed form. It tells which opening to shut first.
 * Left out: draught and wind, warmth rising, bees fanning, vapour that never mixes, the minutes a
 * pan's entrance stands open between loads.
 *
 * @param litres space that the vapour fills, L; supers that stay on are part of it
 * @param kept share settled inside by opening, of all that was loaded
 * @param lost share gone through openings by then
 * @param inAir share still in the air when it is opened
 * @param mostlyDownSeconds from withdrawal until 95 % of what will ever settle is down, s
 * @param withdrawnAt withdrawal of nozzle or pan, seconds from the first burn's start
 * @param leaks openings, widest stream first
 * @param curve vapour and deposit over time, from the first burn to opening
 */
public record SealEstimate(
    double litres,
    double kept,
    double lost,
    double inAir,
    double mostlyDownSeconds,
    double withdrawnAt,
    List<Leak> leaks,
    List<SealPoint> curve) {

  private static final int STEPS = 60;
  private static final double MOSTLY = 0.95;
  private static final double LITRES_A_SUPER_FRAME = 2.8;

  /**
   * Estimates a hive as it stands.
   *
   * @param sealMinutes from withdrawal to opening
   */
  public static SealEstimate of(
      Hive hive, Release release, double sealMinutes, SealParameters figures) {
    InvalidValue.inRange("sealMinutes", sealMinutes, 1, 60, "minutes");
    double litres = litres(hive);
    List<Leak> leaks =
        figures.leaks(hive).stream()
            .sorted((a, b) -> Double.compare(b.litresASecond(), a.litresASecond()))
            .toList();
    double rate = rate(leaks, litres, figures);
    double settles = figures.settling() / rate;
    double withdrawn = release.seconds();
    double opened = withdrawn + 60 * sealMinutes;
    List<SealPoint> curve = new ArrayList<>(STEPS + 1);
    for (int step = 0; step <= STEPS; step++) {
      double second = opened * step / STEPS;
      double inAir = release.inAir(second, rate);
      double left = release.released(second) - inAir;
      curve.add(new SealPoint(second, inAir, left * settles, left * (1 - settles)));
    }
    SealPoint end = curve.get(STEPS);
    double airAtWithdrawal = release.inAir(withdrawn, rate);
    return new SealEstimate(
        litres,
        end.settled(),
        end.lost(),
        end.inAir(),
        Math.max(0, Math.log(airAtWithdrawal / (1 - MOSTLY)) / rate),
        withdrawn,
        leaks,
        List.copyOf(curve));
  }

  /** The share kept alone, for comparing many set-ups. */
  static double kept(Hive hive, Release release, double sealMinutes, SealParameters figures) {
    InvalidValue.inRange("sealMinutes", sealMinutes, 1, 60, "minutes");
    double rate = rate(figures.leaks(hive), litres(hive), figures);
    double inAir = release.inAir(release.seconds() + 60 * sealMinutes, rate);
    return (1 - inAir) * figures.settling() / rate;
  }

  private static double rate(List<Leak> leaks, double litres, SealParameters figures) {
    return figures.settling() + leaks.stream().mapToDouble(Leak::litresASecond).sum() / litres;
  }

  private static double litres(Hive hive) {
    boolean with = hive.supers() > 0 && hive.fittings().supersPlan() == SupersPlan.LEFT_ON;
    return hive.broodLitres()
        + (with ? hive.supers() * hive.framesWide() * LITRES_A_SUPER_FRAME : 0);
  }
}
