package boldwedge.server.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tests that run beside each other, in one process or in several, leave each other's databases alone. */
class ShopFoldersTest {
    @Test
    void clearsWhatKilledRunsLeftAndNothingThatIsInUse(@TempDir Path home) throws Exception {
        Path mine = ShopFolders.fresh(home, ShopFoldersTest::forget);
        Path left = Files.createDirectories(home.resolve("test-left"));
        Path leftHalfMade = Files.createDirectories(home.resolve("test-half"));
        Files.createFile(left.resolve("run"));
        Process another = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Another.class.getName(),
                        home.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        Path theirs = Path.of(new String(another.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
        assertThat(another.waitFor()).isZero();
        assertThat(List.of(mine, theirs)).allMatch(Files::isDirectory);
        assertThat(left).doesNotExist();
        assertThat(leftHalfMade).doesNotExist();

        // It has ended, and with it its lock.
        Path mySecond = ShopFolders.fresh(home, ShopFoldersTest::forget);
        assertThat(theirs).doesNotExist();
        assertThat(List.of(mine, mySecond)).allMatch(Files::isDirectory);
    }

    private static void forget(Path folder) {
        assertThat(folder.resolve("run").toFile().delete()).isTrue();
        assertThat(folder.toFile().delete()).isTrue();
    }

    /** What another run does at its start. */
    static final class Another {
        private Another() {}

        public static void main(String[] home) {
            System.out.print(ShopFolders.fresh(Path.of(home[0]), ShopFoldersTest::forget));
        }
    }
}
