package boldwedge.core.families.flycutting.entry;

import static boldwedge.core.families.flycutting.entry.FlyField.*;

import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.families.flycutting.model.FlyJob;
import boldwedge.core.families.flycutting.model.FlyJobBuilder;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;

/** Reads a fly cut and its cutter. */
public final class FlyReader extends FieldReader {
    private FlyReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<FlyCut> cut(PlanRequest request) {
        FlyReader reader = new FlyReader(request);
        Optional<FlyCut> cut = reader.read().map(FlyCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<FlyJob> read() {
        harderUnlessPicked(BIT, MATERIAL);
        readAll(values());
        whole(SCREWS);
        if (hasErrors()) {
            return Optional.empty();
        }
        Blank bit = picked(BIT, Blank.class);
        Lathe lathe = request.lathe().orElseThrow();
        return Optional.of(FlyJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(lathe)
                .onSlide(!lathe.mill())
                .widthMm(value(WIDTH))
                .lengthMm(value(LENGTH))
                .raMm(value(FINISH) / 1000)
                .flatMm(value(FLAT))
                .bodyMm(value(BODY))
                .sweptMm(typed(SWEPT))
                .bit(bit)
                .tool(StockCatalogue.shipped().toolMaterial(bit))
                .seatRad(value(SEAT))
                .reliefRad(typed(RELIEF))
                .rakeRad(value(RAKE))
                .noseMm(value(NOSE))
                .outMm(value(OUT))
                .screws((int) Math.rint(value(SCREWS)))
                .tramMm(typed(TRAM))
                .tramOverMm(value(TRAM_OVER))
                .sharpLead(is(EDGE, "sharp"))
                .depthMm(typed(DEPTH))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .build());
    }

    private void check(FlyCut cut) {
        FlyJob job = cut.job();
        if (cut.sweptMm() < job.bodyMm()) {
            wrong(
                    SWEPT,
                    "The circle is smaller than the cutter’s body, which would strike first: "
                            + length(job.bodyMm() + 2) + " or more.");
        }
        if (job.bit().widthMm() > 0.6 * cut.sweptMm()) {
            wrong(
                    BIT,
                    "A bit of " + length(job.bit().widthMm()) + " is too thick for a circle of " + length(cut.sweptMm())
                            + ".");
        }
        double swing = job.lathe().swingMm();
        if (job.onSlide() && swing > 0 && cut.sweptMm() > swing) {
            wrong(SWEPT, "The lathe swings " + length(swing) + ": the cutter would strike the bed.");
        }
        if (job.outMm() > job.bit().lengthMm() / 2) {
            wrong(
                    OUT,
                    "The bit is " + length(job.bit().lengthMm()) + " long and needs a grip: "
                            + length(job.bit().lengthMm() / 2) + " out at the most.");
        }
    }
}
