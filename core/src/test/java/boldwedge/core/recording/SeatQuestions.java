package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a shop might ask of holders and bars with a seat for an insert. */
final class SeatQuestions {
    private SeatQuestions() {}

    static Question seating(Questions q, String name) {
        q.put("operation", "insert-holder");
        q.one("seatBody", "shank", "bar");
        q.one("seatInsert", "insert-60-9", "insert-60-9", "insert-80-9", "insert-55-6", "insert-60-6", "insert-80-6");
        q.one("seatAngle", "95°", "93°", "60°", "75°", "45°", "115°");
        q.put("seatHeight", q.length(q.between(14, 40)));
        q.put("seatWidth", q.length(q.between(14, 40)));
        q.some("seatThreadDepth", q.length(1.2));
        q.some("seatClearance", "0°");
        q.some("seatThickness", q.length(4.76));
        q.some("seatNose", q.length(0.8));
        q.some("seatHole", q.length(3.8));
        q.some("seatSchool", "middle");
        q.some("seatOut", q.length(22));
        q.some("seatTilt", "4°");
        q.some("seatCutter", q.length(3), q.length(20));
        q.some("seatRelief", q.length(1.5), q.length(6));
        q.some("seatDraw", "0 mm", "0.5 mm");
        q.some("seatMadeDepth", q.length(4.1));
        if (q.random.nextInt(4) == 0) {
            q.put("oldSet", "90°");
            q.put("oldWay", q.length(10));
            q.put("oldOff", q.length(-0.4));
        }
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("floorDepth", q.length(q.between(3, 6)));
            trial.put("edgeOff", q.length(q.between(-0.4, 0.4)));
            trial.put("edgeWay", q.length(8));
            trial.put("light", new String[] {"none", "back", "side", "under", "corner"}[q.random.nextInt(5)]);
            trials.add(trial);
        }
        return q.question(name, trials, Map.of());
    }
}
