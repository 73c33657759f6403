package boldwedge.core.jobs.stock;

import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;

/**
 * What an edge has cut since it was ground, and what its edges before it cut until they were: clocked by the trials and by the jobs
 * that were cut with it. Minutes are minutes in the cut, for parts differ.
 *
 * @param now since it was ground last
 * @param sentences the same in words; none where nothing was cut with it yet
 */
public record EdgeClock(Spell now, List<String> sentences) {
    /** An edge that has cut less is as good as fresh, minutes. */
    private static final double FRESH_MIN = 0.05;

    private static final double NOTHING_MIN = 1e-6;

    /**
     * Something that was cut with it.
     *
     * @param pieces how many
     * @param minutes in the cut, all of them together
     * @param reckoned whether the minutes are of the cut's own plan; else they are as stated for the operation, handling and all
     * @param trial whether it was a trial cut
     */
    public record Use(int pieces, double minutes, boolean reckoned, boolean trial) {}

    /** From one grind to the next. */
    public record Spell(List<Use> uses) {
        public Spell {
            uses = List.copyOf(uses);
        }

        /** Pieces and trials. */
        public int pieces() {
            return uses.stream().mapToInt(Use::pieces).sum();
        }

        /** Minutes in the cut. */
        public double minutes() {
            return uses.stream().mapToDouble(Use::minutes).sum();
        }
    }

    /**
     * What the spells come to.
     *
     * @param before spells that a grind ended, the oldest first; those in which nothing was cut are no edge's life
     * @param now since the last grind
     */
    public static EdgeClock of(List<Spell> before, Spell now) {
        List<Spell> lives =
                before.stream().filter(spell -> spell.minutes() > FRESH_MIN).toList();
        List<String> sentences = new ArrayList<>();
        if (!now.uses().isEmpty()) {
            sentences.add(cutSoFar(now));
        } else if (!lives.isEmpty()) {
            sentences.add("Nothing was cut with this edge yet.");
        }
        if (!lives.isEmpty()) {
            EdgeLog log = EdgeLog.of(lives.stream().map(Spell::minutes).toList());
            sentences.add(Written.words(
                    "Before it an edge lasted about %s min in the cut (%s clocked; the next one between %s and %s, nine times in ten%s).",
                    minutes(log.middle()),
                    lives.size() == 1 ? "one edge" : lives.size() + " edges",
                    minutes(log.low()),
                    minutes(log.high()),
                    log.edges() < EdgeLog.FEW ? ": a guess until three are clocked" : ""));
            sentences.add(left(log, now));
        }
        return new EdgeClock(now, List.copyOf(sentences));
    }

    private static String cutSoFar(Spell now) {
        int trials =
                now.uses().stream().filter(Use::trial).mapToInt(Use::pieces).sum();
        int pieces = now.uses().stream()
                .filter(use -> !use.trial())
                .mapToInt(Use::pieces)
                .sum();
        List<String> what = new ArrayList<>();
        if (pieces > 0) {
            what.add(pieces == 1 ? "1 piece" : pieces + " pieces");
        }
        if (trials > 0) {
            what.add(trials == 1 ? "1 trial" : trials + " in trials");
        }
        boolean stated = now.uses().stream().anyMatch(use -> !use.reckoned());
        return Written.words(
                "This edge has cut %s: about %s min%s.",
                String.join(" and ", what),
                minutes(now.minutes()),
                stated ? ", handling in it where an operation does not open as a cut" : " in the cut");
    }

    private static String left(EdgeLog log, Spell now) {
        double left = log.low() - now.minutes();
        if (left <= NOTHING_MIN) {
            return now.minutes() > log.high()
                    ? "It has cut longer than any before it is likely to: look at its land before the next piece."
                    : "It may go at any piece from here: grind it before one that must be to size.";
        }
        if (now.pieces() > 0 && now.minutes() > FRESH_MIN) {
            int more = (int) Math.floor(left / (now.minutes() / now.pieces()) + NOTHING_MIN);
            return more == 0
                    ? "The next piece like these may be its last: grind it first."
                    : Written.words(
                            "Good for %s more like these before it may fail.",
                            more == 1 ? "one" : Integer.toString(more));
        }
        return Written.words("Good for %s min before it may fail.", minutes(left));
    }

    private static String minutes(double minutes) {
        return Written.places(minutes, minutes < 10 ? 1 : 0);
    }
}
