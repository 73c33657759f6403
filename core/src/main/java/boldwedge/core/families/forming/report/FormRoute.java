package boldwedge.core.families.forming.report;

import boldwedge.core.families.forming.entry.FormField;
import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.model.Profile.Corner;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** How the bit is ground and the form cut, step by step with its reasons. */
record FormRoute(FormCut cut, UnitFormat say, Scene profile, Scene face, Scene template, Scene bit) {
    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>(List.of(templates(), rough(), clearance()));
        if (job().sideRelieved()) {
            steps.add(sides());
        }
        steps.addAll(List.of(top(), set()));
        if (job().roughed()) {
            steps.add(staircase());
        }
        steps.addAll(List.of(form(), proof()));
        return steps;
    }

    private FormJob job() {
        return cut.job();
    }

    private MakeStep templates() {
        return MakeStep.of(
                "template",
                "Print the template",
                template,
                List.of(
                        "Print it, and check the bar of 50 mm with a rule before it is used.",
                        "Glue it to sheet, file the sheet to the line: male for the work, female for the bit.",
                        job().corrected() && cut.rakeRad() > 0
                                ? "It is the bit’s face, corrected for its rake: not the work’s profile."
                                : "It is the work’s profile, and the bit’s."),
                "A wheel has no scale: what is ground is held against a template until no light shows.",
                "Bar 50 mm, width " + say.length(job().profile().widthMm()) + ".");
    }

    private MakeStep rough() {
        List<String> lines = new ArrayList<>();
        lines.add("Along, and deep on the face; square to the flank in brackets:");
        List<Corner> corners = cut.corners();
        double from = corners.getFirst().xMm();
        for (int i = 0; i < corners.size(); i++) {
            Corner corner = corners.get(i);
            lines.add((i + 1) + ": " + say.length(corner.xMm() - from) + ", "
                    + say.length(cut.depthOnFaceMm(corner.radiusMm())) + " ("
                    + say.length(cut.correction().acrossFlankMm(corner.radiusMm())) + ")"
                    + (corner.arcMm() == 0 ? "" : ", by an arc of " + say.length(Math.abs(corner.arcMm()))));
        }
        return MakeStep.of(
                        "profile",
                        "Grind the profile",
                        face,
                        lines,
                        "Deep in the work is short on the bit: the smallest radius is its foremost point.",
                        "No light between face and template.")
                .cautioned(
                        "Glasses, rest close to the wheel; a dressed corner or a narrow wheel for what is hollow. Cool it often.");
    }

    private MakeStep clearance() {
        return MakeStep.of(
                        "clearance",
                        "Clear it below",
                        bit,
                        List.of(
                                "Rest tilted by " + say.angle(job().clearanceRad())
                                        + ": the same profile all the way down the front.",
                                "The template held against the face, not against the slope."),
                        "Where the profile is steep, little of it is left: " + say.angle(cut.leastClearanceRad())
                                + " at the steepest.",
                        "Candle black on the front, turned by hand against the work: only the edge wipes off.")
                .measuring(FormField.CLEARANCE, say.angle(job().clearanceRad()), List.of());
    }

    private MakeStep sides() {
        return MakeStep.of(
                "sides",
                "Relieve the steep stretches",
                bit,
                List.of(
                        "Under the edge of each steep stretch a few degrees to the side, by a stone or a corner of the wheel.",
                        "Not into the edge: it keeps its line on the face."),
                "Square shoulders have no clearance from the front at all.",
                "Seen from below, the edge is the widest line.");
    }

    private MakeStep top() {
        return MakeStep.of(
                        "top",
                        "Stone the top",
                        bit,
                        List.of(
                                cut.rakeRad() > 0
                                        ? "Rake " + say.angle(cut.rakeRad()) + ", ground flat, then stoned."
                                        : "Flat, without rake, stoned bright.",
                                "It is sharpened here only: the profile stays."),
                        "Every regrind of the top keeps the form as long as its rake stays.",
                        "Held against the template once more.")
                .measuring(FormField.RAKE, say.angle(cut.rakeRad()), List.of());
    }

    private MakeStep set() {
        return MakeStep.of(
                "set",
                "Set it on centre",
                bit,
                List.of(
                        "Its foremost point at centre height, exactly: by a gauge or a test cut on the end.",
                        "Square to the work by its flat side; short in the post, everything locked but the cross-slide."),
                "The profile was worked out for centre height; off it, radii come out wrong.",
                "On scrap of the same size: both ends touch at once.");
    }

    private MakeStep staircase() {
        List<String> lines = new ArrayList<>();
        lines.add("With a grooving or a round-nosed bit, " + say.length(FormCut.LEFT_MM) + " left on each side:");
        for (Corner corner : cut.corners()) {
            lines.add("at " + say.length(corner.xMm() - cut.corners().getFirst().xMm()) + " down to "
                    + say.length(2 * (corner.radiusMm() + FormCut.LEFT_MM)));
        }
        return MakeStep.of(
                "steps",
                "Rough it by steps",
                profile,
                lines,
                "A form bit only finishes: so it keeps its edge, and does not sing.",
                "The template lies on the steps.");
    }

    private MakeStep form() {
        return MakeStep.of(
                        "form",
                        "Form it",
                        profile,
                        List.of(
                                say.rpm(cut.rpm()) + ", " + say.feed(cut.feedMm()) + ", in to "
                                        + say.length(2 * job().profile().smallestMm()) + " at the thinnest.",
                                job().work().group().equals("K") ? "Dry." : "Oil, plenty.",
                                (job().dwell() == 1 ? "A turn" : job().dwell() + " turns")
                                        + " at the bottom, then out at once."),
                        "If it begins to sing: slower at once, feed up, never let it rub.",
                        "The thinnest place by a micrometer.")
                .cautioned("It grabs: hands off, shield on, stand out of the plane of the work.");
    }

    private MakeStep proof() {
        return MakeStep.of(
                "try",
                "Hold it against the template",
                profile,
                List.of(
                        "The work’s template against the light; thinnest and thickest place measured.",
                        "Write down what was measured under Prove."),
                "A form is right when no light shows.",
                "No light over " + say.length(job().formMm()) + ".");
    }
}
