package tavrel.core.seasonplan;

/**
 * A plan in figures, to compare it with another.
 *
 * @param visits rounds in it
 * @param missed rounds without a place
 * @param broken hard rules broken, counted by visit
 * @param gapDaysOff days off the wanted gaps, summed
 * @param lateRounds series whose last round comes after the day by which it should be done
 * @param km way in all, km
 * @param drivingMinutes time on the road, min
 * @param crewMinutes time from leaving to being back, all crews and days, min
 * @param reserveMinutes work in the time that is kept for spoiled days, min
 * @param unevenMinutes by how much the crews' times stand off their mean, summed, min
 * @param crewDays days on which a crew goes out
 * @param moved agreed visits that are on another day or with another crew
 */
public record PlanSummary(
    int visits,
    int missed,
    int broken,
    int gapDaysOff,
    int lateRounds,
    double km,
    int drivingMinutes,
    int crewMinutes,
    int reserveMinutes,
    int unevenMinutes,
    int crewDays,
    int moved) {}
