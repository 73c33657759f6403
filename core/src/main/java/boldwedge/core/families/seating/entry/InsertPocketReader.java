package boldwedge.core.families.seating.entry;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob;
import boldwedge.core.families.seating.model.InsertPocketJob.Body;
import boldwedge.core.families.seating.model.InsertPocketJob.Height;
import boldwedge.core.families.seating.model.InsertPocketJobBuilder;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;

/** Reads an insert's seat. */
public final class InsertPocketReader extends FieldReader {
    private InsertPocketReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its seat out. */
    public static Read<InsertPocketCut> cut(PlanRequest request) {
        InsertPocketReader reader = new InsertPocketReader(request);
        Optional<InsertPocketCut> cut = reader.read().map(InsertPocketCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<InsertPocketJob> read() {
        readAll(values());
        old();
        if (hasErrors()) {
            return Optional.empty();
        }
        Insert bought = picked(INSERT, Insert.class);
        Insert asTyped = new Insert(
                bought.id(),
                bought.name(),
                typed(CORNER).orElse(bought.pointRad()),
                typed(INSERT_CLEARANCE).orElse(bought.clearanceRad()),
                typed(CIRCLE).orElse(bought.circleMm()),
                typed(THICKNESS).orElse(bought.thicknessMm()),
                bought.rakeRad(),
                bought.nosesMm(),
                bought.toolMaterial(),
                bought.source());
        return Optional.of(InsertPocketJobBuilder.builder()
                .insert(asTyped)
                .noseMm(typed(NOSE).orElse(bought.nosesMm().getFirst()))
                .holeMm(typed(HOLE))
                .body(picked(BODY, Body.class))
                .kappaRad(value(ANGLE))
                .old(
                        typed(OLD_SET).isPresent()
                                        && typed(OLD_WAY).isPresent()
                                        && typed(OLD_OFF).isPresent()
                                ? Optional.of(new InsertPocketJob.Old(value(OLD_SET), value(OLD_OFF), value(OLD_WAY)))
                                : Optional.empty())
                .heightMm(value(HEIGHT))
                .widthMm(value(WIDTH))
                .lengthMm(value(LENGTH))
                .edgeAboveMm(typed(EDGE_ABOVE))
                .height(picked(SCHOOL, Height.class))
                .outMm(typed(OUT))
                .threadDepthMm(value(THREAD_DEPTH))
                .tiltRad(typed(TILT))
                .cutterMm(value(CUTTER))
                .reliefMm(typed(RELIEF))
                .drawMm(value(DRAW))
                .lathe(request.lathe().orElseThrow())
                .madeDepthMm(typed(MADE_DEPTH))
                .build());
    }

    /** Reading and way of an old holder belong together. */
    private void old() {
        int typed = (typed(OLD_SET).isPresent() ? 1 : 0)
                + (typed(OLD_WAY).isPresent() ? 1 : 0)
                + (typed(OLD_OFF).isPresent() ? 1 : 0);
        if (typed > 0 && typed < 3) {
            for (Entry field : new Entry[] {OLD_SET, OLD_WAY, OLD_OFF}) {
                if (typed(field).isEmpty()) {
                    wrong(
                            field,
                            "The old holder needs all three: what the slide was set to, the way along the edge, and what the indicator ran off.");
                    return;
                }
            }
        }
        if (typed == 3 && Math.abs(value(OLD_OFF)) >= value(OLD_WAY)) {
            wrong(OLD_OFF, "The indicator cannot run off further than the way of " + length(value(OLD_WAY)) + ".");
        }
    }

    private void check(InsertPocketCut cut) {
        InsertPocketJob job = cut.job();
        double circle = job.insert().circleMm();
        if (2 * job.noseMm() >= 0.6 * circle) {
            wrong(
                    NOSE,
                    "A nose of " + length(job.noseMm()) + " is too large for a circle of " + length(circle)
                            + ": at most " + length(0.3 * circle) + ".");
        }
        if (cut.holeMm() >= 0.75 * circle) {
            wrong(HOLE, "A hole of " + length(cut.holeMm()) + " leaves nothing of a circle of " + length(circle) + ".");
        }
        if (cut.underMm() < 1) {
            wrong(
                    HEIGHT,
                    "The seat goes through: " + length(Math.max(0, cut.underMm())) + " is left under it. At least "
                            + length(
                                    job.bar()
                                            ? 2 * (cut.thicknessMm() + 2)
                                            : cut.thicknessMm() + job.heightMm() - cut.edgeMm() + 3)
                            + " takes this insert.");
        }
        if (!job.bar() && cut.edgeMm() > job.heightMm() + 1e-6) {
            wrong(
                    EDGE_ABOVE,
                    "The edge cannot stand above the shank of " + length(job.heightMm()) + " that it is milled from.");
        }
        if (job.bar() && job.outMm().isPresent() && cut.outMm() <= job.heightMm() / 2) {
            wrong(
                    OUT,
                    "The point must stand out of the bar: more than " + length(job.heightMm() / 2) + " from its axis, "
                            + length(job.heightMm() / 2 + 1) + " for instance.");
        }
        if (!hasErrors() && cut.upper().isEmpty()) {
            wrong(
                    job.bar() ? HEIGHT : WIDTH,
                    "The walls’ corner lies outside the body: this insert at "
                            + Math.round(Math.toDegrees(job.kappaRad())) + "° wants a " + (job.bar() ? "bar" : "shank")
                            + " wider by about "
                            + length(Math.ceil(Math.max(1, InsertPocketCut.LEAST_WALL_MM - cut.wallMm())))
                            + ".");
        }
    }
}
