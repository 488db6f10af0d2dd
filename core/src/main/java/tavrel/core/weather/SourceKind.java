package tavrel.core.weather;

/** Kinds of sources of weather, by rank among sources that told at the same moment. */
public enum SourceKind {
  /** A thermometer read in the yard: goes before everything for its own hour. */
  READING,
  /** What a keeper expects of a day, in four figures. */
  OWN_FORECAST,
  /** A file brought in by hand. */
  FILE,
  /** A file that was laid into the folder for weather. */
  FOLDER,
  /** The simulated station of the demo. Its figures are made up; every other source goes first. */
  STATION
}
