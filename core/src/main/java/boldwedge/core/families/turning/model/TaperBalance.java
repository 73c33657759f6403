package boldwedge.core.families.turning.model;

import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.EdgeSums;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Where pushing away and drawing in balance for a nose, at the cut's own feed and support: the work is left without taper. Where no
 * rake does it, the lead may: an edge that leads draws in along its flank what the nose pushes away.
 *
 * @param noseMm nose radius
 * @param sideRakeRad side rake in hand
 * @param leadRad lead angle
 * @param depthMm depth of the pass
 * @param byLead whether the lead was looked for, at the cut's own rake; else the rake, at the cut's own lead
 * @param perDegreeMm unevenness along the cut for a degree more of what was looked for, mm on the diameter: how sharp the balance is
 */
public record TaperBalance(
        double noseMm, double sideRakeRad, double leadRad, double depthMm, boolean byLead, double perDegreeMm) {
    /** An edge that leads by more has a weak corner and a thin chip to break. */
    private static final double FURTHEST_AHEAD_DEG = -20;

    /** What was looked for: rake or lead, radians. */
    public double angleRad() {
        return byLead ? leadRad : sideRakeRad;
    }

    /**
     * The balances of a cut along the work, by nose: by rake at the cut's own lead and depth; where none does it by lead, at that depth or
     * with all of the stock in one pass.
     */
    static List<TaperBalance> of(TurningCut cut, double[] nosesMm) {
        ToolSignature ground = cut.signature();
        double lead = ground.sideCuttingEdge();
        double depth = cut.job().depthMm();
        Balancing at = new Balancing(cut, nosesMm);
        List<TaperBalance> byRake = at.between(
                SetUpSearch.FLATTEST_DEG,
                SetUpSearch.STEEPEST_DEG,
                (nose, angle) -> new TaperBalance(nose, angle, lead, depth, false, 0));
        if (!byRake.isEmpty()) {
            return byRake;
        }
        List<TaperBalance> byLead = byLead(at, ground, depth);
        return !byLead.isEmpty() ? byLead : byLead(at, ground, cut.job().stockMm());
    }

    private static List<TaperBalance> byLead(Balancing at, ToolSignature ground, double depth) {
        return at.between(
                FURTHEST_AHEAD_DEG,
                Math.toDegrees(ground.sideCuttingEdge()),
                (nose, angle) -> new TaperBalance(nose, ground.sideRake(), angle, depth, true, 0));
    }

    /** A nose ground to an angle, its sharpness not known yet. */
    private interface GroundTo {
        TaperBalance at(double noseMm, double angleRad);
    }

    /** Finds the angle at which a nose neither pushes nor draws. */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    private record Balancing(TurningCut cut, double[] nosesMm) {
        List<TaperBalance> between(double fromDeg, double toDeg, GroundTo ground) {
            DoubleSummaryStatistics give = Arrays.stream(EdgeOnWork.gives(
                            cut.job(), cut.job().hold(), cut.job().freeLengthMm()))
                    .summaryStatistics();
            double spread = 2 * (give.getMax() - give.getMin());
            double from = Math.toRadians(fromDeg);
            double to = Math.toRadians(toDeg);
            List<TaperBalance> balances = new ArrayList<>();
            for (double nose : nosesMm) {
                UnivariateFunction push = angle -> push(ground.at(nose, angle));
                if (from >= to || push.value(from) * push.value(to) >= 0) {
                    continue;
                }
                double angle = new BrentSolver(1e-7).solve(100, push, from, to);
                double half = Math.toRadians(0.5);
                double per = spread * (push.value(angle + half) - push.value(angle - half));
                TaperBalance found = ground.at(nose, angle);
                balances.add(new TaperBalance(
                        nose, found.sideRakeRad(), found.leadRad(), found.depthMm(), found.byLead(), Math.abs(per)));
            }
            return balances;
        }

        /** Push of a pass ground so, N; below zero it draws in. */
        private double push(TaperBalance ground) {
            WorkMaterial work = cut.job().work();
            EdgeCut cutting = cut.cutting();
            double feed = cutting.feedMm();
            double lead = ground.leadRad();
            EdgeProfile profile = new EdgeProfile(
                    ground.noseMm(), Math.PI / 2 - lead, cutting.profile().trailing());
            PassSums sums = PassSums.of(
                    cutting.at().press(),
                    new EdgeSums(work, profile, feed),
                    ground.noseMm(),
                    lead,
                    ground.depthMm(),
                    feed,
                    0);
            double normal = cut.normalRake(ground.sideRakeRad(), lead);
            return sums.push() * CuttingForce.rakeFactor(work, normal) * CuttingForce.pushRatio(work, normal)
                    + sums.across();
        }
    }
}
