package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of threads. */
final class ThreadQuestions {
    private ThreadQuestions() {}

    static Question threading(Questions q, String name) {
        q.put("operation", "thread");
        q.one("material", Questions.MATERIALS);
        q.one("thread", Questions.THREADS);
        q.one("threadSide", "outside", "outside", "inside");
        q.put("threadLength", q.length(q.between(6, 40)));
        q.one("threadEnd", "groove", "groove", "drawn", "open");
        q.some("threadHand", "left");
        q.some("threadStarts", "1", "2");
        q.some("threadGroove", q.length(2), q.length(12));
        q.some("outside", q.length(60));
        q.one("threadTool", "hss-bit", "hss-bit", "brazed", "insert", "full-insert");
        q.some("threadFlat", q.length(0.1), q.length(0.02));
        q.some("threadRadius", q.length(0.1));
        q.some("threadRake", "8°", "15°");
        q.some("threadClearance", "5°", "1°");
        q.some("threadLeading", "3°");
        q.some("threadHeight", q.length(0.3), q.length(-0.5));
        q.some("threadYaw", "1°", "-2°");
        q.some("threadAngle", "58°");
        q.some("insertCost", "9.5");
        q.some("insertFinest", "1.75 mm");
        q.some("insertCoarsest", "3 mm");
        q.some("threadHeld", "chuck-and-centre", "between-centres");
        q.some("threadStickOut", q.length(90));
        q.some("threadBar", q.length(4), q.length(9));
        q.some("threadPoint", q.length(3), q.length(8));
        q.some("threadBarBelow", q.length(1));
        q.some("threadBarOut", q.length(60));
        q.one("threadWay", "half-less", "half", "degree-less", "straight", "to-and-fro");
        q.some("threadSteps", "depth");
        q.some("threadPasses", "4", "60");
        q.some("threadSpring", "0", "3");
        q.some("threadSpeed", "36 rpm", "210 rpm", "720 rpm");
        q.some("threadWire", q.length(0.6), q.length(2));
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("gauge", new String[] {"fits", "tight", "tight-end", "loose"}[q.random.nextInt(4)]);
            trial.put(
                    "look", new String[] {"clean", "torn", "steps", "drunken", "flat", "rubbed"}[q.random.nextInt(6)]);
            trials.add(trial);
        }
        Map<String, Map<String, String>> tools = new LinkedHashMap<>();
        if (q.random.nextInt(3) == 0) {
            tools.put("one", Map.of("threadTool", "hss-bit", "threadFlat", q.length(0.2)));
        }
        return q.question(name, trials, tools, "plain", "inch-screw", "metric-screw");
    }
}
