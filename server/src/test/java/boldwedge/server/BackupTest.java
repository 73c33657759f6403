package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.server.testing.RunningShop;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup is everything, and comes back as it was; a file that is none changes nothing. */
class BackupTest {
    @Test
    void whatWasBackedUpComesBack(@TempDir Path folder) throws Exception {
        Path backup = folder.resolve("the shop.dump");
        try (RunningShop shop = RunningShop.another(Map.of("boldwedge.demo", "true"))) {
            String before = shop.get("/api/exchange/shop.json").text();
            shop.backUp(backup);
            assertThat(Files.size(backup)).isPositive();
            for (var tool : shop.get("/api/crib/tools").json().path("tools")) {
                assertThat(shop.delete("/api/crib/tools/" + tool.path("id").asString())
                                .status())
                        .isEqualTo(200);
            }
            assertThat(shop.get("/api/exchange/shop.json").text()).isNotEqualTo(before);
            shop.restore(backup);
            assertThat(shop.get("/api/exchange/shop.json").text()).isEqualTo(before);
            // What is no backup is refused, and nothing is changed by it.
            Path other = Files.writeString(folder.resolve("notes.txt"), "not a backup");
            assertThatThrownBy(() -> shop.restore(other)).isInstanceOf(IllegalStateException.class);
            Path half = Files.write(
                    folder.resolve("half.dump"), java.util.Arrays.copyOf(Files.readAllBytes(backup), 20_000));
            assertThatThrownBy(() -> shop.restore(half)).isInstanceOf(IllegalStateException.class);
            shop.restore(backup);
            assertThat(shop.get("/api/exchange/shop.json").text()).isEqualTo(before);
        }
    }
}
