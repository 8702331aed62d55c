package glimble.server.work;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.transaction.annotation.Transactional;

/** Kept whole or not at all; tried up to three times more where the database takes it back because of another (a {@link Deadlock}). */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional
@Retryable(predicate = Deadlock.class, maxRetries = 3, delay = 10, jitter = 10, multiplier = 3)
public @interface InOneTransaction {}
