package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a shop might ask of shear tools. */
final class ShearQuestions {
    private ShearQuestions() {}

    static Question shearing(Questions q, String name) {
        q.put("operation", "shear");
        q.one("material", Questions.MATERIALS);
        double d = q.between(6, 90);
        double length = q.between(0.5, 5) * d;
        q.put("finished", q.length(d));
        q.put("length", q.length(length));
        q.put("stickOut", q.length(length * q.between(1.05, 1.5)));
        q.one("hold", "chuck", "chuck", "chuck-and-centre", "between-centres");
        q.one("finishBefore", "Ra 3.2 µm", "Ra 6.3 µm", "125 µin", "Ra 12.5 µm");
        q.one("finish", "Ra 0.8 µm", "Ra 0.4 µm", "32 µin");
        q.one("shearBit", "hss-3-8", "hss-10mm", "hss-1-4", "cobalt-12mm", "hss-16mm");
        q.some("shearSurface", "interrupted", "skin");
        q.some("shoulderRoom", q.length(5), q.length(1));
        q.some("outOfTrue", q.length(0.02));
        q.some("shearSlope", "10°", "30°", "40°");
        q.some("shearFront", "5°", "10°", "1°");
        q.some("shearUsed", "1", "2, 3", "1 2 3 4 5 6 7 8 9");
        q.some("shearStretch", "1", "2");
        q.some("shearDepth", q.length(0.02), q.length(0.1));
        q.some("shearFeed", "0.05 mm/rev", "0.3 mm/rev", ".004 in/rev");
        q.some("speed", "320 rpm", "720 rpm");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("finish", String.format(Locale.ROOT, "Ra %.2f µm", q.between(0.3, 3)));
            trial.put(
                    "marks",
                    new String[] {"clean", "feed-lines", "dull-band", "grey-patches", "old-marks"}
                            [q.random.nextInt(5)]);
            trial.put("chips", new String[] {"not-looked", "hair", "dust", "thick"}[q.random.nextInt(4)]);
            trial.put("sound", new String[] {"quiet", "squeal"}[q.random.nextInt(2)]);
            if (q.random.nextInt(3) == 0) {
                trial.put("otherFinish", "Ra 0.3 µm");
                trial.put("otherSlope", "30°");
            }
            trials.add(trial);
        }
        return q.question(name, trials, Map.of("keen", Map.of("shearBit", "hss-10mm", "shearSlope", "30°")));
    }
}
