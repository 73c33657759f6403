package boldwedge.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * The folders in which tests keep their databases. One that is in use is locked by its process: the lock goes with the process
 * however it ends, and unlike a process's number and beginning it cannot be mistaken (the beginning is reckoned from the
 * machine's clock, which may be set between two processes' reading it).
 */
final class ShopFolders {
    private static final String PREFIX = "test-";

    /** Held until this process ends; never opened a second time, for whichever is closed first would end the lock. */
    private static final Map<Path, FileChannel> OWN = new HashMap<>();

    private ShopFolders() {}

    /**
     * A folder that no other run has or had.
     *
     * @param home where such folders lie
     * @param clear clears away a folder that a killed run has left
     */
    static synchronized Path fresh(Path home, Consumer<Path> clear) {
        try {
            Files.createDirectories(home);
            // One process at a time: a folder is never seen between being made and being locked.
            try (FileChannel door = opened(home.resolve("tests.lock"));
                    FileLock turn = door.lock()) {
                for (Path other : others(home)) {
                    if (!OWN.containsKey(other) && isLeft(other)) {
                        clear.accept(other);
                    }
                }
                Path fresh = Files.createTempDirectory(home, PREFIX);
                FileChannel mine = opened(fresh.resolve("run"));
                if (mine.tryLock() == null || !turn.isValid()) {
                    throw new IllegalStateException("somebody else uses " + fresh);
                }
                OWN.put(fresh, mine);
                return fresh;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static FileChannel opened(Path file) throws IOException {
        return FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    }

    private static List<Path> others(Path home) throws IOException {
        try (var all = Files.list(home)) {
            return all.filter(Files::isDirectory)
                    .filter(folder -> folder.getFileName().toString().startsWith(PREFIX))
                    .toList();
        }
    }

    private static boolean isLeft(Path folder) {
        try (FileChannel theirs = opened(folder.resolve("run"));
                FileLock free = theirs.tryLock()) {
            return free != null;
        } catch (IOException unknown) {
            return false;
        }
    }
}
