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
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

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
  record Figures(FigureGroup name, List<Figure> figures) {}

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

  private final KeptWhileUnchanged<String, Map<String, Double>> kept;

  OwnParameters(OwnParameterMapper mapper, Changes changes) {
    this.mapper = mapper;
    kept = new KeptWhileUnchanged<>(changes, all -> read(), "parameter");
  }

  /** The keeper's own figures by key. */
  public Map<String, Double> own() {
    return kept.of("");
  }

  private Map<String, Double> read() {
    return mapper.all().stream()
        .filter(own -> PARAMETERS.containsKey(own.parameter()))
        .collect(
            Collectors.toUnmodifiableMap(
                OwnParameterMapper.Own::parameter, OwnParameterMapper.Own::amount));
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
  List<Figures> groups() {
    Map<String, Double> own = own();
    return List.of(
        group(FigureGroup.BROOD_CLOCK, BroodDefaults.parameters(), own),
        group(FigureGroup.MITE_MODEL, MiteParameters.parameters(), own),
        group(FigureGroup.BEES, BeeLife.parameters(), own),
        group(FigureGroup.KILL, CurveChoice.parameters(), own),
        group(FigureGroup.SEAL, SealParameters.parameters(), own),
        group(FigureGroup.GEAR, FilterWear.parameters(), own),
        group(
            FigureGroup.STOCK_AND_MONEY,
            Stream.concat(AcidOrder.parameters().stream(), RoundCost.parameters().stream())
                .toList(),
            own),
        group(FigureGroup.COUNTS, Danger.parameters(), own),
        group(FigureGroup.YEAR, HeightShift.parameters(), own),
        group(FigureGroup.ROADS, Roads.parameters(), own),
        group(FigureGroup.SEASON_PLAN, PlanWeights.parameters(), own));
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

  private static Figures group(
      FigureGroup name, List<ModelParameter> parameters, Map<String, Double> own) {
    return new Figures(
        name,
        parameters.stream().map(parameter -> new Figure(parameter, parameter.in(own))).toList());
  }
}
