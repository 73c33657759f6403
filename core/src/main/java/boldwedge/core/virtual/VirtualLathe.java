package boldwedge.core.virtual;

import java.util.random.RandomGenerator;

/**
 * A lathe that cuts what it is set to, faults and all.
 *
 * @param machine how stiff it would be
 * @param faults what is wrong
 */
public record VirtualLathe(Machine machine, Faults faults) {
    private static final int HALVINGS = 40;

    /**
     * What a pass leaves.
     *
     * @param nearMm diameter at the end of the cut that lies near the chuck, cold, as it is
     * @param farMm diameter at its free end, the mouth of a bore
     * @param readNearMm the same as it is read, warm as it is
     * @param readFarMm the same at the free end
     */
    public record Piece(double nearMm, double farMm, double readNearMm, double readFarMm) {
        /** The same read cold, with the same gauge's errors left out. */
        public Piece cooled() {
            return new Piece(nearMm, farMm, nearMm, farMm);
        }
    }

    /** Cuts a piece and has it read. */
    public Piece cut(Pass pass, RandomGenerator random) {
        double set = random.nextGaussian() * faults.settingMm();
        double near = pass.setMm() + set + errorAt(pass, 0);
        double far = pass.setMm() + set + errorAt(pass, pass.lengthMm());
        double grown = 1 + pass.material().expansionPerK() * faults.warmK();
        return new Piece(
                near,
                far,
                near * grown + random.nextGaussian() * faults.gaugeMm(),
                far * grown + random.nextGaussian() * faults.gaugeMm());
    }

    /** Error of the diameter at a distance from the chuck's end of the cut, mm. */
    private double errorAt(Pass pass, double fromNearMm) {
        double fromChuck = pass.freeMm() - pass.lengthMm() + fromNearMm;
        double apart = spring(pass, fromChuck);
        double sign = pass.kind() == Pass.Kind.BORED ? -1 : 1;
        // Turning, the edge comes to the chuck last; boring, to the bottom, which is there too.
        double gone = faults.wearMm() * (1 - fromNearMm / pass.lengthMm());
        return 2 * sign * (apart + gone)
                + 2 * axis(pass, fromChuck)
                + faults.dialMm()
                + pass.done().dialledMm()
                + 2 * pass.done().slope() * fromNearMm;
    }

    /** How far the axis of the work runs away from the tool's path there, mm. */
    private double axis(Pass pass, double fromChuck) {
        double tail = faults.tailMm() + pass.done().tailMm();
        return switch (pass.kind()) {
            case TURNED_IN_CHUCK, BORED -> faults.headSlope() * fromChuck;
            case TURNED_WITH_CENTRE, TURNED_BETWEEN_CENTRES -> tail * fromChuck / pass.freeMm();
        };
    }

    /** How far tool and work stand apart under the cut: x = c · F(depth − x), by halving. */
    private double spring(Pass pass, double fromChuck) {
        double give = workGive(pass, fromChuck) + toolGive(pass);
        Pass.Tool tool = pass.tool();
        Push push = new Push(
                pass.material(),
                Math.max(0.02, tool.noseMm() * faults.nose()),
                tool.leadingRad(),
                tool.rakeRad(),
                tool.ploughNPerMm() * faults.edge(),
                faults.force());
        double low = 0;
        double high = pass.depthMm();
        for (int i = 0; i < HALVINGS; i++) {
            double x = (low + high) / 2;
            if (x < give * push.newton(pass.depthMm() - x, pass.feedMm())) {
                low = x;
            } else {
                high = x;
            }
        }
        return (low + high) / 2;
    }

    private double workGive(Pass pass, double fromChuck) {
        double moment = Math.PI / 64 * Math.pow(pass.workMm(), 4);
        if (pass.kind() == Pass.Kind.BORED) {
            moment -= Math.PI / 64 * Math.pow(pass.setMm(), 4);
        }
        boolean centred =
                pass.kind() == Pass.Kind.TURNED_WITH_CENTRE || pass.kind() == Pass.Kind.TURNED_BETWEEN_CENTRES;
        return new Springs(
                        pass.freeMm(),
                        pass.material().modulusMPa() * moment,
                        machine.chuckNPerMm() / faults.give(),
                        pass.kind() == Pass.Kind.TURNED_BETWEEN_CENTRES
                                ? 0
                                : machine.chuckTurning() / faults.give() / faults.turning(),
                        centred ? machine.tailNPerMm() / faults.give() : 0)
                .giveAt(fromChuck);
    }

    private double toolGive(Pass pass) {
        double post = faults.give() / machine.postNPerMm();
        Pass.Bar bar = pass.bar();
        if (bar.overhangMm() <= 0) {
            return post;
        }
        // A clamp gives by turning as its post does across, over the length that it grips.
        double held = machine.postNPerMm() * bar.gripMm() * bar.gripMm() / faults.give();
        return new Springs(
                        bar.overhangMm(),
                        bar.modulusMPa() * Math.PI / 64 * Math.pow(bar.diameterMm(), 4),
                        machine.postNPerMm() / faults.give(),
                        held,
                        0)
                .giveAt(bar.overhangMm());
    }
}
