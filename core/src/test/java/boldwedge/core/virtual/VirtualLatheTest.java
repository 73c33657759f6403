package boldwedge.core.virtual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The virtual shop's own physics, against textbook beams, limits and what one fault alone must do. */
class VirtualLatheTest {
    private static final double RIGID = 1e12;
    private static final double EI = 207_000 * Math.PI / 64 * Math.pow(20, 4);
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();
    private static final Pass.Tool TOOL = new Pass.Tool(0.4, Math.toRadians(87), Math.toRadians(12), 10);

    /** L³/3EI at the end of a cantilever, and a third of the way to it (Gere and Timoshenko). */
    @Test
    void aCantilever() {
        Springs bar = new Springs(120, EI, RIGID, RIGID, 0);
        assertThat(bar.giveAt(120)).isCloseTo(Math.pow(120, 3) / 3 / EI, within(1e-7));
        assertThat(bar.giveAt(40)).isCloseTo(Math.pow(40, 3) / 3 / EI, within(1e-7));
    }

    /** L³/48EI in the middle of a bar on two centres; a propped cantilever's 7L³/768EI in its middle. */
    @Test
    void supportedAtBothEnds() {
        assertThat(new Springs(120, EI, RIGID, 0, RIGID).giveAt(60))
                .isCloseTo(Math.pow(120, 3) / 48 / EI, within(1e-9));
        assertThat(new Springs(120, EI, RIGID, RIGID, RIGID).giveAt(60))
                .isCloseTo(7 * Math.pow(120, 3) / 768 / EI, within(1e-9));
    }

    /** A stiff bar on springs turns about its first end: 1/k + x²/kt. */
    @Test
    void aStiffBarOnSprings() {
        Springs bar = new Springs(100, 1e12, 20_000, 5e7, 0);
        assertThat(bar.giveAt(80)).isCloseTo(1 / 20_000.0 + 80 * 80 / 5e7, within(1e-6));
    }

    private static Push push(double nose, double leadingDeg, double rakeDeg, double force) {
        return new Push(STEEL, nose, Math.toRadians(leadingDeg), Math.toRadians(rakeDeg), 10, force);
    }

    /** A straight edge square to the feed pushes along the axis alone; what is left is the nose's, whatever the depth. */
    @Test
    void aSquareEdgePushesByItsNoseAlone() {
        Push square = push(0.4, 90, 12, 1);
        assertThat(square.newton(2, 0.1)).isCloseTo(square.newton(1, 0.1), within(1e-9));
        assertThat(push(0.4, 60, 12, 1).newton(2, 0.1)).isGreaterThan(1.5 * square.newton(2, 0.1));
    }

    @Test
    void aFatterNoseLessRakeAndHarderStuffPushMore() {
        double plain = push(0.4, 87, 12, 1).newton(0.3, 0.1);
        assertThat(push(1.2, 87, 12, 1).newton(0.3, 0.1)).isGreaterThan(1.5 * plain);
        assertThat(push(0.4, 87, 2, 1).newton(0.3, 0.1)).isGreaterThan(1.2 * plain);
        assertThat(push(0.4, 87, 12, 1.3).newton(0.3, 0.1)).isCloseTo(1.3 * plain, within(1e-9));
        assertThat(push(0.4, 87, 12, 1).newton(0, 0.1)).isZero();
    }

    private static Pass pass(Pass.Kind kind, Pass.Done done) {
        return new Pass(
                STEEL, kind, 20, 0.25, 0.08, 60, 70, kind == Pass.Kind.BORED ? 40 : 20, TOOL, Pass.Bar.NONE, done);
    }

    private static VirtualLathe.Piece cut(Faults faults, Pass pass) {
        Machine stiff = new Machine(RIGID, RIGID, RIGID, RIGID);
        return new VirtualLathe(stiff, faults).cut(pass, new Random(1));
    }

    private static Faults stiff(double head, double tail, double dial, double wear, double warm) {
        return new Faults(1, 1, head, tail, 0, 1, 1, dial, wear, warm, 0, 0);
    }

    /** One fault at a time does to the two diameters what the geometry says. */
    @Test
    void eachFaultAloneDoesWhatTheGeometrySays() {
        Pass chucked = pass(Pass.Kind.TURNED_IN_CHUCK, Pass.Done.NOTHING);
        VirtualLathe.Piece head = cut(stiff(1e-4, 0, 0, 0, 0), chucked);
        assertThat(head.nearMm()).isCloseTo(20 + 2e-4 * 10, within(1e-9));
        assertThat(head.farMm()).isCloseTo(20 + 2e-4 * 70, within(1e-9));
        VirtualLathe.Piece tail = cut(stiff(0, 0.07, 0, 0, 0), pass(Pass.Kind.TURNED_WITH_CENTRE, Pass.Done.NOTHING));
        assertThat(tail.farMm() - tail.nearMm()).isCloseTo(2 * 0.06, within(1e-9));
        assertThat(cut(stiff(0, 0.07, 0, 0, 0), chucked).farMm()).isCloseTo(20, within(1e-9));
        VirtualLathe.Piece wear = cut(stiff(0, 0, 0.02, 0.005, 0), chucked);
        assertThat(wear.nearMm()).isCloseTo(20.02 + 0.01, within(1e-9));
        assertThat(wear.farMm()).isCloseTo(20.02, within(1e-9));
        VirtualLathe.Piece bore = cut(stiff(0, 0, 0, 0.005, 0), pass(Pass.Kind.BORED, Pass.Done.NOTHING));
        assertThat(bore.nearMm()).isCloseTo(20 - 0.01, within(1e-9));
        VirtualLathe.Piece warm = cut(stiff(0, 0, 0, 0, 30), chucked);
        assertThat(warm.nearMm()).isCloseTo(20, within(1e-9));
        assertThat(warm.readNearMm()).isCloseTo(20 * (1 + 30 * STEEL.expansionPerK()), within(1e-9));
    }

    /** What is done at the machine takes the fault away again. */
    @Test
    void whatIsDialledAndMovedTakesTheFaultAway() {
        VirtualLathe.Piece piece =
                cut(stiff(0, 0.07, 0.03, 0, 0), pass(Pass.Kind.TURNED_BETWEEN_CENTRES, new Pass.Done(-0.03, -0.07, 0)));
        assertThat(piece.nearMm()).isCloseTo(20, within(1e-9));
        assertThat(piece.farMm()).isCloseTo(20, within(1e-9));
        VirtualLathe.Piece swung =
                cut(stiff(1e-4, 0, 0, 0, 0), pass(Pass.Kind.TURNED_IN_CHUCK, new Pass.Done(0, 0, -1e-4)));
        assertThat(swung.farMm() - swung.nearMm()).isCloseTo(0, within(1e-9));
    }

    /** In a soft chuck work is left large, at its free end most; a hole is left small; without a fault nothing of it. */
    @Test
    void springLeavesWorkLargeAndHolesSmall() {
        VirtualLathe soft = new VirtualLathe(new Machine(20_000, 30_000, 5e7, 15_000), Faults.NONE);
        VirtualLathe.Piece turned = soft.cut(pass(Pass.Kind.TURNED_IN_CHUCK, Pass.Done.NOTHING), new Random(1));
        assertThat(turned.nearMm()).isGreaterThan(20.001);
        assertThat(turned.farMm()).isGreaterThan(turned.nearMm() + 0.002);
        Pass bored = new Pass(
                STEEL,
                Pass.Kind.BORED,
                20,
                0.25,
                0.08,
                40,
                60,
                40,
                TOOL,
                new Pass.Bar(10, 60, 207_000, 25),
                Pass.Done.NOTHING);
        assertThat(soft.cut(bored, new Random(1)).nearMm()).isLessThan(19.98);
        VirtualLathe.Piece without =
                new VirtualLathe(soft.machine(), Faults.NONE.without(Faults.Kind.SPRING)).cut(bored, new Random(1));
        assertThat(without.nearMm()).isCloseTo(20, within(1e-9));
    }
}
