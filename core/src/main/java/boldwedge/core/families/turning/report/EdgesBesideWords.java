package boldwedge.core.families.turning.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.EdgesBeside;
import boldwedge.core.families.turning.model.EdgesBeside.Edge;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The same pass by other edges, told side by side: what each leaves, needs and lasts. */
final class EdgesBesideWords {
    /** A smaller gain than this share of what is allowed is no reason to change the tool. */
    private static final double WORTH_IT = 0.1;

    private static final double QUICKER = 0.6;
    private static final double WORTH_MINUTES = 0.5;
    /** Radius of an edge that still counts as ground rather than honed, mm. */
    private static final double SHARP_MM = 0.015;
    /** More passes than this nobody counts. */
    private static final double MANY = 1000;

    private final TurningCut cut;
    private final UnitFormat say;
    private final List<Edge> edges;

    EdgesBesideWords(TurningCut cut, List<Edge> edges, UnitFormat say) {
        this.cut = cut;
        this.say = say;
        this.edges = edges;
    }

    Finding told() {
        Edge own = edges.getFirst();
        Optional<Edge> best =
                edges.stream().skip(1).filter(this::does).min(Comparator.comparingDouble(Edge::remainingMm));
        String words = best.map(edge -> beside(own, edge))
                .orElse("No other edge here does this pass: each would rub or leave too rough a face.");
        Finding.Builder finding = Finding.at(Station.EDGE, "edges-beside", say)
                .says(Verdict.TOLD, words + quicker(own))
                .steps(working(own))
                .note("The same depth, holding and lathe; each with a feed and speed of its own where none was typed.")
                .note(
                        "A life is by Taylor from the speed in the tables, and may be half or twice as long; scale, chips in"
                                + " the way and interrupted cuts end it sooner.")
                .source("Each worked out as this cut is; Taylor 1907");
        best.ifPresent(edge -> finding.steps(working(edge)));
        for (Edge edge : edges) {
            finding.school(edge.name() + nose(edge), sentence(edge), edge.own());
        }
        return finding.build();
    }

    private String beside(Edge own, Edge best) {
        double worth = WORTH_IT * cut.job().allowedErrorMm();
        if (!does(own) || own.remainingMm() - best.remainingMm() > worth) {
            return "Beside it: " + inSentence(best) + " would leave " + either(best) + " where this edge "
                    + (rubs(own) ? "rubs." : "leaves " + either(own) + ".");
        }
        return "No other edge does this pass better: the next, " + inSentence(best)
                + (either(best).equals(either(own))
                        ? ", does it as well."
                        : ", leaves " + either(best) + " against " + either(own) + ".");
    }

    /** Another edge that holds the size and is done far sooner. */
    private String quicker(Edge own) {
        return edges.stream()
                .skip(1)
                .filter(this::does)
                .filter(edge -> edge.remainingMm() <= cut.job().allowedErrorMm())
                .min(Comparator.comparingDouble(this::minutes))
                .filter(edge -> minutes(edge) < QUICKER * minutes(own) && minutes(own) > WORTH_MINUTES)
                .map(edge -> " Quickest: " + inSentence(edge) + ", " + say.time(minutes(edge)) + " a pass against "
                        + say.time(minutes(own)) + ", at " + either(edge) + ".")
                .orElse("");
    }

    private double minutes(Edge edge) {
        return cut.pathMm() / (edge.feedMm() * edge.rpm());
    }

    /** Whether an edge shaves this pass and leaves it fine enough. */
    private boolean does(Edge edge) {
        return !rubs(edge) && edge.raMm() <= cut.job().raMm() * (1 + 1e-9);
    }

    private static boolean rubs(Edge edge) {
        return edge.chipMm() < edge.leastChipMm();
    }

    private String nose(Edge edge) {
        return ", nose " + say.length(edge.signature().noseRadiusMm());
    }

    private static String inSentence(Edge edge) {
        return "a " + shortName(edge) + (edge.insert().isPresent() ? "" : " bit");
    }

    /** What it is in two or three words: "ground 80° insert", "brazed carbide". */
    static String shortName(Edge edge) {
        return edge.insert()
                .map(insert -> (edge.tool().edgeRadiusMm().chosen() < SHARP_MM ? "ground " : "honed ")
                        + Written.degrees(insert.pointRad()) + " insert")
                .orElse(edge.tool().name().toLowerCase(Locale.ROOT));
    }

    private String either(Edge edge) {
        return "±" + say.length(edge.remainingMm());
    }

    private String sentence(Edge edge) {
        double passes = edge.passes(cut.pathMm());
        Optional<Double> price = cut.job().insertPrice().stream()
                .boxed()
                .filter(any -> edge.insert().isPresent())
                .findFirst();
        return "Pushes with " + say.force(edge.pushN()) + "; " + either(edge) + " once dialled in; about "
                + say.ra(edge.raMm()) + ". Least chip " + say.length(edge.leastChipMm())
                + (rubs(edge) ? ", this one is thinner: it rubs. " : ". ")
                + say.rpm(edge.rpm()) + " at " + say.feed(edge.feedMm()) + ", "
                + say.time(minutes(edge)) + " a pass; "
                + count(edge, passes)
                + (edge.insert().isPresent()
                        ? " such passes to a corner, " + edge.corners() + " corners."
                        : " such passes to a grinding.")
                + price.map(each -> " " + Written.places(each / edge.corners() / passes, 3) + " a pass.")
                        .orElse("");
    }

    private static String count(Edge edge, double passes) {
        return passes > MANY
                ? "over " + Written.places(MANY, 0)
                : (edge.longLived() ? "over " : "about ") + Written.places(Math.max(1, rounded(passes)), 0);
    }

    /** To two figures: it is known no better. */
    private static double rounded(double count) {
        double step = Math.pow(10, Math.max(0, Math.floor(Math.log10(Math.max(1, count))) - 1));
        return Math.rint(count / step) * step;
    }

    private List<Working> working(Edge edge) {
        List<Working> steps = new ArrayList<>();
        String whose = edge.own() ? "" : ": " + edge.name();
        Working life = Working.of(
                        "Life" + whose,
                        edge.longLived() ? "m · T0" : "T0 · (v0 / v)^(1 / n)",
                        Amount.minutes(edge.lifeMinutes()))
                .with(
                        "T0",
                        "for which the table's speed is chosen",
                        Amount.minutes(edge.chartMinutes()).assumed());
        steps.add(
                (edge.longLived()
                        ? life.with(
                                "m",
                                "the most that is counted on",
                                number(EdgesBeside.MOST_LIVES).assumed())
                        : life.with(
                                        "v0",
                                        "the table's speed",
                                        Amount.metresPerMinute(edge.chartSpeed())
                                                .fromTable())
                                .with("v", Amount.metresPerMinute(edge.surfaceSpeed()))
                                .with("n", number(edge.tool().taylorExponent()).fromTable())));
        steps.add(Working.of("Passes" + whose, "T · f · n / L", number(edge.passes(cut.pathMm())))
                .with("T", Amount.minutes(edge.lifeMinutes()))
                .with("f", mmPerRev(edge.feedMm()))
                .with("n", rpm(edge.rpm()))
                .with("L", mm(cut.pathMm())));
        return steps;
    }
}
