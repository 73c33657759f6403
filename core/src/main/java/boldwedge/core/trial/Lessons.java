package boldwedge.core.trial;

import boldwedge.core.trial.Calibration.Of;
import boldwedge.core.trial.Calibration.Sum;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The lessons of kept trials, added up by what they are about. */
public final class Lessons {
    private final Map<String, Sum> sums = new HashMap<>();

    /** What a trial showed of what it is about; nothing where it teaches nothing, or cannot be judged. */
    public static Map<Subject, Calibration.Lesson> of(Optional<About> about, Optional<Calibration.Trial> trial) {
        return about.flatMap(of -> trial.flatMap(Calibration.Trial::lesson).map(taught -> Map.of(of.teaches(), taught)))
                .orElse(Map.of());
    }

    /** Lessons of one trial about several things; where two are about the same the later stands. */
    @SafeVarargs
    public static Map<Subject, Calibration.Lesson> together(Map<Subject, Calibration.Lesson>... lessons) {
        Map<Subject, Calibration.Lesson> all = new HashMap<>();
        for (Map<Subject, Calibration.Lesson> some : lessons) {
            all.putAll(some);
        }
        return all;
    }

    /**
     * What lessons are about.
     *
     * @param key its name where lessons are kept
     * @param of what the factor is of
     */
    public record Subject(String key, Of of) {
        /** A subject by what tells it from others: the lathe first, then material, tool or whatever else its lessons hold for. */
        public static Subject of(Of of, String... what) {
            return new Subject(of.key() + '|' + String.join("|", what), of);
        }
    }

    /**
     * What a trial, or a question, is about.
     *
     * @param lathe the lathe, whose card lessons were reckoned with
     * @param teaches what a trial of this teaches
     * @param counts whatever counts for a question of this; of those that tell of the same thing the first one that has been tried
     */
    public record About(String lathe, Subject teaches, List<Subject> counts) {
        /** A trial and a question of one thing. */
        public static About of(String lathe, Subject subject) {
            return new About(lathe, subject, List.of(subject));
        }

        /**
         * Of a bar. A trial on a bar whose stiffness was measured teaches the cutting force, of this lathe in this material with any bar; one on a bar that was
         * not measured teaches its spring, of this lathe, material and bar alone, and that counts before the force where it has been tried.
         *
         * @param bar the bar with its material, by its size
         * @param measured whether the stiffness at its point was measured
         */
        public static About ofBar(String lathe, String material, String bar, boolean measured) {
            Subject force = Subject.of(Of.FORCE, lathe, material);
            Subject spring = Subject.of(Of.SPRING, lathe, material, bar);
            Subject quiet = quiet(lathe, material, bar);
            return measured
                    ? new About(lathe, force, List.of(force, quiet, head(lathe), boredDial(lathe)))
                    : new About(lathe, spring, List.of(spring, force, quiet, head(lathe), boredDial(lathe)));
        }

        /** Where the axis of a lathe's spindle runs, whatever is cut. */
        public static Subject head(String lathe) {
            return Subject.of(Of.HEAD, lathe);
        }

        /** What holes bored on a lathe are off by beside what was dialled, whatever bar bores them. */
        public static Subject boredDial(String lathe) {
            return Subject.of(Of.DIAL, lathe, "bored");
        }

        /** What is heard of a bar: of this lathe, material and bar alone. */
        public static Subject quiet(String lathe, String material, String bar) {
            return Subject.of(Of.QUIET, lathe, material, bar);
        }

        /** The names of whatever counts. */
        public List<String> keys() {
            return counts.stream().map(Subject::key).toList();
        }
    }

    /** Takes a trial in. */
    public void add(About about, Calibration.Trial trial) {
        trial.lesson().ifPresent(lesson -> add(about.teaches(), lesson));
    }

    /** Takes a lesson in. */
    public void add(Subject subject, Calibration.Lesson lesson) {
        sums.merge(subject.key(), Sum.NONE.plus(lesson), (before, one) -> before.plus(lesson));
    }

    /** Takes lessons in that have been added up. */
    public void put(String subject, Sum sum) {
        sums.put(subject, sum);
    }

    /** What counts for this and has been tried, in its order. */
    public Calibrations taught(About about) {
        List<Calibration> known = new ArrayList<>();
        for (Subject subject : about.counts()) {
            Sum sum = sums.getOrDefault(subject.key(), Sum.NONE);
            if (sum.trials() > 0) {
                known.add(Calibration.by(subject.of(), sum));
            }
        }
        return new Calibrations(List.copyOf(known));
    }
}
