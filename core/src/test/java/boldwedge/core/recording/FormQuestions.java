package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a shop might ask of form bits. */
final class FormQuestions {
    private FormQuestions() {}

    /** Three to five corners, some joined by arcs. */
    static String profile(Questions q) {
        double width = q.between(3, 15);
        double d = q.between(12, 50);
        int corners = 3 + q.random.nextInt(3);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < corners; i++) {
            text.append(i == 0 ? "" : "; ")
                    .append(String.format(
                            Locale.ROOT, "%.2f mm %.2f mm", width * i / (corners - 1), d - q.between(0, 0.15 * d)));
            if (i > 0 && q.random.nextInt(4) == 0) {
                text.append(q.random.nextBoolean() ? " r20 mm" : " r-20 mm");
            }
        }
        return text.toString();
    }

    static Question forming(Questions q, String name) {
        q.put("operation", "form");
        q.one("material", Questions.MATERIALS);
        q.put("formProfile", profile(q));
        q.put("formAt", q.length(q.between(5, 60)));
        q.put("stickOut", q.length(q.between(61, 120)));
        q.some("formRoughed", "solid");
        q.some("hold", "chuck-and-centre");
        q.some("formTolerance", "0.02 mm", "0.2 mm");
        q.some("formRake", "0°", "5°", "12°");
        q.some("formClearance", "5°", "12°");
        q.some("formGround", "as-drawn");
        q.some("formSides", "sides");
        q.some("formFeed", "0.02 mm/rev", "0.1 mm/rev");
        q.some("speed", "140 rpm", "320 rpm");
        q.some("formDwell", "0", "4");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("look", new String[] {"clean", "waves", "torn", "steep-rubbed", "tapered"}[q.random.nextInt(5)]);
            trial.put("sound", new String[] {"quiet", "chatter"}[q.random.nextInt(2)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of());
    }
}
