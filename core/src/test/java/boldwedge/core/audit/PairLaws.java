package boldwedge.core.audit;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Laws of two answers beside each other: of the same job with one thing changed, everything else held as it was chosen. */
final class PairLaws {
    /** A margin that moves by less moves by rounding of what is held. */
    private static final double ROUNDING = 0.03;
    /** What is typed is as round as it was told; of a feed in thousandths a finish moves with the square. */
    private static final double TYPED_ROUNDED = 0.08;

    /** Pairs are looked at for one job in so many: each takes several plans. */
    private static final int ONE_IN = 3;

    /**
     * A change that can only help.
     *
     * @param field what is changed
     * @param factor by how much; 0 where a text is set
     * @param text what is set
     * @param helps the findings that it is good for
     */
    private record Help(String field, double factor, String text, List<String> helps) {
        static Help times(String field, double factor, String... helps) {
            return new Help(field, factor, "", List.of(helps));
        }

        static Help set(String field, String text, String... helps) {
            return new Help(field, 0, text, List.of(helps));
        }
    }

    private static final Map<String, List<Help>> HELPS = Map.ofEntries(
            Map.entry(
                    "turning",
                    List.of(
                            Help.times("stickOut", 0.93, "push-off"),
                            Help.set("hold", "chuck-and-centre", "push-off"),
                            Help.times("overhang", 0.8, "overhang"),
                            Help.times("feed", 0.7, "power", "finish"),
                            Help.times("speed", 0.7, "power"))),
            Map.entry(
                    "boring",
                    List.of(
                            Help.times("barOverhang", 0.93, "size", "strength", "rule-of-thumb"),
                            Help.times("barDiameter", 1.08, "size", "strength", "rule-of-thumb"),
                            Help.set("barMaterial", "carbide", "size", "rule-of-thumb"),
                            Help.times("boreFeed", 0.7, "power", "finish", "strength"),
                            Help.times("outside", 1.3, "pinched"))),
            Map.entry(
                    "parting",
                    List.of(
                            Help.times("bladeOverhang", 0.85, "breaks-first", "drop", "digs-in"),
                            Help.times("partAt", 0.7, "held"),
                            Help.set("postBolts", "two", "digs-in", "bolts", "drop"),
                            Help.times("partFeed", 0.7, "power", "bolts", "drop"),
                            Help.set("partHeight", "0", "clears"))),
            Map.entry(
                    "drilling",
                    List.of(
                            Help.times("drillFlutes", 1.3, "flutes"),
                            Help.set("drillStart", "centred", "wander"),
                            Help.times("drillDepth", 0.7, "wander", "flutes", "tap-depth"),
                            Help.times("drillFeed", 0.7, "power"),
                            Help.set("drillGround", "machine", "point", "wander"))),
            Map.entry(
                    "reaming",
                    List.of(
                            Help.set("tailOffset", "0", "bell-mouth"),
                            Help.set("reamerHeld", "floating", "bell-mouth"),
                            Help.times("reamHoles", 0.5, "wear-allowance"),
                            Help.set("reamerSteel", "hss", "wear-allowance", "hard-enough"))),
            Map.entry(
                    "counterboring",
                    List.of(Help.times("pilotLength", 1.3, "pilot-length"), Help.times("seatFeed", 0.7, "power"))),
            Map.entry(
                    "hardening",
                    List.of(
                            Help.times("bathVolume", 2, "bath"),
                            Help.set("heatShape", "plain", "cracks"),
                            Help.times("section", 0.8, "hardens-through"),
                            Help.times("heatLength", 0.7, "leave-for-grinding"))),
            Map.entry(
                    "threading",
                    List.of(
                            Help.set("threadHeld", "chuck-and-centre", "thread-push"),
                            Help.times("threadStickOut", 0.93, "thread-push"),
                            Help.times("threadSpeed", 0.7, "thread-power", "thread-groove"),
                            Help.set("threadSpring", "10", "thread-push", "thread-bar-springs"))),
            Map.entry("seating", List.of(Help.times("seatHeight", 1.2, "seat-bar"))),
            Map.entry(
                    "keying",
                    List.of(
                            Help.times("keyStroke", 0.7, "hand", "tooth"),
                            Help.set("keySpring", "12", "key-spring"),
                            Help.times("outside", 1.3, "key-wall"),
                            Help.set("keyHeight", "0", "key-place"))),
            Map.entry(
                    "shearing",
                    List.of(
                            Help.times("stickOut", 0.93, "shear-push"),
                            Help.set("hold", "chuck-and-centre", "shear-push"),
                            Help.times("shearFeed", 0.7, "finish"),
                            Help.times("shoulderRoom", 1.5, "stretches"))),
            Map.entry(
                    "grooving",
                    List.of(
                            Help.times("grooveFeed", 0.7, "power", "groove-tip"),
                            Help.set("grooveDwell", "20", "groove-spring"),
                            Help.set("hold", "chuck-and-centre", "groove-spring"),
                            Help.times("grooveBeside", 1.5, "groove-beside"))),
            Map.entry(
                    "forming",
                    List.of(
                            Help.times("formFeed", 0.7, "power", "form-neck"),
                            Help.set("formDwell", "20", "form-spring"),
                            Help.set("hold", "chuck-and-centre", "form-spring", "chatter"),
                            Help.set("formSides", "sides", "form-clearance"))),
            Map.entry(
                    "flycutting",
                    List.of(
                            Help.times("flyOut", 0.7, "fly-bit"),
                            Help.times("flyDepth", 0.7, "fly-bit", "power"),
                            Help.set("flyScrews", "3", "fly-grip"),
                            Help.times("flyFeed", 0.7, "finish", "power"))),
            Map.entry(
                    "casting",
                    List.of(
                            Help.times("castBore", 1.05, "cast-stock", "cast-first"),
                            Help.set("holeAside", "0", "cast-stock", "cast-first"),
                            Help.times("pressBy", 0.7, "press-fit", "bush-yields", "casting-splits"),
                            Help.times("housingOutside", 1.3, "casting-splits"))),
            Map.entry(
                    "truing",
                    List.of(
                            Help.times("trueSpeed", 0.7, "out-of-balance"),
                            Help.times("massAside", 0.7, "out-of-balance"),
                            Help.times("blockReach", 0.7, "block-seat"),
                            Help.times("seatReads", 0.5, "block-seat"),
                            Help.times("blockClamp", 1.3, "block-grip", "block-turns"))),
            Map.entry(
                    "shaping",
                    List.of(
                            Help.times("toolOut", 0.8, "digs-in", "tool-bears"),
                            Help.times("strokeDown", 0.7, "tool-bears", "ram-power"),
                            Help.set("toolHung", "gooseneck", "digs-in"),
                            Help.set("keySpring", "12", "key-spring"),
                            Help.times("strokeFeed", 0.7, "finish", "ram-power"))));

    static final List<Law> ALL = List.of(
            new Law("monotone", "What can only help never harms.", PairLaws::monotone),
            new Law(
                    "typed-as-chosen",
                    "What a person types as the program would choose it is not doubted more.",
                    PairLaws::typedAsChosen));

    private PairLaws() {}

    /** The job with everything typed that the program chose, so that nothing else moves. */
    private static Optional<Job> held(Job job) {
        if (Math.floorMod(job.fields().hashCode(), ONE_IN) != 0) {
            return Optional.empty();
        }
        Map<String, String> all = new TreeMap<>(job.fields());
        for (Entry entry : job.family().entries()) {
            if (!job.isOwn(entry.id()) || entry.asked().machine()) {
                continue;
            }
            String text = job.state(entry.id()).map(FieldState::text).orElse("");
            if (!text.isEmpty() && !entry.id().startsWith("made")) {
                all.put(entry.id(), choice(entry, text).orElse(text));
            }
        }
        Job held = Job.of(all, job.units(), job.machine(), job.lathe());
        return held.answer().worked() ? Optional.of(held) : Optional.empty();
    }

    private static Optional<String> choice(Entry entry, String words) {
        return entry.choices().stream()
                .filter(choice -> choice.words().equals(words))
                .map(choice -> choice.id())
                .findFirst();
    }

    private static Optional<String> monotone(Job job) {
        List<Help> helps = HELPS.getOrDefault(job.family().id(), List.of());
        Optional<Job> held = helps.isEmpty() ? Optional.empty() : held(job);
        if (held.isEmpty()) {
            return Optional.empty();
        }
        for (Help help : helps) {
            Optional<Job> helped = helped(held.get(), help);
            if (helped.isEmpty() || !helped.get().answer().worked()) {
                continue;
            }
            for (String id : help.helps()) {
                Optional<Finding> before = held.get().finding(id);
                Optional<Finding> after = helped.get().finding(id);
                if (before.isPresent() && after.isPresent() && isWorse(before.get(), after.get())) {
                    return Optional.of(help.field() + " to "
                            + helped.get().fields().get(help.field()) + " harms " + id + ": "
                            + before.get().statement() + " (" + before.get().margin() + ") becomes "
                            + after.get().statement() + " (" + after.get().margin() + ")");
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isWorse(Finding before, Finding after) {
        return after.verdict().isDoubt()
                && (after.verdict().compareTo(before.verdict()) < 0 || after.margin() < before.margin() - ROUNDING);
    }

    private static Optional<Job> helped(Job held, Help help) {
        Optional<Entry> entry = held.family().entries().stream()
                .filter(any -> any.id().equals(help.field()))
                .findFirst();
        if (help.factor() == 0) {
            return entry.map(any -> held.with(help.field(), help.text()));
        }
        return entry.flatMap(any -> Jobs.near(held, any, help.factor())).map(text -> held.with(help.field(), text));
    }

    private static Optional<String> typedAsChosen(Job job) {
        Optional<Job> held = held(job);
        if (held.isEmpty()) {
            return Optional.empty();
        }
        for (Finding after : held.get().answer().findings()) {
            Optional<Finding> before = job.finding(after.id());
            if (after.verdict().isDoubt()
                    && before.filter(finding -> finding.verdict().isDoubt()).isEmpty()
                    && after.margin() < -TYPED_ROUNDED) {
                return Optional.of(after.id() + " is not doubted as chosen ("
                        + before.map(Finding::statement).orElse("not told")
                        + ") and is as typed: " + after.statement());
            }
        }
        return Optional.empty();
    }
}
