package boldwedge.core.jobs.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.core.jobs.model.Operation.When;
import boldwedge.core.jobs.schedule.Task.Fixed;
import boldwedge.core.jobs.schedule.Task.Link;
import boldwedge.core.jobs.schedule.Task.State;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LayerTest {
    private static final Worker ONE = new Worker("one", Hours.ALWAYS);

    static Task task(String id, int job, String machine, long minutes, boolean hands, Link... links) {
        return new Task(id, job, machine, minutes, hands, false, When.ANY, List.of(links), Fixed.FREE);
    }

    private static Task unbroken(String id, int job, String machine, long minutes, Link... links) {
        return new Task(id, job, machine, minutes, true, true, When.ANY, List.of(links), Fixed.FREE);
    }

    /** Lots A and B of one person: a mill, a furnace, a bath, an oven, a grinder; and three jobs at the lathe. */
    static Problem lots() {
        return new Problem(
                List.of(
                        task("mill", 0, "mill", 85, true),
                        task("soak", 0, "furnace", 55, false, Link.after(0)),
                        task("quench", 0, "", 5, true, new Link(1, 0, 0)),
                        task("cool", 0, "", 10, false, Link.after(2)),
                        task("temper", 0, "oven", 60, false, Link.after(3), new Link(2, 0, 30)),
                        task("cool again", 0, "", 40, false, Link.after(4)),
                        task("grind", 0, "grinder", 36, true, Link.after(5)),
                        unbroken("b1", 1, "lathe", 50),
                        unbroken("b2", 1, "lathe", 45, Link.after(7)),
                        unbroken("b3", 1, "lathe", 30, Link.after(8))),
                List.of(ONE),
                List.of(Layout.NEVER, Layout.NEVER),
                0,
                Hours.ALWAYS);
    }

    static int[] inOrder(Problem problem) {
        return IntStream.range(0, problem.units()).toArray();
    }

    @Test
    void theHardenedLotsChainIsWhatNothingCanUndercut() {
        Problem problem = lots();
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(layout.last()).isEqualTo(291);
        assertThat(Bound.of(problem)).isEqualTo(new Bound(291, 0, Bound.By.CHAIN, ""));
        assertThat(Breach.of(problem, layout)).isEmpty();
        // Hands: 85 + 5 + 36 + 50 + 45 + 30 of 291 minutes.
        long hands = problem.tasks().stream()
                .filter(Task::hands)
                .mapToLong(Task::minutes)
                .sum();
        assertThat(layout.last() - hands).isEqualTo(40);
        // Quenched as it comes out, although somebody turns until then.
        assertThat(layout.start(2)).isEqualTo(layout.end(1)).isEqualTo(140);
        // One after the other: the hardened lot, then the lathe.
        List<Task> behind = new ArrayList<>(problem.tasks());
        behind.set(7, unbroken("b1", 1, "lathe", 50, Link.after(6)));
        Problem after = new Problem(behind, List.of(ONE), List.of(Layout.NEVER, Layout.NEVER), 0, Hours.ALWAYS);
        assertThat(new Layer(after).lay(inOrder(after)).last()).isEqualTo(416);
    }

    @Test
    void aBreakLiesWithinWhatCanBeLeftAndNeverWithinWhatCannot() {
        Hours day = new Hours(new long[] {0, 60}, new long[] {30, 200});
        Problem problem = new Problem(
                List.of(task("can be left", 0, "", 50, true), unbroken("cannot", 0, "", 40, Link.after(0))),
                List.of(new Worker("one", day)),
                List.of(Layout.NEVER),
                0,
                Hours.ALWAYS);
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(layout.end(0)).isEqualTo(80);
        assertThat(layout.start(1)).isEqualTo(80);
        Problem alone = new Problem(
                List.of(unbroken("cannot", 0, "", 40)),
                List.of(new Worker("one", day)),
                List.of(Layout.NEVER),
                0,
                Hours.ALWAYS);
        assertThat(new Layer(alone).lay(inOrder(alone)).start(0)).isEqualTo(60);
    }

    @Test
    void aSoakIsBegunSoThatSomebodyIsThereForTheQuench() {
        // There until 100 and again from 160: a soak of 55 begun at 50 would end at 105, when nobody is there.
        Hours day = new Hours(new long[] {0, 160}, new long[] {100, 400});
        Problem problem = new Problem(
                List.of(
                        task("turn", 0, "lathe", 50, true),
                        task("soak", 0, "furnace", 55, false, Link.after(0)),
                        task("quench", 0, "", 5, true, new Link(1, 0, 0))),
                List.of(new Worker("one", day)),
                List.of(Layout.NEVER),
                0,
                Hours.ALWAYS);
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(Breach.of(problem, layout)).isEmpty();
        assertThat(layout.start(1)).isEqualTo(160);
        assertThat(layout.start(2)).isEqualTo(215);
    }

    @Test
    void noQuenchLiesInTheLastHalfHourOfADay() {
        Hours days = new Hours(new long[] {0, 1440}, new long[] {100, 1600});
        Task quench = new Task(
                "quench", 0, "", 5, true, true, When.NOT_LAST_HALF_HOUR, List.of(new Link(0, 0, 0)), Fixed.FREE);
        Problem problem = new Problem(
                List.of(task("soak", 0, "furnace", 70, false), quench),
                List.of(new Worker("one", days)),
                List.of(Layout.NEVER),
                0,
                Hours.ALWAYS);
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(layout.start(0)).isEqualTo(1440);
        assertThat(layout.end(1)).isEqualTo(1515).isLessThanOrEqualTo(1600 - Problem.LAST_HALF_HOUR);
    }

    @Test
    void whatIsPinnedStandsAndWhatItBreaksIsTold() {
        Task pinned = new Task(
                "second",
                0,
                "lathe",
                20,
                true,
                false,
                When.ANY,
                List.of(Link.after(0)),
                new Fixed(State.PINNED, 10, 0));
        Problem problem = new Problem(
                List.of(task("first", 0, "lathe", 30, true), pinned),
                List.of(ONE),
                List.of(Layout.NEVER),
                0,
                Hours.ALWAYS);
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(layout.start(1)).isEqualTo(10);
        assertThat(layout.start(0)).isEqualTo(30);
        assertThat(Breach.of(problem, layout)).containsExactly(new Breach(Breach.Kind.ORDER, 1, 0, 50));
    }

    @Test
    void whatIsDoneStaysAndWhatRunsEndsAfterNow() {
        Task done = new Task("done", 0, "lathe", 30, true, false, When.ANY, List.of(), new Fixed(State.DONE, 5, 25));
        Task runs = new Task("runs", 0, "mill", 30, true, false, When.ANY, List.of(), new Fixed(State.RUNNING, 60, 0));
        Problem problem = new Problem(
                List.of(done, runs, task("next", 0, "lathe", 10, true, Link.after(0), Link.after(1))),
                List.of(ONE),
                List.of(Layout.NEVER),
                100,
                Hours.ALWAYS);
        Layout layout = new Layer(problem).lay(inOrder(problem));
        assertThat(layout.end(0)).isEqualTo(25);
        assertThat(layout.end(1)).isEqualTo(101);
        assertThat(layout.start(2)).isEqualTo(101);
    }

    @Test
    void tasksThatWaitForEachOtherAreRefused() {
        List<Task> ring = List.of(task("a", 0, "", 5, true, Link.after(1)), task("b", 0, "", 5, true, Link.after(0)));
        assertThatThrownBy(() -> new Problem(ring, List.of(ONE), List.of(Layout.NEVER), 0, Hours.ALWAYS))
                .isInstanceOf(IllegalArgumentException.class);
        List<Task> pressing =
                List.of(task("a", 0, "", 5, true, new Link(1, 0, 0)), task("b", 0, "", 5, true, new Link(0, 0, 0)));
        assertThatThrownBy(() -> new Problem(pressing, List.of(ONE), List.of(Layout.NEVER), 0, Hours.ALWAYS))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Whatever the order, nothing is broken and nothing is done sooner than the bound says. */
    @Test
    void anyOrderOfAnyShopKeepsEveryBond() {
        Random random = new Random(20261201);
        for (int shop = 0; shop < 300; shop++) {
            Problem problem = problem(random);
            Bound bound = Bound.of(problem);
            Layer layer = new Layer(problem);
            for (int i = 0; i < 5; i++) {
                Layout layout = layer.lay(shuffled(problem.units(), random));
                assertThat(Breach.of(problem, layout)).as("shop %d", shop).isEmpty();
                assertThat(layout.last()).as("shop %d", shop).isGreaterThanOrEqualTo(bound.last());
                assertThat(layout.late()).as("shop %d", shop).isGreaterThanOrEqualTo(bound.late());
            }
        }
    }

    private static int[] shuffled(int many, Random random) {
        int[] rank = IntStream.range(0, many).toArray();
        for (int i = many - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int held = rank[i];
            rank[i] = rank[j];
            rank[j] = held;
        }
        return rank;
    }

    /** A made-up shop: one to three persons with days and breaks, up to six jobs with heats, one bond in three. */
    static Problem problem(Random random) {
        List<Worker> workers = new ArrayList<>();
        for (int who = 0; who <= random.nextInt(3); who++) {
            List<Long> from = new ArrayList<>();
            List<Long> to = new ArrayList<>();
            for (long day = 0; day < 40; day++) {
                long begin = day * 1440 + 420 + 15L * random.nextInt(8);
                from.add(begin);
                to.add(begin + 240);
                from.add(begin + 270);
                to.add(begin + 270 + 240);
            }
            workers.add(new Worker(
                    "w" + who,
                    new Hours(
                            from.stream().mapToLong(Long::longValue).toArray(),
                            to.stream().mapToLong(Long::longValue).toArray())));
        }
        List<Task> tasks = new ArrayList<>();
        List<Long> due = new ArrayList<>();
        String[] machines = {"lathe", "mill", "furnace", "oven", ""};
        for (int job = 0; job <= random.nextInt(6); job++) {
            due.add(random.nextBoolean() ? Layout.NEVER : 1000L + random.nextInt(6000));
            int many = 1 + random.nextInt(7);
            for (int i = 0; i < many; i++) {
                int last = tasks.size() - 1;
                boolean presses = i > 0 && random.nextInt(3) == 0;
                List<Link> links = i == 0
                        ? List.of()
                        : List.of(new Link(
                                last,
                                random.nextInt(3) == 0 ? random.nextInt(20) : 0,
                                presses ? 20 + random.nextInt(40) : Layout.NEVER));
                tasks.add(new Task(
                        "t" + tasks.size(),
                        job,
                        machines[random.nextInt(machines.length)],
                        5 + random.nextInt(110),
                        random.nextInt(3) > 0,
                        random.nextInt(4) == 0,
                        When.ANY,
                        links,
                        Fixed.FREE));
            }
        }
        return new Problem(tasks, workers, due, 500, Hours.ALWAYS);
    }

    private static Problem late(long due, Task... tasks) {
        return new Problem(List.of(tasks), List.of(ONE), List.of(due, Layout.NEVER), 0, Hours.ALWAYS);
    }

    /** What would help a late job, tried: its own chain is too long; a long task of another is split; it goes first. */
    @Test
    void theFirstRemedyOfALateJob() {
        Problem tooLong = late(60, task("long", 0, "", 90, true));
        assertThat(LateRemedy.of(tooLong, new Layer(tooLong).lay(inOrder(tooLong)), 0)
                        .kind())
                .isEqualTo(LateRemedy.Kind.TOO_LONG);
        // A quench at 40 within a lathe job of 100 that must not be broken: half of it before, half behind.
        Problem split = late(
                60,
                task("load", 0, "", 5, true),
                task("soak", 0, "furnace", 40, false, Link.after(0)),
                task("quench", 0, "", 5, true, new Link(1, 0, 0)),
                unbroken("turn", 1, "lathe", 100));
        int[] turnFirst = {1, 0, 2};
        Layout laid = new Layer(split).lay(turnFirst);
        assertThat(laid.late()).isPositive();
        LateRemedy remedy = LateRemedy.of(split, laid, 0);
        assertThat(remedy.kind()).isIn(LateRemedy.Kind.SPLIT, LateRemedy.Kind.FIRST);
        assertThat(remedy.ends()).isLessThanOrEqualTo(60);
        // Too short to be worth a second chucking: this job first.
        Problem first = late(20, task("mine", 0, "", 15, true), unbroken("other", 1, "lathe", 20));
        Layout behind = new Layer(first).lay(new int[] {1, 0});
        assertThat(behind.late()).isPositive();
        assertThat(LateRemedy.of(first, behind, 0).kind()).isEqualTo(LateRemedy.Kind.FIRST);
        assertThat(LateRemedy.split(split, 3).tasks()).hasSize(5);
        assertThat(LateRemedy.split(split, 3).tasks().stream()
                        .mapToLong(Task::minutes)
                        .sum())
                .isEqualTo(split.tasks().stream().mapToLong(Task::minutes).sum());
    }
}
