package boldwedge.server.exchange;

import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where a file lies while it is taken in: what people send may hold all that a shop knows, so nobody but the program's user can read
 * it, and what a program that was killed has left goes at the next start.
 */
@Component
class WorkFolder {
    private static final Logger LOG = LoggerFactory.getLogger(WorkFolder.class);
    private static final String PREFIX = "import-";

    private final Path folder;

    WorkFolder(@Value("${boldwedge.work-folder}") Path folder) {
        this.folder = folder.toAbsolutePath();
        clear();
    }

    /** An empty file, for the program's user alone. */
    Path file() throws IOException {
        if (!Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)) {
            Files.createDirectories(
                    folder, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
        }
        // Made with rw-------, whatever the folder lets others do.
        return Files.createTempFile(folder, PREFIX + ProcessHandle.current().pid() + "-", "");
    }

    /** Whether another program, on the same folder, may be taking it in just now. */
    private static boolean isSomebodys(String name) {
        String pid = name.substring(PREFIX.length()).replaceAll("-.*", "");
        return pid.matches("\\d{1,9}")
                && ProcessHandle.of(Long.parseLong(pid)).isPresent()
                && Long.parseLong(pid) != ProcessHandle.current().pid();
    }

    private void clear() {
        if (!Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)) {
            return;
        }
        try (var left = Files.newDirectoryStream(folder, PREFIX + "*")) {
            for (Path file : left) {
                if (!isSomebodys(file.getFileName().toString())) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            LOG.warn("Files that were being taken in could not be removed from {}", folder);
        }
    }
}
