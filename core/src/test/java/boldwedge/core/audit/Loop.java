package boldwedge.core.audit;

import boldwedge.core.family.Families;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibrations;
import boldwedge.core.trial.Lessons;
import boldwedge.core.virtual.Faults;
import boldwedge.core.virtual.Pass;
import boldwedge.core.virtual.VirtualLathe;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * Follows the program's advice in a shop with hidden faults, trial after trial: {@code ./bw loop [N] [seed]}. Told is how soon pieces come out in
 * tolerance, how often the true cause is named, how often what was cut lies within what was stated, and what kept trials are good for.
 */
public final class Loop {
    private static final int USUAL = 400;
    private static final int MOST_TRIALS = 6;
    private static final long APART = 1_000_003L;
    private static final Set<String> SIZES = Set.of("Near the chuck", "Far end", "At the mouth", "At the bottom");
    private static final Map<String, Faults.Kind> KINDS = Map.ofEntries(
            Map.entry("push-off", Faults.Kind.SPRING),
            Map.entry("spring-size", Faults.Kind.SPRING),
            Map.entry("fat-nose", Faults.Kind.SPRING),
            Map.entry("little-rake", Faults.Kind.SPRING),
            Map.entry("drawn-in", Faults.Kind.SPRING),
            Map.entry("springs", Faults.Kind.SPRING),
            Map.entry("resists", Faults.Kind.SPRING),
            Map.entry("work-springs", Faults.Kind.SPRING),
            Map.entry("dull-edge", Faults.Kind.SPRING),
            Map.entry("alignment", Faults.Kind.ALIGNMENT),
            Map.entry("setting", Faults.Kind.SETTING),
            Map.entry("wear-in-pass", Faults.Kind.WEAR),
            Map.entry("wear", Faults.Kind.WEAR),
            Map.entry("warm", Faults.Kind.WARMTH));

    /** What came of the jobs. */
    static final class Tally {
        private int jobs;
        private int good;
        private int trials;
        private int hard;
        private int hardGood;
        private int hardTrials;
        private int judged;
        private int first;
        private int inThree;
        private int bands;
        private int within;
        private int tapers;
        private int tapersWithin;
        private int changes;
        private int worse;
        private final int[] at = new int[MOST_TRIALS];
        private final Map<String, Integer> mistaken = new TreeMap<>();
        private final List<Double> untaught = new ArrayList<>();
        private final List<Double> taught = new ArrayList<>();

        private static double share(int of, int all) {
            return (double) of / Math.max(1, all);
        }

        /** Share of all jobs that came out in tolerance within six trials. */
        double inTolerance() {
            return share(good, jobs);
        }

        /** The same of those whose taper is wider than the tolerance. */
        double hardInTolerance() {
            return share(hardGood, hard);
        }

        /** Share of those out of tolerance at first of which the dominant cause was named first. */
        double causeFirst() {
            return share(first, judged);
        }

        double causeInThree() {
            return share(inThree, judged);
        }

        /** Share of the sizes that came out within what was stated. */
        double sizesCovered() {
            return share(within, bands);
        }

        double tapersCovered() {
            return share(tapersWithin, tapers);
        }

        double madeWorse() {
            return share(worse, changes);
        }

        /** Median error of a size after four kept trials over the one without them. */
        double leftByTeaching() {
            return median(taught) / median(untaught);
        }

        private void tell() {
            line("in tolerance within six trials", inTolerance());
            System.out.printf(
                    Locale.ROOT, "  %-44s %.2f %s%n", "trials of those", share(trials, good), Arrays.toString(at));
            line("that dialling cannot save (" + hard + ")", hardInTolerance());
            System.out.printf(Locale.ROOT, "  %-44s %.2f%n", "trials of those", share(hardTrials, hardGood));
            line("true dominant cause first (" + judged + ")", causeFirst());
            line("among the first three", causeInThree());
            line("stated bands cover, sizes", sizesCovered());
            line("stated bands cover, tapers", tapersCovered());
            line("changes that made it worse", madeWorse());
            System.out.printf(
                    Locale.ROOT,
                    "  %-44s %.4f mm, untaught %.4f mm%n",
                    "median error of a size after four trials",
                    median(taught),
                    median(untaught));
            System.out.println("  taken for another: " + mistaken);
        }

        private static void line(String what, double share) {
            System.out.printf(Locale.ROOT, "  %-44s %.1f %%%n", what, 100 * share);
        }
    }

    private Loop() {}

    /** Runs it; as many jobs as the first argument says, from the seed that the second says; with a third the jobs that went wrong are told. */
    public static void main(String[] arguments) {
        int jobs = arguments.length > 0 && !arguments[0].isEmpty() ? Integer.parseInt(arguments[0]) : USUAL;
        long seed = arguments.length > 1 && !arguments[1].isEmpty() ? Long.parseLong(arguments[1]) : System.nanoTime();
        Tally tally = run(jobs, seed, arguments.length > 2);
        System.out.printf(Locale.ROOT, "%d jobs, seed %d%n", jobs, seed);
        tally.tell();
    }

    /** Has jobs cut as advised. Each has its own luck, so that the same jobs are cut whatever is advised in others. */
    static Tally run(int jobs, long seed, boolean telling) {
        Tally tally = new Tally();
        List<String> lathes =
                Machines.NAMES.stream().filter(name -> !lathe(name).mill()).toList();
        for (int i = 0; i < jobs; i++) {
            Random random = new Random(seed + i * APART);
            LoopJob job = LoopJob.drawn(random, lathes.get(random.nextInt(lathes.size())));
            follow(job, Faults.drawn(random), random, tally, telling);
        }
        for (int i = 0; i < jobs / 3; i++) {
            Random random = new Random(~seed + i * APART);
            taughtByFour(lathes.get(random.nextInt(lathes.size())), random, tally);
        }
        return tally;
    }

    private static Lathe lathe(String name) {
        return Objects.requireNonNull(Machines.ALL.get(name));
    }

    private static double median(List<Double> all) {
        return all.stream().sorted().skip(all.size() / 2).findFirst().orElse(Double.NaN);
    }

    /** Four jobs alike in kind are cut on one lathe and kept; how far off is the fifth, and how far would it be if nothing had been kept? */
    private static void taughtByFour(String name, Random random, Tally tally) {
        Faults faults = Faults.drawn(random);
        LoopJob like = LoopJob.drawn(random, name);
        Lessons lessons = new Lessons();
        for (int trial = 0; trial <= 4; trial++) {
            LoopJob job = like.another(random, name);
            LoopJob.Wanted wanted = job.wanted(Pass.Done.NOTHING).orElseThrow();
            Faults now = faults.nextPiece(random);
            VirtualLathe.Piece piece = new VirtualLathe(job.machine(), now).cut(wanted.pass(), random);
            Map<String, String> readings = job.readings(piece, wanted);
            readings.put("warmth", felt(now.warmK()));
            PlanRequest plain = job.request(Calibrations.NONE);
            var family = Families.of(plain);
            if (trial < 4) {
                family.lessons(new TrialRequest(plain, readings)).forEach(lessons::add);
                continue;
            }
            Calibrations known = family.about(plain).map(lessons::taught).orElse(Calibrations.NONE);
            error(TrialJudge.prove(new TrialRequest(plain, readings)), tally.untaught);
            error(TrialJudge.prove(new TrialRequest(job.request(known), readings)), tally.taught);
        }
    }

    /** How far the sizes read are off those predicted, mm. */
    private static void error(TrialAnswer answer, List<Double> errors) {
        for (TrialAnswer.Compared row : answer.compared()) {
            if (SIZES.contains(row.what())) {
                errors.add(Math.abs(number(row.measured()) - number(row.predicted())));
            }
        }
    }

    private static double number(String text) {
        return Double.parseDouble(text.split(" ", 2)[0]);
    }

    private static void follow(LoopJob first, Faults faults, Random random, Tally tally, boolean telling) {
        LoopJob job = first;
        VirtualLathe shop = new VirtualLathe(first.machine(), faults);
        Map<String, String> told = first.dialledAsPlanned();
        double before = Double.POSITIVE_INFINITY;
        boolean changed = false;
        boolean hard = false;
        StringBuilder story = new StringBuilder();
        for (int trial = 1; trial <= MOST_TRIALS; trial++) {
            LoopJob.Wanted still = job.wanted(Pass.Done.NOTHING).orElseThrow();
            LoopJob.Wanted wanted = job.wanted(done(told, still, job.bores())).orElseThrow();
            VirtualLathe.Piece piece = shop.cut(wanted.pass(), random);
            double worst =
                    Math.max(Math.abs(piece.nearMm() - wanted.middleMm()), Math.abs(piece.farMm() - wanted.middleMm()));
            boolean good = worst <= wanted.halfWidthMm();
            Map<String, String> readings = job.readings(piece, wanted);
            readings.putAll(told);
            readings.put("warmth", felt(faults.warmK()));
            TrialAnswer answer = TrialJudge.prove(new TrialRequest(job.request(Calibrations.NONE), readings));
            if (answer.next().isPresent() && answer.next().get().readings().containsKey("warmth")) {
                // The same piece, read again when it has cooled.
                readings.putAll(job.readings(piece.cooled(), wanted));
                readings.put("warmth", "cold");
                answer = TrialJudge.prove(new TrialRequest(job.request(Calibrations.NONE), readings));
            }
            story.append(String.format(
                    Locale.ROOT,
                    "  near %+.3f far %+.3f of ±%.3f; %s -> %s%n",
                    piece.nearMm() - wanted.middleMm(),
                    piece.farMm() - wanted.middleMm(),
                    wanted.halfWidthMm(),
                    answer.causes().stream()
                            .map(cause -> cause.id() + String.format(Locale.ROOT, " %.2f", cause.fit()))
                            .toList(),
                    answer.next().map(Fix::label).orElse(answer.expected())));
            if (!answer.worked()) {
                throw new IllegalStateException(answer.verdict() + job.fields() + readings);
            }
            if (trial == 1) {
                hard = Math.abs(piece.farMm() - piece.nearMm()) > 2 * wanted.halfWidthMm();
                tally.jobs++;
                tally.hard += hard ? 1 : 0;
                bands(answer, tally);
                if (!good) {
                    boolean right = causes(answer, shop, wanted.pass(), tally);
                    if (!right && telling) {
                        System.out.println("MISTAKEN " + first.fields() + " " + faults + "\n" + story
                                + weights(shop, wanted.pass()));
                    }
                }
            } else if (changed) {
                tally.changes++;
                boolean worse = worst > 1.1 * before + 0.003;
                tally.worse += worse ? 1 : 0;
                if (worse && telling) {
                    System.out.println("WORSE " + first.fields() + " " + faults + "\n" + story);
                }
            }
            if (good) {
                tally.good++;
                tally.trials += trial;
                tally.at[trial - 1]++;
                tally.hardGood += hard ? 1 : 0;
                tally.hardTrials += hard ? trial : 0;
                return;
            }
            before = worst;
            changed = answer.next().isPresent();
            if (answer.next().isPresent()) {
                Fix fix = answer.next().get();
                if (!fix.field().isEmpty()) {
                    job = job.with(fix.field(), fix.text());
                }
                told = told(told, fix);
            }
        }
        if (telling) {
            System.out.println(first.fields() + " " + faults + "\n" + story);
        }
    }

    /** What the next trial is told, as the page does it: what a change tells stands in place of all that was told before. */
    private static Map<String, String> told(Map<String, String> before, Fix fix) {
        return fix.readings().isEmpty() ? before : fix.readings();
    }

    private static Pass.Done done(Map<String, String> told, LoopJob.Wanted wanted, boolean bores) {
        double slope = mm(told, "swung") / 2 / wanted.pass().lengthMm();
        // A bore's second reading is the one near the chuck.
        return new Pass.Done(mm(told, "dialled"), mm(told, "tailstock"), bores ? -slope : slope);
    }

    private static double mm(Map<String, String> told, String reading) {
        String text = told.getOrDefault(reading, "0 mm");
        return Double.parseDouble(text.replace('\u2212', '-').replace(" mm", ""));
    }

    private static String felt(double kelvin) {
        return kelvin < 4 ? "cold" : kelvin < 13 ? "lukewarm" : "hand-warm";
    }

    private static void bands(TrialAnswer answer, Tally tally) {
        for (TrialAnswer.Compared row : answer.compared()) {
            if (SIZES.contains(row.what())) {
                tally.bands++;
                tally.within += row.within() ? 1 : 0;
            } else if ("Taper".equals(row.what())) {
                tally.tapers++;
                tally.tapersWithin += row.within() ? 1 : 0;
            }
        }
    }

    private static Map<Faults.Kind, String> weights(VirtualLathe shop, Pass pass) {
        Map<Faults.Kind, String> all = new EnumMap<>(Faults.Kind.class);
        for (Faults.Kind kind : Faults.Kind.values()) {
            all.put(kind, String.format(Locale.ROOT, "%.4f", weight(shop, pass, kind)));
        }
        return all;
    }

    private static boolean causes(TrialAnswer answer, VirtualLathe shop, Pass pass, Tally tally) {
        Faults.Kind dominant = Arrays.stream(Faults.Kind.values())
                .max((a, b) -> Double.compare(weight(shop, pass, a), weight(shop, pass, b)))
                .orElseThrow();
        List<Faults.Kind> named = new ArrayList<>();
        answer.causes().forEach(cause -> {
            Faults.Kind kind = KINDS.get(cause.id());
            if (kind != null && !named.contains(kind)) {
                named.add(kind);
            }
        });
        tally.judged++;
        tally.first += !named.isEmpty() && named.getFirst() == dominant ? 1 : 0;
        tally.inThree += named.indexOf(dominant) >= 0 && named.indexOf(dominant) < 3 ? 1 : 0;
        if (named.isEmpty() || named.getFirst() != dominant) {
            tally.mistaken.merge(
                    dominant + " for " + (named.isEmpty() ? "nothing" : named.getFirst()), 1, Integer::sum);
            return false;
        }
        return true;
    }

    /** How far a kind of fault moves what is read, at both ends together, mm. */
    private static double weight(VirtualLathe shop, Pass pass, Faults.Kind kind) {
        VirtualLathe.Piece with = new VirtualLathe(shop.machine(), shop.faults().exact()).cut(pass, new Random(0));
        VirtualLathe.Piece without =
                new VirtualLathe(shop.machine(), shop.faults().exact().without(kind)).cut(pass, new Random(0));
        return Math.hypot(with.readNearMm() - without.readNearMm(), with.readFarMm() - without.readFarMm());
    }
}
