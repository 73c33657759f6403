package boldwedge.core.jobs.report;

import java.util.List;
import java.util.Map;

/**
 * What a job comes to.
 *
 * @param errors what is wrong, by place
 * @param lots what each lot takes
 * @param saws what is sawn from what, bar by bar
 * @param loads what goes into the furnace together
 * @param order why it goes in this order
 * @param tasks what is done, by set-up
 * @param learned what the clock has taught of its operations
 */
public record JobAnswer(
        Map<String, String> errors,
        List<LotTold> lots,
        List<SawList> saws,
        List<LoadTold> loads,
        List<String> order,
        List<TaskTold> tasks,
        List<LearnedTold> learned) {
    /**
     * A lot.
     *
     * @param id its id
     * @param pieces how many are begun
     * @param left how many are left after what was lost
     * @param oneAfterOtherMin minutes piece after piece
     * @param bySetUpMin minutes by set-up
     * @param anotherMin minutes for another piece
     * @param firstAloneMin minutes more for the first piece going alone
     * @param sentences the same in words
     */
    public record LotTold(
            String id,
            int pieces,
            int left,
            double oneAfterOtherMin,
            double bySetUpMin,
            double anotherMin,
            double firstAloneMin,
            List<String> sentences) {}

    /**
     * What is sawn from the lengths of a bar.
     *
     * @param bar which bar; empty where there is only one kind
     * @param cuts length by length
     * @param sentence what they come to, or what is missing
     * @param enough whether nothing is missing
     */
    public record SawList(String bar, List<SawCut> cuts, String sentence, boolean enough) {}

    /**
     * A length and what comes from it.
     *
     * @param from the length
     * @param pieces what is sawn from it
     * @param offcut what is left
     */
    public record SawCut(String from, String pieces, String offcut) {}

    /**
     * A furnace load.
     *
     * @param steel its name
     * @param soakMin minutes from the colour being even, by the heaviest section
     * @param sentences what goes in, for how long, in what order it comes out
     */
    public record LoadTold(String steel, double soakMin, List<String> sentences) {}

    /**
     * A task.
     *
     * @param id stable name
     * @param name what is done
     * @param pieces which pieces, in words
     * @param machine id of the machine; empty at the bench
     * @param minutes how long it takes
     * @param hands whether somebody stands by
     * @param operations ids of its operations
     */
    public record TaskTold(
            String id,
            String name,
            String pieces,
            String machine,
            double minutes,
            boolean hands,
            List<String> operations) {}

    /**
     * What the clock has taught of an operation.
     *
     * @param operation its id
     * @param sentence in words
     */
    public record LearnedTold(String operation, String sentence) {}
}
