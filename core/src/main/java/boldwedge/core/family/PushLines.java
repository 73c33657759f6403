package boldwedge.core.family;

import static boldwedge.core.language.measure.Amount.newtonMetres;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.newtonsPerMm;

import boldwedge.core.family.ToolTests.Line;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.trial.PushTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** Reads the lines of a push test, and tells how they gave their slope; what is wrong goes beside the line and column: {@code 2.up}. */
public final class PushLines {
    private static final Limits PULL = new Limits(Quantity.FORCE, 0, 5000);
    private static final Limits MOVED = new Limits(Quantity.LENGTH, -5, 5);

    private PushLines() {}

    /**
     * The readings; empty lines are passed over.
     *
     * @param errors takes a sentence for each text that cannot be read
     * @param before what the names of lines begin with there; empty for a test that has but one table
     */
    public static List<PushTest.Reading> read(
            List<Line> lines, UnitSystem units, Map<String, String> errors, String before) {
        List<PushTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (line.load().isBlank() && line.up().isBlank() && line.down().isBlank()) {
                continue;
            }
            String at = before + i;
            OptionalDouble load = value(errors, at + ".load", line.load(), PULL, units);
            OptionalDouble up = value(errors, at + ".up", line.up(), MOVED, units);
            OptionalDouble down = line.down().isBlank()
                    ? OptionalDouble.empty()
                    : value(errors, at + ".down", line.down(), MOVED, units);
            if (load.isPresent() && up.isPresent()) {
                readings.add(new PushTest.Reading(load.getAsDouble(), up.getAsDouble(), down));
            }
        }
        return readings;
    }

    /** How a test's stiffness came about. */
    public static Step slope(String what, PushTest test, UnitFormat say) {
        return Working.of(what + ": slope by least squares", "s² / c", newtonsPerMm(test.stiffnessNPerMm()))
                .with("s", "spread of the pulls", newtons(test.scatter().pullN()))
                .with(
                        "c",
                        "of pulls and readings together",
                        newtonMetres(test.scatter().togetherNmm() / 1000))
                .meaning(test.spreadNPerMm().stream()
                        .mapToObj(spread -> " ± " + say.stiffness(spread))
                        .findFirst()
                        .orElse(""))
                .told(say);
    }

    /** One text; empty, and a sentence in its place, when it cannot be read. */
    public static OptionalDouble value(
            Map<String, String> errors, String where, String text, Limits limits, UnitSystem units) {
        return switch (MeasureParser.parse(text, limits, units)) {
            case Parsed.Good<Reading>(Reading good) -> OptionalDouble.of(good.value());
            case Parsed.Wrong<Reading> wrong -> {
                errors.put(where, wrong.sentence());
                yield OptionalDouble.empty();
            }
        };
    }
}
