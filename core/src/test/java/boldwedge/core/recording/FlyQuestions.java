package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of fly cutters. */
final class FlyQuestions {
    private FlyQuestions() {}

    static Question flyCutting(Questions q, String name) {
        q.put("operation", "fly-cut");
        q.one("material", Questions.MATERIALS);
        double width = q.between(15, 120);
        q.put("flyWidth", q.length(width));
        q.put("flyLength", q.length(q.between(0.5, 3) * width));
        q.one("finish", "Ra 1.6 µm", "Ra 0.8 µm", "Ra 3.2 µm", "63 µin");
        q.some("flyEdge", "sharp");
        q.some("flyBody", q.length(20));
        q.some("flySwept", q.length(1.2 * width + 45), q.length(width + 45));
        q.some("flyBit", "hss-6mm", "hss-12mm", "hss-1-4");
        q.some("flySeat", "10°", "-5°");
        q.some("flyRelief", "5°", "15°");
        q.some("flyRake", "0°", "12°");
        q.some("flyNose", "0.4 mm", "2 mm");
        q.some("flyOut", q.length(30));
        q.some("flyScrews", "1");
        q.some("flyTram", "0.05 mm", "0.4 mm");
        q.some("flyDepth", q.length(0.05), q.length(1));
        q.some("flyFeed", "0.05 mm/rev", "0.2 mm/rev");
        q.some("speed", "210 rpm", "720 rpm");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("hollow", new String[] {"0.01 mm", "0.06 mm", "-0.05 mm"}[q.random.nextInt(3)]);
            trial.put("marks", new String[] {"not-looked", "crossed", "one-way", "bands"}[q.random.nextInt(4)]);
            trial.put("sound", new String[] {"even", "louder", "hammers", "squeals"}[q.random.nextInt(4)]);
            trial.put("edge", new String[] {"whole", "broken"}[q.random.nextInt(2)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of(), "plain", "mill");
    }
}
