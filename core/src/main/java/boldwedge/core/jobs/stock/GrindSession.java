package boldwedge.core.jobs.stock;

import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.GrindSetUp;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Dull tools ground in one session: wheel by wheel, each set-up of rest and fence used for all surfaces that share it, every tool's own
 * order of surfaces kept. The fewest set-ups are the shortest sequence that contains each tool's own: found whole where the tools are few,
 * else by the set-up that most tools wait for.
 *
 * @param wheels wheel by wheel
 */
public record GrindSession(List<AtWheel> wheels) {
    /** Tilts no further apart than this are ground in one set-up: a degree either way lies in every clearance's range, radians. */
    private static final double TILT_TOGETHER = Math.toRadians(2);

    /** The same of the shank: a degree and a half of lead or trail either way, radians. */
    private static final double SWING_TOGETHER = Math.toRadians(3);

    /** So many states are searched whole. */
    private static final int WHOLE = 60_000;

    /**
     * A tool that is to be ground.
     *
     * @param name what the shop calls it
     * @param count how many of it
     * @param setUps its surfaces in their order
     */
    public record Dull(String name, int count, List<GrindSetUp> setUps) {}

    /**
     * What is ground at one wheel.
     *
     * @param wheel which
     * @param setUps in order
     * @param alone set-ups if each tool were ground by itself
     */
    public record AtWheel(String wheel, List<RestSetUp> setUps, int alone) {}

    /**
     * A set-up and what is ground in it.
     *
     * @param setting how rest and fence stand
     * @param work the tools and their surfaces
     */
    public record RestSetUp(String setting, List<SurfaceGround> work) {}

    /**
     * A surface of a tool.
     *
     * @param tool what the shop calls it
     * @param count how many of it
     * @param surface which surface
     */
    public record SurfaceGround(String tool, int count, String surface) {}

    /** Orders a session. */
    public static GrindSession of(List<Dull> tools) {
        Map<String, List<Dull>> byWheel = new LinkedHashMap<>();
        for (Dull tool : tools) {
            Map<String, List<GrindSetUp>> parts = new LinkedHashMap<>();
            tool.setUps()
                    .forEach(one -> parts.computeIfAbsent(one.wheel(), wheel -> new ArrayList<>())
                            .add(one));
            parts.forEach((wheel, part) -> byWheel.computeIfAbsent(wheel, any -> new ArrayList<>())
                    .add(new Dull(tool.name(), tool.count(), part)));
        }
        return new GrindSession(byWheel.entrySet().stream()
                .map(one -> atWheel(one.getKey(), one.getValue()))
                .toList());
    }

    private static AtWheel atWheel(String wheel, List<Dull> tools) {
        Map<GrindSetUp, String> shared =
                shared(tools.stream().flatMap(tool -> tool.setUps().stream()).toList());
        List<List<String>> orders = tools.stream()
                .map(tool -> tool.setUps().stream()
                        .map(one -> shared.getOrDefault(one, ""))
                        .toList())
                .toList();
        List<RestSetUp> all = new ArrayList<>();
        int[] at = new int[tools.size()];
        for (String setting : order(orders)) {
            List<SurfaceGround> work = new ArrayList<>();
            for (int i = 0; i < at.length; i++) {
                List<GrindSetUp> own = tools.get(i).setUps();
                while (at[i] < own.size() && orders.get(i).get(at[i]).equals(setting)) {
                    work.add(new SurfaceGround(
                            tools.get(i).name(),
                            tools.get(i).count(),
                            own.get(at[i]).surface()));
                    at[i]++;
                }
            }
            all.add(new RestSetUp(setting, List.copyOf(work)));
        }
        int alone = orders.stream().mapToInt(GrindSession::changes).sum();
        return new AtWheel(wheel, List.copyOf(all), alone);
    }

    /**
     * The set-up that each surface is ground in, in words: those that stand near enough to each other share their middle, so that none is
     * further from its own card than a degree of tilt and a degree and a half of swing.
     */
    private static Map<GrindSetUp, String> shared(List<GrindSetUp> own) {
        List<GrindSetUp> sorted = own.stream()
                .distinct()
                .sorted(Comparator.comparingDouble(GrindSetUp::swingRad).thenComparingDouble(GrindSetUp::tiltRad))
                .toList();
        List<List<GrindSetUp>> groups = new ArrayList<>();
        for (GrindSetUp one : sorted) {
            groups.stream()
                    .filter(group -> near(group, one, GrindSetUp::tiltRad, TILT_TOGETHER)
                            && near(group, one, GrindSetUp::swingRad, SWING_TOGETHER))
                    .findFirst()
                    .orElseGet(() -> {
                        List<GrindSetUp> fresh = new ArrayList<>();
                        groups.add(fresh);
                        return fresh;
                    })
                    .add(one);
        }
        Map<GrindSetUp, String> words = new HashMap<>();
        for (List<GrindSetUp> group : groups) {
            double swing = middle(group, GrindSetUp::swingRad);
            String setting = Written.words(
                    "rest tilted %s, shank swung %s%s",
                    halves(middle(group, GrindSetUp::tiltRad)),
                    halves(Math.abs(swing)),
                    Math.abs(swing) < 1e-6 ? "" : swing > 0 ? " to the left" : " to the right");
            group.forEach(one -> words.put(one, setting));
        }
        return words;
    }

    private static boolean near(
            List<GrindSetUp> group, GrindSetUp one, ToDoubleFunction<GrindSetUp> angle, double together) {
        double least = group.stream().mapToDouble(angle).min().orElse(angle.applyAsDouble(one));
        double most = group.stream().mapToDouble(angle).max().orElse(angle.applyAsDouble(one));
        return Math.max(most, angle.applyAsDouble(one)) - Math.min(least, angle.applyAsDouble(one)) <= together + 1e-9;
    }

    private static double middle(List<GrindSetUp> group, ToDoubleFunction<GrindSetUp> angle) {
        return (group.stream().mapToDouble(angle).min().orElse(0)
                        + group.stream().mapToDouble(angle).max().orElse(0))
                / 2;
    }

    /** To half a degree: no rest is set finer. */
    private static String halves(double radians) {
        return Written.places(Math.rint(2 * Math.toDegrees(radians)) / 2, 1) + "°";
    }

    /** Set-ups of one tool by itself: surfaces that follow each other in the same one share it. */
    private static int changes(List<String> order) {
        int changes = 0;
        for (int i = 0; i < order.size(); i++) {
            changes += i == 0 || !order.get(i).equals(order.get(i - 1)) ? 1 : 0;
        }
        return changes;
    }

    /** The shortest order of set-ups in which each tool finds its own in its own order. */
    static List<String> order(List<List<String>> orders) {
        long states = 1;
        for (List<String> order : orders) {
            states = Math.min(WHOLE + 1L, states * (order.size() + 1));
        }
        return states <= WHOLE ? shortest(orders) : majority(orders);
    }

    /** Breadth first over how far each tool is. */
    private static List<String> shortest(List<List<String>> orders) {
        record State(List<Integer> at) {}
        State start = new State(orders.stream().map(any -> 0).toList());
        Map<State, State> from = new HashMap<>();
        Map<State, String> by = new HashMap<>();
        Deque<State> open = new ArrayDeque<>(List.of(start));
        Set<State> seen = new HashSet<>(open);
        while (!open.isEmpty()) {
            State now = open.removeFirst();
            Set<String> next = new HashSet<>();
            List<String> sorted = new ArrayList<>();
            for (int i = 0; i < orders.size(); i++) {
                int at = now.at().get(i);
                if (at < orders.get(i).size() && next.add(orders.get(i).get(at))) {
                    sorted.add(orders.get(i).get(at));
                }
            }
            if (sorted.isEmpty()) {
                return path(now, start, from, by);
            }
            for (String setting : sorted) {
                State then = new State(
                        Arrays.stream(step(orders, now.at(), setting)).boxed().toList());
                if (seen.add(then)) {
                    from.put(then, now);
                    by.put(then, setting);
                    open.addLast(then);
                }
            }
        }
        throw new IllegalStateException("Every tool can be ground by itself");
    }

    private static <S> List<String> path(S end, S start, Map<S, S> from, Map<S, String> by) {
        Deque<String> path = new ArrayDeque<>();
        S at = end;
        while (!at.equals(start)) {
            path.addFirst(java.util.Objects.requireNonNull(by.get(at)));
            at = java.util.Objects.requireNonNull(from.get(at));
        }
        return List.copyOf(path);
    }

    private static int[] step(List<List<String>> orders, List<Integer> at, String setting) {
        int[] then = new int[orders.size()];
        for (int i = 0; i < then.length; i++) {
            int k = at.get(i);
            while (k < orders.get(i).size() && orders.get(i).get(k).equals(setting)) {
                k++;
            }
            then[i] = k;
        }
        return then;
    }

    /** Each time the set-up that most tools wait for; of as many that of the tool with most left. */
    private static List<String> majority(List<List<String>> orders) {
        List<String> all = new ArrayList<>();
        List<Integer> at = orders.stream().map(any -> 0).toList();
        while (true) {
            Map<String, Integer> wanted = new LinkedHashMap<>();
            Map<String, Integer> left = new HashMap<>();
            for (int i = 0; i < orders.size(); i++) {
                if (at.get(i) < orders.get(i).size()) {
                    String setting = orders.get(i).get(at.get(i));
                    wanted.merge(setting, 1, Integer::sum);
                    left.merge(setting, orders.get(i).size() - at.get(i), Math::max);
                }
            }
            if (wanted.isEmpty()) {
                return List.copyOf(all);
            }
            String best = "";
            for (String setting : wanted.keySet()) {
                int more = wanted.getOrDefault(setting, 0) - wanted.getOrDefault(best, 0);
                if (more > 0 || (more == 0 && left.getOrDefault(setting, 0) > left.getOrDefault(best, 0))) {
                    best = setting;
                }
            }
            all.add(best);
            at = Arrays.stream(step(orders, at, best)).boxed().toList();
        }
    }
}
