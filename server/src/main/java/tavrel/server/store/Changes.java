package tavrel.server.store;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Counts what is written, so that whoever keeps something reckoned from the tables knows when it is
 * of the past. A write counts when it is made and again when it is kept, since what is reckoned in
 * between does not see it.
 */
@Component
@Intercepts(
    @Signature(
        type = Executor.class,
        method = "update",
        args = {MappedStatement.class, Object.class}))
public class Changes implements Interceptor {

  /** What is kept there is itself reckoned from the other tables. */
  private static final String RECKONED = "tavrel.server.outlook.";

  private static final Pattern PART = Pattern.compile("tavrel\\.server\\.(\\w+)\\..*");

  private final AtomicLong number = new AtomicLong();
  private final AtomicLong past = new AtomicLong();
  private final Map<String, AtomicLong> byPart = new ConcurrentHashMap<>();

  /** How many there were; the same number means the same tables. */
  public long number() {
    return number.get();
  }

  /**
   * How many there were in the tables of some parts of the program.
   *
   * @param parts as {@code "hive"}: each table has one owner
   */
  public long number(String... parts) {
    long sum = past.get();
    for (String part : parts) {
      sum += of(part).get();
    }
    return sum;
  }

  /** Counts what was written past the mappers: nobody knows to which tables. */
  public void pastTheMappers() {
    past.incrementAndGet();
    number.incrementAndGet();
  }

  /** Whether the transaction under way has written something that is not kept yet. */
  public boolean areUnderWay() {
    return TransactionSynchronizationManager.hasResource(this);
  }

  private AtomicLong of(String part) {
    return byPart.computeIfAbsent(part, none -> new AtomicLong());
  }

  @Override
  public Object intercept(Invocation write) throws Throwable {
    String statement = ((MappedStatement) write.getArgs()[0]).getId();
    if (statement.startsWith(RECKONED)) {
      return write.proceed();
    }
    Matcher named = PART.matcher(statement);
    String part = named.matches() ? named.group(1) : "";
    if (TransactionSynchronizationManager.isSynchronizationActive()) {
      onceKept().parts.add(part);
    }
    Object rows = write.proceed();
    count(part);
    return rows;
  }

  private void count(String part) {
    of(part).incrementAndGet();
    number.incrementAndGet();
  }

  private OnceKept onceKept() {
    if (TransactionSynchronizationManager.getResource(this) instanceof OnceKept known) {
      return known;
    }
    OnceKept fresh = new OnceKept();
    TransactionSynchronizationManager.bindResource(this, fresh);
    TransactionSynchronizationManager.registerSynchronization(fresh);
    return fresh;
  }

  private final class OnceKept implements TransactionSynchronization {

    private final Set<String> parts = new HashSet<>();

    @Override
    public void afterCompletion(int status) {
      TransactionSynchronizationManager.unbindResourceIfPossible(Changes.this);
      parts.forEach(Changes.this::count);
    }
  }
}
