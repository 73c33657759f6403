package boldwedge.server.jobs;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A job in a list.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls it
 * @param due by when it is wanted
 * @param done whether it is put away
 * @param tasks how many tasks it comes to
 * @param ticked how many of them are done
 * @param savedAt when it was saved last
 * @param savedBy by whom
 */
record ListedJob(
        UUID id,
        int version,
        String name,
        @Nullable LocalDateTime due,
        boolean done,
        int tasks,
        int ticked,
        @Nullable Instant savedAt,
        String savedBy) {}
