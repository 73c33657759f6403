package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.model.Batch;
import boldwedge.core.jobs.model.Bond;
import boldwedge.core.jobs.model.Job;
import boldwedge.core.jobs.model.Lot;
import boldwedge.core.jobs.model.Operation;
import boldwedge.core.jobs.schedule.Task.Link;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A job's operations as tasks: by set-up, the first piece alone as far as its gauge. Operations of several lots that share a holding
 * on one machine become one task, where no lot then waits for itself.
 */
public final class JobTasks {
    /**
     * A task before it has a number.
     *
     * @param id lot and operation, and which pieces where it is not all of them; several joined by "+"
     * @param parts whose operations it is
     * @param minutes how long it takes
     * @param links ids of what must be done first, with bonds
     */
    public record Part(String id, List<Of> parts, double minutes, Map<String, Bond> links) {
        /** The operation that says machine, hands and hours. */
        public Operation operation() {
            return parts.getFirst().operation();
        }
    }

    /**
     * An operation and which of its pieces.
     *
     * @param lot whose
     * @param operation which
     * @param first the first piece, from 1
     * @param last the last
     */
    public record Of(Lot lot, Operation operation, int first, int last) {
        /** How many. */
        public int pieces() {
            return last - first + 1;
        }
    }

    private final Map<String, Part> parts = new LinkedHashMap<>();
    /** The last task of each operation, by its id. */
    private final Map<String, String> last = new HashMap<>();

    private JobTasks() {}

    /**
     * The tasks of a job, in order.
     *
     * @param job the job
     * @param lost pieces lost at an operation, by its id: what follows has so many fewer
     */
    public static List<Part> of(Job job, Map<String, Integer> lost) {
        JobTasks tasks = new JobTasks();
        job.lots().forEach(lot -> tasks.lot(lot, lost));
        job.lots().forEach(tasks::waits);
        tasks.mergeSetUps();
        return List.copyOf(tasks.parts.values());
    }

    private void lot(Lot lot, Map<String, Integer> lost) {
        List<Operation> all = lot.operations();
        int gauge = lot.pieces() < 2 ? -1 : new Batch(all, lot.pieces()).gauge();
        String before = "";
        for (int i = 0; i <= gauge; i++) {
            before = add(
                    lot,
                    all.get(i),
                    "#1",
                    1,
                    1,
                    all.get(i).setUpMin() + all.get(i).eachMin(),
                    before);
        }
        int pieces = lot.pieces();
        for (int i = 0; i < all.size(); i++) {
            Operation one = all.get(i);
            int from = i <= gauge ? 2 : 1;
            // The set-up in which the first piece met its gauge still stands, and so does that of the operation before.
            boolean stands = i == gauge || (i > 0 && i != gauge + 1 && one.sharesSetUp(all.get(i - 1)));
            double setUp = stands ? 0 : one.setUpMin();
            if (pieces >= from) {
                before = add(
                        lot,
                        one,
                        i <= gauge ? "#2" : "",
                        from,
                        pieces,
                        setUp + one.eachMin() * (pieces - from + 1),
                        before);
            }
            last.put(one.id(), before);
            pieces = Math.max(0, pieces - lost.getOrDefault(one.id(), 0));
        }
    }

    private String add(Lot lot, Operation one, String which, int first, int end, double minutes, String before) {
        Map<String, Bond> links = new LinkedHashMap<>();
        String id = lot.id() + "/" + one.id() + which;
        if (!before.isEmpty()) {
            links.put(before, one.bond().to().isEmpty() ? one.bond() : Bond.FREE);
        }
        if (!one.bond().to().isEmpty()) {
            String to = lot.id() + "/" + one.bond().to();
            // Of the same pieces, where these go apart.
            String same = parts.containsKey(to + which)
                    ? to + which
                    : last.getOrDefault(one.bond().to(), to);
            if (parts.containsKey(same)) {
                links.put(same, one.bond());
            }
        }
        parts.put(id, new Part(id, List.of(new Of(lot, one, first, end)), minutes, links));
        return id;
    }

    /** What waits for operations of other lots, such as a mate that is measured first. */
    private void waits(Lot lot) {
        for (Operation one : lot.operations()) {
            for (String other : one.after()) {
                String done = last.getOrDefault(other, "");
                for (String which : List.of("#1", "#2", "")) {
                    Part part = parts.get(lot.id() + "/" + one.id() + which);
                    if (part != null && !done.isEmpty()) {
                        part.links().putIfAbsent(done, Bond.FREE);
                    }
                }
            }
        }
    }

    private void mergeSetUps() {
        Map<List<String>, String> bySetUp = new HashMap<>();
        for (Part part : List.copyOf(parts.values())) {
            Operation one = part.operation();
            if (one.holding().isEmpty() || part.id().endsWith("#1")) {
                continue;
            }
            List<String> setUp = List.of(one.machine(), one.holding(), String.valueOf(one.hands()));
            String with = bySetUp.get(setUp);
            if (with == null || !merge(with, part)) {
                bySetUp.put(setUp, part.id());
            } else {
                bySetUp.put(setUp, with + "+" + part.id());
            }
        }
    }

    /** Makes one of two, the set-up once: the longer of the two, as the heaviest piece sets the soak. Not where one waits for the other. */
    private boolean merge(String with, Part part) {
        Part first = parts.get(with);
        if (first == null || waitsFor(part.id(), with) || waitsFor(with, part.id())) {
            return false;
        }
        String id = first.id() + "+" + part.id();
        List<Of> both = new ArrayList<>(first.parts());
        both.addAll(part.parts());
        double setUpBefore = first.parts().stream()
                .mapToDouble(of -> of.operation().setUpMin())
                .max()
                .orElse(0);
        double setUpNow = part.operation().setUpMin();
        double minutes = first.minutes() + part.minutes() - Math.min(setUpBefore, setUpNow);
        Map<String, Bond> links = new LinkedHashMap<>(first.links());
        part.links().forEach((to, bond) -> links.merge(to, bond, JobTasks::tighter));
        Map<String, Part> renamed = new LinkedHashMap<>();
        parts.forEach((name, one) -> {
            if (name.equals(part.id())) {
                return;
            }
            boolean here = name.equals(with);
            Map<String, Bond> to = new LinkedHashMap<>();
            (here ? links : one.links())
                    .forEach((other, bond) -> to.merge(
                            other.equals(with) || other.equals(part.id()) ? id : other, bond, JobTasks::tighter));
            renamed.put(
                    here ? id : name,
                    here
                            ? new Part(id, List.copyOf(both), minutes, to)
                            : new Part(name, one.parts(), one.minutes(), to));
        });
        parts.clear();
        parts.putAll(renamed);
        last.replaceAll((operation, task) -> task.equals(with) || task.equals(part.id()) ? id : task);
        return true;
    }

    private static Bond tighter(Bond one, Bond other) {
        return new Bond("", Math.max(one.leastMin(), other.leastMin()), Math.min(one.mostMin(), other.mostMin()));
    }

    private boolean waitsFor(String task, String other) {
        Set<String> seen = new LinkedHashSet<>(Set.of(task));
        List<String> open = new ArrayList<>(seen);
        for (int i = 0; i < open.size(); i++) {
            Part part = parts.get(open.get(i));
            for (String next :
                    part == null ? new HashSet<String>() : part.links().keySet()) {
                if (next.equals(other)) {
                    return true;
                }
                if (seen.add(next)) {
                    open.add(next);
                }
            }
        }
        return false;
    }

    /** A bond as a link to the task of a number. */
    public static Link link(int task, Bond bond) {
        return new Link(
                task,
                Math.round(Math.ceil(bond.leastMin())),
                bond.presses() ? Math.round(Math.floor(bond.mostMin())) : Layout.NEVER);
    }
}
