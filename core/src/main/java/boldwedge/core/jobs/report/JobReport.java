package boldwedge.core.jobs.report;

import boldwedge.core.jobs.entry.JobRead;
import boldwedge.core.jobs.model.Batch;
import boldwedge.core.jobs.model.CutList;
import boldwedge.core.jobs.model.CutList.Wanted;
import boldwedge.core.jobs.model.Job;
import boldwedge.core.jobs.model.Job.StockLength;
import boldwedge.core.jobs.model.Learned;
import boldwedge.core.jobs.model.LearnedTime;
import boldwedge.core.jobs.model.Load;
import boldwedge.core.jobs.model.Lot;
import boldwedge.core.jobs.model.Operation;
import boldwedge.core.jobs.report.JobAnswer.LearnedTold;
import boldwedge.core.jobs.report.JobAnswer.LoadTold;
import boldwedge.core.jobs.report.JobAnswer.LotTold;
import boldwedge.core.jobs.report.JobAnswer.SawCut;
import boldwedge.core.jobs.report.JobAnswer.SawList;
import boldwedge.core.jobs.report.JobAnswer.TaskTold;
import boldwedge.core.jobs.schedule.JobTasks;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.mechanics.heat.Heating;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Tells what a job comes to. */
public final class JobReport {
    /** Shorter than this many of its thickness and a piece is poorly held by itself. */
    private static final double SHORT = 3;

    private final Job stated;
    private final Job job;
    private final Map<String, String> errors;
    private final UnitFormat units;
    private final Map<String, Integer> lost;
    private final Map<String, List<Double>> clocked;

    private JobReport(JobRead read, UnitSystem units, Map<String, Integer> lost, Map<String, List<Double>> clocked) {
        stated = read.job();
        job = Learned.times(read.job(), clocked);
        errors = read.errors();
        this.units = new UnitFormat(units);
        this.lost = lost;
        this.clocked = clocked;
    }

    /**
     * The answer.
     *
     * @param read what was read
     * @param units in which it is told
     * @param lost pieces lost, by id of the operation at which they were
     * @param clocked clocked over stated, by id of the operation
     */
    public static JobAnswer of(
            JobRead read, UnitSystem units, Map<String, Integer> lost, Map<String, List<Double>> clocked) {
        JobReport report = new JobReport(read, units, lost, clocked);
        return new JobAnswer(
                report.errors,
                report.job.lots().stream().map(report::lot).toList(),
                report.saws(),
                Load.of(report.job).stream().map(report::load).toList(),
                report.order(),
                report.tasks(),
                report.taught());
    }

    /**
     * Loads in which lots of several jobs go into the furnace together.
     *
     * @param jobs what is still to be hardened, by the name of its job
     * @param units in which it is told
     */
    public static List<LoadTold> together(Map<String, List<Lot>> jobs, UnitSystem units) {
        Map<String, String> jobOf = new HashMap<>();
        List<Lot> all = new ArrayList<>();
        jobs.forEach((name, lots) -> lots.forEach(lot -> {
            String id = name + "/" + lot.id();
            jobOf.put(id, name);
            all.add(new Lot(
                    id,
                    lot.name() + " (" + name + ")",
                    lot.wanted(),
                    lot.spare(),
                    lot.blank(),
                    lot.heat(),
                    lot.operations()));
        }));
        Job merged = new Job(all, List.of(), 0, 0);
        JobReport report = new JobReport(new JobRead(merged, Map.of()), units, Map.of(), Map.of());
        return Load.of(merged).stream()
                .filter(load -> load.lots().stream()
                                .map(lot -> jobOf.getOrDefault(lot.id(), ""))
                                .distinct()
                                .count()
                        > 1)
                .map(report::load)
                .toList();
    }

    private LotTold lot(Lot lot) {
        Batch batch = Batch.of(lot);
        int gone = lot.operations().stream()
                .mapToInt(one -> lost.getOrDefault(one.id(), 0))
                .sum();
        int left = Math.max(0, lot.pieces() - gone);
        List<String> sentences = new ArrayList<>();
        if (!lot.operations().isEmpty()) {
            times(lot, batch, sentences);
        }
        if (gone > 0) {
            sentences.add(
                    left >= lot.wanted()
                            ? Written.words(
                                    "%s lost: %s left, enough for the %s wanted.",
                                    Spell.pieces(gone), left, lot.wanted())
                            : Written.words(
                                    "%s lost: %s left of the %s wanted. To make up for it costs the set-ups again, %s, and %s a piece.",
                                    Spell.pieces(gone),
                                    left,
                                    lot.wanted(),
                                    Spell.time(batch.setUpsMin()),
                                    Spell.time(batch.anotherMin())));
        }
        return new LotTold(
                lot.id(),
                lot.pieces(),
                left,
                batch.oneAfterOtherMin(),
                batch.bySetUpMin(),
                batch.anotherMin(),
                batch.firstAloneMin(),
                List.copyOf(sentences));
    }

    private void times(Lot lot, Batch batch, List<String> sentences) {
        if (lot.pieces() > 1) {
            sentences.add(Written.words(
                    "By set-up %s; one piece after the other %s.",
                    Spell.time(batch.bySetUpMin()), Spell.time(batch.oneAfterOtherMin())));
        } else {
            sentences.add(Spell.time(batch.bySetUpMin()) + " in all.");
        }
        String another = Spell.another(lot.pieces() + 1);
        sentences.add(Written.words(
                "%s costs %s%s",
                another.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + another.substring(1),
                Spell.time(batch.anotherMin()),
                lot.spare() == 0 && lot.heat().isPresent()
                        ? ": make one more where one may crack or bend in hardening."
                        : "."));
        int gauge = batch.gauge();
        if (gauge >= 0 && lot.pieces() > 1) {
            sentences.add(Written.words(
                    "The first piece goes alone as far as “%s”: it proves dials, drills and fits before the rest are spoilt.%s",
                    lot.operations().get(gauge).name(),
                    batch.firstAloneMin() > 0
                            ? " That costs the set-ups before it a second time, " + Spell.time(batch.firstAloneMin())
                                    + "."
                            : ""));
        } else if (lot.pieces() > 2) {
            sentences.add("Say at which operation the first piece is measured: it should go alone as far as that.");
        }
    }

    private List<SawList> saws() {
        Map<String, List<Lot>> byBar = new LinkedHashMap<>();
        for (Lot lot : job.lots()) {
            lot.blank()
                    .ifPresent(blank -> byBar.computeIfAbsent(blank.bar(), bar -> new ArrayList<>())
                            .add(lot));
        }
        return byBar.entrySet().stream()
                .map(bar -> saw(bar.getKey(), bar.getValue()))
                .toList();
    }

    private SawList saw(String bar, List<Lot> lots) {
        List<Wanted> wanted = new ArrayList<>();
        for (Lot lot : lots) {
            Lot.Blank blank = lot.blank().orElseThrow();
            for (int i = 0; i < lot.pieces(); i++) {
                wanted.add(new Wanted(lot.name(), blank.lengthMm() + blank.facingMm()));
            }
        }
        List<StockLength> stock =
                job.stock().stream().filter(one -> one.bar().equals(bar)).toList();
        if (stock.isEmpty()) {
            double all = wanted.stream().mapToDouble(Wanted::lengthMm).sum();
            return new SawList(
                    bar,
                    List.of(),
                    Written.words(
                            "%s in one length need %s, kerfs%s reckoned in. Type the lengths that lie there, and it says which to saw.",
                            Spell.pieces(wanted.size()),
                            units.length(all + job.kerfMm() * (wanted.size() - 1) + held()),
                            job.gripMm() > 0 ? " and what is held last" : ""),
                    true);
        }
        CutList list = CutList.of(wanted, stock, job.kerfMm(), job.gripMm());
        return new SawList(
                bar,
                list.cuts().stream().map(this::sawn).toList(),
                list.missing().isEmpty() ? enough(list) : missing(list.missing()),
                list.missing().isEmpty());
    }

    private double held() {
        return job.gripMm() > 0 ? job.gripMm() + job.kerfMm() : 0;
    }

    private SawCut sawn(CutList.Cut cut) {
        return new SawCut(
                units.length(cut.stockMm()),
                grouped(cut.pieces()),
                cut.offcutMm() < 0.5 ? "none" : units.length(cut.offcutMm()));
    }

    private String grouped(List<Wanted> pieces) {
        return pieces.stream()
                .collect(Collectors.groupingBy(one -> one, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(one -> one.getValue() + " × " + units.length(one.getKey().lengthMm()) + " "
                        + one.getKey().name())
                .collect(Collectors.joining(", "));
    }

    private String enough(CutList list) {
        double longest =
                list.cuts().stream().mapToDouble(CutList.Cut::offcutMm).max().orElse(0);
        return Written.words(
                "Enough: sawn from %s, so that what is left lies in as few long pieces as can be; the longest is %s.",
                list.cuts().size() == 1 ? "one length" : list.cuts().size() + " lengths",
                longest < 0.5 ? "nothing" : units.length(longest));
    }

    private String missing(List<Wanted> missing) {
        double all = missing.stream().mapToDouble(Wanted::lengthMm).sum();
        return Written.words(
                "Short: nothing is left for %s. One more length of %s would do; or build a piece up of two, a spigot pressed into a bore, where nothing pulls them apart.",
                grouped(missing), units.length(all + job.kerfMm() * (missing.size() - 1) + held()));
    }

    private LoadTold load(Load load) {
        Optional<ToolSteel> steel = StockCatalogue.shipped().steel(load.steel());
        double soak = steel.map(
                        one -> Heating.throughMinutes(load.heaviestMm()) + Heating.soakMinutes(one, load.heaviestMm()))
                .orElse(0.0);
        List<String> sentences = new ArrayList<>();
        sentences.add(Written.words(
                "%s together: %s.",
                Spell.pieces(load.pieces()),
                load.lots().stream().map(lot -> lot.pieces() + " " + lot.name()).collect(Collectors.joining(", "))));
        sentences.add(Written.words(
                "%s from the furnace being at heat: through in %s and soaked, by the heaviest section, %s.",
                Spell.time(soak),
                Spell.time(Heating.throughMinutes(load.heaviestMm())),
                units.length(load.heaviestMm())));
        if (load.lots().size() > 1) {
            sentences.add("Out one by one into the bath, the thinnest first: they cool fastest in the open door.");
        }
        sentences.add("Reckon the bath for the whole load, not for a piece.");
        return new LoadTold(steel.map(ToolSteel::name).orElse(load.steel()), soak, List.copyOf(sentences));
    }

    private List<String> order() {
        List<String> rules = new ArrayList<>();
        boolean heated = job.lots().stream().anyMatch(lot -> lot.heat().isPresent());
        if (heated) {
            rules.add("Soft work first, then heat, then grinding: what is hard is only ground.");
            rules.add("Stamp before the heat; deburr and wash before the furnace: oil burns on, a burr cracks.");
            rules.add("Grinding dust away from open ways: cover the bed, or grind elsewhere.");
        }
        if (job.lots().size() > 1) {
            rules.add("What is fitted is cut after its mate is measured: let it wait for that operation.");
        }
        for (Lot lot : job.lots()) {
            twoFromOne(lot).ifPresent(rules::add);
        }
        return List.copyOf(rules);
    }

    /** Two short things from one length, both ends worked, the middle as grip, parted last. */
    private Optional<String> twoFromOne(Lot lot) {
        double section = lot.heat().map(Lot.Heated::sectionMm).orElse(0.0);
        double length = lot.blank().map(Lot.Blank::lengthMm).orElse(0.0);
        if (lot.pieces() < 2 || length <= 0 || section <= 0 || length > SHORT * section) {
            return Optional.empty();
        }
        return Optional.of(Written.words(
                "%s is short, %s long: where only its ends are drilled, tapped or broached, make two from one length, the middle as grip, and part them last – before hardening, not after.",
                lot.name(), units.length(length)));
    }

    private List<TaskTold> tasks() {
        return JobTasks.of(job, lost).stream().map(JobReport::task).toList();
    }

    private static TaskTold task(JobTasks.Part part) {
        Operation one = part.operation();
        return new TaskTold(
                part.id(),
                part.parts().stream()
                        .map(of -> of.operation().name())
                        .distinct()
                        .collect(Collectors.joining(", ")),
                pieces(part),
                one.machine(),
                part.minutes(),
                one.hands(),
                part.parts().stream().map(of -> of.operation().id()).toList());
    }

    /** Which pieces: "first piece of bar 12", "pieces 2 to 6 of bar 12", "6 × bar 12". */
    public static String pieces(JobTasks.Part part) {
        return part.parts().stream()
                .map(of -> {
                    String lot = of.lot().name();
                    if (part.id().endsWith("#1")) {
                        return "first piece of " + lot;
                    }
                    if (of.first() > 1 && of.last() == of.first()) {
                        return Written.words("piece %s of %s", of.first(), lot);
                    }
                    return of.first() > 1
                            ? Written.words("pieces %s to %s of %s", of.first(), of.last(), lot)
                            : of.pieces() + " × " + lot;
                })
                .collect(Collectors.joining(", "));
    }

    private List<LearnedTold> taught() {
        List<LearnedTold> all = new ArrayList<>();
        for (Lot lot : stated.lots()) {
            for (Operation one : lot.operations()) {
                List<Double> ratios = clocked.getOrDefault(one.id(), List.of());
                if (!ratios.isEmpty()) {
                    double said = one.minutes(lot.pieces());
                    LearnedTime time = LearnedTime.of(said, LearnedTime.HABIT, ratios);
                    all.add(new LearnedTold(
                            one.id(),
                            Written.words(
                                    "Stated %s, clocked %s: reckoned with %s, nine times in ten between %s and %s.",
                                    Spell.time(said),
                                    ratios.size() == 1 ? "once" : ratios.size() + " times",
                                    Spell.time(time.minutes()),
                                    Spell.time(time.leastMin()),
                                    Spell.time(time.mostMin()))));
                }
            }
        }
        return List.copyOf(all);
    }
}
