package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of work that is set up. */
final class TrueQuestions {
    private TrueQuestions() {}

    static Question truing(Questions q, String name) {
        q.one("operation", "true-up", "true-up", "square-block", "bore-block", "bore-block");
        q.one("material", Questions.MATERIALS);
        q.one("trueSwing", "0.6 mm", "0.04 mm", "1.5 mm", ".020 in");
        q.some("offsetWanted", "0.2 mm", "3 mm");
        q.one("trueWithin", "0.02 mm", "0.1 mm", "1 thou");
        q.some("jawPitch", "4 mm", "0.25 in");
        q.some("farSwing", "0.01 mm", "0.3 mm");
        q.some("trueMass", "8 kg", "0.3 kg", "60 oz");
        q.some("massAside", "18 mm", "0.5 mm");
        q.some("trueSpeed", "900 rpm", "60 rpm");
        q.some("squaredBy", "lathe");
        q.some("turnedOver", "0.01 mm", "0.2 mm");
        q.some("slideFaces", "high", "flat");
        double bar = q.between(6, 30);
        q.put("blockShank", q.length(bar));
        q.put("blockWide", q.length(q.between(1.6, 3) * bar));
        q.put("blockHigh", q.length(q.between(1.6, 3) * bar + 5));
        q.some("seatReads", "0.005 mm", "0.15 mm");
        q.some("blockReach", q.length(3 * bar), q.length(12 * bar));
        q.some("pointAside", "0.05 mm", "0.5 mm");
        q.some("blockClamp", "1500 N", "20000 N");
        q.some("barTurn", "1500 N");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("reads", new String[] {"0.01 mm", "0.3 mm", "0.6 mm", "1.2 mm"}[q.random.nextInt(4)]);
            trial.put("high", new String[] {"not-looked", "same", "other"}[q.random.nextInt(3)]);
            trial.put("bar", new String[] {"slides", "loose", "tight"}[q.random.nextInt(3)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of(), "plain");
    }
}
