package boldwedge.core.recording;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Answers;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Several hundred questions, the same each time: drawn with a fixed seed from what a shop might type. */
public final class Questions {
    /**
     * A question.
     *
     * @param name its name, a file's
     * @param fields texts by field
     * @param units what bare numbers mean
     * @param lathe which of the test shop's machines
     * @param trials readings of trials to judge
     * @param tools tools to try on it, by name
     */
    public record Question(
            String name,
            Map<String, String> fields,
            UnitSystem units,
            String lathe,
            List<Map<String, String>> trials,
            Map<String, Map<String, String>> tools) {
        /** It as the program is asked. */
        public PlanRequest request() {
            return new PlanRequest(fields, units, Optional.of(Shop.lathe(lathe)));
        }

        /** The whole answer to it. */
        public PlanAnswer answer() {
            return Answers.of(request());
        }
    }

    static final String[] MATERIALS = {
        "steel-low-carbon", "steel-free", "steel-alloy-40hrc", "stainless-austenitic", "iron-grey", "bronze-tin",
        "bronze-leaded", "brass-free", "aluminium-wrought", "titanium", "acetal", "silver-steel"
    };

    /** Threads that shops cut. */
    public static final List<String> THREADS = List.of(
            "M6",
            "M8",
            "M10×1",
            "M12",
            "M16×2",
            "M20×1.5",
            "M24",
            "M36×1.5",
            "1/4-20",
            "5/16-24",
            "7/16-20",
            "1/2-13",
            "3/4-16",
            "1-8",
            "1-1/4-12 UNF",
            "3/8 BSW",
            "G 1/2",
            "2 BA",
            "Tr 20×4",
            "1-5 ACME",
            "M30×3.5 LH",
            "M20×3 P1.5",
            "22 mm × 1.3 mm");

    final Random random;
    final boolean inch;
    private final Map<String, String> fields = new HashMap<>();

    Questions(Random random) {
        this.random = random;
        this.inch = random.nextInt(3) == 0;
    }

    private static final List<Question> ALL = List.copyOf(drawn());

    /** All of them. */
    public static List<Question> all() {
        return ALL;
    }

    private static List<Question> drawn() {
        Random random = new Random(20261126);
        List<Question> all = new ArrayList<>();
        for (int i = 0; i < 110; i++) {
            all.add(new Questions(random).turning(String.format(Locale.ROOT, "turning-%03d", i)));
        }
        for (int i = 0; i < 120; i++) {
            all.add(new Questions(random).boring(String.format(Locale.ROOT, "boring-%03d", i)));
        }
        for (int i = 0; i < 100; i++) {
            all.add(new Questions(random).parting(String.format(Locale.ROOT, "parting-%03d", i)));
        }
        for (int i = 0; i < 60; i++) {
            all.add(HoleQuestions.drilling(new Questions(random), String.format(Locale.ROOT, "drilling-%03d", i)));
        }
        for (int i = 0; i < 80; i++) {
            all.add(HoleQuestions.reaming(new Questions(random), String.format(Locale.ROOT, "reaming-%03d", i)));
        }
        for (int i = 0; i < 60; i++) {
            all.add(HoleQuestions.counterboring(
                    new Questions(random), String.format(Locale.ROOT, "counterboring-%03d", i)));
        }
        for (int i = 0; i < 70; i++) {
            all.add(HoleQuestions.hardening(new Questions(random), String.format(Locale.ROOT, "hardening-%03d", i)));
        }
        for (int i = 0; i < 160; i++) {
            all.add(ThreadQuestions.threading(new Questions(random), String.format(Locale.ROOT, "threading-%03d", i)));
        }
        for (int i = 0; i < 60; i++) {
            all.add(SeatQuestions.seating(new Questions(random), String.format(Locale.ROOT, "seating-%03d", i)));
        }
        for (int i = 0; i < 60; i++) {
            all.add(KeywayQuestions.keying(new Questions(random), String.format(Locale.ROOT, "keying-%03d", i)));
        }
        for (int i = 0; i < 45; i++) {
            all.add(ShearQuestions.shearing(new Questions(random), String.format(Locale.ROOT, "shearing-%03d", i)));
        }
        for (int i = 0; i < 60; i++) {
            all.add(GrooveQuestions.grooving(new Questions(random), String.format(Locale.ROOT, "grooving-%03d", i)));
        }
        for (int i = 0; i < 50; i++) {
            all.add(FormQuestions.forming(new Questions(random), String.format(Locale.ROOT, "forming-%03d", i)));
        }
        for (int i = 0; i < 45; i++) {
            all.add(FlyQuestions.flyCutting(new Questions(random), String.format(Locale.ROOT, "flycutting-%03d", i)));
        }
        for (int i = 0; i < 45; i++) {
            all.add(ShapingQuestions.shaping(new Questions(random), String.format(Locale.ROOT, "shaping-%03d", i)));
        }
        for (int i = 0; i < 45; i++) {
            all.add(CastQuestions.casting(new Questions(random), String.format(Locale.ROOT, "casting-%03d", i)));
        }
        for (int i = 0; i < 45; i++) {
            all.add(TrueQuestions.truing(new Questions(random), String.format(Locale.ROOT, "truing-%03d", i)));
        }
        for (int i = 60; i < 66; i++) {
            all.add(GrooveQuestions.undercut(new Questions(random), String.format(Locale.ROOT, "grooving-%03d", i)));
        }
        return all;
    }

    void put(String field, String text) {
        fields.put(field, text);
    }

    /** One of these, always. */
    void one(String field, List<String> texts) {
        one(field, texts.toArray(String[]::new));
    }

    void one(String field, String... texts) {
        put(field, texts[random.nextInt(texts.length)]);
    }

    /** Seldom one of these. */
    void some(String field, String... texts) {
        String text = texts[random.nextInt(texts.length)];
        if (random.nextInt(6) == 0) {
            put(field, text);
        }
    }

    double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** A length; in inch questions it is written as inches to three places. */
    String length(double mm) {
        return inch ? String.format(Locale.ROOT, "%.3f in", mm / 25.4) : String.format(Locale.ROOT, "%.2f mm", mm);
    }

    Question question(String name, List<Map<String, String>> trials, Map<String, Map<String, String>> tools) {
        return question(name, trials, tools, "plain", "plain", "measured");
    }

    /** A question about one of these machines. */
    Question question(
            String name, List<Map<String, String>> trials, Map<String, Map<String, String>> tools, String... machines) {
        String lathe = machines[random.nextInt(machines.length)];
        put("lathe", "x");
        return new Question(name, fields, inch ? UnitSystem.INCH : UnitSystem.METRIC, lathe, trials, tools);
    }

    private Question turning(String name) {
        one("operation", "turn", "turn", "shoulder", "face", "turn-and-face");
        one("material", MATERIALS);
        double d = between(6, 80);
        double finished = d - between(0.3, Math.min(6, d / 4));
        put("diameter", length(d));
        put("finished", "face".equals(fields.get("operation")) ? "0" : length(finished));
        double cut = Math.max(3, between(0.3, 6) * d);
        put("length", "face".equals(fields.get("operation")) ? length(between(0.2, 1.5)) : length(Math.min(cut, 400)));
        put("stickOut", length(Math.min(cut, 400) * between(1.05, 1.6)));
        one("tolerance", "±0.02 mm", "h7", "±0.05 mm", "+0/-0.03 mm", "±.001 in");
        one("finish", "Ra 1.6 µm", "Ra 0.8 µm", "Ra 3.2 µm", "63 µin");
        one("hold", "chuck", "chuck", "chuck-and-centre", "between-centres");
        one("blank", "hss-3-8", "hss-10mm", "hss-1-4", "cobalt-12mm", "brazed-3-8-15", "hss-16mm");
        some("backRake", "0°", "5°", "12°", "-5°");
        some("sideRake", "3°", "14°", "20°");
        some("endRelief", "4°", "8°", "12°");
        some("sideRelief", "5°", "10°");
        some("endEdge", "5°", "15°", "30°");
        some("sideEdge", "0°", "10°", "30°", "-3°");
        some("noseRadius", "0.2 mm", "0.4 mm", "0.8 mm", "1.6 mm", "1/64", "0");
        some("depth", length(0.1), length(0.25));
        some("feed", "0.05 mm/rev", "0.1 mm/rev", "0.2 mm/rev", ".004 in/rev");
        some("speed", "320 rpm", "720 rpm", "1100 rpm");
        some("height", length(0.3), length(-0.4));
        some("swivel", "5°", "-5°", "12°");
        some("overhang", length(12), length(30));
        some("wheel", "200 mm", "150 mm", "8 in");
        some("wheelFace", "cup");
        some("order", "top-first");
        some("damage", length(0.5), length(2));
        List<Map<String, String>> trials = new ArrayList<>();
        if (random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            double error = between(-0.02, 0.08);
            trial.put("near", length(finished + error));
            trial.put("far", length(finished + error + between(-0.03, 0.05)));
            trial.put("apart", length(Math.min(cut, 400) * 0.8));
            if (random.nextBoolean()) {
                trial.put("finish", "Ra " + String.format(Locale.ROOT, "%.1f", between(0.6, 8)) + " µm");
            }
            trial.put("chip", new String[] {"short-curls", "welded", "blue", "powder"}[random.nextInt(4)]);
            trial.put("sound", new String[] {"quiet", "chatter", "squeal"}[random.nextInt(3)]);
            trials.add(trial);
        }
        Map<String, Map<String, String>> tools = new LinkedHashMap<>();
        if (random.nextInt(3) == 0) {
            tools.put("plain", Map.of("blank", "hss-3-8", "sideRake", "12°", "noseRadius", "0.4 mm"));
            tools.put("brass", Map.of("blank", "hss-1-4", "sideRake", "0°", "backRake", "0°", "noseRadius", "0.8 mm"));
        }
        return question(name, trials, tools);
    }

    private Question boring(String name) {
        put("operation", "bore");
        one("material", MATERIALS);
        double start = between(8, 70);
        double finished = start + between(0.3, 3);
        double depth = between(0.5, 4) * start;
        put("boreStart", length(start));
        put("boreFinished", length(finished));
        put("boreDepth", length(depth));
        one("boreTolerance", "H7", "H8", "±0.02 mm", "+0.05/-0 mm");
        one("finish", "Ra 1.6 µm", "Ra 0.8 µm", "Ra 3.2 µm", "63 µin");
        one("bottom", "through", "through", "blind", "blind-faced");
        one("barHeld", "post", "post", "post", "head", "centres");
        one("boreBit", "hss-1-4", "hss-3-16", "hss-4mm", "hss-1-8", "insert-80-6", "insert-60-6", "cobalt-1-4");
        some("barMaterial", "carbide", "heavy-metal", "drill-rod-hard");
        some("bitAngle", "60°", "45°", "90°");
        some("outOfRound", length(0.2));
        some("outside", length(finished + 6));
        some("boreStickOut", length(depth + 20));
        some("recess", "plain", "o-ring");
        some("boreBackRake", "0°", "5°", "-3°");
        some("boreSideRake", "0°", "8°");
        some("boreRelief", "8°", "15°");
        some("boreNose", "0.2 mm", "0.4 mm", "0.8 mm", "1/64", "0");
        some("boreSideEdge", "0°", "-5°", "10°");
        some("barDiameter", length(Math.floor(0.6 * start)), length(Math.floor(0.8 * start)));
        some("barOverhang", length(depth + 8), length(1.6 * depth));
        some("neckLength", length(0.7 * depth));
        some("rodHole", length(0.15 * start));
        some("steelHead", length(10));
        some("boreHeight", length(0.2), length(-0.2));
        some("faceAhead", length(0.3));
        some("boreDepthOfCut", length(0.1), length(0.3));
        some("boreFeed", "0.05 mm/rev", "0.1 mm/rev", ".003 in/rev");
        some("boreSpeed", "210 rpm", "480 rpm", "720 rpm");
        some("tipStiffness", "900 N/mm", "6000 N/mm");
        some("damping", "0.02", "0.05");
        some("ringHz", "240 Hz", "700 Hz");
        some("barSet", "3");
        some("madeBar", length(0.66 * start));
        List<Map<String, String>> trials = new ArrayList<>();
        if (random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            double error = between(-0.06, 0.02);
            trial.put("near", length(finished + error));
            trial.put("far", length(finished + error + between(-0.03, 0.02)));
            if (random.nextBoolean()) {
                trial.put("finish", "Ra " + String.format(Locale.ROOT, "%.1f", between(0.6, 6)) + " µm");
            }
            trial.put("sound", new String[] {"quiet", "chatter"}[random.nextInt(2)]);
            trials.add(trial);
        }
        Map<String, Map<String, String>> tools = new LinkedHashMap<>();
        if (random.nextInt(3) == 0) {
            tools.put(
                    "stout",
                    Map.of(
                            "barDiameter",
                            length(0.7 * start),
                            "barLength",
                            length(3 * depth),
                            "barMaterial",
                            "steel",
                            "boreBit",
                            "hss-3-16"));
            tools.put(
                    "slim",
                    Map.of(
                            "barDiameter",
                            length(0.4 * start),
                            "barLength",
                            length(2 * depth),
                            "barMaterial",
                            "carbide",
                            "boreBit",
                            "hss-1-8"));
        }
        return question(name, trials, tools);
    }

    private Question parting(String name) {
        one("operation", "part", "part", "groove");
        one("material", MATERIALS);
        double d = between(5, 45);
        put("partDiameter", length(d));
        if (random.nextInt(4) == 0) {
            put("partBore", length(0.4 * d));
        }
        one(
                "blade",
                "blade-3-32-taper",
                "blade-1-16",
                "blade-2mm",
                "blade-3mm",
                "blade-2mm-t",
                "ground-3-8",
                "insert-2mm-blade",
                "insert-3mm-blade");
        some("partHold", "collet", "chuck-and-centre");
        some("partPost", "behind");
        some("pieceLength", length(4), length(25));
        some("pieces", "5", "40");
        some("partAt", length(12), length(30));
        some("grooveBottom", length(0.8 * d));
        some("grooveWidth", length(4), length(8));
        some("bladeWidth", length(1.5));
        some("tipLead", "5°", "-8°");
        some("partRake", "0°", "5°", "12°");
        some("tipTop", "hollow");
        some("partRelief", "5°", "10°");
        some("partSide", "0.5°", "2°");
        some("bladeSquare", "0.5°", "-1°");
        some("bladeOverhang", length(d / 2 + 6));
        some("bladeRest", length(d / 2 + 2));
        if (random.nextInt(2) == 0) {
            one("partHolder", "split-block", "side-block", "rear-block");
        }
        some("postBolts", "two");
        some("partHeight", length(0.2), length(-0.3));
        some("partFeed", "0.04 mm/rev", "0.08 mm/rev", ".002 in/rev");
        some("partSpeed", "210 rpm", "480 rpm");
        some("partPostStiffness", "8000 N/mm", "25000 N/mm");
        some("hinge", length(4));
        some("slitSaw", length(1.2));
        some("madeFloor", length(22));
        some("madeSlot", length(12.8));
        some("bladeCost", "12");
        List<Map<String, String>> trials = new ArrayList<>();
        if (random.nextInt(2) == 0) {
            Map<String, String> trial = new HashMap<>();
            trial.put("pip", length(between(0, 1.2)));
            trial.put("pipSide", random.nextBoolean() ? "below" : "above");
            trial.put("face", new String[] {"flat", "dished", "domed"}[random.nextInt(3)]);
            trial.put("faceBy", length(between(0, 0.3)));
            if (random.nextInt(3) == 0) {
                trial.put("broke", length(0.3 * d));
            }
            trial.put("sound", random.nextBoolean() ? "quiet" : "chatter");
            trial.put("count", "3");
            trials.add(trial);
        }
        Map<String, Map<String, String>> tools = new LinkedHashMap<>();
        if (random.nextInt(3) == 0) {
            tools.put("taper", Map.of("blade", "blade-3-32-taper", "partRake", "5°"));
            tools.put("insert", Map.of("blade", "insert-2mm-blade"));
            tools.put("ground", Map.of("blade", "ground-10mm", "bladeWidth", "2 mm"));
        }
        return question(name, trials, tools);
    }
}
