package tavrel.server.store;

import java.util.concurrent.atomic.AtomicLong;
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

  private final AtomicLong number = new AtomicLong();

  /** How many there were; the same number means the same tables. */
  public long number() {
    return number.get();
  }

  @Override
  public Object intercept(Invocation write) throws Throwable {
    if (((MappedStatement) write.getArgs()[0]).getId().startsWith(RECKONED)) {
      return write.proceed();
    }
    if (TransactionSynchronizationManager.isSynchronizationActive()
        && !TransactionSynchronizationManager.hasResource(this)) {
      TransactionSynchronizationManager.bindResource(this, true);
      TransactionSynchronizationManager.registerSynchronization(new OnceKept());
    }
    Object rows = write.proceed();
    number.incrementAndGet();
    return rows;
  }

  private final class OnceKept implements TransactionSynchronization {

    @Override
    public void afterCompletion(int status) {
      TransactionSynchronizationManager.unbindResourceIfPossible(Changes.this);
      number.incrementAndGet();
    }
  }
}
