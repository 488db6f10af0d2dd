package tavrel.server.parameter;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.ModelParameter;
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
public class OwnParameters {

  /**
   * One figure with its meaning.
   *
   * @param parameter what it is
   * @param value what holds now
   */
  record Figure(ModelParameter parameter, double value) {}

  /**
   * Figures that belong together.
   *
   * @param name of the group
   * @param figures in it
   */
  record FigureGroup(String name, List<Figure> figures) {}

  private static final Map<String, ModelParameter> PARAMETERS =
      Stream.of(
              BroodDefaults.parameters(),
              MiteParameters.parameters(),
              BeeLife.parameters(),
              CurveChoice.parameters(),
              SealParameters.parameters(),
              FilterWear.parameters(),
              AcidOrder.parameters(),
              RoundCost.parameters(),
              Danger.parameters(),
              HeightShift.parameters(),
              Roads.parameters(),
              PlanWeights.parameters())
          .flatMap(List::stream)
          .collect(Collectors.toUnmodifiableMap(ModelParameter::key, parameter -> parameter));

  private final OwnParameterMapper mapper;

  OwnParameters(OwnParameterMapper mapper) {
    this.mapper = mapper;
  }

  /** The keeper's own figures by key. */
  public Map<String, Double> own() {
    return mapper.all().stream()
        .filter(own -> PARAMETERS.containsKey(own.parameter()))
        .collect(
            Collectors.toMap(OwnParameterMapper.Own::parameter, OwnParameterMapper.Own::amount));
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
        group("Brood clock: days to the first egg", BroodDefaults.parameters(), own),
        group("Mite model", MiteParameters.parameters(), own),
        group("Bees that follow the brood", BeeLife.parameters(), own),
        group("Kill of exposed mites", CurveChoice.parameters(), own),
        group("Seal estimate", SealParameters.parameters(), own),
        group("Gear", FilterWear.parameters(), own),
        group(
            "Stock and money",
            Stream.concat(AcidOrder.parameters().stream(), RoundCost.parameters().stream())
                .toList(),
            own),
        group("Counts", Danger.parameters(), own),
        group("Year of an apiary", HeightShift.parameters(), own),
        group("Roads", Roads.parameters(), own),
        group("Season plan: what bending costs", PlanWeights.parameters(), own));
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
          ModelParameter parameter = PARAMETERS.get(key);
          if (parameter == null) {
            throw new InvalidValue(key, "noFigureKnownHere", "is no figure that is known here");
          }
          InvalidValue.inRange(key, value, parameter.least(), parameter.most(), parameter.unit());
          mapper.forget(key);
          if (value != parameter.usual()) {
            mapper.keep(key, value);
          }
        });
  }

  private static FigureGroup group(
      String name, List<ModelParameter> parameters, Map<String, Double> own) {
    return new FigureGroup(
        name,
        parameters.stream().map(parameter -> new Figure(parameter, parameter.in(own))).toList());
  }
}
