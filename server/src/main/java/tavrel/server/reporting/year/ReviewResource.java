package tavrel.server.reporting.year;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;

/** The year looked back on, and the winter's outcomes. */
@RestController
@RequestMapping("/api/review")
class ReviewResource {

  private final YearReview review;

  ReviewResource(YearReview review) {
    this.review = review;
  }

  /** A year on one page: what was done, what was found, what worked, and the winter after it. */
  @GetMapping
  YearReview.Reviewed of(@RequestParam int year) {
    return review.of(checked(year));
  }

  private static int checked(int year) {
    return (int) InvalidValue.inRange("year", year, 1990, 2199, "as a year");
  }
}
