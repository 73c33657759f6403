package boldwedge.core.families.reaming.entry;

import static boldwedge.core.families.reaming.entry.ReamField.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Before;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.families.reaming.model.ReamJobBuilder;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.hole.DrillSet;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.trial.Calibration;
import java.util.Optional;

/** Reads a hole to be reamed and its reamer. */
public final class ReamReader extends FieldReader {
    /** A core thinner than this share of the diameter is none. */
    private static final double LEAST_CORE = 0.35;

    private ReamReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<ReamCut> cut(PlanRequest request) {
        ReamReader reader = new ReamReader(request);
        Optional<ReamCut> cut = reader.read().map(ReamCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<ReamJob> read() {
        StockCatalogue stock = StockCatalogue.shipped();
        unlessPicked(SET, request.lathe().flatMap(lathe -> lathe.bed().drills()));
        readAll(values());
        Optional<Tolerance> tolerance = tolerance(TOLERANCE, typed(SIZE));
        if (hasErrors()) {
            return Optional.empty();
        }
        double size = value(SIZE);
        return Optional.of(ReamJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .sizeMm(size)
                .leastMm(size + tolerance.orElseThrow().lowerMm())
                .mostMm(size + tolerance.orElseThrow().upperMm())
                .depthMm(value(DEPTH))
                .through(is(BOTTOM, "through"))
                .holes((int) Math.rint(value(HOLES)))
                .before(picked(BEFORE, Before.class))
                .set(picked(SET, DrillSet.class))
                .beforeMm(typed(BEFORE_SIZE))
                .kind(picked(KIND, Kind.class))
                .steel(stock.steel(choiceText(STEEL)))
                .helix(picked(HELIX, Helix.class))
                .helixRad(
                        typed(LEAD).isPresent()
                                ? Math.atan(Math.PI * size / typed(LEAD).getAsDouble())
                                : value(HELIX_ANGLE))
                .teeth(typed(TEETH))
                .unevenDegrees(Math.toDegrees(value(UNEVEN)))
                .rakeRad(value(RAKE))
                .landMm(value(LAND))
                .clearanceRad(value(CLEARANCE))
                .chamferRad(value(CHAMFER))
                .backTaper(value(BACK_TAPER))
                .fluteMm(typed(FLUTE))
                .headMm(typed(HEAD))
                .shankMm(typed(SHANK))
                .lengthMm(typed(LENGTH))
                .slantRad(value(SLANT))
                .madeMm(typed(MADE))
                .offsetMm(value(OFFSET))
                .floating(is(FLOATING, "floating"))
                .wheelMm(value(WHEEL))
                .cup(is(CUP, "cup"))
                .stickOutMm(typed(STICK_OUT))
                .handleMm(typed(HANDLE).orElse(request.lathe().orElseThrow().tailHandleOrUsual()))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .taught(request.taught().of(Calibration.Of.REAMED))
                .taughtDrills(request.taught().of(Calibration.Of.DRILLED))
                .taughtWear(request.taught().of(Calibration.Of.WEAR))
                .build());
    }

    private void check(ReamCut cut) {
        double reamer = cut.reamerMm();
        if (cut.job().madeMm().isPresent()
                && Math.abs(reamer - cut.job().sizeMm()) > 0.1 * cut.job().sizeMm()) {
            wrong(MADE, "That is far from the hole of " + length(cut.job().sizeMm()) + ". Check the units.");
        }
        if (cut.beforeMm() >= reamer) {
            wrong(
                    BEFORE_SIZE,
                    "A hole of " + length(cut.beforeMm()) + " leaves nothing for the reamer of " + length(reamer)
                            + "; about "
                            + length(reamer - ReamCut.stock(cut.job()).chosen()) + " leaves enough.");
        } else if (cut.beforeMm() < ReamCut.LEAST_BEFORE * reamer) {
            wrong(
                    BEFORE_SIZE,
                    "From " + length(cut.beforeMm()) + " to " + length(reamer)
                            + " is far too much for a reamer. Drill or bore to about "
                            + length(reamer - ReamCut.stock(cut.job()).chosen()) + " first.");
        }
        if (cut.job().kind() == Kind.FLUTED && cut.coreMm() < LEAST_CORE * reamer) {
            wrong(
                    cut.job().fluteMm().isPresent() ? FLUTE : TEETH,
                    "Flutes of " + length(cut.fluteMm()) + " leave no core in " + length(reamer) + ": at most "
                            + length(Math.floor(10 * (1 - LEAST_CORE) * reamer / 2) / 10) + ".");
        }
        if (cut.shankMm() > reamer - 0.02) {
            wrong(SHANK, "The shank must follow through the hole: under " + length(reamer - 0.1) + ".");
        }
        if (cut.lengthMm() < cut.headMm() + 2) {
            wrong(LENGTH, "Its head alone is " + length(cut.headMm()) + " long.");
        }
    }
}
