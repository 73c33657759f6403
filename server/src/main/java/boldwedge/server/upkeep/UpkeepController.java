package boldwedge.server.upkeep;

import boldwedge.server.web.Room;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/upkeep")
class UpkeepController {
    /** What tools/backups leaves: ok or failed, when, the file, a sentence. */
    private static final String TOLD = "told";

    private final Room room;
    private final String backups;

    UpkeepController(Room room, @Value("${boldwedge.backups}") String backups) {
        this.room = room;
        this.backups = backups;
    }

    /**
     * How the records are kept up.
     *
     * @param room what is left of the disk
     * @param backup how the last backup went; missing where none was made yet, or the program makes none
     */
    record Upkeep(Room.Left room, @Nullable Backup backup) {}

    /**
     * The last backup.
     *
     * @param at when
     * @param file its name in the folder of backups
     * @param proved whether it was written, read back and counted
     * @param sentence what went wrong; empty when nothing did
     */
    record Backup(Instant at, String file, boolean proved, String sentence) {}

    /** How the shop's records are kept up. */
    @GetMapping
    Upkeep upkeep() {
        return new Upkeep(room.left(), backup());
    }

    private @Nullable Backup backup() {
        if (backups.isBlank()) {
            return null;
        }
        try {
            List<String> told = Files.readAllLines(Path.of(backups, TOLD));
            return told.size() < 4
                    ? null
                    : new Backup(
                            Instant.parse(told.get(1)), told.get(2), told.get(0).equals("ok"), told.get(3));
        } catch (IOException | DateTimeParseException notYet) {
            return null;
        }
    }
}
