package boldwedge.core.families.drilling.entry;

import static boldwedge.core.families.drilling.entry.DrillField.*;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.families.drilling.model.DrillJob.Start;
import boldwedge.core.families.drilling.model.DrillJobBuilder;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.hole.DrillSet;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.trial.Calibration;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads a hole to be drilled. */
public final class DrillReader extends FieldReader {
    /** Sizes within it are of one screw. */
    private static final double SAME_SIZE = 0.02;

    private DrillReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its hole out. */
    public static Read<DrillCut> cut(PlanRequest request) {
        DrillReader reader = new DrillReader(request);
        Optional<DrillCut> cut = reader.read().map(DrillCut::of);
        if (cut.isPresent()) {
            reader.check(cut.get());
        }
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    /** The screw of a size that was typed: "1/4 clearance" is for a quarter-inch screw. */
    private static Optional<String> screwOf(double sizeMm) {
        return Stream.of(UnitSystem.values())
                .flatMap(system -> StockCatalogue.shipped().screwsAndFine(system).stream())
                .filter(screw -> Math.abs(screw.threadMm() / sizeMm - 1) < SAME_SIZE)
                .findFirst()
                .map(ScrewSize::name);
    }

    private Optional<DrillJob> read() {
        unlessPicked(SET, request.lathe().flatMap(lathe -> lathe.bed().drills()));
        measured(SIZE, SIZE.limits().orElseThrow());
        if (!request.text(SIZE).isEmpty()) {
            typed(SIZE).ifPresent(size -> unlessPicked(SCREW, screwOf(size)));
        }
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        Purpose holeFor = picked(PURPOSE, Purpose.class);
        ScrewSize screw = picked(SCREW, ScrewSize.class);
        double size = switch (holeFor) {
            case TAP -> screw.threadMm();
            case CLEAR -> screw.clearanceMm();
            case HOLE, REAM, BORE, ROD -> value(SIZE);
        };
        return Optional.of(DrillJobBuilder.builder()
                .purpose(holeFor)
                .sizeMm(size)
                .screw(holeFor.screwed() ? Optional.of(screw) : Optional.empty())
                .engagement(typed(ENGAGEMENT))
                .depthMm(value(DEPTH))
                .through(is(BOTTOM, "through"))
                .wallMm(typed(WALL))
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .set(picked(SET, DrillSet.class))
                .drillMm(typed(DRILL))
                .pointRad(value(POINT))
                .flutesMm(typed(FLUTES))
                .ground(picked(GROUND, Ground.class))
                .start(picked(START, Start.class))
                .pilotMm(value(PILOT))
                .stickOutMm(typed(STICK_OUT))
                .handleMm(typed(HANDLE).orElse(request.lathe().orElseThrow().tailHandleOrUsual()))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .taught(request.taught().of(Calibration.Of.DRILLED))
                .build());
    }

    private void check(DrillCut cut) {
        DrillJob job = cut.job();
        double drill = cut.drill().diameterMm();
        double outside = typed(OUTSIDE).orElse(Double.POSITIVE_INFINITY);
        if (drill >= outside) {
            wrong(
                    typed(DRILL).isPresent() ? DRILL : job.purpose().screwed() ? SCREW : SIZE,
                    "A drill of " + length(drill) + " is larger than the work, which is " + length(outside)
                            + " outside. At most about " + length(0.8 * outside) + " leaves a wall.");
        }
        if (job.pilotMm() >= drill) {
            wrong(
                    PILOT,
                    "The pilot hole is larger than the drill of " + length(drill) + ". About "
                            + length(Math.rint(12 * cut.drill().webMm()) / 10)
                            + ", a little more than its web, is enough.");
        }
        if (job.purpose() == Purpose.REAM || job.purpose() == Purpose.BORE) {
            if (drill >= job.sizeMm()) {
                wrong(
                        typed(DRILL).isPresent() ? DRILL : SIZE,
                        "A drill of " + length(drill) + " leaves nothing to "
                                + (job.purpose() == Purpose.REAM ? "ream" : "bore") + " to " + length(job.sizeMm())
                                + ".");
            }
        }
    }
}
