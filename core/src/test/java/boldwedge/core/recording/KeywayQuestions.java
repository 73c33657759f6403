package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of keyways in a bore. */
final class KeywayQuestions {
    private KeywayQuestions() {}

    static Question keying(Questions q, String name) {
        q.put("operation", "keyway");
        q.one("material", Questions.MATERIALS);
        double bore = q.between(9, 70);
        q.put("keyBore", q.length(bore));
        q.put("keyLength", q.length(q.between(0.6, 3) * bore));
        q.one("keyDrive", "carriage", "carriage", "slide", "shaper");
        q.some("keyWidth", q.length(0.2 * bore), q.length(0.4 * bore));
        q.some("keyTolerance", "D10", "P9", "±0.05 mm");
        q.some("outside", q.length(1.5 * bore), q.length(2.5 * bore));
        q.some("keyways", "2", "3", "6");
        q.some("indexTeeth", "60", "64", "45");
        q.some("keyWay", "push", "pull");
        q.some("keyStroke", "0.02 mm", "0.05 mm", ".004");
        q.some("keySpring", "0", "1", "6");
        q.some("toothRake", "0°", "15°");
        q.some("toothSide", "0.2°");
        q.some("keyHeight", "0.05 mm", "0.3 mm");
        q.some("keyRoll", "0.5°", "2°");
        q.some("carriageTurn", q.length(25));
        if (q.random.nextInt(4) == 0) {
            q.put("keyEnd", "blind");
            q.put("keyRecess", q.length(18));
        }
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("fit", new String[] {"untried", "fits", "tight", "loose"}[q.random.nextInt(4)]);
            trial.put("look", new String[] {"clean", "torn", "tilted", "streaks"}[q.random.nextInt(4)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of(), "plain", "metric-screw");
    }
}
