package glimble.prove;

import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.proof.Reducer;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;

/** Proves a graphic with many fillings, as many at a time as there are processors. Can be watched and stopped. */
public final class ProofRun {
    /** Findings that are reduced at most. */
    private static final int REDUCED = 40;

    private final Prover prover;
    private final List<Filling> fillings;
    private final String left;
    private final Findings findings;
    private final AtomicInteger next = new AtomicInteger();
    private final AtomicInteger done = new AtomicInteger();
    private volatile boolean stopped;
    private volatile boolean finished;

    public ProofRun(Prover prover, List<Filling> fillings) {
        this(prover, fillings, "");
    }

    /** @param left what is not tried, for people; empty if nothing was left out */
    public ProofRun(Prover prover, List<Filling> fillings, String left) {
        this.prover = prover;
        this.left = left;
        this.fillings = List.copyOf(fillings);
        findings = new Findings(prover.graphic().proof());
    }

    /**
     * Where a run stands.
     *
     * @param finished whether every filling is proved and every finding reduced
     * @param left what is not tried, for people; empty if nothing was left out
     */
    public record Standing(
            List<Filling> fillings, int done, boolean finished, boolean stopped, List<Finding> findings, String left) {

        /** Findings that are not accepted. */
        public long open() {
            return findings.stream()
                    .filter(finding -> finding.accepted().isEmpty())
                    .count();
        }
    }

    public List<Filling> fillings() {
        return fillings;
    }

    public void stop() {
        stopped = true;
    }

    public Standing standing() {
        synchronized (findings) {
            return new Standing(fillings, done.get(), finished, stopped, findings.all(), left);
        }
    }

    /** Returns when all is proved, or soon after it is stopped. */
    public Standing run() {
        int threads = Math.max(1, Runtime.getRuntime().availableProcessors());
        ExecutorService workers = Executors.newFixedThreadPool(threads, task -> {
            Thread thread = new Thread(task, "proof");
            thread.setDaemon(true);
            return thread;
        });
        try {
            List<Future<?>> working = new java.util.ArrayList<>();
            for (int i = 0; i < threads; i++) working.add(workers.submit(this::work));
            for (Future<?> worker : working) worker.get();
            reduce();
            finished = !stopped;
        } catch (InterruptedException e) {
            stopped = true;
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException e) {
            stopped = true;
            throw new IllegalStateException(e.getCause());
        } finally {
            workers.shutdownNow();
        }
        return standing();
    }

    private void work() {
        for (int i = next.getAndIncrement(); i < fillings.size() && !stopped; i = next.getAndIncrement()) {
            List<Fault> faults = prover.faults(fillings.get(i));
            synchronized (findings) {
                findings.add(i, faults);
            }
            done.incrementAndGet();
        }
    }

    private void reduce() {
        List<Finding> open = standing().findings();
        for (int i = 0; i < Math.min(REDUCED, open.size()) && !stopped; i++) {
            Fault.Cause cause = open.get(i).worst().cause();
            Filling least = Reducer.reduced(prover, fillings.get(open.get(i).trial()), cause);
            synchronized (findings) {
                findings.reduce(cause, least);
            }
        }
    }
}
