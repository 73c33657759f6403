package boldwedge.server.web;

import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The disk on which the shop's records lie, and what is said when it takes no more. */
@Component
public class Room {
    private static final long MB = 1024 * 1024;

    /** From here on it is told. */
    private static final long LOW = 500 * MB;

    /** PostgreSQL writes its log in files of 16 MB: with less than two of them left it stops. */
    private static final long FULL = 32 * MB;

    /** PostgreSQL's code for a disk that is full. */
    private static final String DISK_FULL = "53100";

    private static final int DEEPEST = 50;

    private final Path folder;

    Room(@Value("${boldwedge.state-folder}") Path folder) {
        this.folder = folder.toAbsolutePath().normalize();
    }

    /**
     * The room that is left.
     *
     * @param folder where the records lie
     * @param freeMb megabytes; -1 where the machine does not tell
     * @param low whether that is little enough to be told
     * @param readOnly whether nothing can be written there
     */
    public record Left(String folder, long freeMb, boolean low, boolean readOnly) {}

    /** What is left now. */
    public Left left() {
        try {
            FileStore store = Files.getFileStore(folder);
            long free = store.getUsableSpace();
            return new Left(folder.toString(), free / MB, free < LOW, store.isReadOnly());
        } catch (IOException unknown) {
            return new Left(folder.toString(), -1, false, false);
        }
    }

    /** What is said where the disk is to blame for a fault; nothing where it is not. */
    @Nullable
    Problem blamed(@Nullable Throwable fault) {
        boolean full = false;
        boolean readOnly = false;
        int depth = 0;
        for (Throwable at = fault; at != null && depth < DEEPEST; at = at.getCause(), depth++) {
            String message = String.valueOf(at.getMessage());
            full |= at instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState());
            full |= message.contains("No space left on device");
            readOnly |= message.contains("Read-only file system");
        }
        Left left = left();
        if (readOnly || left.readOnly()) {
            return Problem.of(
                    "disk-read-only",
                    "Nothing can be written to the disk of " + left.folder()
                            + ": it is read-only. Nothing was lost and nothing was kept; what you typed stays on this page.");
        }
        return full || (left.freeMb() >= 0 && left.freeMb() < FULL / MB)
                ? Problem.of(
                        "disk-full",
                        "The disk of " + left.folder() + " is full: " + left.freeMb() + " MB are free, and "
                                + LOW / MB
                                + " are wanted. Nothing was lost and nothing was kept; make room, then save again.")
                : null;
    }
}
