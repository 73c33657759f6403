package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Verdict;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Ways to take a cut, tried against each other.
 *
 * @param tried how many were tried
 * @param hold how many hold all that is wanted
 * @param best the best, the best first
 * @param lost why the others lose, in lines
 * @param balances where pushing away and drawing in cancel, in lines
 * @param plate the same drawn; empty where there is no line to draw
 */
public record SetUps(
        long tried, long hold, List<SetUp> best, List<String> lost, List<String> balances, Optional<Scene> plate) {
    /**
     * One of them.
     *
     * @param words what is set and ground
     * @param does what comes of it
     * @param verdict whether it holds
     * @param take texts by field that set it up
     */
    public record SetUp(String words, String does, Verdict verdict, Map<String, String> take) {}
}
