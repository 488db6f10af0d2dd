package tavrel.server.parameter;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.Knob;
import tavrel.core.apiaryyear.HeightShift;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.count.Danger;
import tavrel.core.mite.BeeLife;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.MiteParameters;
import tavrel.core.seal.SealParameters;
import tavrel.core.seasonplan.PlanWeights;
import tavrel.core.seasonplan.Roads;
import tavrel.core.stock.AcidOrder;
import tavrel.core.stock.FilterWear;
import tavrel.core.stock.RoundCost;

/** Figures of the computation: the keeper's where he set them, else the usual ones. */
@Service
public class OwnFigures {

  /**
   * One figure with its meaning.
   *
   * @param knob what it is
   * @param value what holds now
   */
  record Figure(Knob knob, double value) {}

  /**
   * Figures that belong together.
   *
   * @param name of the group
   * @param figures in it
   */
  record FigureGroup(String name, List<Figure> figures) {}

  private static final Map<String, Knob> KNOBS =
      Stream.of(
              BroodDefaults.knobs(),
              MiteParameters.knobs(),
              BeeLife.knobs(),
              CurveChoice.knobs(),
              SealParameters.knobs(),
              FilterWear.knobs(),
              AcidOrder.knobs(),
              RoundCost.knobs(),
              Danger.knobs(),
              HeightShift.knobs(),
              Roads.knobs(),
              PlanWeights.knobs())
          .flatMap(List::stream)
          .collect(Collectors.toUnmodifiableMap(Knob::key, knob -> knob));

  private final FigureMapper mapper;

  OwnFigures(FigureMapper mapper) {
    this.mapper = mapper;
  }

  /** The keeper's own figures by key. */
  public Map<String, Double> own() {
    return mapper.all().stream()
        .filter(own -> KNOBS.containsKey(own.knob()))
        .collect(Collectors.toMap(FigureMapper.Own::knob, FigureMapper.Own::amount));
  }

  /** From which load on a colony is in danger. */
  public Danger danger() {
    return Danger.of(own());
  }

  /** Days of the brood clock. */
  public BroodDefaults brood() {
    return BroodDefaults.of(own());
  }

  /** Figures of the seal estimate. */
  public SealParameters seal() {
    return SealParameters.of(own());
  }

  /** All, in groups. */
  List<FigureGroup> groups() {
    Map<String, Double> own = own();
    return List.of(
        group("Brood clock: days to the first egg", BroodDefaults.knobs(), own),
        group("Mite model", MiteParameters.knobs(), own),
        group("Bees that follow the brood", BeeLife.knobs(), own),
        group("Kill of exposed mites", CurveChoice.knobs(), own),
        group("Seal estimate", SealParameters.knobs(), own),
        group("Gear", FilterWear.knobs(), own),
        group(
            "Stock and money",
            Stream.concat(AcidOrder.knobs().stream(), RoundCost.knobs().stream()).toList(),
            own),
        group("Counts", Danger.knobs(), own),
        group("Year of an apiary", HeightShift.knobs(), own),
        group("Roads", Roads.knobs(), own),
        group("Season plan: what bending costs", PlanWeights.knobs(), own));
  }

  /**
   * Keeps figures; one that equals the usual is forgotten.
   *
   * @throws InvalidValue at the key of a figure that is unknown or out of its range
   */
  @Transactional
  public void keep(Map<String, Double> figures) {
    Map<String, Double> then = new HashMap<>(own());
    then.putAll(figures);
    BroodDefaults.checkOrder(then);
    figures.forEach(
        (key, value) -> {
          Knob knob = KNOBS.get(key);
          if (knob == null) {
            throw new InvalidValue(key, "is no figure that is known here");
          }
          InvalidValue.inRange(key, value, knob.least(), knob.most(), knob.unit());
          mapper.forget(key);
          if (value != knob.usual()) {
            mapper.keep(key, value);
          }
        });
  }

  private static FigureGroup group(String name, List<Knob> knobs, Map<String, Double> own) {
    return new FigureGroup(
        name, knobs.stream().map(knob -> new Figure(knob, knob.in(own))).toList());
  }
}
