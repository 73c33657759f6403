package boldwedge.server.shop;

import boldwedge.core.cutting.Lathe;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.plan.LatheCard;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;

/** The shop's lathes. What was read once is remembered, so that planning goes on while the database is away. */
@Service
public class ShopService {
    private final LatheMapper lathes;
    private final Map<UUID, Lathe> remembered = new ConcurrentHashMap<>();

    ShopService(LatheMapper lathes) {
        this.lathes = lathes;
    }

    /** All lathes, by name. */
    public List<LatheRecord> all() {
        return lathes.all();
    }

    /** The lathe that a plan names by id; empty when there is none. */
    public Optional<Lathe> lathe(String id) {
        UUID uuid;
        try {
            uuid = UUID.fromString(id);
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
        Lathe known = remembered.get(uuid);
        if (known != null) {
            return Optional.of(known);
        }
        try {
            Optional<Lathe> read = lathes.find(uuid).flatMap(ShopService::read);
            read.ifPresent(lathe -> remembered.put(uuid, lathe));
            return read;
        } catch (DataAccessException | CannotCreateTransactionException away) {
            throw new org.springframework.dao.DataAccessResourceFailureException("lathe " + uuid, away);
        }
    }

    /** Keeps a new lathe. */
    public LatheRecord add(UUID id, UnitSystem units, Map<String, String> card) {
        Lathe lathe = checked(card, units);
        LatheRecord record = new LatheRecord(id, 1, units, card);
        if (lathes.add(record) == 0) {
            throw Refusal.conflict("A lathe with this id is already kept.");
        }
        remembered.put(id, lathe);
        return record;
    }

    /** Adds a lathe unless it is already there; whether it was added. For imports. */
    public boolean addIfMissing(LatheRecord record) {
        checked(record.card(), record.units());
        return lathes.add(record) == 1;
    }

    LatheRecord save(LatheRecord record) {
        Lathe lathe = checked(record.card(), record.units());
        Version.check(lathes.save(record), lathes.find(record.id()).isPresent(), "lathe");
        remembered.put(record.id(), lathe);
        return new LatheRecord(record.id(), record.version() + 1, record.units(), record.card());
    }

    void delete(UUID id) {
        lathes.delete(id);
        remembered.remove(id);
    }

    private static Lathe checked(Map<String, String> card, UnitSystem units) {
        LatheCard read = LatheCard.read(card, units);
        return read.lathe()
                .orElseThrow(() -> Refusal.wrong("Some entries of the lathe's card cannot be read.", read.errors()));
    }

    private static Optional<Lathe> read(LatheRecord record) {
        return LatheCard.read(record.card(), record.units()).lathe();
    }
}
