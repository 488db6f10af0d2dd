package tavrel.server.hive;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;

/** Stocktakes of a yard. */
@RestController
@RequestMapping("/api/apiaries/{apiaryId}/stocktakes")
class StocktakeResource {

  private final Stocktakes stocktakes;

  StocktakeResource(Stocktakes stocktakes) {
    this.stocktakes = stocktakes;
  }

  /** Stocktakes of an apiary, the latest first. */
  @GetMapping
  List<Stocktakes.Stocktake> of(@PathVariable UUID apiaryId) {
    return stocktakes.of(apiaryId);
  }

  /** Writes down which hives were found: dead and gone ones end, new ones begin. */
  @PutMapping("/{id}")
  List<Stocktakes.Stocktake> keep(
      @PathVariable UUID apiaryId,
      @PathVariable UUID id,
      @RequestBody Stocktakes.NewStocktake taken,
      @AuthenticationPrincipal Account who) {
    stocktakes.keep(id, apiaryId, taken, who);
    return stocktakes.of(apiaryId);
  }

  /** Takes back the ends that a stocktake wrote; hives that were new stay. */
  @PostMapping("/{id}/take-back")
  List<Stocktakes.Stocktake> takeBack(
      @PathVariable UUID apiaryId, @PathVariable UUID id, @AuthenticationPrincipal Account who) {
    stocktakes.takeBack(id, who);
    return stocktakes.of(apiaryId);
  }
}
