package boldwedge.core.families.hardening.report;

import static boldwedge.core.families.hardening.entry.HeatField.*;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.hardening.model.HeatJob;
import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.heat.QuenchBath;
import java.util.ArrayList;
import java.util.List;

/** What is found of the quench: what it is quenched in, how warm that gets, and whether it cracks there. */
final class QuenchFindings {
    private final HeatLoad load;
    private final HeatJob job;
    private final HeatTreatment treatment;
    private final ToolSteel steel;
    private final UnitFormat say;

    QuenchFindings(HeatLoad load, UnitFormat say) {
        this.load = load;
        this.job = load.job();
        this.treatment = load.treatment();
        this.steel = job.steel();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(quench());
        if (load.bathed()) {
            findings.add(bath());
        }
        findings.add(cracks());
        return findings;
    }

    private String celsius(double value) {
        return say.amount(Amount.of(Quantity.TEMPERATURE, value));
    }

    private Finding quench() {
        boolean slow = load.slow();
        boolean fast = treatment.quench().compareTo(steel.quench()) < 0;
        boolean thin = treatment.sectionMm() <= HeatLoad.THIN_MM;
        Verdict verdict = slow && !thin ? Verdict.WRONG : fast || slow ? Verdict.DOUBTFUL : Verdict.FINE;
        String used = treatment.quench().words();
        return Finding.at(Station.REACH, "quench", say)
                .says(
                        verdict,
                        slow && !thin
                                ? "In " + used + " it cools too slowly: " + steel.name() + " asks for "
                                        + steel.quench().words() + "."
                                : slow
                                        ? "Thin enough for " + used + "; thicker it would stay soft."
                                        : fast
                                                ? "In " + used + " it warps more than its steel asks for."
                                                : "Quenched in " + used
                                                        + ", as its steel asks: upright, moving, out at hand-warm.")
                .margin(verdict == Verdict.WRONG ? -0.5 : verdict == Verdict.DOUBTFUL ? -0.1 : 0.5)
                .source(steel.source())
                .caution(
                        treatment.quench() == Quench.OIL
                                ? "Oil flares: a lid at hand, no water near it, face and hands covered, air to breathe; local codes for furnaces and gas."
                                : "Face and hands covered, tongs that hold; hot steel looks cold; local codes for furnaces and gas.")
                .mendUnless(verdict == Verdict.FINE || job.quench().isEmpty(), "As the steel asks", QUENCH, "own")
                .build();
    }

    private Finding bath() {
        QuenchBath bath = load.bath();
        double rise = load.riseK();
        double settles = job.bathC() + rise;
        double hottest = load.hottestC();
        boolean oil = treatment.quench() == Quench.OIL;
        boolean startsHot = job.bathC() >= hottest;
        double margin = (hottest - job.bathC()) / Math.max(rise, 1e-6) - 1;
        // A bath that starts too hot wants cooling first: more of it would not help.
        double litres =
                startsHot ? 0 : bath.litresFor(load.massKg(), treatment.hardenC(), 0.8 * (hottest - job.bathC()));
        Verdict verdict = oil && settles > job.flashC() - 20
                ? Verdict.WRONG
                : Verdict.of(margin, 0.2) == Verdict.WRONG ? Verdict.DOUBTFUL : Verdict.of(margin, 0.2);
        String wants = say.units() == UnitSystem.METRIC
                ? Written.places(Math.ceil(litres), 0) + " l"
                : Written.places(Math.ceil(litres / 3.785411784 * 2) / 2, 1) + " gal";
        return Finding.at(Station.REACH, "bath", say)
                .says(
                        startsHot ? Verdict.DOUBTFUL : verdict,
                        startsHot
                                ? "The bath is hot before anything goes in: under " + celsius(hottest)
                                        + " it should end."
                                : Written.words(
                                        "%s of steel warms the bath from %s to %s%s.",
                                        say.amount(Amount.grams(load.massKg() * 1000)),
                                        celsius(job.bathC()),
                                        celsius(settles),
                                        verdict == Verdict.FINE
                                                ? ""
                                                : oil && settles > job.flashC() - 20
                                                        ? ": its flash point is " + celsius(job.flashC())
                                                                + ", it can take fire"
                                                        : ": " + celsius(hottest) + " is as far as it should go"))
                .margin(startsHot ? -0.2 : margin)
                .step(Working.of(
                                "Bath and load come to",
                                "(m · 0.65 · T + V · r · c · B) / (m · 0.65 + V · r · c)",
                                number(settles))
                        .with("m", "load, kg", number(load.massKg()))
                        .with("T", "hardening heat, degrees Celsius", number(treatment.hardenC()))
                        .with("V", "bath, litres", number(job.bathLitres()).typed())
                        .with(
                                "r",
                                "its density, kg/l",
                                number(bath.densityKgPerL()).fromTable())
                        .with(
                                "c",
                                "its heat, kJ/kg·K",
                                number(bath.heatKjPerKgK()).fromTable())
                        .with("B", "bath before, degrees Celsius", number(job.bathC()))
                        .meaning(" °C"))
                .source("Balance of heat, nothing lost; mean specific heats of steel 0.65, oil 2.0, water 4.18 kJ/kg·K")
                .mendUnless(
                        startsHot
                                || verdict == Verdict.FINE
                                || litres > 9e3
                                || litres < 0.02
                                || litres <= job.bathLitres(),
                        "Bath of " + wants,
                        LITRES,
                        wants)
                .build();
    }

    private Finding cracks() {
        double rank = load.crackRank();
        Verdict verdict = rank > 0.6 ? Verdict.WRONG : rank > 0.25 ? Verdict.DOUBTFUL : Verdict.FINE;
        String raiser = switch (job.shape()) {
            case PLAIN -> "Plain, with round corners";
            case STEPPED -> "A sharp step cracks first: give it a radius";
            case DRILLED -> "Holes near an edge crack to it: plug them with wire and clay";
            case THREADED -> "Threads and keyways crack from their roots: coat them with clay";
        };
        return Finding.at(Station.REACH, "cracks", say)
                .says(
                        verdict,
                        raiser
                                + (verdict == Verdict.FINE
                                        ? "; in " + treatment.quench().words() + " it rarely cracks."
                                        : "; in " + treatment.quench().words() + " it may well."))
                .margin(0.25 - rank)
                .source("Rank by bath, shape and heat: ours, to order by, not to reckon with")
                .note("Temper it at once, still hand-warm: most cracks come in the hour of waiting.")
                .mendUnless(job.shape() == Shape.PLAIN || verdict == Verdict.FINE, "Round its corners", SHAPE, "plain")
                .mendUnless(
                        verdict == Verdict.FINE
                                || treatment.hardenC()
                                        <= treatment.steel().hardenC().chosen() + 1,
                        "Heat it to no more than the steel asks",
                        HEAT,
                        "")
                .doesWhen(
                        verdict == Verdict.WRONG,
                        "Out of the bath while it still sizzles on water, and into the temper at once; or a steel that hardens in oil")
                .build();
    }
}
