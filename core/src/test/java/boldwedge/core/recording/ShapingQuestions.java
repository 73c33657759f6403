package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of its shaper. */
final class ShapingQuestions {
    private ShapingQuestions() {}

    static Question shaping(Questions q, String name) {
        String operation = List.of("shaft-keyway", "shaft-keyway", "plane-flat", "plane-face")
                .get(q.random.nextInt(4));
        q.put("operation", operation);
        q.one("material", Questions.MATERIALS);
        double shaft = q.between(8, 100);
        q.put("shaftDiameter", q.length(shaft));
        q.put("shapedLength", q.length(q.between(0.6, 3) * shaft));
        q.some("shapedEnd", "two-holes", "through");
        if (operation.equals("plane-flat")) {
            q.put("flatWidth", q.length(q.between(0.2, 0.8) * shaft));
        } else if (operation.equals("plane-face")) {
            q.put("flatWidth", q.length(q.between(10, 120)));
            q.put("shapedDepth", q.length(q.between(0.4, 4)));
        }
        q.one("finish", "Ra 1.6 µm", "Ra 3.2 µm", "125 µin");
        q.some("shaperBit", "hss-8mm", "hss-1-2", "hss-16mm");
        q.some("toothRake", "0°", "15°");
        q.some("toothFront", "2°", "9°");
        q.some("toolHung", "straight", "gooseneck");
        q.some("toolOut", q.length(45), q.length(80));
        q.some("strokeDown", q.length(0.05), q.length(0.3));
        q.some("viseOff", "0.02 mm", "0.3 mm");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            double over = q.between(0.6, 0.95) * shaft;
            trial.put("over", q.length(over));
            trial.put("overFar", q.length(over + 0.05 * q.random.nextInt(5) - 0.1));
            trial.put("aside", new String[] {"0 mm", "0.02 mm", "0.15 mm"}[q.random.nextInt(3)]);
            trial.put("asideFar", new String[] {"0 mm", "0.02 mm", "0.15 mm"}[q.random.nextInt(3)]);
            trial.put("fit", new String[] {"untried", "fits", "tight", "loose"}[q.random.nextInt(4)]);
            trial.put("look", new String[] {"clean", "torn", "gouged", "rippled", "streaks"}[q.random.nextInt(5)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of(), "shaper", "shaper");
    }
}
