package boldwedge.core.language.finding;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A verdict with its margin and its working.
 *
 * @param id stable name, for scripts and tests
 * @param station where it belongs
 * @param verdict how it came out
 * @param statement one line of plain words and a number
 * @param margin what is left, as a share of what is needed: 1 is twice what is needed, 0 just enough, below 0 too little
 * @param working how the number came about
 * @param notes what else is to know, a sentence each
 * @param source where formula and figures come from
 * @param cautions what can hurt
 * @param schools where practitioners differ
 * @param mends changes that would mend it
 */
public record Finding(
        String id,
        Station station,
        Verdict verdict,
        String statement,
        double margin,
        List<Step> working,
        List<String> notes,
        String source,
        List<String> cautions,
        List<Alternative> schools,
        List<Fix> mends) {

    /** The verdict and its line alone, for a look at something else. */
    public Finding brief() {
        return new Finding(
                id, station, verdict, statement, margin, List.of(), List.of(), "", List.of(), List.of(), List.of());
    }

    /** The same with other changes that would mend it, worked out once somebody reads them. */
    public Finding withMends(Supplier<List<Fix>> others) {
        return new Finding(
                id,
                station,
                verdict,
                statement,
                margin,
                working,
                notes,
                source,
                cautions,
                schools,
                new ReadLater<>(others));
    }

    /** Starts a finding whose numbers are told so. */
    public static Builder at(Station station, String id, UnitFormat say) {
        return new Builder(station, id, say);
    }

    /** Puts a finding together; what is not said stays empty. */
    public static final class Builder {
        private final Station station;
        private final String id;
        private final UnitFormat say;
        private final List<Working> working = new ArrayList<>();
        private @Nullable Consumer<Builder> remedies;
        private final List<String> notes = new ArrayList<>();
        private final List<String> cautions = new ArrayList<>();
        private final List<Alternative> schools = new ArrayList<>();
        private final List<Fix> mends = new ArrayList<>();
        private Verdict verdict = Verdict.TOLD;
        private String statement = "";
        private String source = "";
        private double margin = 1;

        private Builder(Station station, String id, UnitFormat say) {
            this.station = station;
            this.id = id;
            this.say = say;
        }

        /** The verdict and the line of plain words. */
        public Builder says(Verdict outcome, String words) {
            verdict = outcome;
            statement = words;
            return this;
        }

        /** The verdict and the line of plain words, whose blanks {@code %s} are filled in order. */
        public Builder says(Verdict outcome, String words, Object... blanks) {
            return says(outcome, Written.words(words, blanks));
        }

        /** What is left, as a share of what is needed. */
        public Builder margin(double share) {
            margin = Double.isFinite(share) ? Math.clamp(share, -1, 10) : (share > 0 ? 10 : -1);
            return this;
        }

        /** A line of working, put into words once somebody reads it: most findings are only seen as their line of words. */
        public Builder step(Working line) {
            working.add(line);
            return this;
        }

        /** Several. */
        public Builder steps(List<Working> lines) {
            working.addAll(lines);
            return this;
        }

        /** What else is to know; an empty sentence is none. */
        public Builder note(String sentence) {
            if (!sentence.isEmpty()) {
                notes.add(sentence);
            }
            return this;
        }

        public Builder source(String citation) {
            source = citation;
            return this;
        }

        public Builder caution(String words) {
            cautions.add(words);
            return this;
        }

        public Builder school(String name, String reason, boolean inForce) {
            schools.add(new Alternative(name, reason, inForce));
            return this;
        }

        public Builder mend(String label, InputField field, String text) {
            return mend(new Fix(label, field, text));
        }

        /** A change that would mend it. */
        public Builder mend(Fix fix) {
            mends.add(fix);
            return this;
        }

        /**
         * Changes that would mend it, after those that are given: what tries them out is called once somebody reads them, with a builder of
         * which only the mends count.
         */
        public Builder mendsLater(Consumer<Builder> tries) {
            remedies = tries;
            return this;
        }

        private List<Fix> mends() {
            List<Fix> given = List.copyOf(mends);
            Consumer<Builder> tries = remedies;
            if (tries == null) {
                return given;
            }
            return new ReadLater<>(() -> {
                Builder tried = new Builder(station, id, say);
                tried.mends.addAll(given);
                tries.accept(tried);
                return tried.mends;
            });
        }

        /** What would mend it and is done at the machine. */
        public Builder does(String label) {
            mends.add(Fix.atTheMachine(label));
            return this;
        }

        /** The same where it is of use. */
        public Builder doesWhen(boolean wanted, String label) {
            return wanted ? does(label) : this;
        }

        /** A change that would mend it, unless it would change nothing. */
        public Builder mendUnless(boolean idle, String label, InputField field, String text) {
            return idle ? this : mend(label, field, text);
        }

        public Finding build() {
            List<Working> lines = List.copyOf(working);
            return new Finding(
                    id,
                    station,
                    verdict,
                    statement,
                    // What holds has all that is needed, whatever else could be wished for.
                    verdict == Verdict.FINE ? Math.max(0, margin) : margin,
                    new ReadLater<>(
                            () -> lines.stream().map(line -> line.told(say)).toList()),
                    List.copyOf(notes),
                    source,
                    List.copyOf(cautions),
                    List.copyOf(schools),
                    mends());
        }
    }
}
