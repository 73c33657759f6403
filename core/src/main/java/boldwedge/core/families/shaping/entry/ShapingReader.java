package boldwedge.core.families.shaping.entry;

import static boldwedge.core.families.shaping.entry.ShapingField.*;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.families.shaping.model.ShapedJob.End;
import boldwedge.core.families.shaping.model.ShapedJob.Form;
import boldwedge.core.families.shaping.model.ShapedJobBuilder;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.stroke.ShaftSlot;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads what a shaper is to plane. */
public final class ShapingReader extends FieldReader {
    /** A tooth is ground from a bit at least so stout: it hangs far out. */
    private static final double STOUT_MM = 9.5;

    private static final double USUAL_DEEPER_MM = 0.1;
    private static final double USUAL_WITHIN_MM = 0.05;
    private static final double USUAL_WITHIN_INCH = 0.002 * 25.4;
    /** A flat goes so deep where nobody said, as a share of its shaft. */
    private static final double FLAT_SHARE = 0.1;

    private static final double USUAL_STOCK_MM = 1;
    private static final double USUAL_FACE_MM = 50;
    /** Without a key a seat is about half as deep as it is wide. */
    private static final double USUAL_DEPTH = 0.5;
    /** Width and depth of a flat may disagree by so much. */
    private static final double AGREE = 0.02;

    private ShapingReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<ShapedCut> cut(PlanRequest request) {
        ShapingReader reader = new ShapingReader(request);
        Optional<ShapedCut> cut = reader.read().map(ShapedCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Form form() {
        return is(OPERATION, "plane-flat") ? Form.FLAT : is(OPERATION, "plane-face") ? Form.FACE : Form.KEYWAY;
    }

    private Optional<ShapedJob> read() {
        for (ShapingField field : List.of(SHAFT, WIDTH)) {
            measured(field, field.limits().orElseThrow());
        }
        if (form() == Form.KEYWAY) {
            unlessPicked(BIT, bitThatFits());
        }
        harderUnlessPicked(BIT, MATERIAL);
        readAll(values());
        Optional<KeySize> key = form() == Form.KEYWAY ? key() : Optional.empty();
        if (form() == Form.KEYWAY
                && key.isEmpty()
                && typed(WIDTH).isEmpty()
                && typed(SHAFT).isPresent()) {
            wrong(WIDTH, "The tables have no key for a shaft of " + length(value(SHAFT)) + ": type its width.");
        }
        OptionalDouble keyWidth =
                key.map(KeySize::widthMm).map(OptionalDouble::of).orElse(typed(WIDTH));
        Optional<Tolerance> tolerance =
                tolerance(TOLERANCE, form() == Form.KEYWAY ? keyWidth : OptionalDouble.of(USUAL_FACE_MM));
        whole(SPRING);
        if (hasErrors()) {
            return Optional.empty();
        }
        double width = width(key);
        checkWidth(width);
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(job(key, width, tolerance.orElseThrow()));
    }

    /** The key of the shaft, unless another width was typed. */
    private Optional<KeySize> key() {
        return typed(SHAFT).stream()
                .boxed()
                .flatMap(shaft -> StockCatalogue.shipped().key(units, shaft).stream())
                .filter(key -> typed(WIDTH).isEmpty() || Math.abs(typed(WIDTH).getAsDouble() - key.widthMm()) < 0.02)
                .findFirst();
    }

    private double width(Optional<KeySize> key) {
        return switch (form()) {
            case KEYWAY -> key.map(KeySize::widthMm).orElseGet(() -> value(WIDTH));
            case FLAT ->
                typed(FLAT_WIDTH)
                        .orElseGet(() -> new ShaftSlot(
                                        value(SHAFT) / 2,
                                        Math.min(typed(DEPTH).orElse(FLAT_SHARE * value(SHAFT)), value(SHAFT) / 2))
                                .flatMm());
            case FACE -> typed(FLAT_WIDTH).orElse(USUAL_FACE_MM);
        };
    }

    private double depth(Optional<KeySize> key, double width) {
        double radius = value(SHAFT) / 2;
        return typed(DEPTH).orElseGet(() -> switch (form()) {
            case KEYWAY ->
                key.map(one -> ShaftSlot.of(one, 2 * radius).depthMm())
                        .orElse(ShaftSlot.crownMm(radius, width) + USUAL_DEPTH * width);
            case FLAT -> ShaftSlot.flat(radius, width).depthMm();
            case FACE -> USUAL_STOCK_MM;
        });
    }

    private ShapedJob job(Optional<KeySize> key, double width, Tolerance tolerance) {
        Blank bit = picked(BIT, Blank.class);
        double within = units == UnitSystem.METRIC ? USUAL_WITHIN_MM : USUAL_WITHIN_INCH;
        return ShapedJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .shaper(request.lathe().orElseThrow())
                .form(form())
                .key(key)
                .shaftMm(form() == Form.FACE ? 0 : value(SHAFT))
                .widthMm(width)
                .depthMm(depth(key, width))
                .width(tolerance)
                .withinMm(typed(WITHIN)
                        .orElse(
                                form() == Form.KEYWAY
                                        ? key.map(KeySize::deeperMm).orElse(USUAL_DEEPER_MM)
                                        : within))
                .lengthMm(value(LENGTH))
                .end(picked(END, End.class))
                .raMm(value(FINISH) / 1000)
                .bit(bit)
                .tool(StockCatalogue.shipped().toolMaterial(bit))
                .toothMm(typed(TOOTH).orElse(Math.min(bit.widthMm(), width + tolerance.middleMm())))
                .noseMm(value(NOSE))
                .rakeRad(typed(RAKE))
                .frontRad(value(FRONT))
                .sideRad(value(SIDE))
                .gooseneck(is(HUNG, "steady") ? Optional.empty() : Optional.of(is(HUNG, "gooseneck")))
                .outMm(typed(OUT))
                .downMm(typed(DOWN))
                .feedMm(typed(FEED))
                .springStrokes((int) Math.rint(value(SPRING)))
                .viseMm(typed(VISE))
                .build();
    }

    /** The slimmest stout bit that is as wide as the key; else the stoutest. */
    private Optional<String> bitThatFits() {
        OptionalDouble width =
                key().map(KeySize::widthMm).map(OptionalDouble::of).orElse(typed(WIDTH));
        if (width.isEmpty()) {
            return Optional.empty();
        }
        List<Blank> all = StockCatalogue.shipped().squareBits(units);
        return all.stream()
                .filter(blank -> blank.widthMm() >= Math.max(STOUT_MM, width.getAsDouble() - 0.02))
                .findFirst()
                .or(() -> all.reversed().stream().findFirst())
                .map(Blank::id);
    }

    private void checkWidth(double width) {
        double shaft = value(SHAFT);
        if (form() == Form.KEYWAY && width > shaft / 2) {
            wrong(
                    typed(WIDTH).isPresent() ? WIDTH : SHAFT,
                    "A key of " + length(width) + " is more than half of the shaft: at most " + length(shaft / 2)
                            + ".");
        }
        if (form() != Form.FLAT) {
            return;
        }
        if (width > shaft * (1 - 1e-6)) {
            wrong(FLAT_WIDTH, "A flat on this shaft is narrower than " + length(shaft) + ".");
        } else if (typed(FLAT_WIDTH).isPresent() && typed(DEPTH).isPresent()) {
            double depth = typed(DEPTH).getAsDouble();
            double comes = depth < shaft ? new ShaftSlot(shaft / 2, depth).flatMm() : 0;
            if (Math.abs(comes - width) > AGREE * width) {
                wrong(
                        DEPTH,
                        "So deep a flat is " + length(comes) + " wide, not " + length(width)
                                + ": leave one of the two empty.");
            }
        }
    }

    private void check(ShapedCut cut) {
        ShapedJob job = cut.job();
        if (job.form() != Form.FACE && job.depthMm() > job.shaftMm() / 2) {
            wrong(DEPTH, "That is deeper than the middle of the shaft: at most " + length(job.shaftMm() / 2) + ".");
        }
        if (job.isKeyway() && job.toothMm() > job.widthMm() + job.width().upperMm() + 1e-9) {
            wrong(
                    TOOTH,
                    "The tooth is wider than the keyway may be: "
                            + length(job.widthMm() + job.width().upperMm()) + " or less.");
        } else if (job.isKeyway() && job.toothMm() > job.bit().widthMm() + 1e-9) {
            wrong(TOOTH, "The bit is only " + length(job.bit().widthMm()) + " wide.");
        }
        if (cut.outMm() < job.depthMm() + 2) {
            wrong(
                    OUT,
                    "The clapper would strike the work: the point hangs " + length(job.depthMm() + ShapedCut.BEFORE_MM)
                            + " out or more.");
        }
        if (cut.outMm() > job.bit().lengthMm() * 4) {
            wrong(OUT, "Nothing hangs so far out. Check the units.");
        }
        if (!job.isKeyway() && cut.feedMm() >= job.widthMm()) {
            wrong(FEED, "That is wider than the whole flat: " + length(job.widthMm() / 20) + " or less.");
        }
        if (job.downMm().isPresent() && job.downMm().getAsDouble() > job.depthMm() + 1e-9) {
            wrong(DOWN, "The whole depth is only " + length(job.depthMm()) + ".");
        }
    }
}
