package tavrel.core.brood;

/** Which first egg is reckoned with where nobody saw it. */
enum Scenario {
  /** The earliest that can be: closes a window for sure. */
  EARLIEST,
  /** The likely one, with the winter pause that the calendar expects. */
  LIKELY,
  /** The latest: by then laying should be seen. */
  LATEST;

  int pick(int earliest, int likely, int latest) {
    return switch (this) {
      case EARLIEST -> earliest;
      case LIKELY -> likely;
      case LATEST -> latest;
    };
  }
}
