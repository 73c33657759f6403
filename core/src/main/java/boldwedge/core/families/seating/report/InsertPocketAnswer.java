package boldwedge.core.families.seating.report;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.OptionalDouble;

/** What is said of an insert's seat. */
public final class InsertPocketAnswer {
    /** What is asked of it. */
    public static final List<Rule<InsertPocketCut>> RULES =
            List.of((cut, say) -> new InsertPocketFindings(cut, say).all());

    private InsertPocketAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(InsertPocketCut cut, UnitFormat say) {
        Drawn pocket = Drawn.of("seat-pocket", () -> InsertPocketScenes.pocket(cut, say));
        Drawn body = Drawn.of("seat-body", () -> InsertPocketScenes.body(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(pocket, body),
                () -> new InsertPocketRoute(cut, say, pocket.scene(), body.scene()).steps());
    }

    /** The body with its seat as a solid. */
    public static List<Mesh> shells(InsertPocketCut cut) {
        return InsertPocketSolid.shells(cut);
    }

    private static Figures figures(InsertPocketCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.EDGE);
        f.add("edgeLength", "Edge", mm(cut.shape().edgeMm()));
        f.add("noseToHole", "Nose’s tip to hole", mm(cut.shape().noseToHoleMm()));
        f.add("seatClearance", "Clearance in use", rad(cut.clearanceRad()));
        f.add("oldAngle", "Edge angle of the old holder", Quantity.ANGLE, cut.oldKappaRad());
        f.at(Station.CUT);
        f.add("floorDepth", "Floor below the top", mm(cut.floorDepthMm()));
        f.at(Station.REACH);
        f.add("underFloor", "Left under the floor", mm(cut.underMm()));
        f.add("wall", "Wall at the corner", mm(cut.wallLeftMm()));
        double[] screw = cut.fromZero(cut.screwAt());
        f.at(Station.MAKE);
        f.add("screwAlong", "Screw, from the end", mm(screw[0]));
        f.add("screwAcross", cut.job().bar() ? "Screw, from the axis" : "Screw, from the side", mm(screw[1]));
        f.add("backSwing", "Swing, wall behind", rad(cut.swingRad(cut.shape().backWall())));
        f.add("sideSwing", "Swing, wall beside", rad(cut.swingRad(cut.shape().sideWall())));
        f.at(Station.REACH);
        f.add(
                "leastHole",
                "Enters holes from",
                Quantity.LENGTH,
                cut.job().bar() ? OptionalDouble.of(cut.leastHoleMm()) : OptionalDouble.empty());
        f.at(Station.MAKE);
        f.add("edgeLow", "Edge low, as made", Quantity.LENGTH, cut.edgeLowMm());
        return f;
    }
}
