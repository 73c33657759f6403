package boldwedge.server.shop;

import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.LatheCard;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.storage.Knowledge;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The shop's lathes. What was read is remembered for its generation, and used while the database is away. */
@Service
public class ShopService {
    private final LatheMapper lathes;
    private final Journal journal;
    private final Knowledge knowledge;
    private final Checked checked;
    private final Who who;
    private final ApplicationEventPublisher events;
    private final Map<UUID, Remembered> remembered = new ConcurrentHashMap<>();

    ShopService(
            LatheMapper lathes,
            Knowledge knowledge,
            Checked checked,
            Who who,
            ApplicationEventPublisher events,
            Journal journal) {
        this.journal = journal;
        this.lathes = lathes;
        this.knowledge = knowledge;
        this.checked = checked;
        this.who = who;
        this.events = events;
    }

    /**
     * A lathe as its card says.
     *
     * @param lathe the lathe
     * @param card version of the card
     */
    public record Known(Lathe lathe, int card) {}

    private record Remembered(long generation, Optional<Known> lathe) {}

    /** All lathes, by name. */
    public List<LatheRecord> all() {
        return lathes.all();
    }

    /** What the shop calls its lathes, by id. */
    public Map<String, String> names() {
        return all().stream()
                .collect(Collectors.toMap(
                        lathe -> lathe.id().toString(), lathe -> lathe.card().getOrDefault("name", "")));
    }

    /** Hands over every lathe, one after the other; within a transaction. */
    public void each(Consumer<LatheRecord> take) {
        lathes.each().forEach(take);
    }

    /** The lathe that a plan names by id; empty when there is none. */
    public Optional<Lathe> lathe(String id) {
        return known(id).map(Known::lathe);
    }

    /** The same with the version of its card. */
    public Optional<Known> known(String id) {
        UUID uuid;
        try {
            uuid = UUID.fromString(id);
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
        if (isBeingWritten()) {
            // What a transaction has changed so far is nobody else's yet, and what is remembered may be older than it.
            return lathes.find(uuid).flatMap(ShopService::known);
        }
        Knowledge.Now now = knowledge.now();
        Remembered last = remembered.get(uuid);
        if (last != null && (now.away() || last.generation() == now.generation())) {
            return last.lathe();
        }
        try {
            Optional<Known> read = lathes.find(uuid).flatMap(ShopService::known);
            // Read after the generation: it may be newer than that, which the next plan mends, but never older.
            remembered.put(uuid, new Remembered(now.generation(), read));
            return read;
        } catch (DataAccessException | CannotCreateTransactionException away) {
            if (last != null) {
                return last.lathe();
            }
            throw new DataAccessResourceFailureException("lathe " + uuid, away);
        }
    }

    private static boolean isBeingWritten() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    /** Keeps a new lathe; one that was sent twice under one id is kept once. */
    @Transactional
    public LatheRecord add(LatheRecord entry) {
        LatheRecord lathe = by(entry);
        check(lathe);
        if (lathes.add(List.of(lathe)) == 0) {
            LatheRecord there = lathes.find(lathe.id()).orElseThrow();
            Version.checkSameAgain(
                    there.units() == lathe.units() && there.card().equals(lathe.card()), "machine");
            return there;
        }
        knowledge.changed();
        return lathes.find(lathe.id()).orElseThrow();
    }

    /** Adds those lathes that are not there yet; how many. For imports. */
    public int addMissing(List<LatheRecord> found) {
        found.forEach(this::check);
        return lathes.add(found);
    }

    @Transactional
    public LatheRecord save(LatheRecord entry) {
        LatheRecord lathe = by(entry);
        check(lathe);
        Version.check(lathes.save(lathe), lathes.find(lathe.id()).isPresent(), "machine");
        LatheRecord kept = lathes.find(lathe.id()).orElseThrow();
        events.publishEvent(new LatheChanged(lathe.id()));
        return kept;
    }

    @Transactional
    public void delete(UUID id, int version) {
        Optional<LatheRecord> there = lathes.find(id);
        if (lathes.delete(id, version) == 0 && lathes.find(id).isPresent()) {
            Version.check(0, true, "machine");
        }
        there.ifPresent(lathe ->
                journal.note(Deed.DELETED, "the machine " + lathe.card().getOrDefault("name", "without a name")));
        events.publishEvent(new LatheChanged(id));
    }

    private LatheRecord by(LatheRecord entry) {
        return new LatheRecord(
                entry.id(), Math.max(1, entry.version()), entry.units(), entry.card(), null, who.name(), null, "");
    }

    /** Whether it may be kept. */
    public void check(LatheRecord lathe) {
        checked.record(lathe);
        LatheCard read = LatheCard.read(lathe.card(), lathe.units());
        if (read.lathe().isEmpty()) {
            throw Refusal.wrong("unreadable-values", "Some entries of the lathe's card cannot be read.", read.errors());
        }
    }

    private static Optional<Known> known(LatheRecord record) {
        return LatheCard.read(record.card(), record.units()).lathe().map(lathe -> new Known(lathe, record.version()));
    }
}
