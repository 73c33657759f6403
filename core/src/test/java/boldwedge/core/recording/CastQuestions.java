package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of castings. */
final class CastQuestions {
    private CastQuestions() {}

    static Question casting(Questions q, String name) {
        q.put("operation", "bore-casting");
        q.one("material", "iron-grey", "iron-ductile", "bronze-tin", "aluminium-cast", "iron-grey");
        double bore = q.between(15, 160);
        q.put("castBore", q.length(bore));
        q.put("castLength", q.length(q.between(0.4, 2.5) * bore));
        q.put("holeWide", q.length((0.88 + 0.1 * q.random.nextDouble()) * bore));
        q.put("holeTall", q.length((0.88 + 0.1 * q.random.nextDouble()) * bore));
        q.put("holeAside", q.length(0.02 * q.random.nextDouble() * bore));
        q.some("farAside", q.length(0.03 * bore));
        q.some("farWide", q.length(0.9 * bore));
        q.some("axisFree", q.length(1), q.length(3));
        q.some("castSkin", q.length(0.5), q.length(2));
        q.one("castCap", "whole", "cap");
        q.some("shimsOut", q.length(0.01), q.length(0.2));
        q.some("runningPlay", q.length(0.1));
        q.one("castSeat", "nothing", "bush");
        q.some("bushMaterial", "bronze-leaded", "iron-grey", "steel-low-carbon");
        q.put("bushInside", q.length(0.8 * bore));
        q.put("housingOutside", q.length(q.between(1.4, 3) * bore));
        q.one("pressBy", "0.02 mm", "0.05 mm", "1 thou", "3 thou");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("across", q.length(bore + q.between(0.001, 0.08) - 0.04));
            trial.put("along", q.length(bore + q.between(0.001, 0.08) - 0.04));
            trial.put("skin", new String[] {"none", "one-side", "spots"}[q.random.nextInt(3)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of(), "plain");
    }
}
