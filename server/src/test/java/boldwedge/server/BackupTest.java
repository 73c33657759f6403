package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.Visitor;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

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

    /** People and the journal stay as they are now; whoever was taken out does not come back in, nor does any session of then. */
    @Test
    void aRestoreLetsNobodyInAgain(@TempDir Path folder) {
        Path backup = folder.resolve("the shop.dump");
        String words = "seven blue files";
        try (RunningShop shop =
                RunningShop.another(Map.of("boldwedge.network", "true", "boldwedge.first-code", "a1b2c3d4e5"))) {
            Visitor owner = new Visitor(shop.address());
            owner.ask("POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Orla", "passphrase", words));
            String id = owner.ask("POST", "/api/people", Map.of("name", "Gone", "role", "MAKER", "passphrase", words))
                    .json()
                    .path("id")
                    .asString();
            Visitor gone = new Visitor(shop.address()).signedIn("Gone", words);
            gone.ask("POST", "/api/cuts", Map.of("version", 0, "name", "Kept", "units", "METRIC", "fields", Map.of()));
            shop.backUp(backup);
            Visitor second = new Visitor(shop.address());
            owner.ask("POST", "/api/people", Map.of("name", "Second", "role", "MAKER", "passphrase", words));
            second.signedIn("Second", words);
            second.ask("POST", "/api/people/second-factor", Map.of("now", words));
            shop.program().getBean(JdbcTemplate.class).update("update second_factor set is_on = true");
            assertThat(owner.ask("DELETE", "/api/people/" + id + "?version=1", "")
                            .status())
                    .isEqualTo(200);
            shop.restore(backup);
            assertThat(owner.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
            assertThat(gone.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
            assertThat(gone.ask("POST", "/api/people/sign-in", Map.of("name", "Gone", "passphrase", words))
                            .status())
                    .isEqualTo(401);
            // A second factor that was taken since is asked for still.
            assertThat(second.ask("POST", "/api/people/sign-in", Map.of("name", "Second", "passphrase", words))
                            .text())
                    .contains("second-factor-wanted");
            Visitor again = new Visitor(shop.address()).signedIn("Orla", words);
            assertThat(again.ask("GET", "/api/cuts", "").text()).contains("Kept");
            String told = again.ask("GET", "/api/journal", "").text();
            assertThat(told).contains("PERSON_REMOVED").contains("RESTORED").contains("the shop.dump");
        }
    }

    private static int backups(Map<String, String> settings, String... words) throws Exception {
        List<String> command =
                new ArrayList<>(List.of(root().resolve("tools/backups").toString()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().putAll(settings);
        Process process = builder.start();
        process.getInputStream().transferTo(OutputStream.nullOutputStream());
        return process.waitFor();
    }

    private static Path root() {
        Path at = Path.of("").toAbsolutePath();
        while (!Files.exists(at.resolve("bw"))) {
            at = Objects.requireNonNull(at.getParent());
        }
        return at;
    }

    /** Today's backup is made once, proved and copied; one that fails says why. */
    @Test
    void eachDaysBackupIsProvedOrSaysWhyNot(@TempDir Path folder) throws Exception {
        RunningShop shop = RunningShop.get();
        Path daily = folder.resolve("daily");
        Path copies = folder.resolve("copies");
        Map<String, String> copied = Map.of("BW_BACKUP_COPY", copies.toString());
        assertThat(backups(copied, "due", shop.cluster().toString(), daily.toString()))
                .isZero();
        List<String> told = Files.readAllLines(daily.resolve("told"));
        assertThat(told.getFirst()).isEqualTo("ok");
        Path made = daily.resolve(told.get(2));
        assertThat(copies.resolve(told.get(2))).hasSameBinaryContentAs(made);
        // A database that is away.
        Path failing = folder.resolve("failing");
        String none = folder.resolve("no-cluster").toString();
        assertThat(backups(Map.of(), "now", none, failing.toString(), "x")).isEqualTo(1);
        assertThat(Files.readAllLines(failing.resolve("told")).getFirst()).isEqualTo("failed");
        assertThat(Files.readAllLines(failing.resolve("told")).get(3)).contains("could not be counted");
    }

    /** Grandfather, father, son: seven days, four Sundays, twelve firsts of a month. */
    @Test
    void oldBackupsArePutAway(@TempDir Path folder) throws Exception {
        LocalDate last = LocalDate.of(2026, 11, 30);
        for (int ago = 0; ago < 500; ago++) {
            Files.createFile(folder.resolve(last.minusDays(ago) + ".dump"));
        }
        Files.createFile(folder.resolve("somebody's own.dump"));
        assertThat(backups(Map.of(), "put-away", "-", folder.toString())).isZero();
        try (var files = Files.list(folder)) {
            List<String> kept = files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".dump"))
                    .sorted()
                    .toList();
            assertThat(kept).hasSize(7 + 4 + 12 + 1);
            assertThat(kept)
                    .contains("2026-11-30.dump", "2026-11-24.dump", "2026-11-22.dump", "2026-11-01.dump")
                    .contains("2025-12-01.dump", "somebody's own.dump")
                    .doesNotContain("2026-11-23.dump", "2025-11-02.dump");
        }
    }
}
