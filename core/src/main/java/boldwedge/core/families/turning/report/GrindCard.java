package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.wedge.GrindingPlan.Pass;
import boldwedge.core.mechanics.wedge.GrindingSetting;
import boldwedge.core.mechanics.wedge.Products;
import boldwedge.core.mechanics.wedge.Surface;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The grinding as a card to work from: each surface's setting, what comes off, what to check. */
final class GrindCard {
    private static final String WHEEL_CAUTION =
            "Glasses and face shield on. Look the wheel over and ring it before it is mounted; stand aside while it runs up;"
                    + " rest within 3 mm of the wheel; guards in place. Check the wheel's marked speed against the spindle's.";
    private static final String FINGERS =
            "Hold small bits in a holder, not in a rag; keep the fingers off the wheel's side of the rest.";

    private final TurningCut cut;
    private final UnitFormat say;
    private final GrindScenes scenes;

    GrindCard(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
        this.scenes = new GrindScenes(cut, say);
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
                0,
                MakeStep.StepTable.NONE,
                List.of(),
                scenes.pass(pass));
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
                0,
                MakeStep.StepTable.NONE,
                List.of(),
                scenes.pass(pass));
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
                0,
                MakeStep.StepTable.NONE,
                List.of(),
                scenes.hone());
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

    static String precise(double radians) {
        return Written.places(Math.toDegrees(radians), 1) + "°";
    }

    static String id(Surface surface) {
        return Entry.choice(surface);
    }

    static String name(Surface surface) {
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
}
