package tavrel.server.hive;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;

/** Yards opened by hand with the hives that stand there, closed for a time, and opened again. */
@Service
class Yards {

  /** Most hives of a yard that is opened in one go. */
  static final int MOST_HIVES = 500;

  private static final int FIRST_NUMBER_MOST = 99_999;

  private final Apiaries apiaries;
  private final Hives hives;
  private final Clock clock;

  Yards(Apiaries apiaries, Hives hives, Clock clock) {
    this.apiaries = apiaries;
    this.hives = hives;
    this.clock = clock;
  }

  /**
   * A yard as somebody describes it.
   *
   * @param apiary its name, and its place if that is known
   * @param device zone of the device, for a place that nobody has said
   * @param hives how many stand there
   * @param before what stands before the number of each hive, as F; may be empty
   * @param first number of the first
   * @param boxes how they usually stand, as a roster writes it
   * @param supers honey supers on each
   * @param floor what closes them below
   */
  record NewYard(
      Apiaries.Described apiary,
      String device,
      int hives,
      String before,
      int first,
      String boxes,
      int supers,
      Floor floor) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public NewYard {
      InvalidValue.inRange("hives", hives, 0, MOST_HIVES, "hives at once");
      InvalidValue.inRange("first", first, 0, FIRST_NUMBER_MOST, "as a whole number");
      before = before.isBlank() ? "" : InvalidValue.text("before", before, 20);
    }
  }

  /**
   * Opens a yard with its hives. The same id again changes nothing.
   *
   * @throws InvalidValue naming the field that cannot be
   */
  @Transactional
  public Apiary open(UUID id, NewYard yard) {
    boolean known = apiaries.all().stream().anyMatch(each -> each.id().equals(id));
    Apiary opened = apiaries.open(id, yard.apiary(), yard.device());
    if (!known) {
      for (int i = 0; i < yard.hives(); i++) {
        hives.add(
            Hive.ofRoster(
                UUID.randomUUID(),
                yard.before() + (yard.first() + i),
                i + 1,
                BoxNotation.read(yard.boxes()),
                yard.supers(),
                yard.floor()),
            id,
            clock.instant());
      }
    }
    return opened;
  }

  /**
   * Closes a yard in which no hive stands, or opens it again.
   *
   * @param day since when nobody uses it, or null to open it
   * @throws Problem 409 while hives stand there
   */
  @Transactional
  public Apiary close(UUID id, @Nullable LocalDate day) {
    apiaries.hold(id);
    int standing = hives.count(id);
    if (day != null && standing > 0) {
      throw Problem.conflict(Fact.of("refused.hivesStillStand").count("hives", standing, "hive"));
    }
    return apiaries.close(id, day);
  }
}
