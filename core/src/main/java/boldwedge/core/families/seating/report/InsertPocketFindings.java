package boldwedge.core.families.seating.report;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob;
import boldwedge.core.families.seating.model.InsertPocketJob.Height;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ScrewSize;
import java.util.ArrayList;
import java.util.List;

/** What is found of an insert's seat. */
final class InsertPocketFindings {
    /** So much of its way out of the bar a point may lack before the bar's own turning fails it. */
    private static final double CLEAR_SHORT = 0.6;

    private static final double DEGREE = Math.toRadians(1);
    /** A thread's corner is set by hand to this, degrees. */
    private static final double SQUARE_ENOUGH = 2;
    /** Of its diameter a cutter may hang into a pocket. */
    private static final double HANGS = 3.5;
    /** What a vise's base and its scale give without trouble. */
    private static final double SWINGS = Math.toRadians(75);

    private static final double LEAST_UNDER_SHARE = 0.25;

    private final InsertPocketCut cut;
    private final InsertPocketJob job;
    private final UnitFormat say;

    InsertPocketFindings(InsertPocketCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(angle());
        findings.add(geometry());
        cut.oldKappaRad().ifPresent(old -> findings.add(old(old)));
        findings.add(clearance());
        findings.add(height());
        findings.add(walls());
        findings.add(corner());
        findings.add(screw());
        findings.add(mill());
        if (job.bar()) {
            findings.add(bar());
        }
        findings.add(stock());
        cut.edgeLowMm().ifPresent(low -> findings.add(made(low)));
        return findings;
    }

    private Finding angle() {
        double trailing = Math.PI - job.kappaRad() - job.insert().pointRad();
        boolean drags = trailing < DEGREE;
        if (job.threadDepthMm() > 0) {
            return threads(trailing);
        }
        return Finding.at(Station.CUT, "seat-angle", say)
                .says(
                        drags ? Verdict.WRONG : trailing < 3 * DEGREE ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Edge at " + say.angle(job.kappaRad()) + " with a corner of "
                                + say.angle(job.insert().pointRad())
                                + (drags
                                        ? ": the trailing edge drags on the finished surface."
                                        : ": the trailing edge clears by " + say.angle(trailing) + ".")
                                + (job.kappaRad() >= Math.PI / 2 ? " It faces square shoulders." : ""))
                .margin(trailing / (3 * DEGREE) - 1)
                .step(Working.of("Trailing edge clears", "π − k − e", rad(trailing))
                        .with("k", "edge angle", rad(job.kappaRad()).typed())
                        .with("e", "corner", rad(job.insert().pointRad()).fromTable()))
                .note(
                        "Another edge angle moves the insert’s hole: it wants a new body, not a new hole beside the old one.")
                .mendUnless(
                        !drags,
                        "Edge angle " + say.angle(Math.PI - job.insert().pointRad() - 5 * DEGREE),
                        ANGLE,
                        Written.exact(Quantity.ANGLE, Math.PI - job.insert().pointRad() - 5 * DEGREE))
                .source("Angles of a triangle")
                .build();
    }

    /** To cut threads both flanks must lie alike: the corner's middle square to the axis. */
    private Finding threads(double trailing) {
        double square = (Math.PI - job.insert().pointRad()) / 2;
        double leans = job.kappaRad() - square;
        boolean off = Math.abs(leans) > SQUARE_ENOUGH * DEGREE;
        return Finding.at(Station.CUT, "seat-angle", say)
                .says(
                        off ? Verdict.WRONG : Verdict.FINE,
                        off
                                ? "To cut threads the corner of %s must stand square to the work: its edges at %s, not %s. As it is the thread leans by %s."
                                : "The corner of %s stands square to the work, its edges at %s: both flanks alike.",
                        say.angle(job.insert().pointRad()),
                        say.angle(square),
                        say.angle(job.kappaRad()),
                        say.angle(Math.abs(leans)))
                .margin(off ? -Math.min(1, Math.abs(leans) / square) : 1)
                .step(Working.of("Trailing edge to the work", "π − k − e", rad(trailing))
                        .with("k", "edge angle", rad(job.kappaRad()).typed())
                        .with("e", "corner", rad(job.insert().pointRad()).fromTable()))
                .mendUnless(!off, "Edge angle " + say.angle(square), ANGLE, Written.exact(Quantity.ANGLE, square))
                .source("Angles of a triangle")
                .build();
    }

    private Finding geometry() {
        Finding.Builder finding = Finding.at(Station.EDGE, "seat-geometry", say)
                .says(
                        Verdict.TOLD,
                        "Edge " + say.length(cut.shape().edgeMm())
                                + " long; from the nose’s tip to the middle of the hole "
                                + say.length(cut.shape().noseToHoleMm()) + ", along the corner’s bisector.")
                .step(Working.of(
                                "Nose’s tip to the hole",
                                "d / (2 · sin(e / 2)) − r · (1 / sin(e / 2) − 1)",
                                mm(cut.shape().noseToHoleMm()))
                        .with(
                                "d",
                                "inscribed circle",
                                mm(job.insert().circleMm()).fromTable())
                        .with("e", "corner", rad(job.insert().pointRad()).fromTable())
                        .with("r", "nose radius", mm(job.noseMm()).chosen()));
        if (job.insert().triangle()) {
            finding.step(Working.of("Edge", "d · √3", mm(cut.shape().edgeMm()))
                    .with("d", mm(job.insert().circleMm()).fromTable()));
        } else {
            finding.step(Working.of("Edge", "d / sin(e)", mm(cut.shape().edgeMm()))
                    .with("d", mm(job.insert().circleMm()).fromTable())
                    .with("e", rad(job.insert().pointRad()).fromTable()));
        }
        return finding.note(
                        "Measure the insert that will sit there: circles come within a few hundredths, holes within a tenth.")
                .source("Geometry of inscribed circle and corner; "
                        + job.insert().source())
                .build();
    }

    private Finding old(double kappa) {
        InsertPocketJob.Old old = job.old().orElseThrow();
        double off = kappa - job.kappaRad();
        boolean same = Math.abs(off) < DEGREE / 2;
        return Finding.at(Station.EDGE, "seat-old", say)
                .says(
                        Verdict.TOLD,
                        "The old holder gives " + say.angle(kappa)
                                + (same
                                        ? ": as wanted; a new body would give the same."
                                        : ", " + say.angle(Math.abs(off)) + (off > 0 ? " more" : " less")
                                                + " than is wanted."))
                .step(Working.of("Edge of the old holder", "s + asin(u / l)", rad(kappa))
                        .with("s", "slide set to", rad(old.setRad()).typed())
                        .with("u", "ran off", mm(old.offMm()).measured())
                        .with("l", "way", mm(old.wayMm()).measured()))
                .source("Sine of a small angle by an indicator")
                .build();
    }

    private Finding clearance() {
        double c = cut.clearanceRad();
        Verdict verdict = c < 3 * DEGREE ? Verdict.WRONG : c < 5 * DEGREE ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.REACH, "seat-tilt", say)
                .says(
                        verdict,
                        cut.tiltRad() > 0
                                ? "The seat dips " + say.angle(cut.dipRad()) + " out of the corner, "
                                        + say.angle(cut.dipToWorkRad()) + " toward the work and "
                                        + say.angle(Math.abs(cut.dipToFeedRad()))
                                        + (cut.dipToFeedRad() < 0 ? " away from the feed" : " toward the feed")
                                        + ": with the insert’s own "
                                        + say.angle(job.insert().clearanceRad())
                                        + " both edges clear by " + say.angle(c) + ", and their rake falls by "
                                        + say.angle(cut.tiltRad()) + "."
                                : "The insert brings " + say.angle(c) + " of clearance: the seat lies level.")
                .margin(c / (5 * DEGREE) - 1)
                .mendUnless(verdict == Verdict.FINE, "Tilt " + say.angle(6 * DEGREE), TILT, "6°")
                .step(Working.of("Clearance in use", "a + t", rad(c))
                        .with(
                                "a",
                                "of the insert",
                                rad(job.insert().clearanceRad()).fromTable())
                        .with(
                                "t",
                                "tilt",
                                job.tiltRad().isPresent()
                                        ? rad(cut.tiltRad()).typed()
                                        : rad(cut.tiltRad()).chosen()))
                .steps(dips())
                .source(
                        "Angles of seat and insert add; a plane that dips by g clears an edge of the normal n by atan(n · g)")
                .build();
    }

    /** Both dips; nothing where the seat lies level. */
    private List<Working> dips() {
        if (cut.tiltRad() <= 0) {
            return List.of();
        }
        return List.of(
                Working.of("Dip out of the corner", "atan(tan(t) / sin(e / 2))", rad(cut.dipRad()))
                        .with("t", rad(cut.tiltRad()))
                        .with("e", "corner", rad(job.insert().pointRad()).fromTable()),
                Working.of(
                                "Of it toward the work",
                                "atan(tan(t) · (sin(k) + sin(k + e)) / sin(e))",
                                rad(cut.dipToWorkRad()))
                        .with("t", rad(cut.tiltRad()))
                        .with("k", "edge angle", rad(job.kappaRad()).typed())
                        .with("e", rad(job.insert().pointRad()).fromTable()));
    }

    private Finding height() {
        double under = cut.underMm();
        double need = Math.max(InsertPocketCut.LEAST_WALL_MM, LEAST_UNDER_SHARE * job.heightMm());
        Finding.Builder finding = Finding.at(Station.REACH, "seat-height", say)
                .says(
                        Verdict.of(under / need - 1, Verdict.CLOSE),
                        (job.bar()
                                        ? "Flat " + say.length(cut.flatMm()) + " from the bar’s top, floor "
                                                + say.length(cut.floorDepthMm()) + " from it"
                                        : "Floor " + say.length(cut.floorMm()) + " above the base, "
                                                + say.length(cut.floorDepthMm()) + " below the top")
                                + "; " + say.length(under) + " is left under it.")
                .margin(under / need - 1)
                .step(Working.of("Thickness square to the base", "s · cos(t)", mm(cut.thicknessMm()))
                        .with("s", "insert", mm(job.insert().thicknessMm()).fromTable())
                        .with("t", "dip", rad(cut.dipRad())));
        if (job.bar()) {
            finding.step(Working.of("Floor from the top", "D / 2 − h + s", mm(cut.floorDepthMm()))
                            .with("D", "bar", mm(job.heightMm()).typed())
                            .with("h", "edge above the axis", mm(cut.edgeMm()))
                            .with("s", mm(cut.thicknessMm())))
                    .school(
                            "Top on the bar’s axis",
                            "The bar set to centre height cuts at centre height; more is milled away.",
                            job.height() == Height.TOP)
                    .school(
                            "Mid-thickness on the bar’s axis",
                            "More metal under the insert; the edge stands " + say.length(cut.thicknessMm() / 2)
                                    + " above the axis: set the bar lower by that.",
                            job.height() == Height.MIDDLE);
        } else {
            finding.step(Working.of("Floor above the base", "h − s", mm(cut.floorMm()))
                    .with(
                            "h",
                            "edge above the base",
                            job.edgeAboveMm().isPresent()
                                    ? mm(cut.edgeMm()).typed()
                                    : mm(cut.edgeMm()).chosen())
                    .with("s", mm(cut.thicknessMm())));
        }
        if (under < need) {
            // Of a bar half its diameter lies under its axis; of a shank what is under the edge.
            double more = job.bar() ? 2 * (need - under) : need - under;
            double larger = Math.ceil(2 * (job.heightMm() + more / (1 - LEAST_UNDER_SHARE * (job.bar() ? 2 : 1)))) / 2;
            if (job.bar() && job.height() == Height.TOP) {
                finding.mend("Mid-thickness on the bar’s axis", SCHOOL, "middle");
            }
            finding.mend(
                    (job.bar() ? "Bar of " : "Shank of ") + say.length(larger),
                    HEIGHT,
                    Written.exact(Quantity.LENGTH, larger));
        }
        return finding.note(
                        "Chip under an insert, or a floor that is not flat, breaks it: the floor is cut last and not deburred by hand.")
                .source("Heights of body, edge and insert")
                .build();
    }

    private Finding walls() {
        double left = cut.wallLeftMm();
        double margin = left / InsertPocketCut.LEAST_WALL_MM - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "seat-wall", say)
                .says(
                        margin < -0.4 ? Verdict.WRONG : margin < Verdict.CLOSE ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Between the walls’ corner and the outside " + say.length(cut.wallMm()) + " stand, "
                                + say.length(Math.max(0, left)) + " beside the corner’s relief"
                                + (margin < 0 ? ": little for what pushes there." : "."))
                .margin(margin)
                .step(Working.of("Left beside the relief", "w − c / 2", mm(left))
                        .with("w", "corner to the outside", mm(cut.wallMm()))
                        .with(
                                "c",
                                "cutter for the corner",
                                job.reliefMm().isPresent()
                                        ? mm(cut.reliefMm()).typed()
                                        : mm(cut.reliefMm()).chosen()))
                .note(
                        "Two walls only: the one behind takes the cut, the one beside takes the feed. A third would decide where it sits.")
                .source("Plan of seat and body, by vectors");
        if (margin < 0) {
            double wider = Math.ceil(2 * (job.widthMm() + InsertPocketCut.LEAST_WALL_MM - left)) / 2;
            if (cut.wallGrowsWithWidth()) {
                finding.mend("Shank " + say.length(wider) + " wide", WIDTH, Written.exact(Quantity.LENGTH, wider));
            }
            double smaller = Math.max(
                    InsertPocketCut.LEAST_RELIEF_MM,
                    Math.floor(4 * (cut.wallMm() - InsertPocketCut.LEAST_WALL_MM)) / 2);
            if (smaller < cut.reliefMm()) {
                finding.mend(
                        "Corner with a cutter of " + say.length(smaller),
                        RELIEF,
                        Written.exact(Quantity.LENGTH, smaller));
            }
        }
        finding.doesWhen(margin < 0, "A smaller insert, or a stouter body");
        return finding.build();
    }

    private Finding corner() {
        double wall = cut.shorterWallMm();
        double need = 0.45 * cut.shape().edgeMm();
        boolean fits = job.cutterMm() / 2 < wall;
        Verdict verdict = !fits ? Verdict.WRONG : wall < need ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "seat-corner", say)
                .says(
                        verdict,
                        "The corner is plunged first with a cutter of " + say.length(cut.reliefMm())
                                + "; then the walls bear over " + say.length(wall)
                                + (fits
                                        ? "."
                                        : ", which a cutter of " + say.length(job.cutterMm()) + " cannot reach along."))
                .margin(fits ? wall / need - 1 : -0.3)
                .step(Working.of("Shorter wall", "l − c / 2 − r", mm(wall))
                        .with("l", "edge", mm(cut.shape().edgeMm()))
                        .with("c", "cutter for the corner", mm(cut.reliefMm()))
                        .with("r", "nose radius", mm(job.noseMm())))
                .note(
                        "An insert’s corner has a small radius, a pocket’s one as large as the cutter: without relief the insert stands on its corner.")
                .source("Plan of seat and cutters");
        if (!fits) {
            double cutter = Math.max(1, Math.floor(wall));
            finding.mend(
                    "Walls with a cutter of " + say.length(cutter), CUTTER, Written.exact(Quantity.LENGTH, cutter));
        } else if (wall < need) {
            double smaller = Math.max(1, Math.floor(2 * (cut.shape().edgeMm() - job.noseMm() - need)) / 2 * 2);
            finding.mendUnless(
                    smaller >= cut.reliefMm(),
                    "Corner with a cutter of " + say.length(smaller),
                    RELIEF,
                    Written.exact(Quantity.LENGTH, smaller));
        }
        return finding.build();
    }

    /** Vise and cutter: how far it is swung for each wall, how deep the cutter hangs. */
    private Finding mill() {
        double back = cut.swingRad(cut.shape().backWall());
        double side = cut.swingRad(cut.shape().sideWall());
        double most = Math.max(Math.abs(back), Math.abs(side));
        double hangs = cut.floorDepthMm() / job.cutterMm();
        boolean deep = hangs > HANGS;
        boolean far = most > SWINGS;
        double thicker = Math.ceil(cut.floorDepthMm() / HANGS);
        return Finding.at(Station.REACH, "seat-mill", say)
                .says(
                        deep || far ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Vise swung " + say.angle(Math.abs(back)) + " for the wall behind, " + say.angle(Math.abs(side))
                                + " for the wall beside"
                                + (far
                                        ? ": past the scale of most vises; set it by a sine bar or a protractor, the body end for end"
                                        : "")
                                + "; the cutter hangs " + say.number(hangs, 1) + " of its diameters into the pocket"
                                + (deep ? ": it bends away and the walls lean." : "."))
                .margin(deep ? HANGS / hangs - 1 : far ? SWINGS / most - 1 : HANGS / hangs - 1)
                .step(Working.of("Cutter hangs", "f / c", Amount.number(hangs))
                        .with("f", "floor below the top", mm(cut.floorDepthMm()))
                        .with("c", "cutter", mm(job.cutterMm()).typed()))
                .note(
                        "Cut close to the table and near the middle of its travel; nothing here knows your mill’s travel: run the outline dry first.")
                .mendUnless(
                        !deep || thicker / 2 >= cut.shorterWallMm(),
                        "Walls with a cutter of " + say.length(thicker),
                        CUTTER,
                        Written.exact(Quantity.LENGTH, thicker))
                .source("Angles of the walls to the body; a cutter’s bend goes with the cube of what it hangs")
                .build();
    }

    private Finding screw() {
        ScrewSize screw = cut.screw(say.units());
        double draw = job.drawMm();
        Verdict verdict = draw < 0.04 ? Verdict.DOUBTFUL : draw > 0.3 ? Verdict.WRONG : Verdict.FINE;
        boolean through = cut.underMm() < 1.2 * screw.threadMm();
        return Finding.at(Station.REACH, "seat-screw", say)
                .says(
                        verdict,
                        screw.name() + " through the insert’s hole of " + say.length(cut.holeMm()) + ", its own hole "
                                + say.length(draw) + " nearer the walls"
                                + (verdict == Verdict.FINE
                                        ? ": tightening draws the insert into them."
                                        : draw < 0.04
                                                ? ": hardly enough to draw the insert in."
                                                : ": so much bends the screw."))
                .margin(verdict == Verdict.FINE ? 0.5 : -0.2)
                .note("Tap drill " + say.drill(DrillTable.nearest(screw.tapDrillMm(), say.units()))
                        + "; the screw’s head must sink below the insert’s top.")
                .note(
                        through
                                ? "Under the floor the screw finds " + say.length(cut.underMm()) + ": tap it through."
                                : "Thread at least " + say.length(1.2 * screw.threadMm()) + " deep.")
                .mendUnless(verdict == Verdict.FINE, "Draw it in by " + say.length(0.15), DRAW, "0.15 mm")
                .source(screw.source() + "; holes of inserts after ISO 6987, as a share of the circle: measure yours")
                .build();
    }

    private Finding bar() {
        double out = cut.outMm() - job.heightMm() / 2;
        double wanted = job.threadDepthMm() > 0 ? job.threadDepthMm() + 0.3 : 0.3;
        double reduced = cut.reducedMm();
        double clear = (cut.outMm() - reduced / 2) / wanted - 1;
        boolean free = clear >= -1e-9;
        double stiff = Math.pow(reduced / job.heightMm(), 4);
        Finding.Builder finding = Finding.at(Station.REACH, "seat-bar", say)
                .says(
                        clear < -CLEAR_SHORT ? Verdict.WRONG : free && stiff > 0.3 ? Verdict.FINE : Verdict.DOUBTFUL,
                        "Point " + say.length(cut.outMm()) + " from the axis, " + say.length(out) + " out of the bar"
                                + (reduced < job.heightMm() - 1e-6
                                        ? "; behind the insert the bar is turned down to " + say.length(reduced)
                                                + " for the thread, which leaves " + say.share(stiff)
                                                + " of its stiffness."
                                        : ".")
                                + " It enters holes from " + say.length(cut.leastHoleMm()) + " on.")
                .margin(free ? Math.min(1, stiff / 0.3 - 1) : clear)
                .step(Working.of("Out of the bar", "a − D / 2", mm(out))
                        .with(
                                "a",
                                "point from the axis",
                                job.outMm().isPresent()
                                        ? mm(cut.outMm()).typed()
                                        : mm(cut.outMm()).chosen())
                        .with("D", "bar", mm(job.heightMm()).typed()))
                .note("Two flats along the bar, parallel to the seat, set it level and keep it from rolling.")
                .source("Circles of bar and hole");
        if (!free || stiff <= 0.3) {
            double to = job.heightMm() / 2 + job.threadDepthMm() + 0.5;
            finding.mend("Point " + say.length(to) + " from the axis", OUT, Written.exact(Quantity.LENGTH, to));
        }
        return finding.build();
    }

    private Finding stock() {
        return Finding.at(Station.MAKE, "seat-stock", say)
                .says(
                        Verdict.TOLD,
                        "Try the bar stock first: turn a test of it and file it. Gummy stock tears in the seat and in its thread; a harder one finishes better. It is not stiffer.")
                .source("Young’s modulus of steels differs by a few per cent; shop practice for the rest")
                .build();
    }

    private Finding made(double low) {
        boolean good = Math.abs(low) < 0.03;
        return Finding.at(Station.MAKE, "seat-made", say)
                .says(
                        good ? Verdict.FINE : Math.abs(low) < 0.25 ? Verdict.DOUBTFUL : Verdict.WRONG,
                        good
                                ? "The floor is as drawn: the edge stands at its height."
                                : "The floor came out " + say.length(Math.abs(low))
                                        + (low > 0 ? " deeper" : " shallower") + ": the edge stands "
                                        + say.length(Math.abs(low)) + (low > 0 ? " low" : " high") + ". "
                                        + (low > 0
                                                ? "A shim of that under the insert, or the whole holder set higher by it, cures it: nothing has to be milled again."
                                                : "Take that much more from the floor, or set the holder lower by it."))
                .margin(good ? 1 : 0.03 - Math.abs(low))
                .step(Working.of("Edge low by", "m − f", mm(low))
                        .with(
                                "m",
                                "floor below the top, as made",
                                mm(job.madeDepthMm().orElseThrow()).measured())
                        .with("f", "as drawn", mm(cut.floorDepthMm())))
                .mendUnless(good, "As drawn", MADE_DEPTH, Written.exact(Quantity.LENGTH, cut.floorDepthMm()))
                .source("Heights add")
                .build();
    }
}
