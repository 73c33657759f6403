package boldwedge.core.language.words;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.trial.Measured;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordedTest {
    private static final Path FILES = Path.of("src/main/resources/boldwedge/core");

    private static List<Class<?>> worded() {
        return new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("boldwedge.core").stream()
                        .filter(one -> one.isEnum() && one.isAssignableTo(Worded.class))
                        .map(JavaClass::reflect)
                        .<Class<?>>map(one -> one)
                        // A constant with a body of its own is of a class that has no constants.
                        .filter(one -> one.getEnumConstants() != null)
                        .toList();
    }

    /** Every constant has words of its own among its fellows: two that read alike could not be told apart in a list. */
    @Test
    void everyConstantHasWordsOfItsOwn() {
        for (Class<?> type : worded()) {
            List<String> words = Arrays.stream(type.getEnumConstants())
                    .map(one -> ((Worded) one).words())
                    .toList();
            assertThat(words)
                    .as(type.getName())
                    .doesNotHaveDuplicates()
                    .allSatisfy(one -> assertThat(one).isNotBlank().isEqualTo(one.strip()));
        }
    }

    @Test
    void everyLineOfTheFilesIsUsed() throws IOException {
        List<String> keys = new ArrayList<>();
        for (Class<?> type : worded()) {
            for (Object one : type.getEnumConstants()) {
                keys.add(WordsFile.key(type, ((Enum<?>) one).name()));
            }
        }
        List<String> lines = new ArrayList<>();
        try (Stream<Path> files = Files.walk(FILES)) {
            for (Path file :
                    files.filter(one -> one.endsWith("words.properties")).toList()) {
                Properties read = new Properties();
                try (InputStreamReader in = new InputStreamReader(Files.newInputStream(file), StandardCharsets.UTF_8)) {
                    read.load(in);
                }
                lines.addAll(read.stringPropertyNames());
            }
        }
        assertThat(lines).containsExactlyInAnyOrderElementsOf(keys);
    }

    @Test
    void wordsStandUnderTheEnumsNameAndThatInWhichItLies() {
        assertThat(Hold.CHUCK.words()).isEqualTo("in the chuck");
        assertThat(WordsFile.key(Measured.Chip.class, "BLUE")).isEqualTo("Measured.Chip.BLUE");
    }
}
