package tavrel.server.outfit;

import java.util.Optional;
import org.springframework.stereotype.Service;

/** Where crews start and end. */
@Service
public class Depots {

  private final DepotMapper mapper;

  Depots(DepotMapper mapper) {
    this.mapper = mapper;
  }

  /** The depot, once somebody has said where it is. */
  public Optional<Depot> depot() {
    return mapper.depot();
  }

  /** Keeps it. */
  public void keep(Depot depot) {
    mapper.keep(depot);
  }
}
