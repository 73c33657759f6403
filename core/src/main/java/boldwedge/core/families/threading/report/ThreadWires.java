package boldwedge.core.families.threading.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.threading.entry.ThreadField;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.mechanics.thread.Wires;
import java.util.Optional;

/** Measuring over wires, or over drill shanks that do for them. */
final class ThreadWires {
    private ThreadWires() {}

    /** What wires do; empty for inside threads. */
    static Optional<Finding> finding(ThreadCut cut, UnitFormat say) {
        ThreadJob job = cut.job();
        if (job.inside()) {
            return Optional.empty();
        }
        ThreadSize size = job.size();
        Wires wires = cut.wires();
        double thin = Wires.thinnest(size);
        double thick = Wires.thickest(size);
        double w = wires.wireMm();
        boolean sinks = w < thin;
        boolean rides = w > thick;
        Drill shank = shank(size, say);
        double low = wires.overMm(job.limits().map(l -> l.pitchLow()).orElse(size.pitchDiameterMm()));
        double high = wires.overMm(job.limits().map(l -> l.pitchHigh()).orElse(size.pitchDiameterMm()));
        Finding.Builder finding = Finding.at(Station.MAKE, "thread-wires", say)
                .says(
                        sinks || rides ? Verdict.WRONG : Verdict.FINE,
                        sinks
                                ? "Wires of " + say.length(w) + " sink below the crests: at least " + say.length(thin)
                                        + "."
                                : rides
                                        ? "Wires of " + say.length(w)
                                                + " ride on the crests’ edges, not on the flanks: at most "
                                                + say.length(thick) + "."
                                        : job.limits().isPresent()
                                                ? "Over three wires of " + say.length(w) + ": " + say.length(low)
                                                        + " to " + say.length(high) + "."
                                                : "Over three wires of " + say.length(w) + ": " + say.length(low)
                                                        + ", basic.")
                .margin(sinks ? w / thin - 1 : rides ? thick / w - 1 : Math.min(w / thin, thick / w) - 1)
                .step(Working.of("Best wire", "P / (2 · cos(a))", mm(Wires.best(size)))
                        .with("P", mm(size.pitchMm()).fromTable())
                        .with("a", "half angle", rad(size.form().halfRad()).fromTable()))
                .step(Working.of(
                                "Added to the pitch diameter",
                                "W · (1 + 1 / sin(a)) − P / 2 / tan(a)",
                                mm(wires.constantMm()))
                        .with("W", "wire", job.wireMm().isPresent() ? mm(w).typed() : mm(w).chosen())
                        .with("a", rad(size.form().halfRad()).fromTable())
                        .with("P", mm(size.pitchMm()).fromTable()))
                .step(Working.of("And for the helix", "W / 2 · tan(f)² · cos(a) / tan(a)", mm(wires.helixMm()))
                        .with("W", mm(w))
                        .with("f", "helix at the pitch diameter", rad(size.helixRad(size.pitchDiameterMm())))
                        .with("a", rad(size.form().halfRad()).fromTable()))
                .note("Drill shanks of " + say.drill(shank) + " do for wires: measure them, they run a little under.")
                .note(
                        "Grease, a rubber band or a strip of clay holds three wires; with one wire measure to the crest opposite: half of this and half of the outside diameter.")
                .source("NPL, Notes on screw gauges: measurement over wires");
        if (sinks || rides) {
            finding.mend("Take " + say.length(Wires.best(size)), ThreadField.WIRE, "");
            finding.mend(
                    "Drill shanks of " + say.drill(shank),
                    ThreadField.WIRE,
                    Written.exact(Quantity.LENGTH, shank.diameterMm()));
        }
        return Optional.of(finding.build());
    }

    /** What each way of measuring can tell, and what it cannot. */
    static Finding gauges(ThreadCut cut, UnitFormat say) {
        boolean inside = cut.job().inside();
        Finding.Builder finding = Finding.at(Station.MAKE, "thread-gauges", say)
                .says(
                        Verdict.TOLD,
                        inside
                                ? "A plug says whether it goes; only its no-go end says that it is not too large."
                                : "Wires say how much is left; a ring or nut says whether it goes.")
                .school(
                        inside ? "Its mate, or a bolt" : "Its mate, or a nut",
                        "Says that it goes on. Not how loose it is, nor why it does not.",
                        false)
                .school(
                        inside ? "Plug, go and no-go" : "Ring, go and no-go",
                        "Go all the way: lead, angle and size are right together. No-go starts at most: not too loose. Not by how much.",
                        inside)
                .school(
                        "Gauge of the angle",
                        "Shows by light that the flanks are right and square. Nothing of the size.",
                        false);
        if (!inside) {
            finding.school(
                            "Wires",
                            "The pitch diameter alone, to a hundredth: how much is left. Not lead, not angle, not taper unless both ends are taken.",
                            true)
                    .school(
                            "Thread micrometer",
                            "The pitch diameter quickly, for the pitches of its anvils; off by what the flanks are off.",
                            false);
        }
        return finding.note("Measured warm it is large; wax, chips and burrs on gauge or thread count as metal.")
                .note(
                        "Crests filed lightly: one school takes the burr off so before the try, the other leaves it to a last pass; neither cures a thread that is too large.")
                .build();
    }

    /** The drill nearest to the best wire. */
    static Drill shank(ThreadSize size, UnitFormat say) {
        return DrillTable.nearest(Wires.best(size), say.units());
    }
}
