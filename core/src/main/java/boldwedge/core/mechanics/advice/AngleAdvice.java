package boldwedge.core.mechanics.advice;

import boldwedge.core.language.finding.Alternative;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.RecommendedAngles;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;

/**
 * The angles to begin with: the handbook's range for the work and the tool material, and the value chosen in it for this
 * operation, finish and machine, with the reason.
 *
 * @param backRake back rake
 * @param sideRake side rake
 * @param endRelief end relief
 * @param sideRelief side relief
 * @param endEdge end cutting-edge angle
 * @param sideEdge side cutting-edge angle (lead)
 * @param noseRadius nose radius, mm
 */
public record AngleAdvice(
        Advised backRake,
        Advised sideRake,
        Advised endRelief,
        Advised sideRelief,
        Advised endEdge,
        Advised sideEdge,
        Advised noseRadius) {
    private static final double DEG = Math.PI / 180;
    private static final String PRACTICE =
            "US Army TC 9-524, ch. 7 (lathe tool bits); the choice within the range is ours, by the reason given";

    /**
     * One recommended value.
     *
     * @param span range and choice; radians, or mm for the nose
     * @param reason why this value
     * @param source where the range comes from
     * @param schools where practitioners differ
     */
    public record Advised(Span span, String reason, String source, List<Alternative> schools) {
        public double chosen() {
            return span.chosen();
        }
    }

    /**
     * What the choice depends on.
     *
     * @param operation what is done
     * @param raMicrometre the finish wanted, Ra in µm
     * @param slenderness free length of the work over its diameter, held ends counted (see {@code Hold.slenderness})
     * @param depthMm depth of cut, mm
     * @param motorWatt motor power: a light lathe takes a smaller nose
     * @param units what the shop measures in: noses are chosen from its gauges
     */
    public record Circumstances(
            Operation operation,
            double raMicrometre,
            double slenderness,
            double depthMm,
            double motorWatt,
            UnitSystem units) {}

    /** The seven values of the signature, as chosen. */
    public ToolSignature signature() {
        return new ToolSignature(
                backRake.chosen(),
                sideRake.chosen(),
                endRelief.chosen(),
                sideRelief.chosen(),
                endEdge.chosen(),
                sideEdge.chosen(),
                noseRadius.chosen());
    }

    /** Advice for this work, blank and cut. */
    public static AngleAdvice on(WorkMaterial work, Blank blank, Circumstances cut) {
        StockCatalogue stock = StockCatalogue.shipped();
        ToolMaterial tool = stock.toolMaterial(blank);
        RecommendedAngles table = stock.anglesFor(work, tool);
        boolean fine = cut.raMicrometre() <= 1.0;
        boolean slender = cut.slenderness() > 4;
        Rake rake = new Rake(work, tool, table, fine, slender);
        return new AngleAdvice(
                bought(rake.advise(table.backRake(), "back"), blank, Blank.BoughtAngles::backRake),
                bought(rake.advise(table.sideRake(), "side"), blank, Blank.BoughtAngles::sideRake),
                bought(relief(table.endRelief(), work, table), blank, Blank.BoughtAngles::endRelief),
                bought(relief(table.sideRelief(), work, table), blank, Blank.BoughtAngles::sideRelief),
                bought(endEdge(cut, fine), blank, Blank.BoughtAngles::endEdge),
                bought(sideEdge(cut, slender), blank, Blank.BoughtAngles::sideEdge),
                nose(cut, slender));
    }

    private record Rake(WorkMaterial work, ToolMaterial tool, RecommendedAngles table, boolean fine, boolean slender) {
        Advised advise(Span span, String which) {
            double chosen = span.chosen();
            StringBuilder reason = new StringBuilder(table.why()).append('.');
            if (fine && span.high() > span.chosen()) {
                chosen += 0.3 * (span.high() - span.chosen());
                reason.append(" A little more of it for the fine finish.");
            }
            if (slender && span.high() > chosen) {
                chosen += 0.3 * (span.high() - chosen);
                reason.append(" And a little more because the work is slender: more rake pushes less.");
            }
            // To the half degree, which is what a protractor shows; but never out of the table's range.
            chosen = Math.clamp(Math.rint(chosen / DEG * 2) / 2 * DEG, span.low(), span.high());
            List<Alternative> schools = which.equals("back") && tool.family() == ToolMaterial.Family.HSS
                    ? List.of(
                            new Alternative(
                                    "Back and side rake",
                                    "The chip leaves the finished surface, and the point cuts freely",
                                    chosen > 0),
                            new Alternative(
                                    "Side rake only",
                                    "Top stays level at the point: height does not change as it is reground",
                                    chosen == 0))
                    : List.of();
            return new Advised(span.choosing(chosen), reason.toString(), table.source(), schools);
        }
    }

    private static Advised relief(Span span, WorkMaterial work, RecommendedAngles table) {
        String reason = work.group().equals("O")
                ? "The plastic springs back behind the edge: it needs room."
                : "Enough that the flank does not rub, no more: the metal under the edge carries heat away.";
        return new Advised(span, reason, table.source(), List.of());
    }

    private static Advised endEdge(Circumstances cut, boolean fine) {
        double chosen = fine ? 7 : 10;
        String reason = fine
                ? "Small, so that the end edge trails close to the finished surface and wipes the feed marks."
                : "Enough that the end of the tool does not drag behind the point.";
        if (cut.operation().meetsAFace()) {
            chosen = 12;
            reason = "A little more, so that the end edge clears when the bit is used on a diameter and on a face.";
        }
        return new Advised(span(5, chosen, 20), reason, PRACTICE, List.of());
    }

    private static Advised sideEdge(Circumstances cut, boolean slender) {
        List<Alternative> schools = List.of(
                new Alternative(
                        "Lead of 10–20°",
                        "Thinner chip over a longer edge, gentle entry, longer life; pushes the work harder",
                        !cut.operation().meetsAFace() && !slender),
                new Alternative(
                        "No lead",
                        "Pushes along the axis, where the work is stiff, and leaves a square shoulder",
                        cut.operation().meetsAFace() || slender));
        return switch (cut.operation()) {
            case TURN ->
                slender
                        ? new Advised(
                                span(0, 3, 15),
                                "Nearly none, because the work is slender: the push goes along it, not across.",
                                PRACTICE,
                                schools)
                        : new Advised(
                                span(0, 15, 30),
                                "A lead thins the chip and eases the entry; this work is stiff enough for it.",
                                PRACTICE,
                                schools);
            case SHOULDER ->
                new Advised(
                        span(-5, -2, 0),
                        "A touch past square, so that only the point meets the shoulder.",
                        PRACTICE,
                        schools);
            case FACE, TURN_AND_FACE ->
                new Advised(
                        span(-8, -4, -1),
                        "Past square, so that the side edge clears the face when the tool is fed across.",
                        PRACTICE,
                        schools);
        };
    }

    private static Advised nose(Circumstances cut, boolean slender) {
        double chosen = 0.8;
        List<String> why = new ArrayList<>();
        if (slender) {
            chosen = 0.3;
            why.add("small, because slender work is pushed off by a big nose");
        } else if (cut.motorWatt() < 800) {
            chosen = 0.4;
            why.add("modest, because a light lathe chatters on a big nose");
        } else {
            why.add("as this lathe is stiff enough to carry it");
        }
        double most = Math.max(0.2, 2 * cut.depthMm());
        if (chosen > most) {
            chosen = most;
            why.add("held down because a cut of " + new UnitFormat(cut.units()).length(cut.depthMm())
                    + " on a bigger nose would be nearly all push");
        }
        chosen = cut.units().nose(chosen);
        String words = String.join("; ", why);
        return new Advised(
                new Span(0.1, chosen, 1.6),
                Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".",
                PRACTICE,
                List.of(
                        new Alternative("Small nose", "Pushes less, cuts lighter, does not chatter", chosen < 0.6),
                        new Alternative("Generous nose", "Finer finish at the same feed, longer life", chosen >= 0.6)));
    }

    /** A brazed bit is used as bought where that lies within reason: what it has need not be ground. */
    private static Advised bought(
            Advised advised, Blank blank, java.util.function.ToDoubleFunction<Blank.BoughtAngles> angle) {
        if (blank.bought().isEmpty()) {
            return advised;
        }
        double has = angle.applyAsDouble(blank.bought().get());
        if (advised.span().holds(has)) {
            return new Advised(
                    advised.span().choosing(has),
                    "As bought: it lies in the range, so it need not be ground. " + advised.reason(),
                    advised.source(),
                    advised.schools());
        }
        return new Advised(
                advised.span(),
                Written.words(
                        "It comes with %s, which is outside the range. %s", Written.degrees(has), advised.reason()),
                advised.source(),
                advised.schools());
    }

    private static Span span(double lowDegrees, double chosenDegrees, double highDegrees) {
        return new Span(lowDegrees * DEG, chosenDegrees * DEG, highDegrees * DEG);
    }
}
