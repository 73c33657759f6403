package boldwedge.core.families.hardening.report;

import static boldwedge.core.families.hardening.entry.HeatField.*;
import static boldwedge.core.language.measure.Amount.minutes;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.hardening.model.HeatJob;
import boldwedge.core.families.hardening.model.HeatJob.Why;
import boldwedge.core.families.hardening.model.HeatJob.Wrap;
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
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.heat.Heating;
import boldwedge.core.mechanics.heat.Tempering;
import boldwedge.core.rule.HeatSteps;
import java.util.ArrayList;
import java.util.List;

/** What is found of a load to be hardened. */
final class HeatFindings {
    private static final double NEAR_HRC = 1;

    /** Tempers on either side of the range in which low-alloy steels turn brittle, well out of it, °C (ours). */
    private static final double BELOW_BRITTLE_C = 240;

    private static final double ABOVE_BRITTLE_C = 400;
    private static final double ROUNDED_C = 1;
    private static final double COUPLE_C = 15;
    /** Of the section that a piece may bend by without a doubt. */
    private static final double MOST_BEND = 0.05;

    private final HeatLoad load;
    private final HeatJob job;
    private final HeatTreatment treatment;
    private final ToolSteel steel;
    private final UnitFormat say;

    HeatFindings(HeatLoad load, UnitFormat say) {
        this.load = load;
        this.job = load.job();
        this.treatment = load.treatment();
        this.steel = job.steel();
        this.say = say;
    }

    /** What is new here decides nothing until something known has been measured with it. */
    private Finding proved() {
        return Finding.at(Station.MAKE, "gauge-proved", say)
                .says(
                        Verdict.TOLD,
                        "A furnace or a gauge that is new here is proved first: on a scrap piece, and at a temperature that is known.")
                .note(Written.words(
                        "Its thermometer: tin freezes at %s, zinc at %s, aluminium at %s; boiling water is %s, less %s for every 300 m of height.",
                        celsius(231.9),
                        celsius(419.5),
                        celsius(660.3),
                        celsius(100),
                        say.units() == UnitSystem.METRIC ? "1 °C" : "2 °F"))
                .note(
                        "The furnace: a scrap piece of the same steel and section through the whole of it, then broken and looked at: grey and fine.")
                .note("A hardness tester: on its own test block, three times, before and after.")
                .source("Fixed points of ITS-90, rounded; water by the standard atmosphere")
                .caution("Molten metal spits on anything damp: everything dry and warm that goes into it.")
                .build();
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(whether());
        findings.add(proved());
        findings.add(hardness());
        findings.add(through());
        findings.add(heat());
        findings.add(soak());
        findings.add(skin());
        if (load.cased()) {
            findings.add(depthOfCase());
        }
        findings.addAll(new QuenchFindings(load, say).all());
        findings.add(leave());
        findings.add(temper());
        findings.add(timeline());
        return findings;
    }

    private String celsius(double value) {
        return say.amount(Amount.of(Quantity.TEMPERATURE, value));
    }

    private static String hrc(double value) {
        return Written.places(value, 0) + " HRC";
    }

    /** Whether it should be hardened at all. */
    private Finding whether() {
        String words = switch (job.why()) {
            case STIFF ->
                "Hardening makes it no stiffer: all steels share one modulus. Thicker or shorter makes it stiffer.";
            case EDGE -> "An edge must be harder than what it cuts, and not chip: " + hrc(load.wantedHrc()) + ".";
            case WEAR -> "Against wear the skin must be hard: " + hrc(load.wantedHrc()) + ".";
            case TOUGH -> "Against bruising tough is better than hard: " + hrc(load.wantedHrc()) + ".";
        };
        return Finding.at(Station.CUT, "whether", say)
                .says(job.why() == Why.STIFF ? Verdict.WRONG : Verdict.TOLD, words)
                .margin(job.why() == Why.STIFF ? -1 : 1)
                .school(
                        "Left soft",
                        "a bar or holder that only carries: no warp, no grinding, tapped again at will",
                        job.why() == Why.STIFF)
                .school(
                        "Toughened",
                        "threads and faces that are clamped often: some 30 to 46 HRC",
                        job.why() == Why.TOUGH)
                .school("Hardened", "edges and wear faces", job.why() == Why.EDGE || job.why() == Why.WEAR)
                .source("Modulus of steels 207 GPa, hard or soft (Shigley)")
                .mendUnless(job.why() != Why.STIFF, "Against bruising", WHY, "tough")
                .build();
    }

    /** What hardness comes out. */
    private Finding hardness() {
        Span out = load.hrc();
        double wanted = load.wantedHrc();
        double off = out.chosen() - wanted;
        boolean soft = off < -3;
        boolean near = Math.abs(off) <= NEAR_HRC;
        Finding.Builder finding = Finding.at(Station.CUT, "hardness", say)
                .says(
                        soft ? Verdict.WRONG : near ? Verdict.FINE : Verdict.DOUBTFUL,
                        "About " + hrc(out.chosen()) + " (" + Written.places(out.low(), 0) + " to "
                                + Written.places(out.high(), 0) + ") where " + hrc(wanted) + " is wanted.")
                .margin(soft ? off / 20 : near ? 0.5 : -0.05)
                .source(steel.source());
        if (!near && job.temperC().isPresent()) {
            Tempering.celsiusFor(
                            steel, Math.min(wanted, steel.tempering().getFirst().hrc()))
                    .ifPresent(hour -> {
                        double at = Tempering.equivalent(hour, 60, treatment.temperMin());
                        finding.mendUnless(
                                Math.abs(at - treatment.temperC()) < 1,
                                "Temper at " + celsius(at),
                                TEMPER,
                                celsius(at));
                    });
        }
        if (load.slow() && soft) {
            finding.mend("Quench as the steel asks", QUENCH, "own");
        }
        if (!near && job.temperC().isEmpty() && !load.slow()) {
            finding.note("Its curve does not come nearer: another steel would.");
        }
        return finding.build();
    }

    private Finding through() {
        double section = treatment.sectionMm();
        boolean through = treatment.through();
        boolean wantsThrough = job.why() == Why.EDGE || job.why() == Why.TOUGH;
        return Finding.at(Station.CUT, "hardens-through", say)
                .says(
                        load.cased()
                                ? Verdict.TOLD
                                : through ? Verdict.FINE : wantsThrough ? Verdict.DOUBTFUL : Verdict.TOLD,
                        load.cased()
                                ? "Only its case becomes hard; the core stays tough."
                                : through
                                        ? steel.name() + " hardens through " + say.length(section) + "."
                                        : steel.name() + " hardens through " + say.length(steel.throughMm())
                                                + " only: at " + say.length(section) + " its core stays softer"
                                                + (steel.shellMm() > 0
                                                        ? ", the shell is about " + say.length(steel.shellMm())
                                                                + " deep"
                                                        : "")
                                                + ".")
                .margin(steel.throughMm() / section - 1)
                .step(Working.of("In hand", "T / s − 1", number(steel.throughMm() / section - 1))
                        .with("T", "hardens through", mm(steel.throughMm()).fromTable())
                        .with("s", "section that governs", mm(section).typed()))
                .source(steel.source())
                .note("A hard shell over a tough core is no fault where only the skin wears.")
                .mendUnless(
                        load.cased() || through || !wantsThrough || section > 120,
                        "An air-hardening steel",
                        STEEL,
                        "a2")
                .build();
    }

    private Finding heat() {
        Span range = steel.hardenC();
        double at = treatment.hardenC();
        boolean cold = at < range.low() - 1;
        // A few degrees are the couple's.
        boolean hardly = cold && at >= range.low() - COUPLE_C;
        boolean hot = at > range.high() + 1;
        return Finding.at(Station.EDGE, "hardening-heat", say)
                .says(
                        cold && !hardly ? Verdict.WRONG : hardly || hot ? Verdict.DOUBTFUL : Verdict.FINE,
                        cold
                                ? celsius(at)
                                        + (hardly
                                                ? " is a little cold: it may stay soft."
                                                : " is too cold: it stays soft.")
                                        + " Its range is " + celsius(range.low()) + " to " + celsius(range.high()) + "."
                                : hot
                                        ? celsius(at) + " is too hot: coarse grain, brittle, more warp. Its range is "
                                                + celsius(range.low()) + " to " + celsius(range.high()) + "."
                                        : celsius(at) + ", by eye " + HeatSteps.colour(at) + " in a dim shop"
                                                + "; its range is " + celsius(range.low()) + " to "
                                                + celsius(range.high()) + ".")
                .margin(cold ? (at - range.low()) / 100 : hot ? (range.high() - at) / 100 : 0.5)
                .source(steel.source())
                .note("By eye within about "
                        + (say.units() == UnitSystem.METRIC ? 30 : 55)
                        + " degrees at best; a couple beside the piece tells.")
                .mendUnless(!cold && !hot, "Heat to " + celsius(range.chosen()), HEAT, celsius(range.chosen()))
                .build();
    }

    private Finding soak() {
        double wanted = Heating.soakMinutes(steel, treatment.sectionMm());
        double at = treatment.soakMin();
        boolean short_ = at < 0.6 * wanted;
        boolean long_ = at > 3 * wanted;
        return Finding.at(Station.EDGE, "soak", say)
                .says(
                        short_ || long_ ? Verdict.DOUBTFUL : Verdict.FINE,
                        (short_ ? "Too short a soak: " : long_ ? "Too long a soak, the grain grows: " : "Soak ")
                                + say.time(at) + " once it is hot through, which takes about "
                                + say.time(load.atHeatMin() - at)
                                + (short_ || long_ ? "; " + say.time(wanted) + " does." : "."))
                .margin(short_ || long_ ? -0.1 : 0.5)
                .step(Working.of("Soak that it wants", "b + p · s", minutes(wanted))
                        .with("b", "of this steel", minutes(steel.soakBaseMin()).fromTable())
                        .with(
                                "p",
                                "for each millimetre of section",
                                Amount.of(Quantity.TIME, steel.soakPerMmMin()).fromTable())
                        .with("s", "section that governs, in millimetres", number(treatment.sectionMm())))
                .source(steel.source())
                .mendUnless(!short_ && !long_, "Soak " + say.time(wanted), SOAK, Written.places(wanted, 1) + " min")
                .build();
    }

    private Finding skin() {
        double skin = steel.skinMm() * job.wrap().skinShare();
        boolean bare = job.wrap() == Wrap.BARE;
        boolean foil = job.wrap() == Wrap.FOIL && load.bathed();
        return Finding.at(Station.EDGE, "skin", say)
                .says(
                        bare || foil ? Verdict.DOUBTFUL : Verdict.FINE,
                        bare
                                ? "Bare it loses its carbon: about " + say.length(skin) + " a side is scale or soft."
                                : foil
                                        ? "Foil keeps a fast bath from it: for "
                                                + treatment.quench().words() + " coat it or box it."
                                        : "Kept from the air; about " + say.length(skin) + " a side is soft.")
                .margin(bare || foil ? -0.1 : 0.5)
                .step(Working.of("Soft skin", "k · w", mm(skin))
                        .with("k", "when bare", mm(steel.skinMm()).fromTable())
                        .with(
                                "w",
                                "share that the wrap lets by",
                                number(job.wrap().skinShare()).assumed()))
                .source(steel.source() + "; shares by wrapping are ours")
                .mendUnless(
                        !bare && !foil,
                        load.bathed() ? "Coat it" : "Wrap it in foil",
                        WRAP,
                        load.bathed() ? "coat" : "foil")
                .build();
    }

    private Finding depthOfCase() {
        double minutes = load.carburizeMin();
        return Finding.at(Station.EDGE, "case-depth", say)
                .says(
                        minutes > 24 * 60 ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "A case of " + say.length(job.caseMm()) + " takes " + say.time(minutes) + " at "
                                + celsius(job.carburizeC()) + ".")
                .margin(minutes > 24 * 60 ? -0.1 : 1)
                .step(Working.of(
                                "Time",
                                "(d · 10^(6700 / (1.8 · (T + 273.15))) / (31.6 · 25.4 mm))²",
                                number(minutes / 60))
                        .with("d", mm(job.caseMm()).typed())
                        .with("T", "degrees Celsius", number(job.carburizeC()).typed())
                        .meaning(" hours, by Harris"))
                .source("Harris, Metal Progress 44, 1943: inches = 31.6 √hours / 10^(6700/T), T in °R")
                .note(
                        "Packed in charcoal the first half hour only heats the box; a slip of the same stuff beside it, broken, shows the case.")
                .build();
    }

    private Finding leave() {
        Span across = load.acrossMm();
        Span along = load.growthMm();
        // A twentieth of its thickness is ground away or straightened; more is another steel's work.
        double bows = load.bendMm() / treatment.sectionMm();
        boolean warps = bows > MOST_BEND && treatment.quench() != Quench.AIR;
        return Finding.at(Station.MAKE, "leave-for-grinding", say)
                .says(
                        warps ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "Leave " + say.length(load.leaveMm()) + " on the diameter for grinding. It grows "
                                + say.length(along.low()) + " to " + say.length(along.high())
                                + " in length, and may bend by " + say.length(load.bendMm())
                                + (warps
                                        ? ": long and thin, it warps in "
                                                + treatment.quench().words() + "."
                                        : "."))
                .margin(warps ? MOST_BEND / bows - 1 : 1)
                .mendUnless(
                        !warps || steel.quench() != Quench.WATER || steel.kind() != ToolSteel.Kind.TOOL,
                        "Oil-hardening steel",
                        STEEL,
                        "o1")
                .mendUnless(!warps || steel.kind() != ToolSteel.Kind.TOOL, "Air-hardening steel", STEEL, "a2")
                .step(Working.of("Growth across", "g · s", mm(across.chosen()))
                        .with("g", number(steel.growth().chosen()).fromTable())
                        .with("s", "section", mm(treatment.sectionMm()).typed()))
                .note(
                        "A hole closes by about as much as its size grows; a thread becomes tight: leave it a class looser.")
                .source(steel.source() + "; bend by bath and slenderness is ours, within three times")
                .build();
    }

    private Finding temper() {
        double at = treatment.temperC();
        double hour = treatment.hourC();
        // A degree beside the range is none: the heat comes back rounded.
        boolean brittle = steel.kind() == ToolSteel.Kind.ALLOY && hour > 260 + ROUNDED_C && hour < 370 - ROUNDED_C;
        Finding.Builder finding = Finding.at(Station.MAKE, "temper", say);
        if (brittle) {
            besideBrittle(finding, ABOVE_BRITTLE_C);
            besideBrittle(finding, BELOW_BRITTLE_C);
        }
        return finding.says(
                        brittle ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "Temper at " + celsius(at) + " for " + say.time(treatment.temperMin())
                                + (treatment.tempers() > 1 ? ", twice" : "") + ": " + HeatSteps.temperColour(hour)
                                + " on a bright spot."
                                + (brittle
                                        ? " Between about " + celsius(260) + " and " + celsius(370)
                                                + " such steels turn brittle."
                                        : ""))
                .margin(brittle ? -0.1 : 1)
                .step(Working.of("The same in one hour", "(T + 273.15) · (20 + m) / 20 − 273.15", number(hour))
                        .with("T", "temper, degrees Celsius", number(at))
                        .with("m", "log10 of its hours", number(Math.log10(treatment.temperMin() / 60)))
                        .meaning(" °C, by Hollomon and Jaffe"))
                .note("In half an hour the same takes " + celsius(Tempering.equivalent(at, treatment.temperMin(), 30))
                        + ", in two hours " + celsius(Tempering.equivalent(at, treatment.temperMin(), 120)) + ".")
                .source("Hollomon & Jaffe, Trans. AIME 162, 1945, C = 20; " + steel.source())
                .build();
    }

    /** What an hour at another heat leaves, as what is wanted: beside the range in which it turns brittle. */
    private void besideBrittle(Finding.Builder finding, double celsius) {
        double hrc = Math.rint(Tempering.hardness(steel, celsius));
        String text = say.amount(Amount.of(Quantity.HARDNESS, hrc));
        String label = "Temper it at " + celsius(celsius) + ": about " + text;
        if (job.temperC().isPresent()) {
            finding.mend(label, TEMPER, say.amount(Amount.of(Quantity.TEMPERATURE, celsius)));
        } else {
            finding.mend(label, WANTED, text);
        }
    }

    private Finding timeline() {
        double whole = load.wholeMin();
        return Finding.at(Station.MAKE, "timeline", say)
                .says(
                        Verdict.TOLD,
                        "From the cold furnace to the last cooling " + say.time(whole)
                                + "; soak and temper are time for other work, the quench is not.")
                .source("Sum of the steps; the furnace's lining is reckoned with 45 minutes at the least")
                .build();
    }
}
