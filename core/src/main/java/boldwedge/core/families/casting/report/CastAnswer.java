package boldwedge.core.families.casting.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.mpa;
import static boldwedge.core.language.measure.Amount.newtons;

import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.mechanics.holder.PressFit;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a casting and its bore. */
public final class CastAnswer {
    /** What is asked of it. */
    public static final List<Rule<CastBore>> RULES = List.of(
            (cut, say) -> new CastFindings(cut, say).all(),
            FluidRule.of(Manner.LIGHT, (CastBore cut) -> cut.job().work()));

    private CastAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(CastBore cut, UnitFormat say) {
        Drawn end = Drawn.of("cast-end", () -> CastScenes.end(cut, say));
        Drawn fit = Drawn.of("cast-fit", () -> CastScenes.fit(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(end, fit),
                () -> new CastRoute(cut, say, end.scene(), fit.scene()).steps());
    }

    private static Figures figures(CastBore cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("castLeast", "Leanest side", mm(cut.leastMm()));
        f.add("castAside", "Axis moved aside", mm(cut.asideMm()));
        f.add("castUp", "Axis moved up", mm(cut.upMm()));
        f.add("castRunOut", "Raw hole runs out", mm(cut.runOutMm()));
        f.at(Station.EDGE);
        f.add("castFirst", "First pass to", mm(cut.firstMm()));
        f.add("castFirstDepth", "At the deepest", mm(cut.firstDepthMm()));
        f.add("castRest", "Left on a side", mm(cut.restMm()));
        f.at(Station.REACH);
        if (cut.job().cap()) {
            f.add("boreAlong", "Along, shims out", mm(cut.alongMm()));
        }
        if (cut.job().seat() == Seat.BUSH) {
            PressFit fit = cut.press();
            f.add("pressure", "Pressure", mpa(fit.pressureMPa()));
            f.add("bushCloses", "Bush closes by", mm(fit.closesMm()));
            f.add(
                    "pressNeeds",
                    "Pressed home with",
                    newtons(fit.forceN(cut.job().lengthMm(), cut.job().friction())));
        }
        return f;
    }
}
