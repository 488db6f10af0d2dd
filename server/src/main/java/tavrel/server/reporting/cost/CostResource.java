package tavrel.server.reporting.cost;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;

/** What rounds cost. */
@RestController
@RequestMapping("/api/stock")
class CostResource {

  private final Costs costs;

  CostResource(Costs costs) {
    this.costs = costs;
  }

  /** What a year's treatments cost, by apiary. */
  @GetMapping("/costs")
  Costs.CostedYear costs(@RequestParam int year) {
    InvalidValue.inRange("year", year, 1990, 2200, "as a year");
    return costs.year(year);
  }

  /** What a year's treatments cost in one apiary, by hive. */
  @GetMapping("/costs/{apiaryId}")
  List<Costs.CostedHive> costs(@PathVariable UUID apiaryId, @RequestParam int year) {
    InvalidValue.inRange("year", year, 1990, 2200, "as a year");
    return costs.hives(apiaryId, year);
  }
}
