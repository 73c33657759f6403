package boldwedge.core.families.counterboring.report;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
import boldwedge.core.families.counterboring.model.CounterboreJob.Kind;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.Head;
import boldwedge.core.language.stock.Span;
import boldwedge.core.rule.HardEnough;
import boldwedge.core.rule.RotaryRules;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is found of a counterbored seat and its tool. */
final class CounterboreFindings {
    private static final int FEW = 12;
    private static final double LEAST_RELIEF = Math.toRadians(5);
    private static final double MOST_RELIEF = Math.toRadians(15);
    private static final double MOST_RAKE = Math.toRadians(6);
    private static final double LEAST_STEM_WALL_MM = 2;
    private static final double WASHER_EDGE_MM = 0.3;

    private final CounterboreCut cut;
    private final CounterboreJob job;
    private final UnitFormat say;

    CounterboreFindings(CounterboreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    /** A pilot of its own: changed for another hole, and out of the way when the lips are ground. */
    private Finding loosePilot() {
        double stem = cut.stemMm();
        double wall = cut.stemWallMm();
        double margin = wall / LEAST_STEM_WALL_MM - 1;
        return Finding.at(Station.EDGE, "loose-pilot", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "Loose pilot: a stem of " + say.length(stem) + " in a reamed hole, held by a screw "
                                + cut.pilotScrew().name() + " across it; " + say.length(wall)
                                + " of body round it. It turns with the tool, wears by itself, and comes out when the lips are ground.")
                .margin(margin)
                .step(Working.of("Body round the stem", "(D − s) / 2", mm(wall))
                        .with("D", "outside", mm(cut.outsideMm()))
                        .with("s", "stem", mm(stem).chosen()))
                .school("Pilot and body of one piece", "Runs truest; one tool for one hole.", false)
                .school("Loose pilot", "One body for several holes; lips are ground straight across.", true)
                .mendUnless(margin >= 0, "Pilot of one piece", PILOT_IS, "solid")
                .source("Geometry; a stem of about half the pilot is custom of the trade")
                .build();
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(seat());
        boolean carbon = job.kind() == Kind.STEEL && job.steel().isPresent();
        HardEnough.of(carbon ? EdgeHardness.TOOL_STEEL : EdgeHardness.HIGH_SPEED, job.work(), say, finding -> {
                    if (carbon) {
                        finding.mend("Make it of high-speed steel, bought hard", STEEL, "hss");
                    }
                    finding.does("Take a carbide end mill with a plug in the hole");
                })
                .ifPresent(findings::add);
        findings.add(kind());
        if (job.kind().ground()) {
            findings.add(stone());
        }
        findings.add(pilot());
        findings.add(pilotLength());
        if (job.loosePilot()) {
            findings.add(loosePilot());
        }
        findings.add(lips());
        findings.add(level());
        findings.add(corner());
        RotaryRules rules = new RotaryRules(
                job.lathe(),
                cut.outsideMm(),
                cut.surfaceSpeeds(),
                cut.speed(),
                cut.rpm(),
                job.speedRpm(),
                SPEED,
                "A third of the drilling speed (custom of the trade); "
                        + job.work().source(),
                say);
        findings.add(rules.speedFinding());
        findings.add(rules.powerFinding(
                cut.torqueNm(),
                torque(),
                FEED,
                cut.feedMm(),
                cut.feedRange().low(),
                "A machine with more power, or open it with a drill first"));
        findings.add(feed());
        return findings;
    }

    private String what() {
        return job.head().map(Head::name).orElse("what is " + say.length(job.headMm()) + " across");
    }

    private Finding seat() {
        double room = cut.roomMm();
        double out = cut.standsOutMm();
        boolean tight = room < 0.3;
        String stands = job.washer()
                ? out > 0.02
                        ? " It stands " + say.length(out) + " out."
                        : out < -0.02 ? " It lies " + say.length(-out) + " under." : " It lies flush."
                : out > 0
                        ? " The head stands " + say.length(out) + " out."
                        : " The head lies " + say.length(-out) + " under.";
        return Finding.at(Station.CUT, "seat", say)
                .says(
                        tight ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Seat " + say.length(cut.outsideMm()) + " across and " + say.length(cut.depthMm())
                                + " deep for " + what() + " (" + say.length(job.headMm()) + ")." + stands)
                .margin(tight ? -0.1 : room / job.headMm())
                .step(Working.of("Room about it", "D − H", mm(room))
                        .with("D", "seat", mm(cut.outsideMm()))
                        .with(
                                "H",
                                "head or washer",
                                job.head().isPresent()
                                        ? mm(job.headMm()).fromTable()
                                        : mm(job.headMm()).typed()))
                .source(job.head().map(Head::source).orElse("Typed sizes") + "; room about as DIN 974-1 leaves it")
                .mendUnless(!tight, "Seat " + say.length(standardOutside()), OUTSIDE, say.length(standardOutside()))
                .build();
    }

    private double standardOutside() {
        return CounterboreCut.of(job.withOutsideMm(OptionalDouble.empty())).outsideMm();
    }

    private Finding kind() {
        boolean hardWork = job.work().kc11MPa() > 2400;
        Kind first = job.seats() <= FEW && !hardWork ? Kind.DRILL : job.seats() <= 2 ? Kind.END_MILL : Kind.STEEL;
        boolean worn = job.kind() == Kind.DRILL && job.seats() > 5 * FEW;
        Verdict verdict = worn ? Verdict.DOUBTFUL : job.kind() == first ? Verdict.FINE : Verdict.TOLD;
        String words = switch (job.kind()) {
            case DRILL ->
                worn
                        ? "A ground drill needs its lips touched up long before " + job.seats() + " seats."
                        : "From a drill: half an hour at the grinder, right for " + job.seats()
                                + (job.seats() == 1 ? " seat." : " seats.");
            case STEEL -> "From tool steel: hours and a furnace, for many seats or hard stuff.";
            case END_MILL ->
                "An end mill with a plug in the hole: nothing to make but a plug, if the machine is stiff.";
        };
        return Finding.at(Station.EDGE, "counterbore-kind", say)
                .says(verdict, words)
                .margin(worn ? -0.1 : 1)
                .school(
                        "From a drill",
                        "quick, hard already; soft metal and few seats; the drill is gone",
                        job.kind() == Kind.DRILL)
                .school(
                        "From tool steel",
                        "two to four teeth, solid or loose pilot; many seats",
                        job.kind() == Kind.STEEL)
                .school(
                        "End mill and plug",
                        "a plug turned to the hole steers it; a mill, not a hand drill",
                        job.kind() == Kind.END_MILL)
                .source("Custom of the trade")
                .mendUnless(!worn, "Make it from tool steel", KIND, "steel")
                .build();
    }

    /** The stone's speed: checked before anything else; a stone that is too slow for its spindle is a field's error. */
    private Finding stone() {
        double margin = job.stoneRpm() / job.grinderRpm() - 1;
        return Finding.at(Station.EDGE, "stone", say)
                .says(
                        Verdict.FINE,
                        "The stone is rated for " + say.rpm(job.stoneRpm()) + "; the grinder turns "
                                + say.rpm(job.grinderRpm()) + " without load: its rim goes "
                                + say.surfaceSpeed(cut.rimMps() * 60) + ".")
                .margin(margin)
                .step(Working.of("Speed of its rim", "π · d · n", Amount.metresPerMinute(cut.rimMps() * 60))
                        .with("d", mm(job.stoneMm()).typed())
                        .with("n", rpm(job.grinderRpm()).typed()))
                .note(
                        "What was checked is the two speeds as typed. Not checked: cracks (ring it), flanges and blotters, that the arbor fits, that the guard covers it.")
                .caution("Guard on; stand aside and let it run up for a minute before it touches anything.")
                .caution(
                        "Glasses and a mask: stone and steel dust. Cover the ways with something that cannot be drawn in, no loose cloth near what turns.")
                .source("The stone's own label; π · d · n")
                .build();
    }

    private Finding pilot() {
        Span clearance = CounterboreCut.PILOT_CLEARANCE;
        double play = cut.playMm();
        boolean tight = play < clearance.low() * 0.8;
        boolean loose = play > clearance.high() * 1.5;
        double right = job.units().measured(job.holeMm() - clearance.chosen());
        return Finding.at(Station.EDGE, "pilot-play", say)
                .says(
                        tight || loose ? Verdict.DOUBTFUL : Verdict.FINE,
                        (job.kind() == Kind.END_MILL ? "Plug " : "Pilot ") + say.length(cut.pilotMm())
                                + " in a hole of " + say.length(job.holeMm())
                                + (tight
                                        ? ": too tight, a chip or some warmth seizes it."
                                        : loose
                                                ? ": the seat may come " + say.length(cut.offMm()) + " off its hole."
                                                : ": runs free, and the seat lies within " + say.length(cut.offMm())
                                                        + " of its hole."))
                .margin(tight || loose ? -0.1 : 0.5)
                .step(Working.of("Off its hole at the most", "(h − p) / 2", mm(cut.offMm()))
                        .with("h", "hole", mm(job.holeMm()))
                        .with("p", "pilot", mm(cut.pilotMm())))
                .note("Break the pilot's margins, so that it does not ream the hole.")
                .source("Running clearance of 0.05 to 0.1 mm (custom of the trade)")
                .mendUnless(!tight && !loose, "Pilot " + say.length(right), PILOT, say.length(right))
                .build();
    }

    private Finding pilotLength() {
        double length = cut.pilotLengthMm();
        boolean short_ = length < job.holeMm() * 0.98;
        double right = job.units().marked(1.2 * job.holeMm() + 0.5);
        return Finding.at(Station.EDGE, "pilot-length", say)
                .says(
                        short_ ? Verdict.DOUBTFUL : Verdict.FINE,
                        short_
                                ? "A pilot of " + say.length(length)
                                        + " is shorter than its hole is wide: it tilts before the lips touch."
                                : "The pilot is " + say.length(length) + " long: it guides before the lips touch.")
                .margin(length / job.holeMm() - 1)
                .step(Working.of("At least", "h", mm(job.holeMm()))
                        .with("h", "one diameter of the hole", mm(job.holeMm())))
                .source("Custom of the trade: one diameter at least")
                .mendUnless(!short_, "Pilot " + say.length(right) + " long", PILOT_LENGTH, say.length(right))
                .build();
    }

    private Finding lips() {
        boolean little = job.reliefRad() < LEAST_RELIEF;
        boolean much = job.reliefRad() > MOST_RELIEF;
        boolean grabs = job.rakeRad() > MOST_RAKE;
        String words = little
                ? "Relief of " + say.angle(job.reliefRad()) + " rubs behind the lips."
                : much
                        ? "Relief of " + say.angle(job.reliefRad()) + " leaves the lips thin: they chatter."
                        : grabs
                                ? "A rake of " + say.angle(job.rakeRad()) + " grabs: it screws itself in."
                                : cut.lips() + (cut.lips() == 1 ? " lip" : " lips") + ", relief "
                                        + say.angle(job.reliefRad()) + ", rake " + say.angle(job.rakeRad())
                                        + ": cuts without grabbing.";
        return Finding.at(Station.EDGE, "lips", say)
                .says(little || much || grabs ? Verdict.DOUBTFUL : Verdict.FINE, words)
                .margin(little || much ? grabs ? -0.2 : -0.1 : grabs ? -0.1 : 0.5)
                .source("Custom of the trade: relief 8° to 12°, rake 0° to 5°")
                .mendUnless(!little && !much, "Relief 10°", RELIEF, "10°")
                .mendUnless(!grabs, "Rake 3°", RAKE, "3°")
                .build();
    }

    private Finding level() {
        return Finding.at(Station.EDGE, "lips-level", say)
                .says(
                        Verdict.TOLD,
                        "Lips level within " + say.length(cut.levelMm())
                                + ": a fifth of what each cuts, or one lip does it all.")
                .step(Working.of("Level within", "f / z / 5", mm(cut.levelMm()))
                        .with("f", mm(cut.feedMm()))
                        .with("z", "lips", number(cut.lips())))
                .source("Custom of the trade")
                .build();
    }

    private Finding corner() {
        boolean large = job.cornerMm() > WASHER_EDGE_MM && cut.roomMm() / 2 < job.cornerMm();
        return Finding.at(Station.EDGE, "corner", say)
                .says(
                        large ? Verdict.DOUBTFUL : Verdict.FINE,
                        large
                                ? "A corner of " + say.length(job.cornerMm())
                                        + " leaves a round at the bottom on which an edge rides: break the edge of what sits there, or sharpen the corner."
                                : "A corner of " + say.length(job.cornerMm()) + " stays clear of what sits there.")
                .margin(large ? -0.1 : 0.5)
                .source("Geometry of the seat's corner")
                .mendUnless(!large, "Corner " + say.length(0.2), CORNER, say.length(0.2))
                .build();
    }

    private Working torque() {
        return Working.of("Torque", "M = kc · f · (D² − d²) / 8 · (f / z / 1 mm)^(−mc)", newtonMetres(cut.torqueNm()))
                .with("kc", mpa(job.work().kc11MPa()).fromTable())
                .with("mc", number(job.work().mc()).fromTable())
                .with("f", mm(cut.feedMm()))
                .with("z", "lips", number(cut.lips()))
                .with("D", mm(cut.outsideMm()))
                .with("d", "hole", mm(job.holeMm()));
    }

    private Finding feed() {
        Span range = cut.feedRange();
        boolean heavy = cut.feedMm() > range.high() * 1.02;
        boolean light = cut.feedMm() < range.low() * 0.98;
        double turns = cut.depthMm() / job.handleMm();
        return Finding.at(Station.REACH, "seat-feed", say)
                .says(
                        heavy || light ? Verdict.DOUBTFUL : Verdict.FINE,
                        heavy
                                ? "Feed " + say.feed(cut.feedMm())
                                        + " is heavy for lips that cut over their whole width: it grabs or chatters."
                                : light
                                        ? "Feed " + say.feed(cut.feedMm()) + " rubs and chatters: press it in."
                                        : "Feed " + say.feed(cut.feedMm()) + " by a light hand, " + say.number(turns, 2)
                                                + " turns of the handle to the stop.")
                .margin(heavy || light ? -0.2 : 0.5)
                .step(Working.of("Turns of the handle", "t / s", number(turns))
                        .with("t", "depth", mm(cut.depthMm()))
                        .with("s", "one turn", RotaryRules.handle(job.lathe(), job.handleMm())))
                .note(
                        "Against chatter: slower, more feed, less rake, fewer teeth, in that order. Table locked, depth stop set, oil.")
                .source("Custom of the trade: " + say.length(0.02) + " to " + say.length(0.08) + " for each lip")
                .mendUnless(!heavy && !light, "Feed " + say.feed(range.chosen()), FEED, say.feed(range.chosen()))
                .build();
    }
}
