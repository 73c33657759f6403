package boldwedge.core.families.truing.entry;

import static boldwedge.core.families.truing.entry.TrueField.*;

import boldwedge.core.families.truing.model.TrueJob;
import boldwedge.core.families.truing.model.TrueJob.Facing;
import boldwedge.core.families.truing.model.TrueJob.What;
import boldwedge.core.families.truing.model.TrueJobBuilder;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;

/** Reads work to be set up. */
public final class TrueReader extends FieldReader {
    private static final double GRAMS = 1000;

    private TrueReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<TrueUp> cut(PlanRequest request) {
        TrueReader reader = new TrueReader(request);
        Optional<TrueUp> cut = reader.read().map(TrueUp::new);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    /** What is done, whether the rest can be read or not. */
    public static What what(PlanRequest request) {
        return switch (request.fields().getOrDefault(OPERATION.id(), "")) {
            case "square-block" -> What.SQUARE_BLOCK;
            case "bore-block" -> What.BORE_BLOCK;
            default -> What.TRUE_UP;
        };
    }

    private Optional<TrueJob> read() {
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(TrueJobBuilder.builder()
                .units(units)
                .what(what(request))
                .work(picked(MATERIAL, WorkMaterial.class))
                .swingMm(value(SWING))
                .otherPairMm(value(OTHER_PAIR))
                .farMm(value(FAR))
                .offsetMm(value(OFFSET))
                .withinMm(value(WITHIN))
                .pitchMm(value(PITCH))
                .massKg(value(MASS) / GRAMS)
                .asideMm(value(ASIDE))
                .rpm(value(RPM))
                .gripN(value(GRIP))
                .wideMm(value(WIDE))
                .highMm(value(HIGH))
                .longMm(value(LONG))
                .byLathe(is(SQUARED_BY, "lathe"))
                .overMm(value(OVER))
                .hollow(picked(FACING, Facing.class))
                .shankMm(value(SHANK))
                .seatMm(value(SEAT))
                .seatOverMm(value(SEAT_OVER))
                .reachMm(value(REACH))
                .asideAllowedMm(value(ALLOWED))
                .clampN(value(CLAMP))
                .friction(value(FRICTION))
                .pushN(value(PUSH))
                .turnN(value(TURN))
                .leverMm(value(LEVER))
                .build());
    }

    private void check(TrueUp cut) {
        TrueJob job = cut.job();
        if (job.what() == What.BORE_BLOCK && job.highMm() < job.shankMm() + 4) {
            wrong(
                    HIGH,
                    "A bar of " + length(job.shankMm()) + " leaves a block of " + length(job.highMm()) + " no wall: "
                            + length(job.shankMm() + 8) + " or more.");
        }
    }
}
