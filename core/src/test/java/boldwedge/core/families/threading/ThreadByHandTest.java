package boldwedge.core.families.threading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.families.threading.model.ThreadBit;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadGears;
import boldwedge.core.family.Planner;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.ScrewCutting;
import boldwedge.core.mechanics.thread.ThreadForce;
import boldwedge.core.mechanics.wedge.Polyhedron;
import boldwedge.core.mechanics.wedge.Surface;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Whole threads worked by hand, number by number, and what changes when one thing does. */
class ThreadByHandTest {
    private static PlanRequest ask(String lathe, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("lathe", "x", "operation", "thread"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe(lathe)));
    }

    private static ThreadCut cut(String... f) {
        return ThreadReader.cut(ask("metric-screw", f)).cut().orElseThrow();
    }

    /** M12 outside in 6g: limits 11.701…11.966 and 10.679…10.829, so 11.8335 and 10.754 are aimed at. */
    @Test
    void m12ByHand() {
        ThreadCut m12 = cut("thread", "M12", "threadSpeed", "60 rpm");
        double p = 1.75;
        assertThat(m12.blankMm()).isCloseTo(11.8335, within(1e-3));
        assertThat(m12.targetMm()).isCloseTo(10.754, within(1e-3));
        // (11.8335 − 10.754)/2 = 0.5398 to the pitch line; P/(4 tan 30°) = 0.7578 on to the sharp point; flat P/8 stops
        // 0.1894 short.
        double depth = (m12.blankMm() - m12.targetMm()) / 2 + 0.757772 - 0.189443;
        assertThat(m12.depthMm()).isCloseTo(depth, within(1e-5));
        assertThat(m12.tip().flatMm()).isEqualTo(p / 8);
        assertThat(2 * m12.tipAtMm()).isCloseTo(m12.blankMm() - 2 * depth, within(1e-5));
        // tan φ = 1.75 / (π · 9.617): 3.32°; flanks 3° either side of it.
        assertThat(Math.toDegrees(m12.edge().helixRad())).isCloseTo(3.316, within(2e-3));
        assertThat(Math.toDegrees(m12.edge().leadingRad())).isCloseTo(6.316, within(2e-3));
        assertThat(Math.toDegrees(m12.edge().trailingRad())).isCloseTo(-0.316, within(2e-3));
        assertThat(Math.toDegrees(m12.edge().groundRad())).isCloseTo(60, within(1e-9));
        // Compound: 1.108 / cos 29.5°.
        assertThat(m12.infeed().compoundMm(m12.depthMm()))
                .isCloseTo(depth / Math.cos(Math.toRadians(29.5)), within(1e-5));
        // 60 rpm, 0.8 s: 0.8 turns of 1.75.
        assertThat(m12.stop().runOnMm()).isCloseTo(1.4, within(1e-9));
        // Groove three pitches, to the next half millimetre; a pitch of it is the tool's.
        assertThat(m12.grooveMm()).isEqualTo(5.5);
        assertThat(m12.stop().wayMm()).isCloseTo(3.75, within(1e-9));
        assertThat(m12.stop().mostRpm()).isCloseTo(3.75 * 60 / (1.75 * 0.8), within(1e-9));
        assertThat(m12.stop().grooveFor(60)).isCloseTo(1.4 + 1.75, within(1e-9));
        assertThat(m12.surfaceSpeed()).isCloseTo(Math.PI * 12 * 60 / 1000, within(1e-9));
        // 28/24 of 1.5.
        assertThat(m12.gears().train().orElseThrow().a()).isEqualTo(28);
        assertThat(m12.gears().train().orElseThrow().b()).isEqualTo(24);
        assertThat(m12.toleranceMm()).isCloseTo(0.15, within(1e-9));
        assertThat(m12.toGoMm(10.854)).isCloseTo(0.1, within(1e-3));
        assertThat(m12.pastMm(10.6)).isCloseTo(0.079, within(1e-3));
    }

    /** The groove's bottom: three tenths of a pitch under the root outside, and over it inside. */
    @Test
    void theGrooveRunsFreeOfTheTip() {
        ThreadCut m12 = cut("thread", "M12");
        assertThat(m12.grooveDiameterMm()).isCloseTo(2 * m12.tipAtMm() - 0.3 * 1.75, within(1e-9));
        ThreadCut nut = cut("thread", "M24", "threadSide", "inside");
        assertThat(nut.grooveDiameterMm()).isCloseTo(2 * nut.tipAtMm() + 0.3 * 3, within(1e-9));
        assertThat(nut.tipAtMm()).isCloseTo(nut.blankMm() / 2 + nut.depthMm(), within(1e-9));
        // What is still to come off runs the other way inside.
        assertThat(nut.toGoMm(nut.targetMm() - 0.2)).isCloseTo(0.2, within(1e-9));
        assertThat(nut.pastMm(nut.pitchHighMm() + 0.03)).isCloseTo(0.03, within(1e-9));
        assertThat(m12.pastMm(m12.pitchLowMm() - 0.03)).isCloseTo(0.03, within(1e-9));
    }

    /**
     * How many passes: the groove's area over what one pass may take, one more for the light first one, and no last pass thinner than
     * the edge shaves.
     */
    @Test
    void thePassesAreCountedByArea() {
        for (String thread : List.of("M12", "M20", "M30", "M8x1")) {
            ThreadCut cut = cut("thread", thread, "threadSteps", "area");
            double area = cut.tip().areaMm2(cut.depthMm());
            int wanted = (int) Math.ceil(area / cut.areaPerPass()) + 1;
            int taken = cut.depthsMm().size();
            assertThat(taken).as(thread).isLessThanOrEqualTo(Math.max(3, wanted));
            if (taken > 3 && taken < wanted) {
                // One more would have rubbed.
                assertThat(cut.lastChipMm()).as(thread).isGreaterThanOrEqualTo(0.0022);
            }
            // The last passes but the light first one are equal in area.
            List<Double> depths = cut.depthsMm();
            double last = cut.tip().areaMm2(depths.get(taken - 1)) - cut.tip().areaMm2(depths.get(taken - 2));
            double before = cut.tip().areaMm2(depths.get(taken - 2)) - cut.tip().areaMm2(depths.get(taken - 3));
            assertThat(last / before).as(thread).isCloseTo(1, within(1e-6));
        }
        // A pass in high-speed steel may take 0.037 mm² a mm of pitch in steel of 2000 MPa, less in what is harder by
        // the root.
        ThreadCut m12 = cut("thread", "M12");
        double kc = m12.job().work().kc11MPa();
        assertThat(m12.areaPerPass())
                .isCloseTo(0.037 * 1.75 * Math.clamp(Math.sqrt(2000 / kc), 0.6, 1.8), within(1e-9));
    }

    /** Spring of the last cutting pass and its difference along the thread: twice push times give, at one end and the other. */
    @Test
    void springAndTaperFollowFromThePush() {
        ThreadCut cut = cut("thread", "M12", "threadLength", "40", "stickOut", "60");
        List<Double> far = apart(cut, cut.giveMmPerN(), cut.spring());
        List<Double> near = apart(cut, cut.giveAtChuckMmPerN(), cut.spring());
        assertThat(cut.sprungMm()).isCloseTo(far.getFirst(), within(1e-5));
        assertThat(cut.leftMm()).isCloseTo(far.getLast(), within(1e-5)).isLessThan(cut.sprungMm());
        assertThat(cut.taperMm())
                .isCloseTo(far.getLast() - near.getLast(), within(2e-5))
                .isPositive();
        assertThat(cut.giveAtChuckMmPerN()).isBetween(0.0, cut.giveMmPerN());
    }

    /** The same by a second way: each pass brought to rest by halving. What is left, on the diameter, after the last cutting pass and each spring pass. */
    private static List<Double> apart(ThreadCut cut, double give, int springs) {
        List<Double> left = new ArrayList<>();
        double at = 0;
        int last = cut.depthsMm().size() - 1;
        for (int pass = 0; pass <= last + springs; pass++) {
            double set = cut.depthsMm().get(Math.min(pass, last));
            double low = at;
            double high = set;
            for (int i = 0; i < 60; i++) {
                double middle = (low + high) / 2;
                double area = cut.tip().areaMm2(middle) - cut.tip().areaMm2(at);
                if (middle + give * push(cut, middle, area) > set) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
            at = low;
            if (pass >= last) {
                left.add(2 * (set - at));
            }
        }
        return left;
    }

    private static double push(ThreadCut cut, double depth, double area) {
        return ThreadForce.of(
                        cut.tip(),
                        depth,
                        area,
                        cut.bothFlanks(),
                        cut.job().edge().rakeRad(),
                        cut.job().work(),
                        EdgePress.of(cut.tool(), cut.job().work()))
                .pushN();
    }

    /** Stout work leaves what its push springs it; spring passes without end leave what the edge presses without cutting. */
    @Test
    void limitsOfTheSpring() {
        ThreadCut stout = cut("thread", "M36", "threadLength", "20", "threadHeld", "chuck-and-centre");
        assertThat(stout.sprungMm())
                .isCloseTo(
                        2
                                * stout.giveMmPerN()
                                * stout.force(stout.depthsMm().size() - 1).pushN(),
                        withinPercentage(10));
        ThreadCut slender = cut("thread", "M12", "threadLength", "40", "threadStickOut", "60", "threadSpring", "10");
        double bottom = 2 * slender.giveMmPerN() * push(slender, slender.depthMm(), 0);
        assertThat(slender.leftMm()).isGreaterThan(0.9 * bottom).isLessThan(2 * bottom);
    }

    /** The passes take out what the groove holds, none more than the tool likes, the last no thinner than it shaves. */
    @Test
    void thePassesAddUp() {
        for (String thread : List.of("M12", "M36×1.5", "Tr 20×4", "1/2-13", "G 1/2")) {
            for (String steps : List.of("area", "depth")) {
                ThreadCut cut = cut("thread", thread, "threadSteps", steps);
                double sum = 0;
                for (int i = 0; i < cut.depthsMm().size(); i++) {
                    sum += cut.areaMm2(i);
                    assertThat(cut.areaMm2(i)).as(thread + " pass " + i).isPositive();
                    if (steps.equals("area")) {
                        assertThat(cut.areaMm2(i)).isLessThan(1.001 * cut.areaPerPass());
                    }
                }
                assertThat(sum).as(thread).isCloseTo(cut.tip().areaMm2(cut.depthMm()), within(1e-6));
                assertThat(cut.depthsMm().getLast()).isEqualTo(cut.depthMm());
            }
        }
    }

    /** A blank as made changes the depth by half of its difference, and every pass with it; the pitch diameter stays what is aimed at. */
    @Test
    void aBlankAsMadeRunsThrough() {
        ThreadCut drawn = cut("thread", "M12");
        ThreadCut made = cut("thread", "M12", "threadBlank", (drawn.blankMm() - 0.08) + " mm");
        assertThat(drawn.depthMm() - made.depthMm()).isCloseTo(0.04, within(1e-9));
        assertThat(made.tipAtMm()).isCloseTo(drawn.tipAtMm(), within(1e-9));
        assertThat(made.targetMm()).isEqualTo(drawn.targetMm());
        ThreadCut hole = cut("thread", "M12", "threadSide", "inside");
        ThreadCut larger = cut("thread", "M12", "threadSide", "inside", "threadBlank", (hole.blankMm() + 0.1) + " mm");
        assertThat(hole.depthMm() - larger.depthMm()).isCloseTo(0.05, within(1e-9));
        assertThat(larger.engagement()).isLessThan(hole.engagement());
    }

    /** Spring: twice the push times the give; a thicker bar springs less, a longer one more, by the cube. */
    @Test
    void theBarSprings() {
        ThreadCut thick =
                cut("thread", "M36×1.5", "threadSide", "inside", "threadBar", "24 mm", "threadBarOut", "60 mm");
        ThreadCut thin =
                cut("thread", "M36×1.5", "threadSide", "inside", "threadBar", "12 mm", "threadBarOut", "60 mm");
        assertThat(thick.sprungMm())
                .isCloseTo(apart(thick, thick.giveMmPerN(), 0).getFirst(), within(1e-5));
        assertThat(thin.inBar().beam().barCompliance() / thick.inBar().beam().barCompliance())
                .isBetween(14.0, 17.0);
        assertThat(thick.leftMm()).isLessThan(thick.sprungMm());
        assertThat(cut("thread", "M36×1.5", "threadSide", "inside", "threadSpring", "0")
                        .leftMm())
                .isEqualTo(cut("thread", "M36×1.5", "threadSide", "inside", "threadSpring", "0")
                        .sprungMm());
    }

    /** A bar whose axis lies below its point passes a smaller hole less well. */
    @Test
    void aBarBelowItsPoint() {
        ThreadCut level = cut("thread", "M20×1.5", "threadSide", "inside");
        ThreadCut low = cut("thread", "M20×1.5", "threadSide", "inside", "threadBarBelow", "3 mm");
        assertThat(low.inBar().thickestBarMm())
                .isLessThan(level.inBar().thickestBarMm())
                .isPositive();
        double crest = low.blankMm() / 2;
        assertThat(low.bar().orElseThrow().roomAtDepth(low.tipAtMm(), crest)).isGreaterThanOrEqualTo(-1e-9);
        assertThat(low.bar().orElseThrow().roomDrawnOut(crest)).isGreaterThanOrEqualTo(-1e-9);
    }

    /** What a card offers: the box, wheels alone, wheels before a box, or nothing. */
    @Test
    void whatACardOffers() {
        ScrewCutting box = card(OptionalDouble.of(3), List.of(1.0, 1.5, 2.0), List.of());
        assertThat(ThreadGears.of(1.5, box).exact()).isTrue();
        assertThat(ThreadGears.of(1.5, box).train()).isEmpty();
        ThreadGears near = ThreadGears.of(1.7, box);
        assertThat(near.exact()).isFalse();
        assertThat(near.cutsMm()).isEqualTo(1.5);
        assertThat(near.errorMm(10)).isCloseTo(10 * (1.5 / 1.7 - 1), within(1e-12));
        ScrewCutting wheels = card(OptionalDouble.of(3), List.of(), List.of(40, 80, 35, 60));
        assertThat(ThreadGears.of(1.5, wheels).train().orElseThrow().ratio()).isEqualTo(0.5);
        // 35/40 of 2 is 1.75.
        ThreadGears both = ThreadGears.of(1.75, card(OptionalDouble.of(3), List.of(1.0, 1.5, 2.0), List.of(35, 40)));
        assertThat(both.exact()).isTrue();
        assertThat(both.boxMm()).contains(2.0);
        assertThat(ThreadGears.of(1.5, ScrewCutting.UNSAID).known()).isFalse();
        assertThat(ThreadGears.of(1.5, ScrewCutting.UNSAID).error()).isZero();
    }

    /** 1.5 mm off a screw of eight to the inch is 60 over 127: a wheel of 127 is wanted, and with it the thread is exact; without wheels none helps. */
    @Test
    void theWheelThatIsMissing() {
        ScrewCutting inch = card(OptionalDouble.of(25.4 / 8), List.of(), List.of(20, 30, 40, 50, 60, 70));
        assertThat(ThreadGears.of(1.5, inch).exact()).isFalse();
        ThreadGears.AnotherWheel wheel = ThreadGears.anotherWheel(1.5, inch).orElseThrow();
        assertThat(wheel.teeth()).isEqualTo(127);
        assertThat(wheel.gears().cutsMm()).isCloseTo(1.5, within(1e-9));
        // Of eight to the inch eleven and a half want a 23 or its multiples.
        assertThat(ThreadGears.anotherWheel(25.4 / 11.5, inch).orElseThrow().teeth() % 23)
                .isZero();
        assertThat(ThreadGears.anotherWheel(1.5, ScrewCutting.UNSAID)).isEmpty();
    }

    private static ScrewCutting card(OptionalDouble screw, List<Double> box, List<Integer> wheels) {
        return new ScrewCutting(
                screw,
                box,
                wheels,
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalDouble.empty(),
                false,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false,
                OptionalDouble.empty());
    }

    /** The ground bit: its flanks enclose the angle on top, fall away by their clearances, and its tip is as wide as was wanted. */
    @Test
    void theBitAsASolid() {
        ThreadCut cut = cut("thread", "M24", "threadRake", "0°");
        Polyhedron bit = ThreadBit.of(cut);
        double b = ThreadBit.blankMm(cut);
        assertThat(bit.volumeMm3()).isPositive().isLessThan(5 * b * b * b);
        Vector3D left = bit.on(Surface.SIDE_FLANK).getFirst().normal();
        Vector3D right = bit.on(Surface.NOSE).getFirst().normal();
        // On the face, square to z, the flanks' traces make the angle.
        double between = Math.atan2(left.getY(), -left.getX()) + Math.atan2(right.getY(), right.getX());
        assertThat(between).isCloseTo(cut.edge().groundRad(), within(1e-9));
        assertThat(Math.atan(left.getZ() / left.getX())).isCloseTo(cut.edge().leadingRad(), within(1e-9));
        assertThat(Math.atan(-right.getZ() / right.getX())).isCloseTo(cut.edge().trailingRad(), within(1e-9));
        double widest = bit.on(Surface.END_FLANK).getFirst().corners().stream()
                .filter(corner -> Math.abs(corner.getZ()) < 1e-9)
                .mapToDouble(corner -> Math.abs(corner.getX()))
                .max()
                .orElseThrow();
        assertThat(2 * widest).isCloseTo(cut.tip().flatMm(), within(1e-9));
    }

    /** Every way of feeding says its own, and only compound ways set it over. */
    @Test
    void waysAndHands() {
        for (String way : List.of("half-less", "half", "degree-less", "straight", "to-and-fro")) {
            PlanAnswer answer = Planner.plan(ask("metric-screw", "thread", "M20", "threadWay", way));
            boolean compound = way.startsWith("half") || way.startsWith("degree");
            String said = answer.findings().stream()
                    .filter(f -> f.id().equals("thread-ways"))
                    .findFirst()
                    .orElseThrow()
                    .statement();
            assertThat(said.startsWith("Compound at")).isEqualTo(compound);
            MakeStep passes = answer.steps().stream()
                    .filter(s -> s.id().equals("passes"))
                    .findFirst()
                    .orElseThrow();
            assertThat(passes.table().rows())
                    .hasSize((int) answer.figure("passes").is());
            assertThat(passes.table().columns()).contains(compound ? "Compound to" : "Cross slide to");
            assertThat(passes.table().rows())
                    .allMatch(row ->
                            row.cells().size() == passes.table().columns().size());
        }
        // A metric shop at an inch dial reads both.
        MakeStep both = Planner.plan(ask("inch-screw", "thread", "M20")).steps().stream()
                .filter(s -> s.id().equals("passes"))
                .findFirst()
                .orElseThrow();
        assertThat(both.table().rows().getFirst().cells().toString())
                .contains("thou")
                .contains(" mm");
        PlanAnswer left = Planner.plan(ask("metric-screw", "thread", "M20 LH"));
        assertThat(left.steps().toString()).contains("carriage away from the chuck");
        PlanAnswer two = Planner.plan(ask("metric-screw", "thread", "M20×3 P1.5"));
        assertThat(two.steps()).anyMatch(step -> step.id().equals("starts"));
        assertThat(two.figure("lead").is()).isEqualTo(3);
    }

    /**
     * By equal areas the last of n passes takes an (n − 1)th of what is under the first: so many passes are taken as leave it a chip
     * that the edge can shave, and no more than the area of one asks for.
     */
    @Test
    void soManyPassesAsLeaveTheLastOneAChip() {
        for (String thread : List.of("M6", "M12", "M24")) {
            ThreadCut cut = cut("thread", thread);
            int n = cut.depthsMm().size();
            double area = cut.tip().areaMm2(cut.depthMm());
            double last = cut.depthMm() - cut.depthsMm().get(n - 2);
            assertThat(last)
                    .isCloseTo(
                            cut.depthMm() - cut.tip().depthForMm(area * (n - 2.0) / (n - 1), cut.depthMm()),
                            within(1e-6));
            assertThat(cut.lastChipMm())
                    .isCloseTo(cut.infeed().leadingMm(last) * Math.cos(Math.toRadians(30)), within(1e-6));
            assertThat(n).isLessThanOrEqualTo((int) Math.ceil(area / cut.areaPerPass()) + 1);
            double next = cut.depthMm() - cut.tip().depthForMm(area * (n - 1.0) / n, cut.depthMm());
            double chip = cut.infeed().leadingMm(next) * Math.cos(Math.toRadians(30));
            double least = EdgeCut.smallestChip(cut.tool()).chosen();
            assertThat(n == (int) Math.ceil(area / cut.areaPerPass()) + 1 || chip < least)
                    .isTrue();
            assertThat(n == 3 || cut.lastChipMm() >= least).isTrue();
        }
        ThreadCut equal = cut("thread", "M12", "threadSteps", "depth");
        assertThat(equal.depthsMm().getFirst())
                .isCloseTo(equal.depthMm() / equal.depthsMm().size(), within(1e-9));
    }

    /** The work gives less nearer the chuck, by as much as its overhang is shorter by the thread; a bar gives the same all along. */
    @Test
    void whatGivesAtTheChucksEnd() {
        ThreadCut cut = cut("thread", "M12", "threadLength", "20 mm", "threadStickOut", "50 mm");
        assertThat(cut.giveMmPerN()).isCloseTo(cut.work().complianceAt(50), within(1e-15));
        assertThat(cut.giveAtChuckMmPerN())
                .isCloseTo(cut.work().complianceAt(30), within(1e-15))
                .isPositive()
                .isLessThan(cut.giveMmPerN());
        // The stiffer end springs less, and by less than the gives are to each other: what it leaves less it cuts more.
        assertThat(cut.taperMm()).isBetween(0.0, cut.leftMm());
    }
}
