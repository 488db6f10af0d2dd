package tavrel.core.brood;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The days on which the brood that still lives in a colony was laid, or will be: spans of epoch
 * days in order, the last perhaps without end. Changed while events are folded in, then read.
 */
final class LaidDays {

  /** Stands for "goes on". */
  static final long OPEN = Long.MAX_VALUE / 4;

  /** Stands for "since ever". */
  static final long EVER = Long.MIN_VALUE / 4;

  record Span(long from, long to) {

    boolean goesOn() {
      return to == OPEN;
    }
  }

  private final List<Span> spans = new ArrayList<>(4);

  /** A queen that has always laid. */
  static LaidDays always() {
    LaidDays laid = new LaidDays();
    laid.spans.add(new Span(EVER, OPEN));
    return laid;
  }

  List<Span> spans() {
    return spans;
  }

  void clear() {
    spans.clear();
  }

  /** Laying begins, or begins again, on a day and goes on. */
  void startOn(long day) {
    endOn(day - 1);
    spans.add(new Span(day, OPEN));
  }

  /** Nothing is laid after a day. */
  void endOn(long day) {
    keep(EVER, day);
  }

  /** Brood laid before a day is gone. */
  void keepFrom(long day) {
    keep(day, OPEN);
  }

  /** Nothing is laid from a day on until the day before another. */
  void pause(long from, long before) {
    List<Span> old = List.copyOf(spans);
    spans.clear();
    for (Span span : old) {
      add(span.from, Math.min(span.to, from - 1));
      add(Math.max(span.from, before), span.to);
    }
  }

  /** These days and more, in order. */
  LaidDays with(List<Span> more) {
    if (more.isEmpty()) {
      return this;
    }
    List<Span> all = new ArrayList<>(spans);
    all.addAll(more);
    all.sort(Comparator.comparingLong(Span::from));
    LaidDays both = new LaidDays();
    for (Span span : all) {
      int last = both.spans.size() - 1;
      if (last >= 0 && both.spans.get(last).to >= span.from - 1) {
        Span before = both.spans.remove(last);
        both.spans.add(new Span(before.from, Math.max(before.to, span.to)));
      } else {
        both.spans.add(span);
      }
    }
    return both;
  }

  boolean goesOnAt(long day) {
    return spans.stream().anyMatch(span -> span.goesOn() && span.from <= day);
  }

  /** Whether anything was laid in the days from one to another. */
  boolean anyIn(long from, long to) {
    for (Span span : spans) {
      if (span.from <= to && span.to >= from) {
        return true;
      }
    }
    return false;
  }

  /** How many days of laying lie in the days from one to another. */
  long daysIn(long from, long to) {
    long days = 0;
    for (Span span : spans) {
      days += Math.max(0, Math.min(to, span.to) - Math.max(from, span.from) + 1);
    }
    return days;
  }

  /**
   * Spans without capped brood.
   *
   * @param cappedAfter days from egg to capping
   * @param goneAfter days from egg to emergence
   * @param from first day to look at
   * @param to last day to look at
   */
  List<Span> freeOf(int cappedAfter, int goneAfter, long from, long to) {
    List<Span> free = new ArrayList<>(2);
    long next = from;
    for (Span span : spans) {
      long capped = span.from == EVER ? EVER : span.from + cappedAfter;
      if (capped > to) {
        break;
      }
      if (capped > next) {
        free.add(new Span(next, capped - 1));
      }
      next = Math.max(next, span.goesOn() ? OPEN : span.to + goneAfter);
    }
    if (next <= to) {
      free.add(new Span(next, to));
    }
    return free;
  }

  private void keep(long from, long to) {
    List<Span> old = List.copyOf(spans);
    spans.clear();
    for (Span span : old) {
      add(Math.max(span.from, from), Math.min(span.to, to));
    }
  }

  private void add(long from, long to) {
    if (from <= to) {
      spans.add(new Span(from, to));
    }
  }
}
