package boldwedge.core.mechanics.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.EdgePress;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Geometry of threads: printed check values, limit cases, and each formula by a second way. */
class ThreadGeometryTest {
    private static final double P = 1.5;

    private static TipShape flat(double w) {
        return new TipShape(ThreadForm.SIXTY, 1, w, 0);
    }

    @Test
    void depthForATipByItsFlat() {
        assertThat(flat(0.25).depthMm()).isCloseTo(0.541266, within(1e-6));
        assertThat(flat(0.125).depthMm()).isCloseTo(0.649519, within(1e-6));
        assertThat(flat(0).depthMm()).isCloseTo(0.757772, within(1e-6));
        // Inside, an eighth of the pitch ends at the major diameter: 5/8 H.
        assertThat(flat(0.125).insideDepthMm()).isCloseTo(0.541266, within(1e-6));
    }

    /** At the right depth groove and ridge are half a pitch each on the pitch line, whatever the form and the tip. */
    @Test
    void atThePitchLineTheGrooveIsHalfAPitch() {
        for (ThreadForm form : ThreadForm.values()) {
            for (TipShape tip : List.of(
                    new TipShape(form, P, 0.1, 0), new TipShape(form, P, 0, 0.08), new TipShape(form, P, 0, 0))) {
                double abovePitchLine = tip.depthMm() - form.pitchBelowMm(P) / 2;
                assertThat(tip.widthMm(abovePitchLine)).isCloseTo(P / 2, within(1e-9));
            }
        }
    }

    /** 55° with the standard's radius goes 0.640327 P deep; 47.5° 0.6 P. */
    @Test
    void roundedFormsGoAsDeepAsTheirStandardsSay() {
        assertThat(new TipShape(ThreadForm.WHITWORTH, 1, 0, ThreadForm.WHITWORTH.rootRadiusMm(1)).depthMm())
                .isCloseTo(0.640327, within(1e-5));
        assertThat(new TipShape(ThreadForm.BRITISH_ASSOCIATION, 1, 0, ThreadForm.BRITISH_ASSOCIATION.rootRadiusMm(1))
                        .depthMm())
                .isCloseTo(0.6, within(2e-4));
    }

    /** The groove's area by integrating its width. */
    @Test
    void areaOfTheGroove() {
        for (TipShape tip : List.of(
                new TipShape(ThreadForm.SIXTY, P, 0.19, 0),
                new TipShape(ThreadForm.SIXTY, P, 0, 0.2),
                new TipShape(ThreadForm.ACME, 5, 1.5, 0),
                new TipShape(ThreadForm.WHITWORTH, P, 0, 0.15))) {
            double half = tip.form().halfRad();
            double r = tip.radiusMm();
            double joint = r * (1 - Math.sin(half));
            double by = new SimpsonIntegrator()
                    .integrate(
                            2_000_000,
                            y -> y < joint ? 2 * Math.sqrt(Math.max(0, r * r - (r - y) * (r - y))) : tip.widthMm(y),
                            0,
                            0.9);
            assertThat(tip.areaMm2(0.9)).isCloseTo(by, within(2e-5));
        }
    }

    /** A light first pass, then equal areas: a sharp point stands at t · √(k / (n − 1)) with k = 0.3, 1, 2 … */
    @Test
    void equalAreasAreEqualAndGrowWithTheRootOfTheirNumber() {
        TipShape sharp = new TipShape(ThreadForm.SIXTY, P, 0, 0);
        List<Double> depths = Infeed.equalAreas(sharp, 0.9, 10);
        assertThat(depths.getFirst()).isCloseTo(0.9 * Math.sqrt(0.3 / 9), within(1e-9));
        for (int i = 1; i < 10; i++) {
            assertThat(depths.get(i)).isCloseTo(0.9 * Math.sqrt(i / 9.0), within(1e-9));
        }
        TipShape round = new TipShape(ThreadForm.SIXTY, P, 0, 0.1);
        List<Double> other = Infeed.equalAreas(round, 0.9, 7);
        double each = round.areaMm2(0.9) / 6;
        assertThat(round.areaMm2(other.getFirst())).isCloseTo(0.3 * each, within(1e-9));
        for (int i = 1; i < 7; i++) {
            assertThat(round.areaMm2(other.get(i))).isCloseTo(i * each, within(1e-9));
        }
        assertThat(other.getLast()).isEqualTo(0.9);
        assertThat(Infeed.equalAreas(sharp, 0.8, 2).getFirst()).isCloseTo(0.8 * Math.sqrt(0.5), within(1e-9));
        assertThat(Infeed.equalDepths(0.9, 3)).containsExactly(0.3, 0.6, 0.9);
    }

    /** Compound at 29.5°: c = t / cos β; the flanks share what the tool's wedge takes. */
    @Test
    void whatEachFlankTakes() {
        Infeed in = new Infeed(ThreadForm.SIXTY, Math.toRadians(29.5));
        assertThat(in.compoundMm(1)).isCloseTo(1.148956, within(1e-6));
        assertThat(in.trailingMm(1)).isCloseTo(0.0115775, within(1e-7));
        assertThat(in.leadingMm(1) + in.trailingMm(1)).isCloseTo(2 * Math.tan(Math.PI / 6), within(1e-12));
        assertThat(new Infeed(ThreadForm.SIXTY, Math.PI / 6).trailingMm(1)).isCloseTo(0, within(1e-12));
        Infeed straight = new Infeed(ThreadForm.SIXTY, 0);
        assertThat(straight.leadingMm(1)).isEqualTo(straight.trailingMm(1));
    }

    /** What is left on the pitch diameter goes in by X / (2 · cos β), whatever the school: looked at by the groove's width. */
    @Test
    void whatIsLeftGoesInWhateverTheSchool() {
        TipShape tip = new TipShape(ThreadForm.SIXTY, P, 0.19, 0);
        for (double beta : new double[] {0, Math.toRadians(29), Math.toRadians(29.5), Math.PI / 6}) {
            Infeed in = new Infeed(ThreadForm.SIXTY, beta);
            double over = 0.08;
            // Too large by X: the groove is shallower by X/2 and its width on the pitch line less by X · tan(ε/2).
            double shallow = tip.depthMm() - over / 2;
            double width = tip.widthMm(shallow - ThreadForm.SIXTY.pitchBelowMm(P) / 2);
            assertThat(P / 2 - width).isCloseTo(over * Math.tan(Math.PI / 6), within(1e-9));
            double moved = in.leftOnCompoundMm(over);
            double deeper = moved * Math.cos(beta);
            // Both flanks together open by the wedge's width over the deeper way; sideways motion shifts, it does not
            // widen twice.
            assertThat(tip.widthMm(shallow + deeper - ThreadForm.SIXTY.pitchBelowMm(P) / 2))
                    .isCloseTo(P / 2, within(1e-9));
        }
    }

    /** M = d2 + 3 W − 0.866025 P at 60°, and for a best wire the wire touches at the pitch diameter: by geometry of the contact. */
    @Test
    void measuringOverWires() {
        ThreadSize m10 = new ThreadSize(ThreadForm.SIXTY, 10, P, 1);
        double best = Wires.best(m10);
        assertThat(best).isCloseTo(0.57735 * P, within(1e-5));
        Wires wires = new Wires(m10, 0.9);
        assertThat(wires.constantMm()).isCloseTo(3 * 0.9 - 0.866025 * P, within(1e-6));
        Wires at = new Wires(m10, best);
        // The contact lies half the wire times the sine of the half angle inside the wire's middle.
        double centre = (m10.pitchDiameterMm() + at.constantMm() - best) / 2;
        assertThat(2 * (centre - best / 2 * Math.sin(Math.PI / 6))).isCloseTo(m10.pitchDiameterMm(), within(1e-9));
        assertThat(wires.pitchDiameterMm(wires.overMm(9.01))).isCloseTo(9.01, within(1e-12));
        assertThat(wires.overOneMm(9.0, 10)).isCloseTo((wires.overMm(9.0) + 10) / 2, within(1e-12));
        // The thinnest stands just at the major diameter.
        Wires thin = new Wires(m10, Wires.thinnest(m10));
        assertThat(m10.pitchDiameterMm() + thin.constantMm()).isCloseTo(10, within(1e-9));
        assertThat(Wires.thinnest(m10)).isLessThan(best);
        assertThat(Wires.thickest(m10)).isGreaterThan(best);
        // The helix's lift is small against anything measured: M10 by a table of gauges 0.3 µm to 0.5 µm per 0.1 mm of
        // wire.
        assertThat(wires.helixMm()).isBetween(0.001, 0.0025);
    }

    /** A wire of the thickest size touches the flank at the crest's edge: its contact lies at the crest's radius. */
    @Test
    void theThickestWireTouchesAtTheCrest() {
        ThreadSize m10 = new ThreadSize(ThreadForm.SIXTY, 10, P, 1);
        double w = Wires.thickest(m10);
        double centre = (m10.pitchDiameterMm() + new Wires(m10, w).constantMm() - w) / 2;
        assertThat(2 * (centre - w / 2 * Math.sin(Math.PI / 6))).isCloseTo(10, within(1e-9));
    }

    @Test
    void pickedUpBesideItsGrooveAThreadGetsThinner() {
        assertThat(PickUp.thinsMm(ThreadForm.SIXTY, 0.05)).isCloseTo(0.0866, within(1e-4));
        assertThat(PickUp.besideMm(ThreadForm.SIXTY, PickUp.thinsMm(ThreadForm.SIXTY, 0.05)))
                .isCloseTo(0.05, within(1e-12));
        assertThat(PickUp.leadErrorMm(ThreadForm.SIXTY, 0.01)).isCloseTo(0.01732, within(1e-5));
        // 120 rpm, 1.5 mm, one second: two turns, three millimetres.
        assertThat(PickUp.runOnMm(120, 1.5, 1)).isCloseTo(3, within(1e-12));
    }

    /** The angle that is cut, by turning two points of the edge about the axis as vectors; on centre tan(ε'/2) = tan(ε/2) · cos γ of the ground one. */
    @Test
    void theAngleThatIsCut() {
        Random random = new Random(14);
        for (int i = 0; i < 200; i++) {
            double ground = Math.toRadians(40 + 40 * random.nextDouble());
            double rake = Math.toRadians(-5 + 25 * random.nextDouble());
            double height = -0.5 + random.nextDouble();
            double tip = 5 + 20 * random.nextDouble();
            double depth = 0.3 + random.nextDouble();
            Vector3D point = new Vector3D(0, Math.sqrt(tip * tip - height * height), height);
            double u = depth / Math.cos(rake);
            Vector3D along = new Vector3D(u * Math.tan(ground / 2), u * Math.cos(rake), -u * Math.sin(rake));
            Vector3D back = point.add(along);
            double rise = Math.hypot(back.getY(), back.getZ()) - tip;
            double half = Math.atan(back.getX() / rise);
            FlankCut cut = new FlankCut(ground, rake, height, 0);
            assertThat(cut.cutRad(tip, depth, false)).isCloseTo(2 * half, within(1e-9));
        }
        // No rake, on centre: what is ground is cut. With rake: ground by the rule it cuts the form, but for the work's
        // roundness.
        assertThat(new FlankCut(Math.PI / 3, 0, 0, 0).cutRad(10, 1, false)).isCloseTo(Math.PI / 3, within(1e-12));
        double ground = FlankCut.groundFor(Math.PI / 3, Math.toRadians(10));
        assertThat(Math.toDegrees(ground)).isCloseTo(59.24, within(0.01));
        // With the tip on a large circle roundness vanishes.
        assertThat(new FlankCut(ground, Math.toRadians(10), 0, 0).cutRad(1e5, 0.5, false))
                .isCloseTo(2 * Math.atan(Math.tan(ground / 2) / Math.cos(Math.toRadians(10))), within(1e-6));
    }

    /** A degree on both half angles of a pitch of 1 mm is felt as 0.023 mm (NPL). */
    @Test
    void whatAWrongAngleIsFeltAs() {
        assertThat(FlankCut.pitchDiameterErrorMm(1, Math.toRadians(1), Math.toRadians(-1)))
                .isCloseTo(0.023, within(1e-9));
    }

    /** Room about the bar against a raster of angles: the nearest the bar comes to the crests' circle. */
    @Test
    void aBarInItsHole() {
        Random random = new Random(15);
        for (int i = 0; i < 300; i++) {
            double crest = 5 + 20 * random.nextDouble();
            double d = crest * (0.4 + 1.4 * random.nextDouble());
            double point = d / 2 + 2 * random.nextDouble();
            double below = random.nextDouble();
            double root = crest + 1;
            BarInHole bar = new BarInHole(d, point, below, 0.2);
            double far = 0;
            for (int k = 0; k < 20_000; k++) {
                double at = 2 * Math.PI * k / 20_000;
                far = Math.max(far, Math.hypot(root - point + d / 2 * Math.cos(at), -below + d / 2 * Math.sin(at)));
            }
            assertThat(bar.roomAtDepth(root, crest)).isCloseTo(crest - far - 0.2, within(1e-4));
            // Where it begins to rub there is just no room.
            double rubs = bar.rubsAt(crest);
            if (rubs > 0) {
                assertThat(bar.room(crest + rubs, crest)).isCloseTo(0, within(1e-9));
            }
        }
        // The thickest one passes both at full depth and drawn out, with nothing to spare; a hair thicker does not,
        // wherever its point is.
        for (double below : new double[] {0, 0.8, 3}) {
            double thick = BarInHole.thickest(10, 0.9, 0.2, below);
            BarInHole just = new BarInHole(thick, BarInHole.leastPoint(thick, 10, 0.9, 0.2, below), below, 0.2);
            assertThat(just.roomAtDepth(10.9, 10)).isCloseTo(0, within(1e-9));
            assertThat(just.roomDrawnOut(10)).isCloseTo(0, within(1e-9));
            for (double point = 0; point < 20; point += 0.01) {
                BarInHole more = new BarInHole(thick + 0.01, point, below, 0.2);
                assertThat(Math.min(more.roomAtDepth(10.9, 10), more.roomDrawnOut(10)))
                        .isNegative();
            }
        }
        assertThat(BarInHole.thickest(10, 0.9, 0.2, 0)).isCloseTo(2 * 10 - 0.9 - 3 * 0.2, within(1e-12));
        assertThat(BarInHole.leastPoint(12, 10, 0.9, 0.2, 0)).isCloseTo(6 + 0.9 + 0.2, within(1e-12));
    }

    /** The best train is no worse than any that is found by trying, and its wheels clear. */
    @Test
    void changeWheels() {
        List<Integer> wheels =
                List.of(20, 24, 28, 30, 32, 35, 40, 45, 50, 55, 60, 63, 65, 70, 75, 80, 100, 120, 127, 21);
        Random random = new Random(16);
        for (double wanted : new double[] {1.5 / 3.175, 25.4 / 19 / 3, 1.0 / 3.7, 0.75 / 1.5, 2.54 / 6}) {
            GearTrain best = GearTrain.best(wheels, wanted).orElseThrow();
            assertThat(best.clears()).isTrue();
            for (int i = 0; i < 20_000; i++) {
                List<Integer> four = random.ints(0, wheels.size())
                        .distinct()
                        .limit(4)
                        .mapToObj(wheels::get)
                        .toList();
                GearTrain other = new GearTrain(four.get(0), four.get(1), four.get(2), four.get(3));
                if (other.clears()) {
                    assertThat(Math.abs(best.error(wanted))).isLessThanOrEqualTo(Math.abs(other.error(wanted)) + 1e-12);
                }
            }
        }
        // 127 makes an inch screw metric exactly; half of the screw's pitch is one pair.
        assertThat(GearTrain.best(wheels, 1.5 / 3.175).orElseThrow().error(1.5 / 3.175))
                .isCloseTo(0, within(1e-12));
        assertThat(GearTrain.best(wheels, 0.5).orElseThrow().compound()).isFalse();
        assertThat(GearTrain.best(List.of(40), 1)).isEmpty();
    }

    /** The dial against running it: the carriage goes on a turn at a time of the lead screw, the nut closes at marks. */
    @Test
    void theThreadDial() {
        ThreadDial eight = new ThreadDial(32, 8, 25.4 / 8);
        assertThat(eight.at(25.4 / 16)).isEqualTo(ThreadDial.Catch.ANYWHERE);
        assertThat(eight.at(25.4 / 20)).isEqualTo(ThreadDial.Catch.ANY_MARK);
        assertThat(eight.at(25.4 / 13)).isEqualTo(ThreadDial.Catch.SOME_MARKS);
        assertThat(eight.every(25.4 / 13)).isEqualTo(2);
        assertThat(eight.every(25.4 / 11.5)).isEqualTo(4);
        assertThat(eight.at(1.5)).isEqualTo(ThreadDial.Catch.NEVER);
        ThreadDial metric = new ThreadDial(28, 4, 1.5);
        for (double lead : new double[] {0.5, 0.7, 0.75, 1, 1.25, 1.75, 2, 2.5, 3, 3.5, 4}) {
            int every = metric.every(lead);
            for (int mark = 1; mark <= metric.marks(); mark++) {
                double leads = mark * metric.turnMm() / metric.marks() / lead;
                boolean falls = Math.abs(leads - Math.rint(leads)) < 1e-6;
                assertThat(every > 0 && mark % every == 0)
                        .as(lead + " at mark " + mark)
                        .isEqualTo(falls);
            }
        }
    }

    /** Force of a pass: twice the area of one thickness costs by Kienzle's exponent; nothing cut leaves the edge's own press. */
    @Test
    void forceOfAPass() {
        WorkMaterial steel =
                StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();
        ToolMaterial hss = StockCatalogue.shipped().toolMaterial("hss").orElseThrow();
        TipShape tip = new TipShape(ThreadForm.SIXTY, P, 0.19, 0);
        EdgePress press = EdgePress.of(hss, steel);
        ThreadForce none = ThreadForce.of(tip, 0.6, 1e-12, false, 0, steel, EdgePress.of(hss, steel));
        double flank = 0.6 / Math.cos(Math.PI / 6);
        assertThat(none.alongN()).isCloseTo(press.alongNPerMm() * (flank + 0.19), within(1e-3));
        assertThat(none.pushN()).isCloseTo(press.acrossNPerMm() * (2 * flank * 0.5 + 0.19), within(1e-3));
        ThreadForce one = ThreadForce.of(tip, 0.6, 0.04, false, 0, steel, EdgePress.of(hss, steel));
        ThreadForce two = ThreadForce.of(tip, 0.6, 0.08, false, 0, steel, EdgePress.of(hss, steel));
        double chipOne = one.alongN() - none.alongN();
        double chipTwo = two.alongN() - none.alongN();
        assertThat(chipTwo / chipOne).isCloseTo(Math.pow(2, 1 - steel.mc()), within(1e-6));
        assertThat(ThreadForce.of(tip, 0.6, 0.04, true, 0, steel, EdgePress.of(hss, steel))
                        .alongN())
                .isGreaterThan(one.alongN());
    }

    @Test
    void helixAndLeadOfSeveralStarts() {
        ThreadSize two = new ThreadSize(ThreadForm.TRAPEZOIDAL, 40, 7, 2);
        assertThat(two.leadMm()).isEqualTo(14);
        assertThat(Math.toDegrees(two.helixRad(two.pitchDiameterMm()))).isCloseTo(6.97, within(0.01));
        assertThat(two.rootMm()).isCloseTo(32, within(1e-9));
        assertThat(two.insideRootMm()).isCloseTo(41, within(1e-9));
    }
}
