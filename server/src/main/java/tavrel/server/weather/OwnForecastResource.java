package tavrel.server.weather;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Forecasts in four figures, as the screens send them. */
@RestController
@RequestMapping("/api/apiaries/{id}/own-forecasts")
class OwnForecastResource {

  private final OwnForecasts forecasts;

  OwnForecastResource(OwnForecasts forecasts) {
    this.forecasts = forecasts;
  }

  /** Keeps what somebody expects of a day's weather. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/{forecastId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable UUID id,
      @PathVariable UUID forecastId,
      @RequestBody OwnForecasts.NewForecast forecast,
      @AuthenticationPrincipal Account who) {
    forecasts.keep(id, forecastId, forecast, who);
  }

  /** Forgets what was expected of a day. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/of/{day}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable UUID id, @PathVariable LocalDate day) {
    forecasts.strike(id, day);
  }
}
