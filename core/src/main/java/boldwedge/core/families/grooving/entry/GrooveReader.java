package boldwedge.core.families.grooving.entry;

import static boldwedge.core.families.grooving.entry.GrooveField.*;

import boldwedge.core.families.grooving.model.FaceSweep;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.Groove.Purpose;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.families.grooving.model.GrooveJobBuilder;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.RingGroove;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ThreadRelief;
import boldwedge.core.language.stock.Undercut;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** Reads a groove and its bit. */
public final class GrooveReader extends FieldReader {
    /** Cords are pressed flat by so much: between round parts, in a face (custom of the trade; makers' tables 15 to 30 %). */
    private static final double ROUND_SQUEEZE = 0.2;

    private static final double FACE_SQUEEZE = 0.25;
    /** Beside the groove's width a bit has so much, mm (ours). */
    private static final double BIT_OVER_MM = 1;

    private static final double FACE_DEPTH_MM = 0.05;
    /** Deeper than this share of the diameter it is no groove any more. */
    private static final double DEEPEST = 0.4;

    /** Of the edge's width at most so much may be ground away at the foot of the outer side. */
    private static final double MOST_STANDS_IN = 0.7;

    private GrooveReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<GrooveCut> cut(PlanRequest request) {
        GrooveReader reader = new GrooveReader(request);
        Optional<GrooveCut> cut = reader.read().map(reader::worked);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<GrooveJob> read() {
        readAll(values());
        whole(DWELL);
        Optional<Purpose> purpose = found(PURPOSE, Purpose.class);
        OptionalDouble width = purpose.map(this::width).orElse(OptionalDouble.empty());
        Optional<Tolerance> tolerance = tolerance(TOLERANCE, width);
        if (hasErrors()) {
            return Optional.empty();
        }
        Optional<Groove> groove = groove(purpose.orElseThrow(), width, tolerance);
        if (hasErrors() || groove.isEmpty()) {
            return Optional.empty();
        }
        unlessPicked(BIT, bitThatFits(groove.get()));
        harderUnlessPicked(BIT, MATERIAL);
        readAll(BIT);
        return Optional.of(job(groove.get()));
    }

    /** Its width as typed, or by what it is for. */
    private OptionalDouble width(Purpose purpose) {
        if (typed(WIDTH).isPresent() || typed(AROUND).isEmpty()) {
            return typed(WIDTH);
        }
        if (purpose.circlip()) {
            Optional<RingGroove> ring = ring(purpose);
            if (ring.isEmpty()) {
                wrong(
                        AROUND,
                        "No ring is listed for " + length(value(AROUND)) + ": " + neighbours(purpose)
                                + " are. Or type the groove’s own width and bottom.");
            }
            return ring.map(RingGroove::widthMm).map(OptionalDouble::of).orElse(OptionalDouble.empty());
        }
        if (purpose.oring()) {
            return typed(CORD).isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(
                            units.turned(Groove.sealWidthMm(value(CORD), value(CORD) * (1 - squeeze(purpose))) + 0.04));
        }
        if (purpose == Purpose.THREAD_RELIEF) {
            Optional<ThreadRelief> relief = relief();
            if (relief.isEmpty()) {
                wrong(PITCH, "No undercut is listed for that pitch: type the groove’s own width and bottom.");
            }
            return relief.map(ThreadRelief::widthMm).map(OptionalDouble::of).orElse(OptionalDouble.empty());
        }
        if (purpose == Purpose.UNDERCUT) {
            return undercut().map(Undercut::widthMm).map(OptionalDouble::of).orElse(OptionalDouble.empty());
        }
        wrong(WIDTH, "Type how wide the groove is to be.");
        return OptionalDouble.empty();
    }

    private static double squeeze(Purpose purpose) {
        return purpose.side() == Side.FACE ? FACE_SQUEEZE : ROUND_SQUEEZE;
    }

    private Optional<RingGroove> ring(Purpose purpose) {
        return rings(purpose).stream()
                .filter(ring -> Math.abs(ring.nominalMm() - value(AROUND)) < 0.05)
                .findFirst();
    }

    private static List<RingGroove> rings(Purpose purpose) {
        return StockCatalogue.shipped().circlips().stream()
                .filter(ring -> ring.inBore() == (purpose.side() == Side.INSIDE))
                .toList();
    }

    private String neighbours(Purpose purpose) {
        double at = value(AROUND);
        return rings(purpose).stream()
                .sorted(Comparator.comparingDouble(ring -> Math.abs(ring.nominalMm() - at)))
                .limit(2)
                .map(RingGroove::nominalMm)
                .sorted()
                .map(this::length)
                .collect(Collectors.joining(" and "));
    }

    private Optional<ThreadRelief> relief() {
        return typed(PITCH).isEmpty()
                ? Optional.empty()
                : StockCatalogue.shipped().reliefs().stream()
                        .filter(one -> Math.abs(one.pitchMm() - value(PITCH)) < 0.1)
                        .min(Comparator.comparingDouble(one -> Math.abs(one.pitchMm() - value(PITCH))));
    }

    /** By the radius that is typed, else the first for the shaft; of two with one radius the one whose shafts lie nearest. */
    private Optional<Undercut> undercut() {
        double around = value(AROUND);
        List<Undercut> listed = StockCatalogue.shipped().undercuts();
        if (typed(RADIUS).isEmpty()) {
            return listed.stream()
                    .filter(one -> one.suits(around))
                    .findFirst()
                    .or(() -> Optional.of(listed.getFirst()));
        }
        double radius = value(RADIUS);
        Optional<Undercut> row = listed.stream()
                .filter(one -> Math.abs(one.radiusMm() - radius) < 0.05 * one.radiusMm() + 1e-9)
                .min(Comparator.comparingDouble(
                        one -> Math.abs(around - Math.clamp(around, one.overMm(), one.toMm()))));
        if (row.isEmpty()) {
            wrong(
                    RADIUS,
                    "No undercut is listed with that radius: "
                            + listed.stream()
                                    .map(Undercut::radiusMm)
                                    .distinct()
                                    .sorted()
                                    .map(this::length)
                                    .collect(Collectors.joining(", "))
                            + " are.");
        }
        return row;
    }

    private Optional<Groove> groove(Purpose purpose, OptionalDouble width, Optional<Tolerance> tolerance) {
        double around = value(AROUND);
        Optional<RingGroove> ring =
                purpose.circlip() && typed(WIDTH).isEmpty() && typed(BOTTOM).isEmpty()
                        ? ring(purpose)
                        : Optional.empty();
        OptionalDouble depth = depth(purpose, around);
        if (depth.isEmpty()) {
            wrong(
                    purpose.side() == Side.FACE ? DEPTH : BOTTOM,
                    purpose.side() == Side.FACE
                            ? "Type how deep the groove is to be."
                            : "Type the diameter of the groove’s bottom.");
            return Optional.empty();
        }
        checkDepth(purpose, around, depth.getAsDouble(), width.orElse(0));
        if (hasErrors()) {
            return Optional.empty();
        }
        double bottom =
                purpose.side() == Side.INSIDE ? around + 2 * depth.getAsDouble() : around - 2 * depth.getAsDouble();
        return Optional.of(new Groove(
                purpose,
                around,
                depth.getAsDouble(),
                width.orElseThrow(),
                tolerance.orElseThrow(),
                bottomTolerance(purpose, ring, bottom),
                purpose.oring() ? value(CORD) : 0,
                squeeze(purpose),
                purpose.side() == Side.FACE ? 0 : value(GAP),
                purpose == Purpose.UNDERCUT ? undercut() : Optional.empty(),
                ring,
                source(purpose, ring)));
    }

    private String source(Purpose purpose, Optional<RingGroove> ring) {
        if (ring.isPresent()) {
            return ring.get().source();
        }
        if (purpose == Purpose.THREAD_RELIEF && typed(WIDTH).isEmpty()) {
            return relief().map(ThreadRelief::source).orElse("As typed");
        }
        if (purpose == Purpose.UNDERCUT) {
            return undercut().map(Undercut::source).orElse("As typed");
        }
        return purpose.oring()
                ? "Squeeze and fill by custom of the trade; the ring maker’s table comes first"
                : "As typed";
    }

    private OptionalDouble depth(Purpose purpose, double around) {
        if (purpose.side() == Side.FACE) {
            return typed(DEPTH).isPresent() || !purpose.oring()
                    ? typed(DEPTH)
                    : OptionalDouble.of(units.measured(Groove.sealDepthMm(value(CORD), FACE_SQUEEZE, 0)));
        }
        if (typed(BOTTOM).isPresent()) {
            return OptionalDouble.of(Math.abs(around - value(BOTTOM)) / 2);
        }
        if (purpose.circlip()) {
            return ring(purpose)
                    .map(one -> OptionalDouble.of(Math.abs(around - one.bottomMm()) / 2))
                    .orElse(OptionalDouble.empty());
        }
        if (purpose.oring()) {
            return OptionalDouble.of(units.measured(Groove.sealDepthMm(value(CORD), ROUND_SQUEEZE, value(GAP))));
        }
        if (purpose == Purpose.UNDERCUT) {
            return undercut().map(one -> OptionalDouble.of(one.depthMm())).orElse(OptionalDouble.empty());
        }
        return purpose == Purpose.THREAD_RELIEF
                ? relief().map(one -> OptionalDouble.of(one.underMm() / 2)).orElse(OptionalDouble.empty())
                : OptionalDouble.empty();
    }

    private void checkDepth(Purpose purpose, double around, double depth, double width) {
        boolean wrongWay = typed(BOTTOM).isPresent()
                && (purpose.side() == Side.OUTSIDE ? value(BOTTOM) >= around : value(BOTTOM) <= around);
        if (wrongWay && purpose.side() != Side.FACE) {
            wrong(
                    BOTTOM,
                    purpose.side() == Side.OUTSIDE
                            ? "A groove outside goes below " + length(around) + ": type a smaller bottom."
                            : "A groove in a bore goes beyond " + length(around) + ": type a larger bottom.");
        } else if (purpose.side() == Side.OUTSIDE && depth > DEEPEST * around) {
            boolean cord = purpose.oring() && typed(BOTTOM).isEmpty();
            wrong(
                    cord ? CORD : typed(BOTTOM).isPresent() ? BOTTOM : AROUND,
                    cord
                            ? "So thick a cord leaves hardly any of a shaft of " + length(around) + ": "
                                    + length(units.turned(DEEPEST * around / (1 - ROUND_SQUEEZE))) + " or less."
                            : "That leaves hardly any work: go down to " + length((1 - 2 * DEEPEST) * around)
                                    + " at the most, or part it off.");
        } else if (purpose.side() == Side.FACE && width > around / 2) {
            wrong(
                    WIDTH,
                    "It meets itself: at " + length(around) + " across it can be " + length(around / 2)
                            + " wide at the most.");
        }
        if (value(AT) > value(STICK_OUT)) {
            wrong(AT, "The work ends " + length(value(STICK_OUT)) + " from the jaws: the groove lies before that.");
        }
    }

    /** By the ring's row; else h11 or H11, and of a face's depth half a tenth either way. */
    private Tolerance bottomTolerance(Purpose purpose, Optional<RingGroove> ring, double bottom) {
        if (purpose.side() == Side.FACE) {
            return new Tolerance(FACE_DEPTH_MM, -FACE_DEPTH_MM, "±0.05 mm");
        }
        String text = ring.map(RingGroove::tolerance).orElse(purpose.side() == Side.INSIDE ? "H11" : "h11");
        return Tolerance.parse(text, bottom, units) instanceof Parsed.Good<Tolerance>(Tolerance read)
                ? read
                : new Tolerance(FACE_DEPTH_MM, -FACE_DEPTH_MM, "±0.05 mm");
    }

    /** The smallest square bit that has the groove's width and some over; of a face's groove the flattest: it dives under the wall least. */
    private Optional<String> bitThatFits(Groove groove) {
        return StockCatalogue.shipped().squareBits(units).stream()
                .filter(blank -> blank.widthMm() >= Math.min(groove.aimMm(), 5) + BIT_OVER_MM
                        && blank.heightMm() >= groove.depthMm())
                .findFirst()
                .map(Blank::id);
    }

    private GrooveJob job(Groove groove) {
        Blank bit = picked(BIT, Blank.class);
        return GrooveJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .groove(groove)
                .besideMm(typed(BESIDE))
                .atMm(value(AT))
                .hold(picked(HOLD, Hold.class))
                .freeMm(value(STICK_OUT))
                .bit(bit)
                .tool(StockCatalogue.shipped().toolMaterial(bit))
                .tipMm(typed(TIP))
                .rakeRad(typed(RAKE))
                .frontRad(value(FRONT))
                .sideRad(typed(SIDE))
                .outerRad(typed(OUTER))
                .cornerMm(typed(CORNER))
                .outMm(typed(OUT))
                .barMm(typed(BAR))
                .barReachMm(typed(BAR_REACH))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .dwell(count(DWELL).orElse(GrooveCut.LEAST_TURNS))
                .build();
    }

    private GrooveCut worked(GrooveJob job) {
        GrooveCut cut = GrooveCut.of(job);
        return typed(DWELL).isPresent() ? cut : cut.dwelling();
    }

    private void check(GrooveCut cut) {
        Groove groove = cut.job().groove();
        double most = groove.widthMm() + groove.width().upperMm();
        Blank bit = cut.job().bit();
        if (cut.tipMm() > most + 1e-9) {
            wrong(
                    TIP,
                    "The edge is wider than the groove may be: " + length(most)
                            + " or less, the middle of its limits is " + length(groove.aimMm()) + ".");
        } else if (cut.tipMm() > bit.widthMm() + 1e-9) {
            wrong(TIP, "The bit is only " + length(bit.widthMm()) + " wide.");
        }
        if (cut.outMm() < groove.depthMm()) {
            wrong(
                    OUT,
                    "The groove is " + length(groove.depthMm()) + " deep: let the edge stand out by "
                            + length(groove.depthMm() + 1) + ".");
        }
        if (groove.side() == Side.INSIDE && cut.barMm() + groove.depthMm() > groove.aroundMm()) {
            wrong(
                    BAR,
                    "A bar of " + length(cut.barMm()) + " with its bit does not come out of a bore of "
                            + length(groove.aroundMm()) + ": "
                            + length(GrooveCut.BAR_OF_BORE * (groove.aroundMm() - groove.depthMm()))
                            + " does.");
        }
        if (groove.side() == Side.FACE && cut.sweep().standsInMm() > MOST_STANDS_IN * cut.tipMm()) {
            double under = FaceSweep.mostUnderMm(groove.aroundMm() / 2, MOST_STANDS_IN * cut.tipMm());
            wrong(
                    BIT,
                    "In so small a groove the wall comes round under a bit " + length(bit.heightMm())
                            + " high, and nothing of its edge would be left below: take one " + length(under)
                            + " high or less, or grind its foot away.");
        }
    }
}
