package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.recording.Questions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Solids read by a mesh checker that knows nothing of this program: closed, one body, nothing to turn round, nothing to mend. */
class MeshCheckerTest {
    private static final int OF_EACH = 3;
    private static final Pattern FIGURE = Pattern.compile("([A-Z][A-Za-z ]+?)\\s*:\\s+(\\d+)");

    @TempDir
    private static Path folder;

    /** A few of every family that has solids. */
    static Stream<String> questions() {
        Map<String, Integer> taken = new LinkedHashMap<>();
        return Questions.all().stream()
                .filter(question -> taken.getOrDefault(family(question.name()), 0) < OF_EACH)
                .filter(question -> Planner.solid(question.request()).isPresent())
                .peek(question -> taken.merge(family(question.name()), 1, Integer::sum))
                .map(Questions.Question::name)
                .toList()
                .stream();
    }

    private static String family(String question) {
        return question.substring(0, question.indexOf('-'));
    }

    @ParameterizedTest
    @MethodSource("questions")
    void aCheckerMendsNothing(String name) throws Exception {
        Solid solid = Questions.all().stream()
                .filter(question -> question.name().equals(name))
                .findFirst()
                .flatMap(question -> Planner.solid(question.request()))
                .orElseThrow();
        for (int i = 0; i < solid.shells().size(); i++) {
            Path file = folder.resolve(name + "-" + i + ".stl");
            Files.writeString(
                    file, new Solid(solid.name(), List.of(solid.shells().get(i))).stl());
            Map<String, Integer> seen = checked(file);
            assertThat(seen).as(name).containsEntry("Number of parts", 1);
            for (String wrong : List.of(
                    "Total disconnected facets",
                    "Degenerate facets",
                    "Edges fixed",
                    "Facets removed",
                    "Facets added",
                    "Facets reversed",
                    "Backwards edges",
                    "Normals fixed")) {
                assertThat(seen).as(name).containsEntry(wrong, 0);
            }
        }
    }

    /** What the checker counts, by what it calls it. */
    private static Map<String, Integer> checked(Path file) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("admesh", "-f", "-d", file.toString())
                .redirectErrorStream(true)
                .start();
        String told = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(told).isZero();
        Map<String, Integer> figures = new LinkedHashMap<>();
        Matcher matcher = FIGURE.matcher(told);
        while (matcher.find()) {
            figures.put(matcher.group(1).strip(), Integer.parseInt(matcher.group(2)));
        }
        return figures;
    }
}
