package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of grooves for rings, seals and reliefs. */
final class GrooveQuestions {
    private GrooveQuestions() {}

    private static final double[] RINGS = {10, 12, 16, 20, 25, 30, 35, 40, 50, 60};

    static Question grooving(Questions q, String name) {
        q.put("operation", "ring-groove");
        q.one("material", Questions.MATERIALS);
        String[] purposes = {
            "circlip-shaft", "circlip-bore", "oring-shaft", "oring-bore", "oring-face", "thread-relief", "own-outside"
        };
        String purpose = purposes[q.random.nextInt(purposes.length)];
        return question(q, name, purpose);
    }

    /** A shoulder's undercut, of a usual load or another. */
    static Question undercut(Questions q, String name) {
        q.put("operation", "ring-groove");
        q.one("material", Questions.MATERIALS);
        q.some("undercutRadius", "1 mm", "0.4 mm");
        return question(q, name, "undercut");
    }

    private static Question question(Questions q, String name, String purpose) {
        q.put("grooveFor", purpose);
        double around = RINGS[q.random.nextInt(RINGS.length)];
        q.put("grooveAround", around + " mm");
        q.one("ringCord", "1.78 mm", "2.62 mm", "3.53 mm", "5.33 mm");
        q.one("reliefPitch", "1 mm", "1.5 mm", "2 mm");
        if (purpose.equals("own-outside")) {
            q.put("grooveWidth", q.length(q.between(1, 12)));
            q.put("grooveBottom", q.length(around - q.between(1, 4)));
        }
        q.put("grooveAt", q.length(q.between(0.5, 2) * around));
        q.put("stickOut", q.length(q.between(2.1, 3) * around));
        q.some("hold", "chuck-and-centre");
        q.some("grooveBeside", q.length(1), q.length(5));
        q.some("sealGap", "0.05 mm", "0.3 mm");
        q.some("grooveTip", "1 mm", "1.5 mm");
        q.some("grooveRake", "0°", "12°");
        q.some("grooveSide", "0.5°", "2°");
        q.some("grooveOuter", "5°", "30°");
        q.some("grooveCorner", "0", "0.4 mm");
        q.some("grooveFeed", "0.02 mm/rev", "0.08 mm/rev");
        q.some("speed", "210 rpm", "320 rpm");
        q.some("grooveDwell", "0", "5");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("ring", new String[] {"untried", "sits", "tight", "loose"}[q.random.nextInt(4)]);
            trial.put("floor", new String[] {"clean", "steps", "waves", "torn"}[q.random.nextInt(4)]);
            trial.put("sides", new String[] {"clean", "rubbed", "outer-rubbed"}[q.random.nextInt(3)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of("narrow", Map.of("grooveBit", "hss-8mm", "grooveTip", "1.2 mm")));
    }
}
