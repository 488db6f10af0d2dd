package tavrel.server.outlook;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.Infestation;
import tavrel.core.due.Deadline;
import tavrel.core.spacing.LatestStart;

/**
 * How a colony stands to its deadline. A model estimate.
 *
 * @param hiveId the hive
 * @param sample its latest count, or null where there is none of this colony
 * @param deadline by when its mites should be down
 * @param reading how it stands to that, or null where nothing can be said
 * @param unknown why nothing can be said, or null
 * @param labelLeft rounds that its label leaves in this calendar year, or null where it is silent
 * @param beyondLabel the first agreed round of this year that the label leaves no room for, or null
 * @param lastKnown the latest day on which it was washed, looked into or treated, or since which it
 *     stands there; null where none is known
 */
public record Outlook(
    UUID hiveId,
    @Nullable Infestation sample,
    Deadline deadline,
    @Nullable LatestStart reading,
    @Nullable Unknown unknown,
    @Nullable Integer labelLeft,
    @Nullable LocalDate beyondLabel,
    @Nullable LocalDate lastKnown) {

  /** Why nothing can be said of a colony. */
  public enum Unknown {
    /** It was never counted. */
    NOT_COUNTED,
    /** Its latest count is too old to say anything of now. */
    COUNTED_LONG_AGO,
    /** No label is known to go by: none was copied, or none used. */
    NO_LABEL,
    /** Bees, brood and mites as they were seen cannot all be true. */
    CANNOT_BE
  }
}
