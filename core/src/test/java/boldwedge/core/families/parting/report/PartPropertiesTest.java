package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.holder.SlotPasses;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What must hold of any parting job, on jobs drawn at random. */
class PartPropertiesTest {
    private static final List<WorkMaterial> MATERIALS = StockCatalogue.shipped().workMaterials();
    private static final List<Blade> BLADES = StockCatalogue.shipped().blades();

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.3f mm", value);
    }

    /** A job drawn at random that can be done; drawn again until it can. */
    private static PartCut drawn(Random random) {
        while (true) {
            double diameter = 8 + 40 * random.nextDouble();
            double bore = random.nextBoolean() ? 0 : 0.7 * diameter * random.nextDouble();
            Map<String, String> fields = new HashMap<>(Map.of(
                    "operation",
                    "part",
                    "material",
                    MATERIALS.get(random.nextInt(MATERIALS.size())).id(),
                    "blade",
                    BLADES.get(random.nextInt(BLADES.size())).id(),
                    "partDiameter",
                    mm(diameter),
                    "partBore",
                    mm(bore),
                    "bladeOverhang",
                    mm((diameter - bore) / 2 + 1.5 + 15 * random.nextDouble()),
                    "partHolder",
                    List.of("post", "split-block", "side-block", "rear-block").get(random.nextInt(4)),
                    "partHeight",
                    mm(0.4 * random.nextDouble() - 0.2)));
            Optional<PartCut> cut = PartReader.cut(
                            new PlanRequest(fields, UnitSystem.METRIC, Optional.of(PartPlanTest.SMALL)))
                    .cut();
            if (cut.isPresent()) {
                return cut.get();
            }
        }
    }

    private static PartCut fed(PartCut cut, double feed) {
        return cut.feeding(feed);
    }

    @Test
    void moreFeedPushesMoreAndALongerBladeGivesMore() {
        Random random = new Random(21);
        for (int i = 0; i < 150; i++) {
            PartCut cut = fed(drawn(random), 0.05);
            assertThat(fed(cut, 0.08).force().cuttingN())
                    .isGreaterThan(cut.force().cuttingN());
            assertThat(fed(cut, 0.08).dropMm()).isGreaterThan(cut.dropMm());
            PartJob job = cut.job();
            double further = job.overhangMm() + 3;
            PartCut longer = cut.with(job.with(j -> j.overhangMm(further).restMm(job.restMm() + 3)));
            assertThat(longer.down().downMmPerN()).isGreaterThan(cut.down().downMmPerN());
            assertThat(longer.aside().asideMmPerN()).isGreaterThan(cut.aside().asideMmPerN());
            assertThat(longer.down().stressPerN()).isGreaterThan(cut.down().stressPerN() * (1 - 1e-9));
            assertThat(longer.aside().turnsOverAtN()).isLessThan(cut.aside().turnsOverAtN());
        }
    }

    /** The post's bolts and the edge it tips over balance the cut: no force and no moment is left. */
    @Test
    void forcesAndMomentsBalance() {
        Random random = new Random(22);
        for (int i = 0; i < 200; i++) {
            PartCut cut = drawn(random);
            var post = cut.post();
            double farthest =
                    post.boltArmsMm().stream().mapToDouble(b -> b).max().orElseThrow();
            double moment = post.boltArmsMm().stream()
                    .mapToDouble(b -> post.boltPullPerN() * b / farthest * b)
                    .sum();
            assertThat(moment).isCloseTo(post.tippingArmMm(), within(1e-9));
            double down = post.lifts() ? -1 : 1;
            assertThat(post.edgePressPerN() - post.allBoltsPerN()).isCloseTo(down, within(1e-12));
        }
    }

    /** Nothing that gives way gives way at the force reckoned when the first of them does not; the order is by force. */
    @Test
    void theWeakestComesFirstAndEveryOneHasANumber() {
        Random random = new Random(23);
        for (int i = 0; i < 150; i++) {
            PartCut cut = drawn(random);
            List<Weakness> weak = Weaknesses.of(cut);
            double before = 0;
            for (Weakness one : weak) {
                assertThat(one.failsAtN()).isFinite().isGreaterThanOrEqualTo(before);
                before = one.failsAtN();
            }
            assertThat(weak).extracting(Weakness::kind).doesNotHaveDuplicates();
            // What is chosen keeps a third of it in hand, or more than a usual hand feed would at that speed.
            double times = weak.getFirst().times(cut.force().cuttingN());
            PartCut usual = fed(cut, 0.03);
            if (cut.smallestChipMm().chosen() < 0.03) {
                assertThat(times)
                        .isGreaterThanOrEqualTo(Math.min(
                                1 / 0.35,
                                Weaknesses.of(usual)
                                                .getFirst()
                                                .times(usual.force().cuttingN())
                                        - 1e-6));
            }
        }
    }

    /** Rake and clearance in use always add up to the same: what height and feed give the one they take from the other. */
    @Test
    void whatRakeGainsClearanceLoses() {
        Random random = new Random(24);
        for (int i = 0; i < 100; i++) {
            PartCut cut = drawn(random);
            for (PartCut.At at : cut.at()) {
                assertThat(at.rakeRad() + at.reliefRad()).isCloseTo(cut.rakeRad() + cut.reliefRad(), within(1e-9));
            }
            double rubs = cut.rubsUnderMm();
            if (rubs > 0.1 && rubs < cut.job().diameterMm() - 0.1) {
                assertThat(clearance(cut, rubs * 1.01)).isPositive();
                assertThat(clearance(cut, rubs * 0.99)).isNegative();
            }
        }
    }

    private static double clearance(PartCut cut, double diameter) {
        return cut.reliefRad()
                - Math.asin(Math.clamp(2 * cut.heightCuttingMm() / diameter, -1, 1))
                - Math.atan(cut.feedMm() / (Math.PI * diameter));
    }

    /** Made exactly as drawn a holder brings its edge to the axis, and its slot's walls stand where the blade needs them. */
    @Test
    void holdersBringTheEdgeToTheAxis() {
        Random random = new Random(25);
        int built = 0;
        for (int i = 0; i < 200; i++) {
            PartCut cut = drawn(random);
            if (!cut.job().holder().built()) {
                continue;
            }
            built++;
            HolderGeometry g = cut.geometry();
            double edge = cut.job().behind()
                    ? g.floorMm()
                    : g.floorMm() + cut.job().blade().heightMm();
            assertThat(edge).isCloseTo(g.axisMm(), within(1e-9));
            assertThat(g.heightLeftMm()).isCloseTo(0, within(1e-9));
            SlotPasses slot = SlotPasses.of(
                    g.drawnFloorMm(), g.drawnSlotMm(), cut.job().design().cutterTrueMm());
            assertThat(slot.passes().getLast().axisMm() + slot.cutterMm() / 2)
                    .isCloseTo(g.drawnFloorMm() + g.drawnSlotMm(), within(1e-9));
            // Off by some hundredths, the edge is off by as much.
            double off = 0.2 * random.nextDouble() - 0.1;
            boolean side = cut.job().holder() == HolderKind.SIDE_BLOCK;
            HolderDesign d = cut.job().design();
            OptionalDouble made = OptionalDouble.of(g.drawnFloorMm() + off);
            HolderGeometry then = HolderGeometry.of(cut.job()
                    .withDesign(new HolderDesign(
                            d.widthMm(),
                            d.lengthMm(),
                            d.jawMm(),
                            d.drawnHingeMm(),
                            d.sawMm(),
                            d.roomMm(),
                            d.cutterMm(),
                            d.cutterTrueMm(),
                            d.dialMm(),
                            d.tabMm(),
                            d.plateMm(),
                            d.taperRad(),
                            d.screwMm(),
                            side ? OptionalDouble.empty() : made,
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            side ? made : OptionalDouble.empty())));
            assertThat(then.heightLeftMm()).isCloseTo(off, within(1e-9));
        }
        assertThat(built).isGreaterThan(80);
    }

    /** In any unit the answer says the same and never NaN; every margin is a number. */
    @Test
    void everyFindingIsSound() {
        Random random = new Random(26);
        for (int i = 0; i < 80; i++) {
            PartCut cut = drawn(random);
            for (UnitSystem units : UnitSystem.values()) {
                UnitFormat say = new UnitFormat(units);
                List<Finding> all = new ArrayList<>(new PartCutFindings(cut, say).all());
                all.addAll(new BladeFindings(cut, say).all());
                all.addAll(new StandFindings(cut, say).all());
                all.addAll(new HolderFindings(cut, say).all());
                assertThat(all).extracting(Finding::id).doesNotHaveDuplicates();
                assertThat(all).allSatisfy(f -> {
                    assertThat(f.margin()).as(f.id()).isFinite();
                    assertThat(f.toString()).doesNotContain("NaN").doesNotContain("Infinity");
                });
            }
        }
    }
}
