package tavrel.server.note;

import java.util.UUID;
import org.springframework.stereotype.Service;
import tavrel.server.apiary.Apiaries;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.run.Rounds;
import tavrel.server.stock.Stock;

/** Things that somebody writes about or takes a picture of. */
@Service
public class Things {

  private final Hives hives;
  private final Apiaries apiaries;
  private final Rounds rounds;
  private final GearService gear;
  private final Stock stock;

  Things(Hives hives, Apiaries apiaries, Rounds rounds, GearService gear, Stock stock) {
    this.hives = hives;
    this.apiaries = apiaries;
    this.rounds = rounds;
    this.gear = gear;
    this.stock = stock;
  }

  /**
   * Refuses what is about nothing.
   *
   * @throws Problem 404 if there is no such thing
   */
  public void refuseUnknown(About about, UUID aboutId) {
    switch (about) {
      case HIVE -> hives.byId(aboutId);
      case YARD -> apiaries.byId(aboutId);
      case RUN -> rounds.round(aboutId);
      case TOOL -> gear.tool(aboutId);
      case LOT -> stock.refuseUnknown(aboutId);
    }
  }
}
