package boldwedge.core.recording;

import boldwedge.core.recording.Questions.Question;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a shop might ask of drilled, reamed and counterbored holes, and of hardening. */
final class HoleQuestions {
    private HoleQuestions() {}

    static Question drilling(Questions q, String name) {
        q.put("operation", "drill");
        q.one("material", Questions.MATERIALS);
        q.one("holeFor", "hole", "tap", "clear", "ream", "bore", "rod");
        double d = q.between(2, 22);
        q.put("drillSize", q.length(d));
        q.one("drillScrew", "M5", "M8", "M12", "#10-24", "3/8-16");
        q.put("drillDepth", q.length(q.between(0.5, 9) * d));
        q.one("drillBottom", "through", "blind");
        q.one("drillSet", "metric-tenths", "metric-halves", "fractions", "index", "all");
        q.some("drill", q.length(d * 0.9));
        q.some("drillPoint", "90°", "135°", "140°");
        q.some("drillGround", "hand", "worn");
        q.some("drillStart", "bare", "piloted");
        q.some("drillPilot", q.length(0.25 * d));
        q.some("engagement", "0.6", "75 %");
        q.some("drillFlutes", q.length(3 * d), q.length(14 * d));
        q.some("drillWall", q.length(0.2 * d), q.length(2 * d));
        q.some("outside", q.length(3 * d));
        q.some("drillFeed", "0.05 mm/rev", "0.2 mm/rev", ".006 in/rev");
        q.some("stickOut", q.length(900), q.length(40));
        q.some("drillSpeed", "320 rpm", "720 rpm", "2000 rpm");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("near", q.length(d + q.between(-0.05, 0.5)));
            trial.put("far", q.length(d + q.between(-0.05, 0.3)));
            trial.put("look", new String[] {"clean", "torn", "rings"}[q.random.nextInt(3)]);
            trials.add(trial);
        }
        return q.question(
                name,
                trials,
                tools(q, "drill", q.length(d), "drillPoint", "135°"),
                "plain",
                "measured",
                "metric-screw");
    }

    private static Map<String, Map<String, String>> tools(Questions q, String... one) {
        Map<String, Map<String, String>> tools = new LinkedHashMap<>();
        if (q.random.nextInt(3) == 0) {
            Map<String, String> tool = new HashMap<>();
            for (int i = 0; i < one.length; i += 2) {
                tool.put(one[i], one[i + 1]);
            }
            tools.put("one", tool);
        }
        return tools;
    }

    static Question reaming(Questions q, String name) {
        q.put("operation", "ream");
        q.one("material", Questions.MATERIALS);
        double d = q.between(2.5, 28);
        q.put("reamSize", q.length(d));
        q.one("reamTolerance", "H7", "H8", "H9", "+.001/-0 in", "±0.01 mm", "F7");
        q.put("reamDepth", q.length(q.between(0.5, 5) * d));
        q.one("drillBottom", "through", "blind");
        q.one("reamHoles", "1", "3", "20", "400");
        q.one("reamBefore", "drilled", "drilled", "bored");
        q.one("drillSet", "metric-tenths", "metric-halves", "fractions", "index", "all");
        q.some("reamFrom", q.length(d - 0.2), q.length(d - 0.5), q.length(d - 0.04));
        q.one("reamerKind", "fluted", "fluted", "d-bit", "slant");
        q.one("reamerSteel", "o1", "silver-steel", "a2", "hss", "w1");
        q.one("reamerHelix", "straight", "left", "right");
        q.some("reamerHelixAngle", "7°", "15°");
        q.some("reamerTeeth", "4", "6", "8", "5");
        q.some("reamerUneven", "0°", "3°");
        q.some("reamerRake", "0°", "6°", "10°");
        q.some("reamerLand", q.length(0.1), q.length(0.4));
        q.some("reamerClearance", "2°", "4°", "10°");
        q.some("reamerChamfer", "30°", "60°");
        q.some("reamerBackTaper", q.length(0.01));
        q.some("reamerFlute", q.length(0.1 * d), q.length(0.2 * d));
        q.some("reamerSlant", "12°", "30°");
        q.some("reamerHead", q.length(2 * d));
        q.some("reamerLength", q.length(14 * d));
        q.some("reamerWheel", q.length(80));
        q.some("reamerWheelKind", "periphery");
        q.some("tailOffset", q.length(0.01), q.length(0.03));
        q.some("reamerHeld", "floating");
        q.some("reamFeed", "0.05 mm/rev", "0.5 mm/rev", ".03 in/rev");
        q.some("stickOut", q.length(900));
        q.some("reamSpeed", "90 rpm", "320 rpm");
        if (q.random.nextInt(3) == 0) {
            q.put("madeReamer", q.length(d + q.between(-0.02, 0.04)));
        }
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            double hole = d + q.between(-0.02, 0.05);
            trial.put("near", String.format(Locale.ROOT, "%.3f mm", hole + q.between(-0.005, 0.03)));
            trial.put("far", String.format(Locale.ROOT, "%.3f mm", hole));
            trial.put("soFar", "40");
            trial.put(
                    "wall",
                    new String[] {"clean", "clean", "rough", "flats", "scored", "drill-marks"}[q.random.nextInt(6)]);
            trials.add(trial);
        }
        return q.question(name, trials, tools(q, "reamerKind", "fluted", "madeReamer", q.length(d + 0.01)));
    }

    static Question counterboring(Questions q, String name) {
        q.put("operation", "counterbore");
        q.one("material", Questions.MATERIALS);
        q.one(
                "seatFor",
                "6 mm plain washer",
                "M6 socket head",
                "M8 cheese head",
                "M10 hexagon head, room for a socket",
                "1/4 plain washer",
                "#10 socket head",
                "typed");
        q.some("headDiameter", q.length(11), q.length(26));
        q.some("headHeight", q.length(3));
        q.some("seatHole", q.length(6.6), q.length(5));
        q.some("seatDepth", q.length(1.5), q.length(12));
        q.one("seats", "1", "6", "40", "200");
        q.one("counterboreKind", "drill", "steel", "end-mill");
        q.some("pilotIs", "loose");
        q.one("counterboreSteel", "o1", "silver-steel", "a2", "hss");
        q.some("stoneRated", "5200 rpm", "4000 rpm");
        q.some("counterboreOutside", q.length(13), q.length(20));
        q.some("pilot", q.length(6.5), q.length(6.2), q.length(4));
        q.some("pilotLength", q.length(4), q.length(15));
        q.some("counterboreLips", "2", "3", "4");
        q.some("lipRelief", "3°", "8°", "18°");
        q.some("lipRake", "0°", "12°");
        q.some("lipCorner", q.length(1), q.length(0));
        q.some("seatFeed", "0.05 mm/rev", "0.4 mm/rev");
        q.some("seatSpeed", "90 rpm", "720 rpm");
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("depth", q.length(q.between(0.5, 4)));
            trial.put("floor", new String[] {"clean", "ring", "waves", "torn"}[q.random.nextInt(4)]);
            trial.put("hole", new String[] {"untouched", "scraped", "beside"}[q.random.nextInt(3)]);
            trials.add(trial);
        }
        return q.question(name, trials, tools(q, "counterboreOutside", q.length(13), "pilot", q.length(6.5)));
    }

    static Question hardening(Questions q, String name) {
        q.put("operation", "harden");
        q.one(
                "steel",
                "w1",
                "silver-steel",
                "o1",
                "o2",
                "l6",
                "a2",
                "a6",
                "d2",
                "s7",
                "h13",
                "bearing",
                "4140",
                "4340",
                "1045",
                "440c",
                "1018",
                "8620");
        q.one("hardenFor", "edge", "wear", "tough", "stiff");
        q.put("section", q.length(q.between(3, 60)));
        q.put("heatLength", q.length(q.between(10, 300)));
        q.one("heatPieces", "1", "2", "6");
        q.some("wantedHardness", "58 HRC", "45 HRC", "62 HRC");
        q.one("heatShape", "plain", "stepped", "drilled", "threaded");
        q.one("wrap", "foil", "box", "coat", "bare");
        q.some("quench", "water", "oil", "air");
        q.some("hardenAt", "760 °C", "820 °C", "1500 °F");
        q.some("soak", "5 min", "2 h");
        q.some("temperAt", "200 °C", "320 °C");
        q.some("temperTime", "30 min", "2 h");
        q.some("bathVolume", "2 l", "40 l");
        q.some("caseDepth", q.length(0.4), q.length(1.2));
        List<Map<String, String>> trials = new ArrayList<>();
        if (q.random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("hardness", String.format(Locale.ROOT, "%.0f HRC", q.between(35, 66)));
            trial.put("bend", q.length(q.between(0, 1)));
            trial.put("file", new String[] {"skates", "skin-only", "bites"}[q.random.nextInt(3)]);
            trial.put("look", new String[] {"whole", "whole", "cracked", "scaled"}[q.random.nextInt(4)]);
            trials.add(trial);
        }
        return q.question(name, trials, tools(q, "steel", "o1", "temperAt", "200 °C"));
    }
}
