package glimble.prove;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Finding;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.proof.Reducer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/** Proves a graphic with many fillings, as many at a time as there are processors. Can be watched and stopped. */
public final class ProofRun {
    /** Findings that are reduced at most. */
    private static final int REDUCED = 40;

    /** Steps of a proof, and of reducing what it found: each some minutes on one processor. */
    private static final long MOST = 300 * Effort.MOST;

    /** Of all texts together. */
    private static final long LETTERS = 1_500_000;

    private final Prover prover;
    private final List<Filling> fillings;
    private final String left;
    private final Findings findings;
    private final AtomicInteger next = new AtomicInteger();
    private final AtomicInteger done = new AtomicInteger();
    private volatile Pace pace = Supplier::get;
    private volatile boolean stopped;
    private volatile boolean finished;

    public ProofRun(Prover prover, List<Filling> fillings) {
        this(prover, fillings, "");
    }

    /**
     * Of all that a graphic is to be proved with, as much as can be proved within some minutes and be told of in one page.
     *
     * @param named fillings besides those that are made
     */
    public static ProofRun of(Prover prover, Fillings.Made made, List<Filling> named) {
        List<Filling> all = new ArrayList<>(made.fillings());
        all.addAll(named);
        List<Filling> tried = new ArrayList<>();
        Effort spent = Effort.NONE;
        long letters = 0;
        String why = "";
        for (Filling filling : all) {
            spent = spent.plus(prover.effort(filling));
            for (String text : filling.values().values()) letters += text.length();
            for (Filling.Then then : filling.then()) {
                for (String text : then.values().values()) letters += text.length();
            }
            if (spent.steps() > MOST) why = spent.what();
            if (letters > LETTERS)
                why = "their texts have more than " + LETTERS + " letters; shorten them, or use fewer fields";
            if (!why.isEmpty()) break;
            tried.add(filling);
        }
        List<String> left = new ArrayList<>();
        if (!made.left().isEmpty()) left.add(made.left());
        if (!why.isEmpty())
            left.add(tried.size() + " of " + all.size() + " fillings are tried, since the others would take too long: "
                    + why);
        return new ProofRun(prover, tried, String.join("; ", left));
    }

    /** @param left what is not tried, for people; empty if nothing was left out */
    public ProofRun(Prover prover, List<Filling> fillings, String left) {
        this.prover = prover;
        this.left = left;
        this.fillings = List.copyOf(fillings);
        findings = new Findings(prover.graphic(), this.fillings);
    }

    /**
     * Where a run stands.
     *
     * @param finished whether every filling is proved and every finding reduced
     * @param left what is not tried, for people; empty if nothing was left out
     */
    public record Standing(
            List<Filling> fillings, int done, boolean finished, boolean stopped, List<Finding> findings, String left) {

        /** The filling that tells most plainly of a finding: the least that shows it, or the one where it is worst. */
        public Filling shown(Finding finding) {
            return finding.reduced().orElse(fillings.get(finding.trial()));
        }

        /** Findings that are not accepted. */
        public long open() {
            return findings.stream()
                    .filter(finding -> finding.accepted().isEmpty())
                    .count();
        }
    }

    /** When each filling has its turn. */
    public interface Pace {
        /**
         * Does one of many pieces of work.
         *
         * @throws InterruptedException if it is not to go on
         */
        List<Fault> turn(Supplier<List<Fault>> work) throws InterruptedException;
    }

    public void setPace(Pace other) {
        pace = other;
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

    private Void work() throws InterruptedException {
        for (int i = next.getAndIncrement(); i < fillings.size() && !stopped; i = next.getAndIncrement()) {
            Filling filling = fillings.get(i);
            List<Fault> faults = pace.turn(() -> prover.faults(filling));
            synchronized (findings) {
                findings.add(i, faults);
            }
            done.incrementAndGet();
        }
        return null;
    }

    private void reduce() {
        List<Finding> open = standing().findings();
        Budget budget = new Budget(MOST, () -> true);
        for (int i = 0; i < Math.min(REDUCED, open.size()) && !stopped; i++) {
            Fault.Cause cause = open.get(i).worst().cause();
            Filling least = Reducer.reduced(prover, fillings.get(open.get(i).trial()), cause, budget);
            synchronized (findings) {
                findings.reduce(cause, least);
            }
        }
    }
}
