package boldwedge.core.families.counterboring.entry;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;

import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
import boldwedge.core.families.counterboring.model.CounterboreJob.Kind;
import boldwedge.core.families.counterboring.model.CounterboreJobBuilder;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Head;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads a seat to be counterbored and its tool. */
public final class CounterboreReader extends FieldReader {
    private static final double TYPED_HEAD_MM = 12;
    /** What sits in a seat whose tool alone is known is about this much smaller. */
    private static final double TYPED_SHARE = 0.92;

    private static final double TYPED_HEIGHT_MM = 2;

    private CounterboreReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<CounterboreCut> cut(PlanRequest request) {
        CounterboreReader reader = new CounterboreReader(request);
        Optional<CounterboreCut> cut = reader.read().map(CounterboreCut::of);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<CounterboreJob> read() {
        StockCatalogue stock = StockCatalogue.shipped();
        measured(HOLE, HOLE.limits().orElseThrow());
        typed(HOLE).ifPresent(hole -> unlessPicked(HEAD, washerOver(hole)));
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        stone(picked(KIND, Kind.class));
        Optional<Head> head = stock.head(choiceText(HEAD));
        double headMm = typed(HEAD_DIAMETER)
                .orElse(head.map(Head::diameterMm)
                        .orElse(TYPED_SHARE * typed(OUTSIDE).orElse(TYPED_HEAD_MM / TYPED_SHARE)));
        double screw = head.map(Head::screwMm).orElse(headMm / 2);
        double hole = typed(HOLE)
                .orElseGet(() -> head.isPresent()
                        ? clearance(screw, head.get().system())
                        : typed(PILOT).orElse(headMm / 2) + CounterboreCut.PILOT_CLEARANCE.chosen());
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(CounterboreJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .head(head)
                .headMm(headMm)
                .headHeightMm(typed(HEAD_HEIGHT).orElse(head.map(Head::heightMm).orElse(TYPED_HEIGHT_MM)))
                .holeMm(hole)
                .depthMm(typed(DEPTH))
                .seats((int) Math.rint(value(SEATS)))
                .kind(picked(KIND, Kind.class))
                .steel(stock.steel(choiceText(STEEL)))
                .stoneRpm(value(STONE))
                .grinderRpm(value(GRINDER))
                .stoneMm(value(STONE_DIAMETER))
                .outsideMm(typed(OUTSIDE))
                .loosePilot(is(PILOT_IS, "loose") && is(KIND, "steel"))
                .pilotMm(typed(PILOT))
                .pilotLengthMm(typed(PILOT_LENGTH))
                .lips(typed(LIPS))
                .reliefRad(value(RELIEF))
                .rakeRad(value(RAKE))
                .cornerMm(value(CORNER))
                .workRpm(value(WORK_SPEED))
                .handleMm(typed(HANDLE).orElse(request.lathe().orElseThrow().tailHandleOrUsual()))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .build());
    }

    /** The washer of the screw that a hole is for: its thread is the nearest that passes. */
    private Optional<String> washerOver(double holeMm) {
        return StockCatalogue.shipped().heads().stream()
                .filter(head -> head.system() == units && head.kind() == Head.Kind.WASHER && head.screwMm() < holeMm)
                .min(Comparator.comparingDouble(head -> Math.abs(clearance(head.screwMm(), head.system()) - holeMm)))
                .map(Head::name);
    }

    /** Hole that a screw passes: of the screw of the series that is nearest. */
    private static double clearance(double screwMm, UnitSystem system) {
        ScrewSize screw = StockCatalogue.shipped().screws(system).stream()
                .min(Comparator.comparingDouble(one -> Math.abs(one.threadMm() - screwMm)))
                .orElseThrow();
        return screw.clearanceMm();
    }

    /** First of all: a stone that is slower than its spindle bursts. Nothing else is answered until it is changed. */
    private void stone(Kind kind) {
        if (kind.ground() && value(STONE) < value(GRINDER)) {
            wrong(
                    STONE,
                    "DO NOT RUN THIS STONE: it is rated for " + Written.places(value(STONE), 0)
                            + " rpm and the grinder turns "
                            + Written.places(value(GRINDER), 0)
                            + " rpm without load. It can burst. Take a stone rated for at least "
                            + Written.places(value(GRINDER), 0) + " rpm, or a slower grinder.");
        }
    }

    private void check(CounterboreCut cut) {
        CounterboreJob job = cut.job();
        if (job.holeMm() >= job.headMm()) {
            wrong(
                    HOLE,
                    "A hole of " + length(job.holeMm()) + " leaves nothing for " + length(job.headMm())
                            + " to sit on; at most about " + length(0.8 * job.headMm()) + ".");
            return;
        }
        if (cut.pilotMm() >= job.holeMm()) {
            wrong(
                    PILOT,
                    "A pilot of " + length(cut.pilotMm()) + " does not go into a hole of " + length(job.holeMm()) + "; "
                            + length(job.holeMm() - CounterboreCut.PILOT_CLEARANCE.chosen()) + " runs in it.");
        }
        if (cut.outsideMm() <= job.holeMm()) {
            wrong(OUTSIDE, "The tool is no larger than the hole: at least " + length(job.headMm()) + " is wanted.");
        } else if (cut.outsideMm() < job.headMm()) {
            wrong(
                    OUTSIDE,
                    "A seat of " + length(cut.outsideMm()) + " does not take what is " + length(job.headMm())
                            + " across; "
                            + length(CounterboreCut.of(job.withOutsideMm(OptionalDouble.empty()))
                                    .outsideMm()) + " has room.");
        }
        if (job.cornerMm() > (cut.outsideMm() - job.holeMm()) / 2) {
            wrong(CORNER, "The corner is larger than the lip is long.");
        }
    }
}
