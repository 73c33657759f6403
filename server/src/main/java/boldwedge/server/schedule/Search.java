package boldwedge.server.schedule;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import boldwedge.core.jobs.schedule.Bound;
import boldwedge.core.jobs.schedule.FirstOrders;
import boldwedge.core.jobs.schedule.Layer;
import boldwedge.core.jobs.schedule.Layout;
import boldwedge.core.jobs.schedule.Problem;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Searches for the order of a shop's tasks: the best of some rules of thumb at once, then the constraint solver from there. It ends
 * when its time is over, when it is stopped, when nothing has become better for a while, or when the bound is met, below which
 * nothing can be.
 */
final class Search {
    private final Problem problem;
    private final Bound bound;
    private final List<Integer> first;
    private final Duration longest;
    private final Optional<Integer> steps;
    private volatile Layout best;
    private volatile boolean stopped;
    private volatile boolean over;
    private final long begunAt;
    private volatile @org.jspecify.annotations.Nullable Solver<Sought> solver;

    /**
     * Finds the first order at once.
     *
     * @param steps ends after so many steps of the search, the same wherever it runs; empty: by time alone
     */
    Search(Problem problem, Duration longest, Optional<Integer> steps) {
        this.problem = problem;
        this.longest = longest;
        this.steps = steps;
        bound = Bound.of(problem);
        first = FirstOrders.best(problem);
        best = new Layer(problem).lay(first);
        begunAt = System.nanoTime();
        over = problem.units() < 2 || longest.isZero() || isProved();
    }

    /** Searches on; returns when it is over. */
    void run(Consumer<Layout> better) {
        if (over) {
            return;
        }
        try {
            search(better);
        } finally {
            // Broken off it is over too: its best so far is what there is.
            over = true;
        }
    }

    private void search(Consumer<Layout> better) {
        Solver<Sought> found = SolverFactory.<Sought>create(config()).buildSolver();
        solver = found;
        found.addEventListener(event -> {
            Layout layout = event.getNewBestSolution().layout();
            if (layout.betterThan(best)) {
                best = layout;
                better.accept(layout);
            }
            // Stopped just before it began it has not heard of it.
            if (stopped || isProved()) {
                found.terminateEarly();
            }
        });
        if (!stopped) {
            found.solve(new Sought(new Layer(problem), first));
        }
    }

    private SolverConfig config() {
        TerminationConfig end = new TerminationConfig()
                .withSpentLimit(longest)
                .withUnimprovedSpentLimit(longest.dividedBy(2).plusSeconds(1));
        LocalSearchPhaseConfig phase = new LocalSearchPhaseConfig();
        steps.ifPresent(most -> phase.withTerminationConfig(new TerminationConfig().withStepCountLimit(most)));
        return new SolverConfig()
                .withSolutionClass(Sought.class)
                .withEntityClasses(Turns.class)
                .withEasyScoreCalculatorClass(Weighing.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(1L)
                .withTerminationConfig(end)
                .withPhases(phase);
    }

    /** Ends it; the best so far stays. */
    void stop() {
        stopped = true;
        Solver<Sought> found = solver;
        if (found != null) {
            found.terminateEarly();
        }
    }

    /** The best so far. */
    Layout best() {
        return best;
    }

    Bound bound() {
        return bound;
    }

    /** Whether nothing can be better in what counts first: nothing less late, nothing done sooner. */
    boolean isProved() {
        return best.unlaid() == 0 && best.late() == bound.late() && best.last() <= bound.last();
    }

    boolean isOver() {
        return over;
    }

    double seconds() {
        return (System.nanoTime() - begunAt) / 1e9;
    }
}
