package boldwedge.core.families.boring.model;

import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.BarModes;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.rigidity.Beam;

/** How a boring bar is held: what differs by it in the numbers is answered here. Lengths in mm, forces in N. */
public enum BarHeld implements Worded {
    /** The bar stands still, held at one end, and the work turns in the chuck. */
    POST {
        @Override
        public double heightInUse(BoreJob job) {
            return job.heightMm();
        }

        @Override
        double workGive(BoreJob job, double fromMouth) {
            double out = Math.max(0, job.stickOutMm() - fromMouth);
            double ei = job.work().modulusMPa() * (Beam.round(job.outsideMm()) - Beam.round(job.finishedMm()));
            double chuck = job.lathe().chuckOrAssumed();
            return Beam.cantilever(out, ei)
                    + 1 / chuck
                    + out * out / job.lathe().chuckTiltOrAssumed();
        }
    },
    /** The bar turns, held at one end in a head on a mill's spindle; the work stands on the table. */
    HEAD,
    /** The bar turns between the lathe's centres; the work stands on the carriage. */
    CENTRES {
        // It bends like a third of itself held at one end.
        @Override
        public double slenderness(BoreJob job) {
            return job.spanMm() / job.barMm() / 3;
        }

        @Override
        BoreFit fit(double barRadiusMm, BoreJob job, double reliefRad) {
            return new BoreFit(
                    barRadiusMm, job.finishedMm() / 2, job.aheadMm(), job.aheadMm(), reliefRad, job.flankMm());
        }

        // F·a·b/L at the cutter.
        @Override
        public double stressPerNewton(BoreJob job, Bar bar) {
            double moment = job.cutterAtMm() * (job.spanMm() - job.cutterAtMm()) / job.spanMm();
            return moment * job.barMm() / 2 / Beam.round(job.barMm());
        }

        @Override
        BoreCut.Stiffness reckoned(BoreJob job, Bar bar, double workGive) {
            double ei = job.barMaterial().modulusMPa() * Beam.round(job.barMm());
            double share = job.cutterAtMm() / job.spanMm();
            double head = job.lathe().chuckOrAssumed();
            double tail = job.lathe().tailstockOrAssumed();
            return new BoreCut.Stiffness(
                    Beam.pinnedPinned(job.cutterAtMm(), job.spanMm(), ei),
                    (1 - share) * (1 - share) / head + share * share / tail,
                    workGive,
                    false);
        }

        // A bar on two supports with the cutter anywhere: its own half-wave, modal mass from the shape at the cutter.
        @Override
        BarModes.Mode firstMode(BoreJob job, Bar bar, BoreCut.Stiffness stiffness) {
            BarSection section = BarSection.plain(job.spanMm(), job.barMm(), 0, job.barMaterial());
            double shape = Math.sin(Math.PI * job.cutterAtMm() / job.spanMm());
            double hz = Math.PI
                    / 2
                    * Math.sqrt(section.bendingStiffness() / (section.massPerMm() * Math.pow(job.spanMm(), 4)));
            double mass = section.massPerMm() * job.spanMm() / 2 / Math.max(1e-3, shape * shape);
            double k = Math.min(4 * Math.PI * Math.PI * hz * hz * mass, 1 / stiffness.tool());
            return new BarModes.Mode(hz, k);
        }

        @Override
        double crossing(BoreJob job) {
            return (job.barLengthMm() - job.spanMm()) / 2 + job.cutterAtMm();
        }
    };

    /** Whether the bar turns and the work stands still. */
    public boolean barTurns() {
        return this != POST;
    }

    /** How high the point stands in use: a bar that turns carries its face's place round with it. */
    public double heightInUse(BoreJob job) {
        return job.aheadMm();
    }

    /**
     * Give of the work, mm/N, at a distance from the mouth. In the chuck: the chuck as a spring across and against turning, and the
     * work as a tube held at the chuck (the mouth is its free end). On a table or a carriage it counts with its machine.
     */
    double workGive(BoreJob job, double fromMouth) {
        return 0.5 / job.lathe().postOrAssumed();
    }

    /** Slenderness for the choice of angles: overhang over diameter of a bar held at one end. */
    public double slenderness(BoreJob job) {
        return job.overhangMm() / job.barMm();
    }

    /** The bar in the hole: held at one end its point touches the wall, between centres it runs on the hole's own axis. */
    BoreFit fit(double barRadiusMm, BoreJob job, double reliefRad) {
        return new BoreFit(barRadiusMm, BoreCut.reach(job), heightInUse(job), job.aheadMm(), reliefRad, job.flankMm());
    }

    /** Largest bending stress in the bar per newton at its point, MPa/N. */
    public double stressPerNewton(BoreJob job, Bar bar) {
        return bar.stressMPa(1);
    }

    /** What gives at the point across the axis, as reckoned. */
    BoreCut.Stiffness reckoned(BoreJob job, Bar bar, double workGive) {
        return new BoreCut.Stiffness(bar.barCompliance(), bar.compliance() - bar.barCompliance(), workGive, false);
    }

    /** The first mode of the bar; a measured stiffness scales it, for the mass that swings is the same. */
    BarModes.Mode firstMode(BoreJob job, Bar bar, BoreCut.Stiffness stiffness) {
        BarModes.Mode first = BarModes.first(bar);
        if (job.measuredNPerMm().isEmpty()) {
            return first;
        }
        double share = job.measuredNPerMm().getAsDouble() * bar.compliance();
        return new BarModes.Mode(first.hz() * Math.sqrt(share), first.stiffnessNPerMm() * share);
    }

    /** Where the bit's axis meets the bar's, behind the bar's end; between centres from the headstock's end. */
    double crossing(BoreJob job) {
        return BarEnd.behindEnd(job);
    }
}
