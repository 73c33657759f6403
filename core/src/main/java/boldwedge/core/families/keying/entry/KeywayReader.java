package boldwedge.core.families.keying.entry;

import static boldwedge.core.families.keying.entry.KeywayField.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.families.keying.model.KeywayJob.Drive;
import boldwedge.core.families.keying.model.KeywayJobBuilder;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.stroke.Slot;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads a keyway and its bar. */
public final class KeywayReader extends FieldReader {
    /** A bit takes about so much of its bar (custom of the trade). */
    private static final double BIT_SHARE = 0.4;
    /** Of a bar only so much may be hole. */
    private static final double MOST_BIT_SHARE = 0.5;
    /** Beyond this nothing is left of the bar that is worth the name. */
    private static final double MOST_HOLE_SHARE = 0.75;

    /** A head is so many sides of its bit long (custom of the trade). */
    private static final double HEAD_SIDES = 3;

    private static final double SMALLEST_BIT_MM = 3;

    private static final double USUAL_DEEPER = 0.1;
    /** Without a key the depth is about half of what is wide. */
    private static final double USUAL_DEPTH = 0.45;
    /** A recess is so much wider than the tooth is thick, mm. */
    private static final double RECESS_ROOM_MM = 3;

    private KeywayReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<KeywayCut> cut(PlanRequest request) {
        KeywayReader reader = new KeywayReader(request);
        Optional<KeywayCut> cut = reader.read().map(KeywayCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<KeywayJob> read() {
        for (KeywayField field : List.of(BORE, WIDTH, BAR)) {
            measured(field, field.limits().orElseThrow());
        }
        unlessPicked(BIT, bitThatFits());
        harderUnlessPicked(BIT, MATERIAL);
        request.lathe().ifPresent(this::cardOf);
        readAll(values());
        Optional<KeySize> key = key();
        OptionalDouble width = key.map(KeySize::widthMm).map(OptionalDouble::of).orElse(typed(WIDTH));
        if (width.isEmpty() && typed(BORE).isPresent()) {
            wrong(WIDTH, "The tables have no key for a bore of " + length(value(BORE)) + ": type its width.");
        }
        Optional<Tolerance> tolerance = tolerance(TOLERANCE, width);
        whole(SLOTS);
        whole(SPRING);
        whole(TEETH);
        if (hasErrors()) {
            return Optional.empty();
        }
        checkWidth(width.getAsDouble());
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(job(key, width.getAsDouble(), tolerance.orElseThrow()));
    }

    /** What the machine's card says of how it strokes. */
    private void cardOf(Lathe machine) {
        if (machine.shaper()) {
            unlessPicked(DRIVE, Optional.of(Entry.choice(Drive.SHAPER)));
        }
        unlessPicked(TURN, written(machine.strokes().wheelTurnMm()));
        unlessPicked(WHEEL, written(machine.strokes().wheelRadiusMm()));
    }

    private static Optional<String> written(OptionalDouble mm) {
        return mm.isPresent() ? Optional.of(Written.exact(Quantity.LENGTH, mm.getAsDouble())) : Optional.empty();
    }

    /** The key of the bore, unless another width was typed. */
    private Optional<KeySize> key() {
        return typed(BORE).stream()
                .boxed()
                .flatMap(bore -> StockCatalogue.shipped().key(units, bore).stream())
                .filter(key -> typed(WIDTH).isEmpty() || Math.abs(typed(WIDTH).getAsDouble() - key.widthMm()) < 0.02)
                .findFirst();
    }

    private KeywayJob job(Optional<KeySize> key, double width, Tolerance tolerance) {
        double bore = value(BORE);
        Blank bit = picked(BIT, Blank.class);
        double depth = typed(DEPTH)
                .orElseGet(() -> key.map(one -> Slot.of(one, bore).depthMm()).orElse(USUAL_DEPTH * width));
        return KeywayJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .key(key)
                .slot(new Slot(bore / 2, width, depth))
                .width(tolerance)
                .deeperMm(key.map(KeySize::deeperMm).orElse(USUAL_DEEPER))
                .lengthMm(value(LENGTH))
                .through(is(END, "through"))
                .recessMm(value(RECESS))
                .outsideMm(typed(OUTSIDE))
                .slots((int) Math.rint(value(SLOTS)))
                .teeth(count(TEETH))
                .drive(picked(DRIVE, Drive.class))
                .turnMm(value(TURN))
                .wheelMm(value(WHEEL))
                .bit(bit)
                .toothMm(typed(TOOTH).orElse(Math.min(bit.widthMm(), width + tolerance.middleMm())))
                .rakeRad(typed(RAKE))
                .frontRad(value(FRONT))
                .sideRad(value(SIDE))
                .barMaterial(picked(BAR_MATERIAL, BarMaterial.class))
                .barMm(typed(BAR))
                .reachMm(typed(REACH))
                .toothOutMm(typed(TOOTH_OUT))
                .headMm(is(HEAD, "solid") ? OptionalDouble.empty() : OptionalDouble.of(headLength(bit)))
                .pushed(is(WAY, "least") ? Optional.empty() : Optional.of(is(WAY, "push")))
                .strokeMm(typed(STROKE))
                .springStrokes((int) Math.rint(value(SPRING)))
                .heightMm(value(HEIGHT))
                .rollRad(value(ROLL))
                .build();
    }

    /** As long as its hole wants, and a grip for a spanner behind it. */
    private double headLength(Blank bit) {
        return typed(HEAD_LENGTH).orElse(units.marked(HEAD_SIDES * bit.widthMm()));
    }

    /** The bit as wide as the key where the bar bears its hole; else the widest that it bears. */
    private Optional<String> bitThatFits() {
        if (typed(BORE).isEmpty()) {
            return Optional.empty();
        }
        double bore = typed(BORE).getAsDouble();
        double width = key().map(KeySize::widthMm).orElse(typed(WIDTH).orElse(0.25 * bore));
        double depth = key().map(key -> Slot.of(key, bore).depthMm()).orElse(USUAL_DEPTH * width);
        double bar = typed(BAR).orElse(new Slot(bore / 2, Math.min(width, 0.9 * bore), depth).largestBarMm());
        List<Blank> all = StockCatalogue.shipped().squareBits(units);
        return all.stream()
                .filter(blank -> blank.widthMm() >= width - 0.02 && blank.widthMm() <= MOST_BIT_SHARE * bar)
                .findFirst()
                .or(() -> all.reversed().stream()
                        .filter(blank -> blank.widthMm() <= BIT_SHARE * bar)
                        .findFirst())
                .or(() -> Optional.of(all.getFirst()))
                .map(Blank::id);
    }

    private void checkWidth(double width) {
        double bore = value(BORE);
        if (width > bore / 2) {
            wrong(
                    typed(WIDTH).isPresent() ? WIDTH : BORE,
                    "A key of " + length(width) + " is more than half of the bore: at most " + length(bore / 2)
                            + "; the usual one is "
                            + StockCatalogue.shipped()
                                    .key(units, bore)
                                    .map(key -> length(key.widthMm()))
                                    .orElse("a quarter of it")
                            + ".");
        }
    }

    private void check(KeywayCut cut) {
        KeywayJob job = cut.job();
        Slot slot = job.slot();
        if (job.outsideMm().isPresent() && cut.wallMm() <= 0) {
            wrong(
                    OUTSIDE,
                    "The keyway would break through: over " + length(2 * (slot.radiusMm() + slot.depthMm()))
                            + " it begins to have a wall.");
        }
        double needs = job.bit().heightMm() + RECESS_ROOM_MM;
        if (!job.through() && job.recessMm() < needs) {
            wrong(
                    RECESS,
                    "A blind keyway ends in a recess, or every chip stays before the tooth: bore one " + length(needs)
                            + " wide or more first, or a cross-hole.");
        }
        double most = 2 * slot.radiusMm() - slot.crownMm() - cut.toothOutMm();
        if (cut.barMm() >= most) {
            wrong(
                    BAR,
                    "A bar of " + length(cut.barMm()) + " with its tooth does not go into a bore of "
                            + length(2 * slot.radiusMm()) + ": "
                            + length(Math.max(0, slot.largestBarMm()))
                            + " passes with room.");
        }
        if (job.bit().widthMm() > MOST_HOLE_SHARE * cut.barMm()) {
            wrong(
                    BIT,
                    "A hole of " + length(job.bit().widthMm()) + " leaves nothing of a bar of " + length(cut.barMm())
                            + (MOST_BIT_SHARE * cut.barMm() < SMALLEST_BIT_MM
                                    ? ", and no bit is smaller: so small a bore is broached, with a bush in it."
                                    : ": a bit of " + length(BIT_SHARE * cut.barMm())
                                            + " or less, and the keyway in several ways."));
        }
        if (job.toothMm() > slot.widthMm() + job.width().upperMm() + 1e-9) {
            wrong(
                    TOOTH,
                    "The tooth is wider than the keyway may be: "
                            + length(slot.widthMm() + job.width().upperMm()) + " or less.");
        } else if (job.toothMm() > job.bit().widthMm() + 1e-9) {
            wrong(TOOTH, "The bit is only " + length(job.bit().widthMm()) + " wide.");
        }
        if (cut.reachMm() < job.lengthMm() + KeywayCut.RUN_OUT_MM) {
            wrong(
                    REACH,
                    "The keyway is " + length(job.lengthMm()) + " long: let the tooth stand "
                            + length(job.lengthMm() + KeywayCut.RUN_IN_MM + KeywayCut.RUN_OUT_MM) + " from the clamp.");
        }
        if (job.headMm().isPresent() && job.headMm().getAsDouble() < 2 * cut.holeAtMm()) {
            wrong(
                    HEAD_LENGTH,
                    "The hole for the bit would break into the spigot: " + length(2 * cut.holeAtMm()) + " or more.");
        }
        if (job.headMm().isPresent() && cut.spigotMm() > 0.8 * cut.barMm()) {
            wrong(HEAD, "So slim a bar has no room for a spigot in it: make it one with its head.");
        }
        if (cut.strokeMm() > slot.wayMm()) {
            wrong(STROKE, "The whole way is only " + length(slot.wayMm()) + ".");
        }
        if (job.lathe().shaper() && job.drive() != Drive.SHAPER) {
            wrong(DRIVE, job.lathe().name() + " is a shaper: its ram moves the bar. Pick that, or a lathe.");
        }
        if (Math.abs(job.heightMm()) > slot.widthMm()) {
            wrong(HEIGHT, "That puts the keyway beside the middle by more than its width. Check the units.");
        }
    }
}
