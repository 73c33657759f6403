package boldwedge.core.jobs.report;

import static boldwedge.core.jobs.entry.EdgeLifeField.*;

import boldwedge.core.jobs.entry.EdgeLifeField;
import boldwedge.core.jobs.model.EdgeLife;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is said of an edge that wears; of what is not typed nothing is said.
 *
 * @param errors what cannot be read, by field
 * @param sentences when, how much, how often, how many, in that order
 */
public record EdgeLifeAnswer(Map<String, String> errors, List<String> sentences) {
    /** The answer to these texts. */
    public static EdgeLifeAnswer of(Map<String, String> texts, UnitSystem units) {
        Map<String, String> errors = new TreeMap<>();
        Map<EdgeLifeField, Double> values = new EnumMap<>(EdgeLifeField.class);
        for (EdgeLifeField field : EdgeLifeField.values()) {
            String typed = texts.getOrDefault(field.id(), "").strip();
            if (typed.isEmpty()) {
                continue;
            }
            switch (MeasureParser.parse(typed, field.asked().limits().orElseThrow(), units)) {
                case Parsed.Good<Reading>(Reading reading) -> values.put(field, reading.value());
                case Parsed.Wrong<Reading> wrong -> errors.put(field.id(), wrong.sentence());
            }
        }
        return new EdgeLifeAnswer(Map.copyOf(errors), new Telling(values, new UnitFormat(units)).all());
    }

    private record Telling(Map<EdgeLifeField, Double> values, UnitFormat say) {
        List<String> all() {
            List<String> sentences = new ArrayList<>();
            if (has(WEAR)) {
                when(sentences);
            }
            if (has(WEAR) && has(CLEARANCE)) {
                howMuch(sentences);
            }
            if (has(EXPONENT) && has(CHANGE) && has(EDGE_COST) && has(MINUTE_COST)) {
                sentences.add(Written.words(
                        "It costs least when it is changed after about %s of cutting, (1/n − 1)(tc + Ce/Cm): slower or faster until it lasts so long.",
                        Spell.time(EdgeLife.cheapestMin(is(EXPONENT), is(CHANGE), is(EDGE_COST), is(MINUTE_COST)))));
            }
            if (has(LIFE) && has(PIECE)) {
                howMany(sentences);
            }
            if (has(BREAKAGES)) {
                sentences.add(Written.words(
                        "Order when %s are left: nineteen times in twenty they last until new ones come.",
                        EdgeLife.reorderAt(is(BREAKAGES))));
            }
            return List.copyOf(sentences);
        }

        private boolean has(EdgeLifeField field) {
            return values.containsKey(field);
        }

        private double is(EdgeLifeField field) {
            return values.getOrDefault(field, 0.0);
        }

        private void when(List<String> sentences) {
            double wear = is(WEAR);
            sentences.add(
                    wear >= EdgeLife.ROUGHING_MM
                            ? Written.words(
                                    "Grind it now: a land of %s is past what roughing bears, %s.",
                                    say.length(wear), say.length(EdgeLife.ROUGHING_MM))
                            : wear >= EdgeLife.FINISHING_MM
                                    ? Written.words(
                                            "Grind it for size and finish, which bear %s; it may rough on to %s.",
                                            say.length(EdgeLife.FINISHING_MM), say.length(EdgeLife.ROUGHING_MM))
                                    : Written.words(
                                            "It may cut on: size and finish bear a land of %s.",
                                            say.length(EdgeLife.FINISHING_MM)));
            sentences.add(
                    "At once, whatever the land: a nose that crumbles, blue where it was not, sparks, a squeal. Each costs several regrinds later.");
        }

        private void howMuch(List<String> sentences) {
            EdgeLife edge = new EdgeLife(is(WEAR), is(CLEARANCE));
            sentences.add(Written.words(
                    "The work has grown by %s on the diameter since it was sharp, 2 · VB · tan α.",
                    say.length(edge.driftMm())));
            sentences.add(Written.words(
                    "Off the flank %s clears the land, VB · sin α; off the face it would take all %s. Flank wear off the flank, a crater off the face; burnt: all colour and %s more.",
                    say.length(edge.offFlankMm()), say.length(edge.offFaceMm()), say.length(EdgeLife.BURNT_MM)));
            if (has(STOCK) && edge.wearMm() > 0) {
                sentences.add(Written.words(
                        "%s can still be ground off: about %s regrinds off the flank, %s off the face. Honed between grinds it lasts longer.",
                        say.length(is(STOCK)),
                        EdgeLife.regrinds(is(STOCK), edge.offFlankMm()),
                        EdgeLife.regrinds(is(STOCK), edge.offFaceMm())));
            }
        }

        private void howMany(List<String> sentences) {
            int pieces = EdgeLife.pieces(is(LIFE), is(PIECE));
            if (pieces == 0) {
                sentences.add(Written.words(
                        "It does not last for one piece: %s of cutting, and a piece takes %s. Speed down to the chart first.",
                        Spell.time(is(LIFE)), Spell.time(is(PIECE))));
                return;
            }
            sentences.add(
                    pieces == 1
                            ? "It makes one piece: change it after each."
                            : Written.words("At %s pieces change it, before it fails on the next.", pieces));
            if (has(WANTED)) {
                int wanted = (int) is(WANTED);
                int bad = Math.max(1, (int) Math.floor(pieces * EdgeLife.BAD_END));
                sentences.add(Written.words(
                        "%s pieces take %s edges; %s where they last half as long.",
                        wanted, EdgeLife.edges(wanted, pieces), EdgeLife.edges(wanted, bad)));
            }
            sentences.add(
                    "A life that comes out short: speed down to the chart, then rake, nose or land by how it failed, then the material. Never more force.");
        }
    }
}
