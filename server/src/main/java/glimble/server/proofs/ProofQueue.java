package glimble.server.proofs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.jdbc.MariaDBJdbcCustomization;
import com.github.kagkarlsson.scheduler.task.Priority;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import glimble.server.graphics.GraphicDeleted;
import glimble.server.graphics.GraphicRestored;
import glimble.server.graphics.GraphicSaved;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Which revisions are still to be proved. Stands in the database, in the same transaction as the save that asks for it, so that it goes on
 * after a restart and several servers share the work. Of what is saved only the newest revision of a graphic waits. What somebody waits
 * for comes first.
 */
@Component
class ProofQueue implements SmartLifecycle {
    private static final String TASK = "proof";
    private static final Duration LOOKS = Duration.ofSeconds(2);
    private static final Duration ALIVE = Duration.ofSeconds(5);
    /** Signs of life that may be missing before another server takes over; the scheduler wants four at least. */
    private static final int MISSED = 4;

    private static final Duration AGAIN = Duration.ofSeconds(3);
    /** A little longer than the database is waited for. */
    private static final Duration ENDING = Duration.ofSeconds(12);

    private final ProofMapper mapper;
    private final Clock clock;
    private final Proofs proofs;
    private final Scheduler scheduler;
    private volatile boolean running;

    ProofQueue(ProofMapper mapper, Clock clock, Proofs proofs, DataSource database) {
        this.mapper = mapper;
        this.clock = clock;
        this.proofs = proofs;
        OneTimeTask<Void> task = Tasks.oneTime(TASK)
                .onDeadExecutionRevive()
                .onFailure((done, operations) ->
                        operations.reschedule(done, clock.instant().plus(AGAIN)))
                .execute((instance, context) -> {
                    String[] words = instance.getId().split(":");
                    proofs.prove(Long.parseLong(words[0]), Integer.parseInt(words[1]));
                });
        scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(database), task)
                .jdbcCustomization(new MariaDBJdbcCustomization(false))
                .threads(1)
                .enablePriority()
                // Only one is fetched: what somebody waits for overtakes all others.
                .pollUsingFetchAndLockOnExecute(0.5, 1)
                .pollingInterval(LOOKS)
                .heartbeatInterval(ALIVE)
                .missedHeartbeatsLimit(MISSED)
                .shutdownMaxWait(ENDING)
                .build();
    }

    @Override
    public void start() {
        scheduler.start();
        running = true;
    }

    /** What is being proved is stopped, and waits for the next start. */
    @Override
    public void stop() {
        proofs.close();
        scheduler.stop();
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @EventListener
    void saved(GraphicSaved saved) {
        mapper.dropWaiting(instances(saved.id()));
        add(saved.id(), saved.revision(), Priority.HIGH);
    }

    @EventListener
    void asked(ProofAsked asked) {
        proofs.stop(asked.id(), asked.revision());
        mapper.dropWaiting(instances(asked.id(), asked.revision()));
        add(asked.id(), asked.revision(), asked.waited() ? Priority.HIGH : Priority.LOW);
    }

    /** Nobody asks what the proof of a graphic comes to that is put aside. */
    @EventListener
    void deleted(GraphicDeleted deleted) {
        mapper.dropWaiting(instances(deleted.id()));
        proofs.stop(deleted.id());
    }

    @EventListener
    void restored(GraphicRestored restored) {
        if (!proofs.isDone(restored.id(), restored.revision())) add(restored.id(), restored.revision(), Priority.HIGH);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void look(GraphicRestored restored) {
        scheduler.triggerCheckForDueExecutions();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void look(GraphicSaved saved) {
        scheduler.triggerCheckForDueExecutions();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void look(ProofAsked asked) {
        scheduler.triggerCheckForDueExecutions();
    }

    private void add(long graphic, int revision, int priority) {
        // The same revision may be asked for again while it is being proved.
        String instance = graphic + ":" + revision + ":" + UUID.randomUUID();
        scheduler.schedule(
                new TaskInstance.Builder<Void>(TASK, instance)
                        .priority(priority)
                        .build(),
                clock.instant());
    }

    /** Whether it waits, or another server is at it. */
    boolean has(long graphic, int revision) {
        return mapper.queued(instances(graphic, revision)) > 0;
    }

    void drop(long graphic, int revision) {
        mapper.dropWaiting(instances(graphic, revision));
    }

    /** Of a graphic, in the words of SQL's {@code like}. */
    private static String instances(long graphic) {
        return graphic + ":%";
    }

    private static String instances(long graphic, int revision) {
        return graphic + ":" + revision + ":%";
    }
}
