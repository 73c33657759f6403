package boldwedge.core.families.casting.entry;

import static boldwedge.core.families.casting.entry.CastField.*;

import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.families.casting.model.CastJobBuilder;
import boldwedge.core.families.casting.model.RawHole;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;

/** Reads a casting and its bore. */
public final class CastReader extends FieldReader {
    private CastReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<CastBore> cut(PlanRequest request) {
        CastReader reader = new CastReader(request);
        Optional<CastJob> job = reader.read();
        job.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : job.map(CastBore::new));
    }

    private Optional<CastJob> read() {
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(CastJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .finishedMm(value(BORE))
                .lengthMm(value(LENGTH))
                .across(new RawHole(value(WIDE), value(ASIDE), or(FAR_WIDE, WIDE), or(FAR_ASIDE, ASIDE)))
                .up(new RawHole(value(TALL), value(ABOVE), or(FAR_TALL, TALL), or(FAR_ABOVE, ABOVE)))
                .freeMm(value(FREE))
                .skinMm(typed(SKIN))
                .cap(is(CAP, "cap"))
                .shimsMm(value(SHIMS))
                .outMm(value(OUT))
                .gapMm(typed(GAP))
                .playMm(value(PLAY))
                .seat(picked(SEAT, Seat.class))
                .bush(picked(BUSH, WorkMaterial.class))
                .insideMm(value(INSIDE))
                .overMm(value(OVER))
                .outsideMm(value(OUTSIDE))
                .friction(value(FRICTION))
                .pressN(value(PRESS))
                .feedMm(value(FEED))
                .giveMmPerN(value(GIVE))
                .build());
    }

    /** At the far end what is not measured is as at the near one. */
    private double or(Entry far, Entry near) {
        return typed(far).orElse(value(near));
    }

    private void check(CastJob job) {
        double raw = Math.max(
                Math.max(job.across().nearMm(), job.across().farMm()),
                Math.max(job.up().nearMm(), job.up().farMm()));
        if (job.finishedMm() <= raw) {
            wrong(
                    BORE,
                    "The raw hole is " + length(raw)
                            + " already: the finished bore must be larger, or a bush goes in.");
        }
        if (job.cap()) {
            if (job.gapMm().isPresent() && job.shimsMm() > job.gapMm().getAsDouble()) {
                wrong(
                        SHIMS,
                        "The gap is " + length(job.gapMm().getAsDouble()) + ": shims of " + length(job.shimsMm())
                                + " hold the cap off. Take thinner ones.");
            }
            if (job.outMm() > job.shimsMm()) {
                wrong(OUT, "Only " + length(job.shimsMm()) + " lies at each side: no more can be taken out.");
            }
        }
        if (job.seat() == Seat.BUSH) {
            if (job.insideMm() >= job.finishedMm() - 0.5) {
                wrong(
                        INSIDE,
                        "The bush is " + length(job.finishedMm()) + " outside: a bore of " + length(job.insideMm())
                                + " leaves it no wall.");
            }
            if (job.outsideMm() <= job.finishedMm() + 0.5) {
                wrong(
                        OUTSIDE,
                        "The bore is " + length(job.finishedMm()) + ": " + length(job.outsideMm())
                                + " around it leaves the casting no wall.");
            }
        }
    }
}
