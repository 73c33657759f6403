package boldwedge.core.turning.tell;

import static boldwedge.core.measure.Amount.*;
import static boldwedge.core.turning.ask.TurningField.*;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.MakeStep;
import boldwedge.core.drawing.Label.Anchor;
import boldwedge.core.drawing.Plate;
import boldwedge.core.drawing.Role;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.SceneBuilder;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Step;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.Written;
import boldwedge.core.stock.ToolMaterial;
import boldwedge.core.turning.model.TurningCut;
import boldwedge.core.wedge.GrindingPlan;
import boldwedge.core.wedge.GrindingPlan.Pass;
import boldwedge.core.wedge.GrindingSetting;
import boldwedge.core.wedge.GroundBit;
import boldwedge.core.wedge.Products;
import boldwedge.core.wedge.Surface;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The grinding as a card to work from: each surface's setting, what comes off, what to check; and what is said of it. */
final class GrindCard {
    private static final String WHEEL_CAUTION =
            "Glasses and face shield on. Look the wheel over and ring it before it is mounted; stand aside while it runs up;"
                    + " rest within 3 mm of the wheel; guards in place. Check the wheel's marked speed against the spindle's.";
    private static final String FINGERS =
            "Hold small bits in a holder, not in a rag; keep the fingers off the wheel's side of the rest.";

    private final TurningCut cut;
    private final Say say;

    GrindCard(TurningCut cut, Say say) {
        this.cut = cut;
        this.say = say;
    }

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        boolean first = true;
        for (Pass pass : cut.grinding().passes()) {
            if (pass.removedMm3() < 1e-4 && pass.surface() != Surface.NOSE) {
                steps.add(asBought(pass));
            } else {
                steps.add(step(pass, first));
                first = false;
            }
        }
        steps.add(hone());
        return steps;
    }

    List<Finding> findings() {
        GroundBit bit = cut.bit();
        List<Finding> findings = new ArrayList<>();
        double total = bit.totalRemovedMm3();
        findings.add(Finding.at(Station.MAKE, "stock", say)
                .says(
                        Verdict.TOLD,
                        "Grind away %s in all; the bit then weighs %s and its point stands %s above its base.",
                        say.amount(mm3(total)),
                        say.amount(grams(bit.massGram())),
                        say.length(bit.point().getZ()))
                .step(stock())
                .note("True lengths of the edges: side " + say.length(bit.sideEdgeMm()) + ", end "
                        + say.length(bit.endEdgeMm()) + ".")
                .source("The bit as a solid: blank cut by its planes; volume by the divergence theorem")
                .build());
        int left = cut.grinding().regrindsLeft();
        findings.add(Finding.at(Station.MAKE, "regrinds", say)
                .says(
                        left == 0 ? Verdict.WRONG : left < 5 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "About %d touch-ups are left in it, %s.",
                        left,
                        cut.grinding().regrindWords())
                .margin(left / 20.0 - 0.05)
                .step(touchUps(left))
                .source("Touch-up of " + say.length(GrindingPlan.TOUCH_UP_MM) + " and grip of two heights are ours")
                .build());
        bit.blank().tip().ifPresent(tip -> {
            double whole = tip.lengthMm() * tip.widthMm() * tip.thicknessMm();
            double share = bit.tipLeftMm3() / whole;
            findings.add(Finding.at(Station.MAKE, "tip-left", say)
                    .says(
                            share < 0.4 ? Verdict.WRONG : share < 0.6 ? Verdict.DOUBTFUL : Verdict.FINE,
                            "Of the carbide tip " + say.share(share) + " is left when it is ground.")
                    .margin(share - 0.5)
                    .step(Working.of("Share of the tip that is left", "V / (l · w · t)", number(share))
                            .with("V", "cut by the same planes", mm3(bit.tipLeftMm3()))
                            .with("l", mm(tip.lengthMm()).fromTable())
                            .with("w", mm(tip.widthMm()).fromTable())
                            .with("t", mm(tip.thicknessMm()).fromTable()))
                    .source(bit.blank().source())
                    .caution(
                            "Relieve the steel under the tip first, on an aluminium oxide wheel, a degree or two steeper: steel"
                                    + " loads a green or diamond wheel.")
                    .build());
        });
        findings.add(Finding.at(Station.MAKE, "order", say)
                .says(
                        Verdict.TOLD,
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST
                                ? "Flanks first, then the top."
                                : "Top first, then the flanks.")
                .school(
                        "Flanks first",
                        "The top comes last, so the edge is made by one light, cool pass",
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST)
                .school(
                        "Top first",
                        "When the top is burnt, or is to stay as the datum from which height is kept",
                        cut.job().order() == GroundBit.Order.TOP_FIRST)
                .source("Two schools of practice")
                .mend(
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST
                                ? "Grind the top first"
                                : "Grind the flanks first",
                        ORDER.id(),
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST ? "top-first" : "flanks-first")
                .build());
        return findings;
    }

    /** What comes off, surface by surface. */
    private Working stock() {
        List<Pass> passes = cut.grinding().passes();
        StringBuilder sum = new StringBuilder();
        for (int i = 1; i <= passes.size(); i++) {
            sum.append(i == 1 ? "" : " + ").append("V").append(i);
        }
        Working stock = Working.of(
                "Stock by surface, in order",
                sum.toString(),
                mm3(passes.stream().mapToDouble(Pass::removedMm3).sum()));
        for (int i = 1; i <= passes.size(); i++) {
            stock = stock.with("V" + i, mm3(passes.get(i - 1).removedMm3()));
        }
        return stock;
    }

    private Working touchUps(int left) {
        GroundBit bit = cut.bit();
        boolean byTip = bit.blank()
                .tip()
                .filter(tip -> tip.lengthMm() / 2 - bit.shortenedMm()
                        < bit.blank().lengthMm()
                                - bit.shortenedMm()
                                - 2 * bit.blank().heightMm()
                                - cut.job().overhangMm())
                .isPresent();
        Working touchUps = Working.of(
                        "Touch-ups",
                        byTip ? "max(0; floor((l / 2 − s) / t))" : "max(0; floor((L − s − g − o) / t))",
                        number(left))
                .with("s", "shortened by this grind", mm(bit.shortenedMm()))
                .with("t", "a touch-up", mm(GrindingPlan.TOUCH_UP_MM).assumed());
        return byTip
                ? touchUps.with(
                        "l", "the tip", mm(bit.blank().tip().orElseThrow().lengthMm()))
                : touchUps.with("L", mm(bit.blank().lengthMm()))
                        .with("g", "its grip", mm(2 * bit.blank().heightMm()).assumed())
                        .with("o", "standing out", mm(cut.job().overhangMm()));
    }

    private MakeStep asBought(Pass pass) {
        return new MakeStep(
                id(pass.surface()),
                name(pass.surface()) + ": leave as bought",
                List.of("The blank already has this surface: nothing to grind."),
                "Angles as bought are used where they lie in the range.",
                "Measure it all the same: blanks vary by a degree or two.",
                measures(pass.surface()),
                target(pass.surface()),
                List.of(),
                List.of(),
                scene(pass));
    }

    private MakeStep step(Pass pass, boolean first) {
        GrindingSetting setting = pass.setting();
        ToolMaterial tool = cut.job().tool();
        List<String> lines = new ArrayList<>();
        List<String> cautions = new ArrayList<>();
        if (pass.surface() == Surface.NOSE) {
            lines.add("Roll the corner from the side flank to the end flank, keeping both clearances, to a radius of "
                    + say.length(cut.signature().noseRadiusMm()) + ".");
            lines.add("In the middle of the roll the shank stands " + square(setting.swingRad())
                    + " from square to the wheel, the rest at " + say.angle(setting.tiltRad()) + ".");
            lines.add("Radii this small are made on a stone, by hand, and judged under a loupe.");
        } else {
            lines.add("Lay the bit " + setting.down().words() + ".");
            lines.add("Tilt the rest " + precise(setting.tiltRad()) + ", its wheel side up.");
            lines.add(swingWords(pass));
            lines.add("Take off " + say.length(pass.depthMm()) + " at the deepest ("
                    + say.amount(mm3(pass.removedMm3())) + ").");
            if (cut.job().damageMm() > 0 && pass.surface() == Surface.END_FLANK) {
                lines.add("That includes " + say.length(cut.job().damageMm()) + " to get behind the damage.");
            }
            if (pass.hollow().leanAtEdge() > 0) {
                lines.add(
                        "The wheel leaves a hollow " + say.length(pass.hollow().sagMm())
                                + " deep; at the edge the angle is " + say.angle(pass.atEdgeRad()) + ".");
            }
        }
        if (first) {
            lines.addFirst("Wheel: " + tool.wheel() + ".");
            cautions.add(WHEEL_CAUTION);
            cautions.add(tool.caution() + ".");
            cautions.add(FINGERS);
            if (!Double.isInfinite(cut.job().wheelRadiusMm())) {
                cautions.add("Use the wheel's periphery. Its side only if it is a cup or is made for side grinding.");
            }
        }
        return new MakeStep(
                id(pass.surface()),
                name(pass.surface()),
                List.copyOf(lines),
                why(pass.surface(), first),
                check(pass.surface()),
                measures(pass.surface()),
                target(pass.surface()),
                List.copyOf(cautions),
                working(pass),
                scene(pass));
    }

    private MakeStep hone() {
        return new MakeStep(
                "hone",
                "Stone the edge",
                List.of(
                        "Stone the flanks and then the top until no grinding line reaches the edge.",
                        "It then shaves down to about "
                                + say.length(cut.cutting().smallestChipMm().low()) + "; as ground, "
                                + say.length(cut.cutting().smallestChipMm().chosen()) + "."),
                "The edge copies itself on to the work: its notches become lines.",
                "Under a loupe no light comes back from the edge.",
                NOSE_RADIUS.id(),
                say.length(cut.signature().noseRadiusMm()),
                List.of("Stroke away from the edge; a finished bit cuts skin without being felt."),
                List.of(Working.of(
                                "Smallest chip, stoned",
                                "s · r",
                                mm(cut.cutting().smallestChipMm().low()))
                        .with(
                                "s",
                                "share of the radius",
                                number(cut.job().tool().minimumChipShare().low())
                                        .fromTable())
                        .with(
                                "r",
                                "the edge's own",
                                mm(cut.job().tool().edgeRadiusMm().low()).assumed())
                        .told(say)),
                honeScene());
    }

    private List<Step> working(Pass pass) {
        GrindingSetting setting = pass.setting();
        Vector3D normal = setting.groundNormal();
        Vector3D up = setting.down().up();
        Vector3D across = Products.cross(Vector3D.PLUS_J, up);
        List<Step> steps = new ArrayList<>();
        steps.add(Working.of("Tilt of the rest, by the surface's normal", "asin(d)", rad(setting.tiltRad()))
                .with("d", "down to the rest", number(-Products.dot(normal, up)))
                .told(say));
        steps.add(Working.of(
                        "Swing of the shank; 0° points the bit straight into the wheel",
                        "atan2(x; y)",
                        rad(setting.swingRad()))
                .with("x", "across the shank", number(Products.dot(normal, across)))
                .with("y", "along it", number(Products.dot(normal, Vector3D.PLUS_J)))
                .told(say));
        if (pass.hollow().leanAtEdge() > 0) {
            steps.add(
                    Working.of("Hollow", "R − √(R² − w² / 4)", mm(pass.hollow().sagMm()))
                            .with("R", "of the wheel", mm(pass.hollow().wheelRadiusMm()))
                            .with("w", "height of the surface", mm(pass.hollow().heightMm()))
                            .told(say));
        }
        return steps;
    }

    private String swingWords(Pass pass) {
        double swing = pass.setting().swingRad();
        String side = swing >= 0 ? "left" : "right";
        double fromParallel = Math.PI / 2 - Math.abs(swing);
        if (Math.abs(fromParallel) < Math.toRadians(45)) {
            String off = Math.abs(fromParallel) < 1e-6
                    ? "Lay the shank along the wheel's face"
                    : "Turn the shank " + precise(Math.abs(fromParallel)) + " from lying along the wheel's face, its "
                            + (fromParallel > 0 ? "point" : "heel") + " nearer the wheel";
            return off + ", point to the " + side + ".";
        }
        return "Point the bit at the wheel, then swing its point " + precise(Math.abs(swing)) + " to the " + side + ".";
    }

    private String square(double swing) {
        return precise(Math.abs(swing));
    }

    private static String precise(double radians) {
        return Written.places(Math.toDegrees(radians), 1) + "°";
    }

    private static String id(Surface surface) {
        return Entry.choice(surface);
    }

    private static String name(Surface surface) {
        return switch (surface) {
            case FACE -> "Grind the top";
            case SIDE_FLANK -> "Grind the side flank";
            case END_FLANK -> "Grind the end flank";
            default -> "Round the nose";
        };
    }

    private String why(Surface surface, boolean first) {
        return switch (surface) {
            case FACE ->
                first
                        ? "First, so that height and rake are a datum for the flanks."
                        : "After the flanks, in one light pass, so that the edge is made cool and once.";
            case SIDE_FLANK ->
                "It makes the leading edge and its clearance; the bit is still stout while most comes off.";
            case END_FLANK -> "It makes the end edge and sets the length of the bit.";
            default -> "Last, when both flanks stand, so that it blends into both.";
        };
    }

    private static String check(Surface surface) {
        return switch (surface) {
            case FACE -> "Protractor along and across the top; the grinding line reaches the edge everywhere.";
            case SIDE_FLANK -> "Protractor from the base up the flank, square to the shank; lead against the shank.";
            case END_FLANK -> "Protractor from the base up the end, along the shank; end angle with a square.";
            default -> "Radius gauge or loupe with a graticule; no flat where it meets the flanks.";
        };
    }

    private static String measures(Surface surface) {
        return switch (surface) {
            case FACE -> SIDE_RAKE.id();
            case SIDE_FLANK -> SIDE_RELIEF.id();
            case END_FLANK -> END_RELIEF.id();
            default -> NOSE_RADIUS.id();
        };
    }

    private String target(Surface surface) {
        return switch (surface) {
            case FACE -> say.angle(cut.signature().sideRake());
            case SIDE_FLANK -> say.angle(cut.signature().sideRelief());
            case END_FLANK -> say.angle(cut.signature().endRelief());
            default -> say.length(cut.signature().noseRadiusMm());
        };
    }

    /** The wheel from its side with the tilted rest, and from above with the swung bit. */
    private Scene scene(Pass pass) {
        GrindingSetting setting = pass.setting();
        SceneBuilder scene = new SceneBuilder("grind-" + id(pass.surface()), name(pass.surface()));
        boolean cup = Double.isInfinite(pass.hollow().wheelRadiusMm());
        double tilt = setting.tiltRad();
        // Side view: wheel on the right, contact at its height of centre.
        double contactX = 29;
        double contactY = 42;
        scene.place(0, 0, 1);
        if (cup) {
            scene.run(Role.FIXTURE, true, contactX, 22, contactX + 6, 22, contactX + 6, 62, contactX, 62);
            scene.line(Role.CENTRE, contactX - 4, contactY, contactX + 16, contactY);
        } else {
            scene.circle(Role.FIXTURE, contactX + 15, contactY, 15);
            scene.line(Role.CENTRE, contactX - 4, contactY, contactX + 33, contactY);
            scene.line(Role.CENTRE, contactX + 15, contactY - 18, contactX + 15, contactY + 18);
        }
        double c = Math.cos(tilt);
        double s = Math.sin(tilt);
        // Bit: a bar leaning so that its ground plane stands upright at the wheel; rest below it.
        double h = 9;
        double length = 23;
        double cornerX = contactX - 0.1;
        double cornerY = contactY - h / 2;
        bar(scene, Role.TOOL, cornerX, cornerY, c, s, length, h, tilt);
        bar(scene, Role.EDGE, cornerX, cornerY, c, s, length, h, tilt);
        double restX = cornerX - 3 * c + 0.8 * s;
        double restY = cornerY - 3 * s - 0.8 * c;
        scene.run(
                Role.FIXTURE,
                true,
                restX,
                restY,
                restX - 23 * c,
                restY - 23 * s,
                restX - 23 * c + 3 * s,
                restY - 23 * s - 3 * c,
                restX + 3 * s,
                restY - 3 * c);
        scene.line(Role.CENTRE, restX - 30 * c, restY - 30 * s, restX - 30 * c + 32, restY - 30 * s);
        if (tilt > 0.002) {
            scene.angle(restX - 30 * c, restY - 30 * s, 0, tilt, 16);
        }
        scene.label(Role.DIMENSION, 4, 14, Anchor.START, "rest tilted " + precise(tilt));
        scene.label(Role.CAPTION, 4, 9.5, Anchor.START, "from the side; " + (cup ? "cup wheel" : "wheel not to scale"));

        // From above the rest: the wheel's face is a line, the bit swung on the rest.
        double planX = 84;
        double planY = 50;
        scene.run(
                Role.FIXTURE, true, planX - 13, planY, planX + 13, planY, planX + 13, planY + 7, planX - 13, planY + 7);
        double swing = setting.swingRad();
        double ux = -Math.sin(swing);
        double uy = Math.cos(swing);
        double half = 3.2;
        double nx = -uy;
        double ny = ux;
        double back = 21;
        double[] outline = {
            nx * half,
            ny * half,
            -nx * half,
            -ny * half,
            -nx * half - ux * back,
            -ny * half - uy * back,
            nx * half - ux * back,
            ny * half - uy * back
        };
        // Slide the bit until it touches the wheel's face, its touching corner on the wheel's axis.
        double touchX = 0;
        double touchY = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < outline.length; i += 2) {
            if (outline[i + 1] > touchY) {
                touchY = outline[i + 1];
                touchX = outline[i];
            }
        }
        boolean along = Math.abs(swing) > Math.PI / 4;
        double px = along ? planX + ux * back / 2 : planX - touchX;
        double py = planY - touchY;
        for (int i = 0; i < outline.length; i += 2) {
            outline[i] += px;
            outline[i + 1] += py;
        }
        scene.filled(Role.TOOL, Role.EDGE, outline);
        scene.line(Role.CENTRE, px - ux * (back + 4), py - uy * (back + 4), px + ux * 3, py + uy * 3);
        scene.line(Role.CENTRE, planX, planY + 10, planX, planY - 26);
        scene.label(Role.DIMENSION, 96, 14, Anchor.END, "shank " + precise(Math.abs(swing)) + " from the wheel's axis");
        scene.label(Role.CAPTION, 96, 9.5, Anchor.END, "looking down on the rest");
        scene.label(Role.CAPTION, 50, 69, Anchor.MIDDLE, "bit " + setting.down().words());
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles true, sizes not to scale");
    }

    private static void bar(
            SceneBuilder scene,
            Role role,
            double x,
            double y,
            double c,
            double s,
            double length,
            double h,
            double tilt) {
        double lean = h * Math.tan(tilt);
        // The ground end stands upright: the top corner is back along the bar by h·tan(tilt).
        scene.run(
                role,
                true,
                x,
                y,
                x - h * s + lean * c,
                y + h * c + lean * s,
                x - length * c - h * s,
                y - length * s + h * c,
                x - length * c,
                y - length * s);
    }

    private Scene honeScene() {
        SceneBuilder scene = new SceneBuilder("grind-hone", "Stone the edge");
        scene.place(0, 0, 1);
        double tip = 60;
        double rake = cut.wedge().sideAngles(boldwedge.core.wedge.Frame.IN_HAND).normalRake();
        double clear =
                cut.wedge().sideAngles(boldwedge.core.wedge.Frame.IN_HAND).normalClearance();
        double y = 44;
        double back = 44;
        double[] wedge = {
            tip,
            y,
            tip - back * Math.cos(rake),
            y - back * Math.sin(rake),
            tip - back * Math.cos(rake),
            14,
            tip - (y - 14) * Math.tan(clear),
            14
        };
        scene.filled(Role.GROUND, Role.EDGE, wedge);
        scene.angle(tip, y, Math.PI, Math.PI + Math.max(0.001, rake), 26);
        scene.label(Role.DIMENSION, tip - 30, y + 5, Anchor.MIDDLE, "rake square to the edge " + say.angle(rake));
        scene.angle(tip, y, -Math.PI / 2 - clear, -Math.PI / 2, 20);
        scene.label(Role.DIMENSION, tip + 2, 27, Anchor.START, "clearance " + say.angle(clear));
        scene.label(Role.DIMENSION, tip - 22, 30, Anchor.MIDDLE, "wedge " + say.angle(Math.PI / 2 - rake - clear));
        scene.run(
                Role.FIXTURE,
                true,
                tip + 1.2,
                y + 3,
                tip + 5,
                y + 3,
                tip + 5 - 26 * Math.tan(clear),
                y - 23,
                tip + 1.2 - 26 * Math.tan(clear),
                y - 23);
        scene.label(Role.CAPTION, 50, 8, Anchor.MIDDLE, "cut square across the side edge");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles true");
    }
}
