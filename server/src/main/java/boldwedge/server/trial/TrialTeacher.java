package boldwedge.server.trial;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Teaching;
import boldwedge.server.plan.Teacher;
import boldwedge.server.shop.LatheChanged;
import boldwedge.server.shop.LatheRecord;
import boldwedge.server.shop.ShopService;
import boldwedge.server.storage.Knowledge;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Learns from kept trials. A trial's lesson is worked out when it is kept, and stored beside it; a plan adds up the lessons of its
 * own lathe, material and bar. When a lathe's card changes, its lessons count no more until they have been worked out with the
 * new one: at once, or, where there are many, in the background a few at a time.
 */
@Component
class TrialTeacher implements Teacher {
    private static final Logger LOG = LoggerFactory.getLogger(TrialTeacher.class);
    private static final int A_FEW = 200;

    /** More than this is learnt after the change, not within it: whoever saves waits at most about a second. */
    private static final int LEARNT_AT_ONCE = 2000;

    private static final int REMEMBERED = 2000;

    private final LessonMapper lessons;
    private final ShopService shop;
    private final Knowledge knowledge;
    private final TransactionTemplate transaction;
    private final Cache<Lessons.About, Remembered> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final ExecutorService behind = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("learning").factory());
    private final AtomicBoolean waiting = new AtomicBoolean();

    private record Remembered(long generation, Calibrations taught) {}

    TrialTeacher(LessonMapper lessons, ShopService shop, Knowledge knowledge, PlatformTransactionManager transactions) {
        this.lessons = lessons;
        this.shop = shop;
        this.knowledge = knowledge;
        this.transaction = new TransactionTemplate(transactions);
    }

    @Override
    public Calibrations of(Map<String, String> fields, UnitSystem units) {
        Optional<Lessons.About> asked = about(fields, units);
        if (asked.isEmpty()) {
            return Calibrations.NONE;
        }
        Lessons.About about = asked.get();
        Knowledge.Now now = knowledge.now();
        Remembered last = remembered.getIfPresent(about);
        if (last != null && (now.away() || last.generation() == now.generation())) {
            return last.taught();
        }
        if (now.away()) {
            return Calibrations.NONE;
        }
        try {
            Lessons known = new Lessons();
            known(about.keys(), card(about.lathe())).forEach(known::put);
            Calibrations taught = known.taught(about);
            remembered.put(about, new Remembered(now.generation(), taught));
            return taught;
        } catch (DataAccessException away) {
            LOG.debug("Lessons not read: {}", away.getClass().getSimpleName());
            return last == null ? Calibrations.NONE : last.taught();
        }
    }

    /** What a trial would teach if it were kept now, as it would change what is known. */
    List<Teaching> wouldTeach(TrialRecord trial) {
        String lathe = lathe(trial);
        Map<Lessons.Subject, Calibration.Lesson> taught =
                lessonsOf(trial, shop.known(lathe).map(ShopService.Known::lathe));
        if (taught.isEmpty()) {
            return List.of();
        }
        Map<String, Calibration.Sum> known =
                known(taught.keySet().stream().map(Lessons.Subject::key).toList(), card(lathe));
        return taught.entrySet().stream()
                .map(one -> Teaching.of(
                        one.getKey().of(),
                        known.getOrDefault(one.getKey().key(), Calibration.Sum.NONE),
                        one.getValue()))
                .toList();
    }

    /** Lessons of these subjects added up. */
    private Map<String, Calibration.Sum> known(List<String> subjects, int card) {
        return lessons.added(subjects, card).stream()
                .collect(Collectors.toMap(
                        LessonMapper.Added::subject,
                        added -> new Calibration.Sum(
                                added.logarithms(),
                                added.weight(),
                                added.trials(),
                                added.quietAt() == null ? Double.NEGATIVE_INFINITY : added.quietAt(),
                                added.sangAt() == null ? Double.POSITIVE_INFINITY : added.sangAt())));
    }

    private int card(String lathe) {
        return shop.known(lathe).map(ShopService.Known::card).orElse(0);
    }

    /** Works out what a trial teaches and keeps it; within the transaction that keeps the trial. */
    void learn(TrialRecord trial) {
        learn(List.of(trial), card(lathe(trial)));
    }

    private static String lathe(TrialRecord trial) {
        return trial.fields().getOrDefault(Families.MACHINE, "");
    }

    /** Works out what these teach, all of one lathe, with this version of its card. */
    private void learn(List<TrialRecord> trials, int card) {
        if (trials.isEmpty()) {
            return;
        }
        Optional<Lathe> lathe = shop.known(lathe(trials.getFirst())).map(ShopService.Known::lathe);
        lessons.drop(trials);
        for (TrialRecord trial : trials) {
            lessonsOf(trial, lathe)
                    .forEach((subject, lesson) ->
                            lessons.keep(trial.id(), subject.key(), card, lesson.logarithm(), lesson.weight()));
        }
        lessons.learnt(trials, card);
    }

    /** What a trial taught, by what it is about. */
    private static Map<Lessons.Subject, Calibration.Lesson> lessonsOf(TrialRecord trial, Optional<Lathe> lathe) {
        if (trial.isSetAside()) {
            return Map.of();
        }
        PlanRequest plan = new PlanRequest(trial.fields(), trial.units(), lathe);
        ToolFamily<?> family = Families.of(plan);
        try {
            return family.lessons(new TrialRequest(plan, trial.readings()));
        } catch (RuntimeException odd) {
            // A file may hold a trial that no page would have let through; it teaches nothing, and others still do.
            LOG.warn("Trial {} teaches nothing: {}", trial.id(), odd.getClass().getSimpleName());
            return Map.of();
        }
    }

    private int learnSomeFresh() {
        List<TrialRecord> some = lessons.fresh(A_FEW);
        some.stream()
                .collect(Collectors.groupingBy(TrialTeacher::lathe))
                .forEach((lathe, trials) -> learn(trials, card(lathe)));
        return some.size();
    }

    /** Trials came in with a file: the first are learnt from now, the others when the file is in. */
    void learnFresh() {
        for (int learnt = 0; learnt < LEARNT_AT_ONCE; ) {
            int some = learnSomeFresh();
            if (some == 0) {
                return;
            }
            learnt += some;
        }
        learnBehind();
    }

    /** A lathe's card changed: its lessons are worked out anew with it, within the same transaction as far as they are few. */
    @EventListener
    void latheChanged(LatheChanged change) {
        String lathe = change.id().toString();
        int card = card(lathe);
        int learnt = 0;
        while (card > 0 && learnt < LEARNT_AT_ONCE) {
            List<TrialRecord> some = lessons.stale(lathe, card, A_FEW);
            learn(some, card);
            learnt += some.isEmpty() ? LEARNT_AT_ONCE : some.size();
        }
        learnBehind();
        // Last, since the row that it changes is everybody's who teaches or changes something.
        knowledge.changed();
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        learnBehind();
    }

    /** Learns what is left to learn, behind everything else, once the present transaction is through. */
    private void learnBehind() {
        Runnable start = () -> {
            if (waiting.compareAndSet(false, true)) {
                behind.execute(this::learnRest);
            }
        };
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    start.run();
                }
            });
        } else {
            start.run();
        }
    }

    private void learnRest() {
        waiting.set(false);
        try {
            long began = System.nanoTime();
            while (learnSome() > 0) {
                // A quarter of one core at the most: whoever plans meanwhile goes before.
                Thread.sleep(3 * (System.nanoTime() - began) / 1_000_000);
                began = System.nanoTime();
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        } catch (DataAccessException | TransactionException away) {
            LOG.warn("Learning from trials waits for the database");
            try {
                Thread.sleep(5000);
                learnBehind();
            } catch (InterruptedException stopping) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private int learnSome() {
        Integer learnt = transaction.execute(status -> {
            int count = learnSomeFresh();
            for (LatheRecord lathe : shop.all()) {
                List<TrialRecord> stale = lessons.stale(lathe.id().toString(), lathe.version(), A_FEW);
                learn(stale, lathe.version());
                count += stale.size();
            }
            if (count > 0) {
                knowledge.changed();
            }
            return count;
        });
        return learnt == null ? 0 : learnt;
    }

    @PreDestroy
    void stop() {
        behind.shutdownNow();
    }

    /** What a question is about: what it is reckoned with, whether that was typed or left open. */
    private Optional<Lessons.About> about(Map<String, String> fields, UnitSystem units) {
        ToolFamily<?> family = Families.of(fields);
        if (!family.learns()) {
            return Optional.empty();
        }
        Optional<Lathe> lathe =
                shop.known(fields.getOrDefault(Families.MACHINE, "")).map(ShopService.Known::lathe);
        return family.about(new PlanRequest(fields, units, lathe));
    }
}
