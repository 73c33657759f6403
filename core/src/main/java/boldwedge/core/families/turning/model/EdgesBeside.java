package boldwedge.core.families.turning.model;

import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The same pass by other edges: a bit of the other kind, ground as advised, and inserts as they come. Depth, holding and lathe stay; feed
 * and speed are each edge's own where they were not typed. Worked out when they are first asked for: a drawing and a finding show them,
 * most looks at a cut show neither. For one thread.
 */
public final class EdgesBeside {
    /** Minutes of cutting that the tables' speeds are chosen for: a ground edge an hour, an insert's corner a quarter (ours; ISO 3685 tries inserts for as long). */
    private static final double GROUND_MINUTES = 60;

    private static final double CORNER_MINUTES = 15;
    /** Longer than this no edge is counted on: it chips, or is spoiled, first. */
    public static final double MOST_LIVES = 8;
    /** An insert with a square-ish corner stands so far past square to the axis that it also faces, radians. */
    private static final double PAST_SQUARE = Math.toRadians(5);

    private static final double SQUARISH = Math.toRadians(75);
    /** Pointed ones stand less far past it, so that they follow a shape. */
    private static final double POINTED_PAST_SQUARE = Math.toRadians(2);

    private final TurningJob job;
    private final ToolSignature signature;
    private final EdgeOnWork own;
    /** Empty until they are asked for. */
    private List<Edge> edges = List.of();

    EdgesBeside(TurningJob job, ToolSignature signature, EdgeOnWork own) {
        this.job = job;
        this.signature = signature;
        this.own = own;
    }

    /**
     * An edge and what the pass becomes with it.
     *
     * @param name what it is, as bought
     * @param own whether it is the bit of the cut itself
     * @param insert the insert, where it is one
     */
    public record Edge(
            String name,
            boolean own,
            Optional<Insert> insert,
            ToolMaterial tool,
            ToolSignature signature,
            EdgeOnWork onWork) {
        /** Push on the work, N. */
        public double pushN() {
            return onWork.cutting().force().pushN();
        }

        /** Left of the error either way once the dial has made up for its mean, mm on the diameter. */
        public double remainingMm() {
            return onWork.pushOff().remainingMm();
        }

        /** Finish that is likely measured, Ra in mm. */
        public double raMm() {
            return onWork.cutting().likelyRaMm();
        }

        /** Chip under which it rubs, mm. */
        public double leastChipMm() {
            return onWork.cutting().smallestChipMm().chosen();
        }

        /** The chip of this pass on average, mm. */
        public double chipMm() {
            return onWork.cutting().force().meanChipMm();
        }

        /** Feed, mm a turn. */
        public double feedMm() {
            return onWork.cutting().feedMm();
        }

        /** Spindle speed. */
        public double rpm() {
            return onWork.cutting().rpm();
        }

        /** Speed at the work, m/min. */
        public double surfaceSpeed() {
            return onWork.cutting().surfaceSpeed();
        }

        /** Minutes of cutting that the table's speed is chosen for. */
        public double chartMinutes() {
            return insert.isPresent() ? CORNER_MINUTES : GROUND_MINUTES;
        }

        /** The table's speed, m/min. */
        public double chartSpeed() {
            return onWork.cutting().at().work().surfaceSpeed(tool).chosen();
        }

        /** Minutes of cutting until the edge is worn, by Taylor from the table's speed; about half to twice as long. */
        public double lifeMinutes() {
            double share = SpeedChoice.lifeShare(chartSpeed(), onWork.cutting().surfaceSpeed(), tool.taylorExponent());
            return chartMinutes() * Math.min(MOST_LIVES, share);
        }

        /** Whether the life stands at the most that is counted on. */
        public boolean longLived() {
            return lifeMinutes() >= chartMinutes() * MOST_LIVES * (1 - 1e-9);
        }

        /** Passes such as this one that an edge does, for their length of path in mm. */
        public double passes(double pathMm) {
            return lifeMinutes() * feedMm() * rpm() / pathMm;
        }

        /** Corners that it has. */
        public int corners() {
            return insert.map(one -> one.triangle() ? 3 : 2).orElse(1);
        }
    }

    /** The cut's own edge first, then the others. */
    public List<Edge> edges() {
        if (edges.isEmpty()) {
            edges = List.copyOf(workedOut());
        }
        return edges;
    }

    private List<Edge> workedOut() {
        StockCatalogue stock = StockCatalogue.shipped();
        List<Edge> all = new ArrayList<>();
        all.add(new Edge(job.blank().name(), true, Optional.empty(), job.tool(), signature, own));
        otherBlank(job).ifPresent(blank -> {
            TurningJob with = job.with(other -> other.blank(blank).tool(stock.toolMaterial(blank)));
            ToolSignature advised = TurningCut.advice(with).signature();
            all.add(new Edge(
                    blank.name(), false, Optional.empty(), with.tool(), advised, EdgeOnWork.once(with, advised)));
        });
        // Of those with as many corners and the same edge the first will do: they cut alike.
        for (Insert insert : stock.inserts()) {
            boolean seen = all.stream()
                    .flatMap(edge -> edge.insert().stream())
                    .anyMatch(other -> other.triangle() == insert.triangle()
                            && other.toolMaterial().equals(insert.toolMaterial()));
            if (!seen) {
                ToolMaterial tool = stock.toolMaterial(insert.toolMaterial()).orElseThrow();
                ToolSignature angles = asHeld(insert, signature.noseRadiusMm());
                TurningJob with = job.with(other -> other.tool(tool));
                all.add(new Edge(
                        insert.name(), false, Optional.of(insert), tool, angles, EdgeOnWork.once(with, angles)));
            }
        }
        return all;
    }

    /** A bit of the other family, as near to the own one's size as is sold; square-shouldered before leaning. */
    private static Optional<Blank> otherBlank(TurningJob job) {
        StockCatalogue stock = StockCatalogue.shipped();
        Blank best = null;
        for (Blank blank : stock.blanks()) {
            boolean other = stock.toolMaterial(blank).family() != job.tool().family();
            if (other && (best == null || off(blank, job) < off(best, job) - 1e-9)) {
                best = blank;
            }
        }
        return Optional.ofNullable(best);
    }

    private static double off(Blank blank, TurningJob job) {
        return Math.abs(blank.heightMm() - job.blank().heightMm());
    }

    /** An insert as its holder stands it: flat, its own clearance and rake, past square to the axis. */
    static ToolSignature asHeld(Insert insert, double noseMm) {
        double past = insert.pointRad() > SQUARISH ? PAST_SQUARE : POINTED_PAST_SQUARE;
        double trailing = Math.PI / 2 - past - insert.pointRad();
        return new ToolSignature(
                0,
                insert.rakeRad(),
                insert.clearanceRad(),
                insert.clearanceRad(),
                trailing,
                -past,
                insert.nearestNose(noseMm));
    }
}
