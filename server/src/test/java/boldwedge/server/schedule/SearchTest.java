package boldwedge.server.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.jobs.model.Operation.When;
import boldwedge.core.jobs.schedule.Bound;
import boldwedge.core.jobs.schedule.Breach;
import boldwedge.core.jobs.schedule.Hours;
import boldwedge.core.jobs.schedule.Layout;
import boldwedge.core.jobs.schedule.Problem;
import boldwedge.core.jobs.schedule.Task;
import boldwedge.core.jobs.schedule.Task.Fixed;
import boldwedge.core.jobs.schedule.Task.Link;
import boldwedge.core.jobs.schedule.Worker;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The search: from a first plan to better ones, held to a count of steps and not to a clock. */
class SearchTest {
    private static final Duration LONG = Duration.ofMinutes(5);

    private static Task task(List<Task> tasks, int job, String machine, long minutes, boolean hands, Link... links) {
        return new Task("t" + tasks.size(), job, machine, minutes, hands, false, When.ANY, List.of(links), Fixed.FREE);
    }

    /** Two machines, one pair of hands, jobs of two steps each the first of which waits: short ones must go first (Johnson 1954). */
    private static Problem johnson() {
        List<Task> tasks = new ArrayList<>();
        List<Long> due = new ArrayList<>();
        long[][] times = {{50, 20}, {10, 60}, {40, 30}, {5, 45}, {60, 15}};
        for (int job = 0; job < times.length; job++) {
            tasks.add(task(tasks, job, "first", times[job][0], false));
            tasks.add(task(tasks, job, "second", times[job][1], false, Link.after(tasks.size() - 1)));
            due.add(Layout.NEVER);
        }
        return new Problem(tasks, List.of(new Worker("one", Hours.ALWAYS)), due, 0, Hours.ALWAYS);
    }

    @Test
    void findsTheShortestOrderOfTwoMachines() {
        Search search = new Search(johnson(), LONG, Optional.of(3000));
        search.run(better -> {});
        // Johnson's rule: 4, 2, 3, 1, 5: the first machine works 165, then 15 more on the second: 185 by hand.
        long[] first = {5, 10, 40, 50, 60};
        long[] second = {45, 60, 30, 20, 15};
        long a = 0;
        long b = 0;
        for (int i = 0; i < first.length; i++) {
            a += first[i];
            b = Math.max(a, b) + second[i];
        }
        assertThat(search.best().last()).isEqualTo(b);
        assertThat(search.best().last()).isGreaterThanOrEqualTo(search.bound().last());
    }

    /** Forty tools of eight operations, five machines, a furnace, two persons with days. */
    private static Problem shop() {
        Random random = new Random(40);
        List<Task> tasks = new ArrayList<>();
        List<Long> due = new ArrayList<>();
        String[] machines = {"lathe", "mill", "drill", "grinder", "second lathe"};
        for (int job = 0; job < 40; job++) {
            due.add(Layout.NEVER);
            for (int i = 0; i < 8; i++) {
                Link[] after = i == 0 ? new Link[0] : new Link[] {Link.after(tasks.size() - 1)};
                if (i == 5) {
                    tasks.add(task(tasks, job, "furnace", 40, false, after));
                } else if (i == 6) {
                    tasks.add(task(tasks, job, "", 5, true, new Link(tasks.size() - 1, 0, 0)));
                } else {
                    tasks.add(task(tasks, job, machines[random.nextInt(5)], 5 + random.nextInt(40), true, after));
                }
            }
        }
        return new Problem(tasks, List.of(worker("one"), worker("two")), due, 420, Hours.ALWAYS);
    }

    private static Worker worker(String name) {
        long[] from = new long[120];
        long[] to = new long[120];
        for (int day = 0; day < 60; day++) {
            from[2 * day] = day * 1440L + 420;
            to[2 * day] = day * 1440L + 720;
            from[2 * day + 1] = day * 1440L + 750;
            to[2 * day + 1] = day * 1440L + 960;
        }
        return new Worker(name, new Hours(from, to));
    }

    @Test
    void fortyToolsComeNearWhatNoOrderCanUndercut() {
        Problem problem = shop();
        Search search = new Search(problem, LONG, Optional.of(400));
        Layout first = search.best();
        List<Layout> better = new ArrayList<>();
        search.run(better::add);
        assertThat(search.isOver()).isTrue();
        assertThat(Breach.of(problem, search.best())).isEmpty();
        assertThat(first.betterThan(search.best())).isFalse();
        Bound bound = search.bound();
        double over = (search.best().last() - problem.now()) / (double) (bound.last() - problem.now()) - 1;
        assertThat(over).isBetween(0.0, 0.05);
        for (int i = 1; i < better.size(); i++) {
            assertThat(better.get(i).betterThan(better.get(i - 1))).isTrue();
        }
    }

    @Test
    void whatIsStoppedKeepsItsBest() {
        Search search = new Search(shop(), LONG, Optional.empty());
        Layout first = search.best();
        search.stop();
        search.run(better -> {});
        assertThat(search.best()).isEqualTo(first);
        assertThat(search.isOver()).isTrue();
    }
}
