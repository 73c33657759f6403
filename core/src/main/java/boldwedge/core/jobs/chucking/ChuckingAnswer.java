package boldwedge.core.jobs.chucking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The route of a whole piece of work in one chucking.
 *
 * @param errors what is wrong, by place
 * @param held how it is held, and how far it stands out, in words
 * @param freeMm how far it stands out of the chuck, mm
 * @param steps what is done, in order
 * @param doubts what does not fit, the cut that it is about first
 * @param leftOut cuts that are not taken in this chucking, and why
 * @param sums what it comes to, a sentence each
 * @param setUpMin minutes for setting the tools, once
 * @param pieceMin minutes for a piece
 */
public record ChuckingAnswer(
        Map<String, String> errors,
        String held,
        double freeMm,
        List<StepTold> steps,
        List<Doubt> doubts,
        List<Doubt> leftOut,
        List<String> sums,
        double setUpMin,
        double pieceMin) {
    /** The same, with what was typed wrong; the route stands as if nothing had been typed there. */
    ChuckingAnswer refusing(String place, String sentence) {
        return new ChuckingAnswer(
                Map.of(place, sentence), held, freeMm, steps, doubts, leftOut, sums, setUpMin, pieceMin);
    }

    /** The same without a cut that is kept no more. */
    public ChuckingAnswer without(String cut) {
        List<Doubt> more = new ArrayList<>(leftOut);
        more.add(new Doubt(cut, "no-such-cut", "One of these cuts is not kept any more: take it out of the list."));
        return new ChuckingAnswer(errors, held, freeMm, steps, doubts, List.copyOf(more), sums, setUpMin, pieceMin);
    }

    /**
     * A step.
     *
     * @param id stable name
     * @param cut id of the cut that it takes; empty where it takes none
     * @param title what is done
     * @param tool what cuts
     * @param place where that stands, in words
     * @param lines what to set
     * @param check what to measure; empty for most
     * @param why why it comes here
     * @param cautions what can hurt
     * @param minutes of cutting
     */
    public record StepTold(
            String id,
            String cut,
            String title,
            String tool,
            String place,
            List<String> lines,
            String check,
            String why,
            List<String> cautions,
            double minutes) {}

    /**
     * What does not fit, or why a cut is left out.
     *
     * @param cut id of the cut; empty where it is about all of them
     * @param id stable name of the reason
     * @param words the reason, and what would do
     */
    public record Doubt(String cut, String id, String words) {}
}
