package boldwedge.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.audit.Lines.Line;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TypedCut;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanRequest;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a line means is drawn first, then how it is said; it is read as it was meant. */
class LinesTest {
    private static final int LINES = 4000;
    private static final int PLANNED = 1000;
    private static final long SEED = 26;
    /** Fields whose usual choice needs one that is ground for it. */
    private static final Set<String> GROUND_FOR_IT = Set.of("boreBit", "keyBit");

    @Test
    void linesAreReadAsTheyAreMeant() {
        Lines lines = new Lines(SEED);
        assertThat(Stream.generate(lines::next).limit(LINES))
                .flatExtracting(
                        line -> line.misread().map(how -> line.text() + " [" + line.units() + "]: " + how).stream()
                                .toList())
                .isEmpty();
    }

    /** What the program chooses itself is not refused, but where a bit must be ground for so small a bar. */
    @Test
    void whatNobodySaidIsNotRefused() {
        Lines lines = new Lines(SEED + 1);
        assertThat(Stream.generate(lines::next).limit(PLANNED))
                .flatExtracting(LinesTest::refusedUnsaid)
                .isEmpty();
    }

    private static List<String> refusedUnsaid(Line line) {
        Map<String, String> fields =
                new HashMap<>(TypedCut.read(line.text(), line.units(), Map.of()).fields());
        String machine = "shaft-keyway".equals(fields.get("operation")) ? "ram-5" : "made-30";
        fields.put("lathe", machine);
        return Planner.plan(
                        new PlanRequest(fields, line.units(), Optional.ofNullable(Machines.ALL.get(machine))), Look.CUT)
                .fields()
                .stream()
                .filter(state -> !state.error().isEmpty()
                        && !fields.containsKey(state.id())
                        && !GROUND_FOR_IT.contains(state.id()))
                .map(state -> line.text() + " [" + line.units() + "]: " + state.id() + ": " + state.error())
                .toList();
    }

    /** A line that means something else is told from one that means this. */
    @Test
    void aLineOfAnotherMeaningIsMisread() {
        Line line = new Lines(SEED).next();
        Map<String, String> other = new HashMap<>(line.meant());
        other.put("operation", "nothing of the kind");
        assertThat(new Line(line.text(), line.units(), other).misread()).isPresent();
        assertThat(line.misread()).isEmpty();
    }
}
