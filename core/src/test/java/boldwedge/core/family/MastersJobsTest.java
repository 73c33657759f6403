package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.TestFactory;

/** The jobs of {@code jobs.txt}: each with what a master says first, does first and never says. */
@Tag("written")
class MastersJobsTest {
    static List<MastersJob> jobs() {
        try (InputStream in = MastersJobsTest.class.getResourceAsStream("jobs.txt")) {
            List<MastersJob> jobs = new ArrayList<>();
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList()) {
                if (line.startsWith("job ")) {
                    jobs.add(new MastersJob(line.substring(4).strip()));
                } else if (!line.isBlank() && !line.startsWith("#")) {
                    jobs.getLast().line(line);
                }
            }
            return jobs;
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @TestFactory
    Stream<DynamicTest> answeredAsAMasterWould() {
        return jobs().stream()
                .map(job -> DynamicTest.dynamicTest(
                        job.sentence(), () -> assertThat(job.shortfalls()).isEmpty()));
    }
}
