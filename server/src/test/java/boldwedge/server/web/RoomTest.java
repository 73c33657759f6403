package boldwedge.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A disk that takes no more is named, with its folder and what is left; nothing else is put down to it. */
class RoomTest {
    @Test
    void namesTheDiskWhereItIsToBlame(@TempDir Path folder) {
        Room room = new Room(folder);
        for (Exception fault : new Exception[] {
            new IllegalStateException(new SQLException("could not extend file", "53100")),
            new java.io.UncheckedIOException(new IOException("No space left on device"))
        }) {
            Problem problem = Objects.requireNonNull(room.blamed(fault), fault.toString());
            assertThat(problem.code()).isEqualTo("disk-full");
            assertThat(problem.sentence()).contains(folder.toString()).containsPattern("\\d+ MB are free");
        }
        Problem readOnly = Objects.requireNonNull(room.blamed(new IOException("told: Read-only file system")));
        assertThat(readOnly.code()).isEqualTo("disk-read-only");
        assertThat(room.blamed(new SQLException("duplicate key", "23505"))).isNull();
        assertThat(room.left().freeMb()).isPositive();
    }
}
