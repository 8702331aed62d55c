package glimble.server.work;

import java.lang.reflect.Method;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Two transactions that wait for each other: the database takes one of them back whole, and it is tried again. */
public final class Deadlock implements MethodRetryPredicate {
    /** Source: SQL:2016, class 40, transaction rollback; serialization failure. */
    private static final String STATE = "40001";

    private static final int CAUSES = 20;

    /** Not within another transaction, which is taken back as well: then that is tried again. */
    @Override
    public boolean shouldRetry(Method method, Throwable e) {
        return isOne(e) && !TransactionSynchronizationManager.isActualTransactionActive();
    }

    public static boolean isOne(Throwable e) {
        return Stream.iterate(e, cause -> cause != null, Throwable::getCause)
                .limit(CAUSES)
                .anyMatch(cause -> cause instanceof SQLException sql && STATE.equals(sql.getSQLState()));
    }
}
