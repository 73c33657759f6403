package boldwedge.server.exchange;

import boldwedge.server.crib.CribService;
import boldwedge.server.crib.GrindRecord;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.exchange.ShopDocument.Section;
import boldwedge.server.jobs.JobRecord;
import boldwedge.server.jobs.JobService;
import boldwedge.server.jobs.Tick;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.photo.PhotoRecord;
import boldwedge.server.photo.PhotoService;
import boldwedge.server.plan.CutRecord;
import boldwedge.server.plan.PlanService;
import boldwedge.server.shop.LatheRecord;
import boldwedge.server.shop.ShopService;
import boldwedge.server.stock.StockLine;
import boldwedge.server.stock.StockMove;
import boldwedge.server.stock.StockService;
import boldwedge.server.storage.Knowledge;
import boldwedge.server.trial.TrialRecord;
import boldwedge.server.trial.TrialService;
import boldwedge.server.web.Refusal;
import boldwedge.server.week.Week;
import boldwedge.server.week.WeekService;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes and reads shops as JSON and cribs as CSV. An import adds what is missing and leaves alone what is there, all of it or
 * nothing; two at once follow each other, in whatever order their records stand.
 */
@Service
public class ExchangeService {
    private static final int AT_A_TIME = 500;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(60);
    private static final long PAUSE_MS = 100;

    private final ShopService shop;
    private final PlanService plans;
    private final CribService crib;
    private final TrialService proofs;
    private final PhotoService photos;
    private final WeekService weeks;
    private final JobService jobs;
    private final StockService stock;
    private final Knowledge knowledge;
    private final ImportLockMapper lock;
    private final WorkFolder work;
    private final Journal journal;
    private final Who who;
    private final TransactionTemplate transaction;

    ExchangeService(
            ShopService shop,
            PlanService plans,
            CribService crib,
            TrialService proofs,
            PhotoService photos,
            WeekService weeks,
            JobService jobs,
            StockService stock,
            Knowledge knowledge,
            ImportLockMapper lock,
            WorkFolder work,
            Journal journal,
            Who who,
            PlatformTransactionManager transactions) {
        this.shop = shop;
        this.plans = plans;
        this.crib = crib;
        this.proofs = proofs;
        this.photos = photos;
        this.weeks = weeks;
        this.jobs = jobs;
        this.stock = stock;
        this.knowledge = knowledge;
        this.lock = lock;
        this.work = work;
        this.journal = journal;
        this.who = who;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Writes the whole shop, as it is at one moment. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeShop(OutputStream out) {
        try (ShopWriter file = new ShopWriter(out)) {
            file.list(Section.LATHES, write -> shop.each(write::accept));
            file.list(Section.CUTS, write -> plans.each(write::accept));
            file.list(Section.TOOLS, write -> crib.each(write::accept));
            file.list(Section.GRINDS, write -> crib.eachGrind(write::accept));
            file.list(Section.TRIALS, write -> proofs.each(write::accept));
            file.list(Section.PHOTOS, write -> photos.each(write::accept));
            file.list(Section.WEEKS, write -> weeks.kept().ifPresent(write));
            file.list(Section.JOBS, write -> jobs.each(write::accept));
            file.list(Section.TICKS, write -> jobs.eachTick(write::accept));
            file.list(Section.STOCK, write -> stock.each(write::accept));
            file.list(Section.MOVES, write -> stock.eachMove(write::accept));
        }
    }

    /** Whether there is such a tool; refuses when not. */
    void mustBeKept(UUID tool) {
        crib.tool(tool);
    }

    /** Writes one tool with its grinds and trials. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeTool(UUID id, OutputStream out) {
        ToolRecord tool = crib.tool(id);
        try (ShopWriter file = new ShopWriter(out)) {
            file.list(Section.LATHES, write -> {});
            file.list(Section.CUTS, write -> {});
            file.list(Section.TOOLS, write -> write.accept(tool));
            file.list(Section.GRINDS, write -> crib.grindsOf(id).forEach(write));
            file.list(Section.TRIALS, write -> proofs.eachOfTool(id, write::accept));
            file.list(Section.PHOTOS, write -> photos.eachOfTool(id, write::accept));
            file.list(Section.WEEKS, write -> {});
            file.list(Section.JOBS, write -> {});
            file.list(Section.TICKS, write -> {});
            file.list(Section.STOCK, write -> {});
            file.list(Section.MOVES, write -> {});
        }
    }

    /** Writes the crib as a table. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeCrib(OutputStream out) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CribTable.write(text, crib::each);
        text.flush();
    }

    /** Takes a shop's file in. */
    public Imported takeIn(InputStream body) throws IOException {
        return spooled(
                body,
                file -> alone(() -> {
                    Count count = new Count();
                    // What is referred to first, wherever it stands in the file.
                    ShopReader.read(
                            file, EnumSet.of(Section.LATHES, Section.CUTS, Section.TOOLS, Section.WEEKS), count);
                    ShopReader.read(
                            file, EnumSet.of(Section.GRINDS, Section.TRIALS, Section.JOBS, Section.STOCK), count);
                    ShopReader.read(file, EnumSet.of(Section.PHOTOS, Section.TICKS, Section.MOVES), count);
                    proofs.learnFresh();
                    knowledge.changed();
                    return noted(count.imported());
                }));
    }

    /** Takes a table of tools in. */
    public Imported takeInTable(InputStream body) throws IOException {
        return spooled(
                body,
                file -> alone(() -> {
                    Count count = new Count();
                    List<ToolRecord> some = new ArrayList<>(AT_A_TIME);
                    try (InputStream table = Files.newInputStream(file)) {
                        CribTable.read(table, tool -> {
                            crib.check(tool);
                            some.add(tool);
                            if (some.size() == AT_A_TIME) {
                                count.take(Section.TOOLS, some);
                                some.clear();
                            }
                        });
                    } catch (IOException unreadable) {
                        throw new UncheckedIOException(unreadable);
                    }
                    if (!some.isEmpty()) {
                        count.take(Section.TOOLS, some);
                    }
                    return noted(count.imported());
                }));
    }

    private Imported noted(Imported imported) {
        journal.note(Deed.IMPORTED, imported.sentence());
        return imported;
    }

    private interface Step {
        Imported take(Path file);
    }

    /** The file whole on disk first: a slow sender holds no transaction, and it can be read again. */
    private Imported spooled(InputStream body, Step step) throws IOException {
        Path file = work.file();
        try {
            Files.copy(body, file, StandardCopyOption.REPLACE_EXISTING);
            return step.take(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** One import at a time, on all programs of this database; one that had to give way to others begins again. */
    private Imported alone(Supplier<Imported> step) {
        long until = System.nanoTime() + LONGEST_WAIT.toNanos();
        while (true) {
            try {
                Imported done = transaction.execute(status -> lock.isMine() ? step.get() : null);
                if (done != null) {
                    return done;
                }
            } catch (PessimisticLockingFailureException gaveWay) {
                // Nothing of it was kept.
            }
            if (System.nanoTime() > until) {
                throw Refusal.busy(
                        "import-under-way",
                        "Another file is being taken in just now. Nothing of this one was; try again.");
            }
            try {
                Thread.sleep(PAUSE_MS);
            } catch (InterruptedException stopping) {
                Thread.currentThread().interrupt();
                throw Refusal.busy("busy", "The program is stopping. Nothing was taken in.");
            }
        }
    }

    /** Takes records in and counts them. */
    private final class Count implements ShopReader.Taker {
        private int added;
        private int there;

        @Override
        @SuppressWarnings("unchecked")
        public void take(Section section, List<?> records) {
            String by = who.name();
            int now = switch (section) {
                case LATHES -> shop.addMissing(all((List<LatheRecord>) records, lathe -> lathe.takenIn(by)));
                case CUTS -> plans.addMissing(all((List<CutRecord>) records, cut -> cut.takenIn(by)));
                case TOOLS -> crib.addMissing(all((List<ToolRecord>) records, tool -> tool.takenIn(by)));
                case GRINDS -> crib.addMissingGrinds(all((List<GrindRecord>) records, grind -> grind.takenIn(by)));
                case TRIALS -> proofs.addMissing(all((List<TrialRecord>) records, trial -> trial.takenIn(by)));
                case PHOTOS -> photos.addMissing(all((List<PhotoRecord>) records, photo -> photo.takenIn(by)));
                case WEEKS ->
                    (int) ((List<Week>) records)
                            .stream().filter(weeks::addIfMissing).count();
                case JOBS -> jobs.addMissing(all((List<JobRecord>) records, job -> job.takenIn(by)));
                case TICKS -> jobs.addMissingTicks(all((List<Tick>) records, tick -> tick.takenIn(by)));
                case STOCK -> stock.addMissing(all((List<StockLine>) records, line -> line.takenIn(by)));
                case MOVES -> stock.addMissingMoves(all((List<StockMove>) records, move -> move.takenIn(by)));
            };
            added += now;
            there += records.size() - now;
        }

        private static <T> List<T> all(List<T> records, UnaryOperator<T> step) {
            return records.stream().map(step).toList();
        }

        @Override
        public void check(Section section, Object record) {
            switch (section) {
                case LATHES -> shop.check((LatheRecord) record);
                case CUTS -> plans.check((CutRecord) record);
                case TOOLS -> crib.check((ToolRecord) record);
                case GRINDS -> crib.check((GrindRecord) record);
                case TRIALS -> proofs.check((TrialRecord) record);
                case PHOTOS -> photos.check((PhotoRecord) record);
                case WEEKS -> weeks.check((Week) record);
                case JOBS -> jobs.check((JobRecord) record);
                case TICKS -> jobs.check((Tick) record);
                case STOCK -> stock.check((StockLine) record);
                case MOVES -> stock.check((StockMove) record);
            }
        }

        private Imported imported() {
            return new Imported(
                    added, there, "Added " + added + "; " + there + " were already there and were left as they are.");
        }
    }
}
