package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneDxf;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The route that makes a blade's holder, with as-made sizes carried through. */
@Tag("written")
class HolderRouteTest {
    private static PlanAnswer plan(String holder, String... more) {
        String[] all = new String[more.length + 4];
        all[0] = "partHolder";
        all[1] = holder;
        all[2] = "blade";
        all[3] = "blade-2mm";
        System.arraycopy(more, 0, all, 4, more.length);
        PlanAnswer answer = PartPlanTest.plan(all);
        assertThat(answer.fields())
                .allSatisfy(f -> assertThat(f.error()).as(f.id()).isEmpty());
        return answer;
    }

    private static String step(PlanAnswer answer, String id) {
        return answer.steps().stream()
                .filter(s -> s.id().equals(id))
                .map(s -> String.join(" ", s.lines()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + id));
    }

    private static List<String> order(PlanAnswer answer) {
        return answer.steps().stream().map(MakeStep::id).toList();
    }

    /** The slot's floor is the axis less the blade in front, the axis itself behind: 44.5 − 12, and 44.5. */
    @Test
    void theStackBringsTheEdgeToTheAxis() {
        assertThat(plan("split-block").figure("floor").is()).isCloseTo(32.5, within(1e-9));
        assertThat(plan("rear-block").figure("floor").is()).isCloseTo(44.5, within(1e-9));
    }

    @Test
    void eachHolderHasItsOrder() {
        assertThat(order(plan("split-block")))
                .containsExactly(
                        "cut-list",
                        "square",
                        "bolt-hole",
                        "t-nuts",
                        "scribe",
                        "slot-rough",
                        "slot-floor",
                        "slot-top",
                        "slit",
                        "deburr",
                        "tip",
                        "test");
        assertThat(order(plan("side-block")))
                .containsSubsequence("foot", "scribe", "slot-rough", "plate", "plate-screws", "to-post", "deburr");
        assertThat(order(plan("split-block", "blade", "blade-3-32-taper"))).contains("slot-taper");
        assertThat(order(plan("split-block", "blade", "blade-2mm-t"))).contains("slot-undercut");
        assertThat(step(plan("rear-block"), "bolt-hole")).contains(" and ");
        assertThat(plan("split-block").steps()).allSatisfy(s -> {
            assertThat(s.why()).isNotBlank();
            assertThat(s.check()).isNotBlank();
        });
    }

    /** Dial of the floor pass by hand: the cutter's near side touched the sole at 0, so floor + its true width. */
    @Test
    void dialsGoByTheCuttersTrueWidth() {
        PlanAnswer answer =
                plan("split-block", "slotCutter", "6 mm", "slotCutterTrue", "5.96 mm", "dialTurn", "2.5 mm");
        assertThat(step(answer, "slot-floor")).contains("38.46 mm (15 turns and 0.96 mm)");
        // The far wall: floor + slot of 12.06.
        assertThat(step(answer, "slot-top")).contains("44.56 mm (17 turns and 2.06 mm)");
        assertThat(step(answer, "slot-rough"))
                .contains("marked 6 mm, cuts 5.96 mm")
                .contains("0.04 mm too low");
    }

    /** Depths: none over a quarter of the cutter, the last after touching again, all of it in the end. */
    @Test
    void depthsAreStepped() {
        for (double in : new double[] {0.1, 1.5, 2, 9.5}) {
            List<Double> depths = SlotSteps.depths(in, 5.96);
            double before = 0;
            for (double depth : depths) {
                assertThat(depth - before).isLessThanOrEqualTo(0.25 * 5.96 + 0.16);
                before = depth;
            }
            assertThat(before).isCloseTo(in, within(1e-12));
        }
    }

    /** A floor some hundredths low is judged, and cured by the shop's shims; high, by a skim of so much. */
    @Test
    void aFloorOffIsCuredByShimsOrASkim() {
        PlanAnswer low = plan("split-block", "madeFloor", "32.35 mm");
        assertThat(low.figure("heightLeft").is()).isCloseTo(-0.15, within(1e-9));
        assertThat(step(low, "slot-floor"))
                .contains("0.15 mm below")
                .contains("0.1 mm + 0.05 mm")
                .contains("It matters");
        assertThat(PartPlanTest.finding(low, "stack").statement()).contains("Put 0.15 mm under it");
        PlanAnswer high = plan("split-block", "madeFloor", "32.56 mm");
        assertThat(PartPlanTest.finding(high, "stack").statement()).contains("Skim its sole by 0.06 mm");
        PlanAnswer little = plan("side-block", "madeTab", "32.49 mm");
        assertThat(step(little, "slot-floor")).contains("It hardly matters");
        assertThat(PartPlanTest.finding(little, "stack").verdict()).isEqualTo(Verdict.FINE);
    }

    /** A slot made higher must close further: the bolt's pull and the hinge's stress grow with the room. */
    @Test
    void whatWasMadeRunsThroughTheChecks() {
        String drawn = step(plan("split-block"), "slit");
        PlanAnswer wide = plan("split-block", "madeSlot", "12.2 mm");
        assertThat(step(wide, "slot-top")).contains("must now close by 0.2 mm");
        assertThat(PartPlanTest.finding(wide, "hinge").margin())
                .isLessThan(PartPlanTest.finding(plan("split-block"), "hinge").margin());
        assertThat(step(plan("split-block", "madeSlot", "11.9 mm"), "slot-top")).contains("does not go in");
        assertThat(step(plan("split-block", "madeHinge", "9 mm"), "slit")).contains("does not close it");
        assertThat(drawn).doesNotContain("does not close it");
    }

    /** The drawing is to size in its DXF: the block's length and height are found among its points. */
    @Test
    void theDxfIsTrueToSize() {
        PlanAnswer answer = plan("split-block", "blockLength", "50 mm", "blockWidth", "30 mm");
        Scene drawing = answer.scenes().stream()
                .filter(s -> s.id().equals("holder-drawing"))
                .findFirst()
                .orElseThrow();
        String[] lines = SceneDxf.write(drawing).split("\n");
        boolean ground = false;
        double widest = 0;
        double least = 0;
        double most = 0;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            if (code == 0) {
                if (ground) {
                    widest = Math.max(widest, most - least);
                }
                if (lines[i + 1].equals("POLYLINE")) {
                    least = Double.POSITIVE_INFINITY;
                    most = Double.NEGATIVE_INFINITY;
                    ground = false;
                }
            } else if (code == 8 && lines[i + 1].equals("EDGE")) {
                ground = true;
            } else if (code == 10) {
                double x = Double.parseDouble(lines[i + 1]);
                if (x != 0) {
                    least = Math.min(least, x);
                    most = Math.max(most, x);
                }
            }
        }
        assertThat(widest).isCloseTo(50, within(1e-2));
    }

    /** The point stands where the holder as made puts it, until a height is typed: the pip to be expected says so. */
    @Test
    void aFloorOffShowsInTheCut() {
        PlanAnswer low = plan("split-block", "madeFloor", "32.35 mm");
        double drop = low.figure("drop").is();
        assertThat(low.figure("pip").is()).isCloseTo(2 * (0.15 + drop), within(1e-9));
        assertThat(PartPlanTest.finding(low, "height-cure").statement())
                .contains("0.15 mm low")
                .contains("0.1 mm + 0.05 mm");
        PlanAnswer set = plan("split-block", "madeFloor", "32.35 mm", "partHeight", "0 mm");
        assertThat(set.figure("pip").is()).isCloseTo(2 * set.figure("drop").is(), within(1e-9));
    }

    /** With another cutter the dial of the floor moves by the widths' difference and that of the top not at all. */
    @Test
    void aChangeOfCutterMovesTheFloorsDialAlone() {
        PlanAnswer first = plan("split-block", "slotCutterTrue", "5.96 mm");
        PlanAnswer other = plan("split-block", "slotCutterTrue", "4.90 mm");
        assertThat(step(first, "slot-rough")).contains("at 32.5 mm and its own true width, the top stays at 44.56 mm");
        assertThat(step(first, "slot-floor")).contains("38.46 mm");
        assertThat(step(other, "slot-floor")).contains("37.4 mm");
        assertThat(step(other, "slot-top")).contains("44.56 mm");
    }
}
