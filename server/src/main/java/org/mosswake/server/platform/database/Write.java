package org.mosswake.server.platform.database;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A transaction that writes. Where the database breaks it off to undo a deadlock, it is run again from its beginning,
 * by whoever began it.
 */
@Transactional
@Retryable(
        includes = PessimisticLockingFailureException.class,
        predicate = Write.Begun.class,
        maxRetries = 4,
        delay = 15,
        jitter = 10,
        multiplier = 2)
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Write {
    /** Inside another transaction there is nothing left to go on with. */
    class Begun implements MethodRetryPredicate {
        @Override
        public boolean shouldRetry(Method method, Throwable failed) {
            return !TransactionSynchronizationManager.isActualTransactionActive();
        }
    }
}
