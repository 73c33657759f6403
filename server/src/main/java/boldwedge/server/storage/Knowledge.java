package boldwedge.server.storage;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * The generation of what the shop knows. Whatever changes a lathe or what trials teach raises it in its own transaction; what a
 * program remembers carries the generation it was read in and counts for that one only. So several programs on one database
 * answer alike, and one whose database is away goes on with what it read last, and says so.
 */
@Component
public class Knowledge {
    private static final Logger LOG = LoggerFactory.getLogger(Knowledge.class);

    /** After a failure the database is not asked again for so long: every plan would wait for it. */
    private static final long PAUSE_NANOS = Duration.ofSeconds(1).toNanos();

    private final KnowledgeMapper mapper;
    private final AtomicLong last = new AtomicLong();
    private final AtomicLong awayUntil = new AtomicLong(Long.MIN_VALUE);

    Knowledge(KnowledgeMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * What is known at one moment.
     *
     * @param generation of the records
     * @param away whether the database did not answer, so that this is only the last generation read
     */
    public record Now(long generation, boolean away) {}

    /** The generation as it is now, or as it was when the database last answered. */
    public Now now() {
        long until = awayUntil.get();
        if (until != Long.MIN_VALUE && System.nanoTime() - until < 0) {
            return new Now(last.get(), true);
        }
        try {
            long generation = mapper.generation();
            if (awayUntil.getAndSet(Long.MIN_VALUE) != Long.MIN_VALUE) {
                LOG.info("The database answers again");
            }
            last.set(generation);
            return new Now(generation, false);
        } catch (DataAccessException away) {
            awayUntil.set(System.nanoTime() + PAUSE_NANOS);
            return new Now(last.get(), true);
        }
    }

    /** Something that is known has changed; to be called within the transaction that changes it, as its last step. */
    public void changed() {
        mapper.raise();
    }
}
