package tavrel.server.review;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.server.people.Account;

/** The year looked back on, and the winter's outcomes. */
@RestController
@RequestMapping("/api/review")
class ReviewResource {

  private final YearReview review;

  ReviewResource(YearReview review) {
    this.review = review;
  }

  @GetMapping
  YearReview.Reviewed of(@RequestParam int year) {
    return review.of(checked(year));
  }

  @GetMapping("/winters")
  YearReview.Winters winters(@RequestParam UUID apiaryId) {
    return review.winters(apiaryId);
  }

  @GetMapping("/winters/{winter}")
  List<ReviewMapper.Outcome> outcomes(@PathVariable int winter, @RequestParam UUID apiaryId) {
    return review.outcomes(apiaryId, checked(winter));
  }

  @PostMapping("/winters/{winter}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable int winter,
      @RequestBody List<YearReview.NewOutcome> outcomes,
      @AuthenticationPrincipal Account who) {
    review.keep(checked(winter), outcomes, who);
  }

  private static int checked(int year) {
    return (int) InvalidValue.inRange("year", year, 1990, 2199, "as a year");
  }
}
