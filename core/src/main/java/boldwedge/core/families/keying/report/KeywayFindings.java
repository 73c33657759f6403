package boldwedge.core.families.keying.report;

import static boldwedge.core.families.keying.entry.KeywayField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.stroke.HeadJoint;
import boldwedge.core.mechanics.stroke.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is found of a keyway: the key and its place, the bar and its tooth. */
final class KeywayFindings {
    private static final double THIN_WALL = 0.8;
    private static final double HALF = 0.5;
    private static final double OFF_THE_FACE_MM = 0.1;
    private static final double TIRED = 0.4;
    /** High-speed steel bears about so much in bending where every stroke is a blow, MPa (ours). */
    private static final double TOOTH_MPA = 500;

    private final KeywayCut cut;
    private final KeywayJob job;
    private final UnitFormat say;

    KeywayFindings(KeywayCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(key());
        wall().ifPresent(findings::add);
        index().ifPresent(findings::add);
        findings.add(place());
        findings.add(fits());
        findings.add(tooth());
        findings.add(barHole());
        if (job.headMm().isPresent()) {
            findings.add(joint());
        }
        findings.add(rake());
        return findings;
    }

    private Finding key() {
        Slot slot = job.slot();
        double usual = job.key()
                .map(one -> Slot.of(one, 2 * slot.radiusMm()).depthMm())
                .orElse(slot.depthMm());
        double off = slot.depthMm() - usual;
        boolean shallow = off < -1e-6;
        boolean deep = off > job.deeperMm() + 1e-6;
        String gauged = Written.words(
                "%s over the bore, %s from the touch of both corners.",
                say.length(slot.overBoreMm()), say.length(slot.wayMm()));
        return Finding.at(Station.CUT, "key", say)
                .says(
                        shallow || deep ? Verdict.DOUBTFUL : Verdict.FINE,
                        (shallow
                                        ? "The key would stand too high: "
                                        : deep
                                                ? "Deeper than the key wants: "
                                                : "Key " + say.length(slot.widthMm()) + " wide: ")
                                + gauged)
                .margin(shallow ? off / usual : deep ? -0.1 : HALF)
                .step(Working.of("Crown", "R − √(R² − b² / 4)", mm(slot.crownMm()))
                        .with("R", "of the bore", mm(slot.radiusMm()).typed())
                        .with("b", width()))
                .step(Working.of("Way from the touch of both corners", "t + c", mm(slot.wayMm()))
                        .with("t", "depth in the hub", mm(slot.depthMm()))
                        .with("c", "crown", mm(slot.crownMm())))
                .step(Working.of("Over the bore", "2 · R + t", mm(slot.overBoreMm()))
                        .with("R", mm(slot.radiusMm()))
                        .with("t", mm(slot.depthMm())))
                .note("Zero the dial where both corners touch. One corner alone: the bar is rolled, or off height.")
                .source(job.key().map(KeySize::source).orElse("Width and depth as typed"))
                .mendUnless(
                        !shallow && !deep, "Depth " + say.length(usual), DEPTH, Written.exact(Quantity.LENGTH, usual))
                .build();
    }

    private Amount width() {
        return job.key().isPresent()
                ? mm(job.slot().widthMm()).fromTable()
                : mm(job.slot().widthMm()).typed();
    }

    private Optional<Finding> wall() {
        if (job.outsideMm().isEmpty()) {
            return Optional.empty();
        }
        double wall = cut.wallMm();
        double margin = wall / (THIN_WALL * job.slot().depthMm()) - 1;
        return Optional.of(Finding.at(Station.CUT, "key-wall", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "Only " + say.length(wall) + " of hub is left over the keyway: it splits there."
                                : say.length(wall) + " of hub is left over the keyway.")
                .margin(margin)
                .step(Working.of("Left over it", "D / 2 − R − t", mm(wall))
                        .with("D", "outside", mm(job.outsideMm().getAsDouble()).typed())
                        .with("R", mm(job.slot().radiusMm()))
                        .with("t", mm(job.slot().depthMm())))
                .source("Custom of the trade: a wall of about the keyway's depth")
                .does("A shallower key, two smaller ones, or a larger hub")
                .build());
    }

    private Optional<Finding> index() {
        if (job.slots() < 2) {
            return Optional.empty();
        }
        if (job.teeth().isEmpty()) {
            return Optional.of(Finding.at(Station.CUT, "index", say)
                    .says(
                            Verdict.TOLD,
                            "For " + job.slots() + " keyways: a wheel with a multiple of " + job.slots()
                                    + " teeth on the spindle, or a plate that is marked out.")
                    .source("Geometry of the circle")
                    .build());
        }
        double error = cut.indexErrorRad();
        double aside = job.slot().radiusMm() * error;
        boolean off = error > 1e-9;
        int teeth = job.teeth().getAsInt();
        int better = Math.max(1, (int) Math.rint((double) teeth / job.slots())) * job.slots();
        return Optional.of(Finding.at(Station.CUT, "index", say)
                .says(
                        off ? Verdict.WRONG : Verdict.FINE,
                        off
                                ? teeth + " teeth do not share out to " + job.slots() + ": one keyway comes "
                                        + say.angle(error) + " off, " + say.length(aside) + " at the bore."
                                : teeth + " teeth share out: " + teeth / job.slots() + " from keyway to keyway.")
                .margin(off ? -aside / job.slot().widthMm() : HALF)
                .step(Working.of("At the bore", "R · δ", mm(aside))
                        .with("R", mm(job.slot().radiusMm()))
                        .with("δ", "off", rad(error)))
                .source("Geometry of the circle")
                .mendUnless(!off, "A wheel of " + better + " teeth", TEETH, String.valueOf(better))
                .build());
    }

    private Finding place() {
        double aside = Math.abs(cut.asideMm());
        double tilt = Math.abs(job.slot().floorTiltMm(job.rollRad()));
        double bears = job.width().widthMm();
        double margin = Math.min(1, bears / Math.max(Math.max(aside, tilt), 1e-9) - 1);
        return Finding.at(Station.REACH, "key-place", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The keyway comes " + say.length(aside) + " beside the middle, its floor "
                                        + say.length(tilt) + " out of level."
                                : "Height and roll of the bar put it in the middle: " + say.length(aside) + " aside.")
                .margin(margin)
                .step(Working.of("Aside", "h + R · sin(δ)", mm(cut.asideMm()))
                        .with("h", "bar above the axis", mm(job.heightMm()))
                        .with("R", mm(job.slot().radiusMm()))
                        .with("δ", "rolled", rad(job.rollRad())))
                .step(Working.of(
                                "Floor out of level",
                                "b · sin(δ)",
                                mm(job.slot().floorTiltMm(job.rollRad())))
                        .with("b", mm(job.slot().widthMm()))
                        .with("δ", "rolled", rad(job.rollRad())))
                .source("Geometry; borne is as much as the width's own tolerance")
                .mendUnless(margin >= 0 || Math.abs(job.heightMm()) < 1e-6, "Bar on the axis", HEIGHT, "0 mm")
                .mendUnless(Math.abs(job.rollRad()) < 1e-6 || margin >= 0, "Set it by the line, not rolled", ROLL, "0°")
                .build();
    }

    private Finding fits() {
        Slot slot = job.slot();
        double largest = slot.largestBarMm();
        double least = slot.depthMm() + HALF * slot.gapMm();
        boolean rubs = cut.toothOutMm() < least;
        boolean surely = cut.toothOutMm() < slot.depthMm();
        double margin = rubs ? cut.toothOutMm() / least - 1 : largest / cut.barMm() - 1;
        double usual = slot.depthMm() + slot.gapMm();
        return Finding.at(Station.EDGE, "bar-passes", say)
                .says(
                        surely ? Verdict.WRONG : rubs || margin < -1e-9 ? Verdict.DOUBTFUL : Verdict.FINE,
                        rubs
                                ? (surely
                                                ? "The bar rubs before the tooth is down: "
                                                : "Chips jam between bar and bore: ")
                                        + say.length(cut.toothOutMm()) + " of tooth for a depth of "
                                        + say.length(slot.depthMm()) + "."
                                : margin < -1e-9
                                        ? "A bar of " + say.length(cut.barMm())
                                                + " passes back without room for chips: " + say.length(largest)
                                                + " has it."
                                        : "A bar of " + say.length(cut.barMm())
                                                + " passes back with room; the largest is " + say.length(largest) + ".")
                .margin(margin)
                .step(Working.of("Largest bar", "R + √(R² − b² / 4) − t − 3 · g", mm(largest))
                        .with("R", mm(slot.radiusMm()))
                        .with("b", mm(slot.widthMm()))
                        .with("t", mm(slot.depthMm()))
                        .with("g", "room", mm(slot.gapMm()).assumed()))
                .note("Draw the tooth back on every return: in a bore there is no clapper to lift it.")
                .source("Geometry; room of about a millimetre is custom of the trade")
                .mendUnless(
                        rubs || margin >= -1e-9,
                        "Bar of " + say.length(fitting(largest)),
                        BAR,
                        Written.exact(Quantity.LENGTH, fitting(largest)))
                .mendUnless(!rubs, "Tooth out " + say.length(usual), TOOTH_OUT, Written.exact(Quantity.LENGTH, usual))
                .build();
    }

    private double fitting(double largest) {
        return job.units().turned(largest - 0.05);
    }

    private Finding tooth() {
        double stress = cut.toothMPa();
        double margin = TOOTH_MPA / stress - 1;
        double half = cut.strokeMm() / 2;
        return Finding.at(Station.EDGE, "tooth", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The tooth bends by " + say.stress(stress)
                                        + " at its root, with a blow at every stroke: it snaps."
                                : "The tooth bends by " + say.stress(stress) + " at its root and bears it."
                                        + (cut.ways() > 1
                                                ? " It is cut in " + cut.ways() + " ways, "
                                                        + say.length(cut.sideStepMm()) + " apart."
                                                : ""))
                .margin(Math.min(1, margin))
                .step(Working.of("Bending at the root", "6 · F · p / (w · s²)", mpa(stress))
                        .with("F", "along the stroke", newtons(cut.forceN()))
                        .with("p", "tooth out", mm(cut.toothOutMm()))
                        .with("w", "its width", mm(job.toothMm()))
                        .with("s", "along the stroke", mm(job.bit().heightMm()).fromTable()))
                .source("Bending of a short beam; what it bears under blows is ours")
                .mendUnless(margin >= 0, "Take " + say.length(half), STROKE, Written.exact(Quantity.LENGTH, half))
                .build();
    }

    private Finding barHole() {
        double share = cut.holeMm() / cut.barMm();
        double margin = HALF / share - 1;
        Finding.Builder finding = Finding.at(Station.EDGE, "bar-hole", say)
                .says(
                        share > HALF + 1e-9 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "The hole for the bit leaves " + say.share(cut.leftOfBar()) + " of the bar there"
                                + (share > HALF + 1e-9 ? ": a smaller bit first, and the keyway in two ways." : "."))
                .margin(Math.min(1, margin))
                .step(Working.of("Of the bar's diameter", "s / d", number(share))
                        .with("s", "bit", mm(cut.holeMm()).fromTable())
                        .with("d", "bar", mm(cut.barMm())))
                .source("Second moment of a circle less a strip; up to about 0.4 of the bar is custom of the trade");
        if (share > HALF + 1e-9) {
            finding.does("Take a smaller bit, and cut it in several ways");
        }
        return finding.build();
    }

    /** A head's joint: it must not open under the stroke; where it stops is where the thread stops. */
    private Finding joint() {
        HeadJoint joint = cut.joint();
        ScrewSize thread = cut.headThread();
        double bends = cut.jointNmm();
        double margin = joint.opensAtNmm() / bends - 1;
        double turn = HeadJoint.stopsRoundRad(OFF_THE_FACE_MM, thread.pitchMm());
        double half = cut.strokeMm() / 2;
        return Finding.at(Station.EDGE, "head-joint", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The stroke bends the head’s joint by %s; it opens at %s, and the tooth nods at every stroke."
                                : "The stroke bends the head’s joint by %s; drawn tight it stays shut up to %s.",
                        say.torque(bends / 1000),
                        say.torque(joint.opensAtNmm() / 1000))
                .margin(Math.min(1, margin))
                .step(Working.of(
                                "Stays shut up to", "Fv · (D² + d²) / (8 · D)", newtonMetres(joint.opensAtNmm() / 1000))
                        .with(
                                "Fv",
                                "drawn by " + thread.name(),
                                newtons(joint.pressedN()).assumed())
                        .with("D", "bar", mm(joint.outerMm()))
                        .with("d", "spigot", mm(joint.innerMm())))
                .note("It stops round where the thread stops: " + say.length(OFF_THE_FACE_MM)
                        + " off its face turns it by " + say.angle(turn)
                        + ". Scribe the bar’s line only when it is drawn tight.")
                .school("One with the bar", "Nothing to open; a worn hole is a new bar.", false)
                .school("Screwed on", "One bar, a head for each bit; made two from one length.", true)
                .source("A ring pressed together, on the point of opening; what a thread draws is ours")
                .mendUnless(margin >= Verdict.CLOSE, "A head one with the bar", HEAD, "solid")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Take " + say.length(half),
                        STROKE,
                        Written.exact(Quantity.LENGTH, half))
                .build();
    }

    private Finding rake() {
        Span range = cut.rakeRange();
        boolean much = cut.rakeRad() > range.high() + 1e-6;
        boolean little = cut.rakeRad() < range.low() - 1e-6;
        boolean grabs = much && range.chosen() < Math.toRadians(1);
        boolean drags = job.frontRad() < Math.toRadians(3) || job.sideRad() < Math.toRadians(0.5);
        return Finding.at(Station.EDGE, "tooth-angles", say)
                .says(
                        much || little || drags ? Verdict.DOUBTFUL : Verdict.FINE,
                        drags
                                ? "Clearance of " + say.angle(job.frontRad()) + " in front and "
                                        + say.angle(job.sideRad()) + " at the sides rubs in a slot."
                                : grabs
                                        ? "A rake of " + say.angle(cut.rakeRad())
                                                + " digs in here: this metal wants none."
                                        : much
                                                ? "A rake of " + say.angle(cut.rakeRad())
                                                        + " leaves a weak edge that digs in."
                                                : little
                                                        ? "A rake of " + say.angle(cut.rakeRad()) + " pushes hard; "
                                                                + say.angle(range.chosen()) + " cuts easier."
                                                        : "Rake " + say.angle(cut.rakeRad()) + ", clearance "
                                                                + say.angle(job.frontRad()) + " in front and "
                                                                + say.angle(job.sideRad()) + " at each side.")
                .margin(much || little || drags ? -TIRED / 2 : HALF)
                .source("Custom of the trade, by material")
                .mendUnless(
                        !much && !little, "Rake " + say.angle(range.chosen()), RAKE, Written.degrees(range.chosen()))
                .mendUnless(!drags, "Front clearance 5°", FRONT, "5°")
                .mendUnless(!drags, "Side clearance 1.5°", SIDE, "1.5°")
                .build();
    }
}
