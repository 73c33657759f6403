package boldwedge.core.recording;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No number moves unseen: every figure, margin, cause and rank of three hundred questions is as it stands in the files. */
@Tag("written")
class StandingAnswersTest {
    static Stream<String> families() {
        return StandingAnswers.families().stream();
    }

    @ParameterizedTest
    @MethodSource("families")
    void noNumberMovesUnseen(String family) throws IOException {
        Map<String, String> stand = byName(family, standing(family));
        Map<String, String> now = byName(family, StandingAnswers.of(family));
        List<String> moved = new ArrayList<>();
        stand.forEach((name, stood) -> {
            String is = now.getOrDefault(name, "gone");
            if (!same(stood, is)) {
                moved.add(name + " stood at " + stood + " and is " + is);
            }
        });
        now.keySet().stream().filter(name -> !stand.containsKey(name)).forEach(name -> moved.add(name + " is new"));
        assertThat(moved.stream().limit(20))
                .as("moved; ./bw stand if it was meant")
                .isEmpty();
    }

    /** Each number by question and name, with the verdict where it has one. */
    private static Map<String, String> byName(String family, List<String> lines) {
        Map<String, String> byName = new LinkedHashMap<>();
        String question = "";
        for (String line : lines) {
            if (line.startsWith(family + "-")) {
                question = line;
                byName.put(question, "asked");
            } else {
                String[] parts = line.split("\t");
                byName.put(question + ": " + parts[0], parts[1]);
            }
        }
        return byName;
    }

    private static List<String> standing(String family) throws IOException {
        try (InputStream in = Objects.requireNonNull(
                StandingAnswersTest.class.getResourceAsStream("/answers/" + family + ".txt"), "no answers stand")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
    }

    /** The same words and, to five places, the same number: the sixth may differ between processors. */
    private static boolean same(String stood, String now) {
        if (stood.equals(now)) {
            return true;
        }
        int at = stood.lastIndexOf(' ');
        if (at < 0 || now.lastIndexOf(' ') != at || !stood.substring(0, at).equals(now.substring(0, at))) {
            return false;
        }
        try {
            double before = Double.parseDouble(stood.substring(at + 1));
            double after = Double.parseDouble(now.substring(at + 1));
            return Math.abs(after - before) <= 1e-5 * Math.abs(before) + 1e-12;
        } catch (NumberFormatException word) {
            return false;
        }
    }
}
