package boldwedge.core.families.shearing.entry;

import static boldwedge.core.families.shearing.entry.ShearField.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.families.shearing.model.ShearJobBuilder;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.ShearEdge;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Reads a shaving cut and its tool. */
public final class ShearReader extends FieldReader {
    private static final String NONE = "none";

    private ShearReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<ShearCut> cut(PlanRequest request) {
        ShearReader reader = new ShearReader(request);
        Optional<ShearCut> cut = reader.read().flatMap(reader::worked);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<ShearJob> read() {
        readAll(values());
        Set<Integer> used = used();
        whole(STRETCH);
        if (!hasErrors() && value(LENGTH) > value(STICK_OUT)) {
            wrong(
                    LENGTH,
                    "The cut is longer than the work that is free (" + length(value(STICK_OUT))
                            + "). Shorten it, or let more stand out.");
        }
        if (hasErrors()) {
            return Optional.empty();
        }
        Blank bit = picked(BIT, Blank.class);
        return Optional.of(ShearJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .bit(bit)
                .tool(StockCatalogue.shipped().toolMaterial(bit))
                .edge(new ShearEdge(value(SLOPE), value(FRONT), value(FINISHED) / 2))
                .lengthMm(value(LENGTH))
                .hold(picked(HOLD, Hold.class))
                .freeMm(value(STICK_OUT))
                .beforeRaMm(value(BEFORE) / 1000)
                .raMm(value(FINISH) / 1000)
                .outOfTrueMm(value(OUT_OF_TRUE))
                .surface(picked(SURFACE, ShearJob.Surface.class))
                .shoulderMm(typed(SHOULDER))
                .used(used)
                .stretch(count(STRETCH))
                .depthMm(typed(DEPTH))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .build());
    }

    /** Stretches by their numbers, "2, 3"; none of them by that word. */
    private Set<Integer> used() {
        String typed = request.text(USED);
        String text = typed.isEmpty() ? USED.usual(units) : typed;
        Set<Integer> used = new TreeSet<>();
        for (String one : text.split("[,;\\s]+|\\band\\b")) {
            if (one.matches("[1-9]\\d?")) {
                used.add(Integer.parseInt(one));
            } else if (!one.isEmpty() && !one.equalsIgnoreCase(NONE)) {
                wrong(USED, "Write the numbers of the stretches that are dull, the topmost 1: “2, 3”. Or none.");
                return Set.of();
            }
        }
        states().put(USED, FieldState.plain(USED, typed, text, text, "", typed.isEmpty(), ""));
        return used;
    }

    private Optional<ShearCut> worked(ShearJob job) {
        Optional<ShearCut> cut = ShearCut.of(job);
        if (cut.isEmpty()) {
            double edge = job.bit().heightMm() * job.edge().perHeight();
            double half = (edge - ShearCut.MARGIN_MM) / 2 / job.edge().perTangent();
            double most = half * half / (2 * job.edge().workRadiusMm());
            boolean shallower = most >= ShearCut.DEPTHS_MM.low();
            wrong(
                    job.depthMm().isPresent() && shallower ? DEPTH : BIT,
                    "More edge would be in the work than the bit has (" + length(edge) + "), and a corner would cut: "
                            + (shallower
                                    ? "take " + length(most) + " or less, or a taller bit."
                                    : "take a taller bit."));
        }
        return cut;
    }

    private void check(ShearCut cut) {
        ShearJob job = cut.job();
        int most = cut.stretches();
        if (cut.stretch() > most) {
            wrong(STRETCH, "The edge has " + most + (most == 1 ? " stretch." : " stretches: 1 is the topmost."));
        }
        job.shoulderMm().ifPresent(room -> {
            if (room < cut.aheadMm()) {
                wrong(
                        SHOULDER,
                        "The bit’s foot leans " + length(cut.aheadMm())
                                + " ahead of the edge and would strike the shoulder: stop "
                                + length(cut.aheadMm()) + " before it"
                                + (cut.leastAheadMm() < cut.aheadMm() - 1e-6
                                        ? ", or cut with the lowest stretch, which wants " + length(cut.leastAheadMm())
                                                + "."
                                        : ", or grind the foot away."));
            }
        });
    }
}
