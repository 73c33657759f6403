package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import java.util.List;
import java.util.function.UnaryOperator;

/** How the give of held work comes about, for every family that turns it: beam, chuck, centre and, where it counts, the post. */
public final class HeldWorkings {
    private final WorkHolding held;
    private final Lathe lathe;
    private final double at;
    private final double ei;
    private final boolean post;

    private HeldWorkings(WorkHolding held, Lathe lathe, double fromChuckMm) {
        this.held = held;
        this.lathe = lathe;
        this.at = Math.clamp(fromChuckMm, 0, held.freeLengthMm());
        this.ei = held.modulusMPa() * Beam.round(held.diameterMm());
        this.post = Double.isFinite(held.postStiffness());
    }

    /** The workings, the last of which gives {@link WorkHolding#complianceAt}. */
    public static List<Working> of(WorkHolding held, Lathe lathe, double fromChuckMm) {
        HeldWorkings workings = new HeldWorkings(held, lathe, fromChuckMm);
        return switch (held.hold()) {
            case CHUCK -> workings.chucked();
            case CHUCK_AND_CENTRE -> workings.propped();
            case BETWEEN_CENTRES -> workings.betweenCentres();
        };
    }

    private List<Working> chucked() {
        Amount bends = mmPerNewton(Beam.cantilever(at, ei));
        return List.of(
                beam(Working.of("Work as a beam held at one end", "a³ / (3 · E · π · d⁴ / 64)", bends))
                        .with("a", "from the chuck", mm(at)),
                whole(
                        post ? "With the springs of chuck and post" : "With the springs of the chuck",
                        "δ + 1 / kc + a² / kφ",
                        w -> w.with("δ", "the work's", bends)
                                .with("kc", "chuck", LatheSprings.chuck(lathe))
                                .with("kφ", "chuck against turning", tilt())
                                .with("a", "from the chuck", mm(at))));
    }

    private List<Working> propped() {
        double length = held.freeLengthMm();
        Amount alone = mmPerNewton(held.unpropped(at, at));
        Amount far = mmPerNewton(held.unpropped(length, length));
        Amount across = mmPerNewton(held.unpropped(at, length));
        Amount share = number(held.centreShare(at));
        return List.of(
                chuck(beam(Working.of(
                                "At the tool without the centre",
                                "a³ / (3 · E · π · d⁴ / 64) + 1 / kc + a² / kφ",
                                alone))
                        .with("a", "from the chuck", mm(at))),
                chuck(beam(Working.of(
                                "At the far end without the centre",
                                "l³ / (3 · E · π · d⁴ / 64) + 1 / kc + l² / kφ",
                                far))
                        .with("l", "chuck to centre", mm(length))),
                chuck(beam(Working.of(
                                "At the tool for a newton at the far end",
                                "a² · (3 · l − a) / (6 · E · π · d⁴ / 64) + 1 / kc + a · l / kφ",
                                across))
                        .with("a", "from the chuck", mm(at))
                        .with("l", "chuck to centre", mm(length))),
                Working.of("What the centre takes of the push", "x / (e + 1 / kt)", share)
                        .with("x", "at the tool for a newton at the far end", across)
                        .with("e", "at the far end", far)
                        .with("kt", "tailstock", LatheSprings.tailstock(lathe)),
                whole(
                        post ? "With the centre up, and the post" : "With the centre up",
                        "t − q · x",
                        w -> w.with("t", "at the tool without it", alone)
                                .with("q", "the centre's share", share)
                                .with("x", "at the tool for a newton at the far end", across)));
    }

    private List<Working> betweenCentres() {
        double length = held.freeLengthMm();
        Amount bends = mmPerNewton(Beam.pinnedPinned(at, length, ei));
        return List.of(
                beam(Working.of(
                                "Work as a beam propped at both ends",
                                "a² · b² / (3 · E · π · d⁴ / 64 · (a + b))",
                                bends))
                        .with("a", "from the headstock's centre", mm(at))
                        .with("b", "to the tailstock's", mm(length - at)),
                whole(
                        post ? "With the springs of both centres and the post" : "With the springs of both centres",
                        "δ + (1 − q)² / kc + q² / kt",
                        w -> w.with("δ", "the work's", bends)
                                .with("q", "the tailstock's share", number(held.centreShare(at)))
                                .with("kc", "headstock", LatheSprings.chuck(lathe))
                                .with("kt", "tailstock", LatheSprings.tailstock(lathe))));
    }

    private Working whole(String what, String formula, UnaryOperator<Working> symbols) {
        Amount all = mmPerNewton(held.complianceAt(at));
        Working working = symbols.apply(Working.of(what, post ? formula + " + 1 / kp" : formula, all));
        return post ? working.with("kp", "post", LatheSprings.post(lathe)) : working;
    }

    private Working beam(Working working) {
        return working.with("E", mpa(held.modulusMPa()).fromTable()).with("d", mm(held.diameterMm()));
    }

    private Working chuck(Working working) {
        return working.with("kc", "chuck", LatheSprings.chuck(lathe)).with("kφ", "chuck against turning", tilt());
    }

    /** The chuck's stiffness against turning as it was reckoned with: where trials taught it, that is what it is from. */
    private Amount tilt() {
        Amount known = LatheSprings.chuckTilt(lathe);
        return Math.abs(held.chuckTilt() / known.value() - 1) < 1e-12
                ? known
                : newtonMmPerRad(held.chuckTilt()).measured();
    }
}
