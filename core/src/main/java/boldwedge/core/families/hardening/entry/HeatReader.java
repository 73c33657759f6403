package boldwedge.core.families.hardening.entry;

import static boldwedge.core.families.hardening.entry.HeatField.*;

import boldwedge.core.families.hardening.model.HeatJob;
import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatJob.Why;
import boldwedge.core.families.hardening.model.HeatJob.Wrap;
import boldwedge.core.families.hardening.model.HeatJobBuilder;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.heat.Tempering;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Arrays;
import java.util.Optional;

/** Reads a load to be hardened. */
public final class HeatReader extends FieldReader {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double WATER_C = 20;
    private static final double OIL_C = 40;
    /** Over its range by more than this the grain is gone. */
    private static final double FAR_OVER_K = 120;

    private HeatReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<HeatLoad> cut(PlanRequest request) {
        HeatReader reader = new HeatReader(request);
        Optional<HeatLoad> load = reader.read().map(HeatLoad::of);
        load.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : load);
    }

    private Optional<HeatJob> read() {
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        ToolSteel steel = picked(STEEL, ToolSteel.class);
        return Optional.of(HeatJobBuilder.builder()
                .steel(steel)
                .why(picked(WHY, Why.class))
                .shape(picked(SHAPE, Shape.class))
                .sectionMm(value(SECTION))
                .lengthMm(value(LENGTH))
                .pieces((int) Math.rint(value(PIECES)))
                .otherSectionMm(value(OTHER_SECTION))
                .otherLengthMm(value(OTHER_LENGTH))
                .wantedHrc(typed(WANTED))
                .wrap(picked(WRAP, Wrap.class))
                .quench(Arrays.stream(Quench.values())
                        .filter(quench -> Entry.choice(quench).equals(choiceText(QUENCH)))
                        .findFirst())
                .hardenC(typed(HEAT))
                .soakMin(typed(SOAK))
                .temperC(typed(TEMPER))
                .temperMin(typed(TEMPER_TIME))
                .bathLitres(value(LITRES) / MM3_PER_LITRE)
                .bathC(typed(BATH).orElseGet(() -> usualBath(steel)))
                .flashC(value(FLASH))
                .furnaceWatt(value(FURNACE))
                .caseMm(value(CASE))
                .carburizeC(value(CARBURIZE))
                .build());
    }

    /** Oil is warmed so that it runs thin, water is used as it comes. */
    private double usualBath(ToolSteel steel) {
        String picked = choiceText(QUENCH);
        boolean water = picked.equals("water") || (picked.equals("own") && steel.quench() == Quench.WATER);
        return water ? WATER_C : OIL_C;
    }

    private String celsius(double value) {
        return Written.full(Quantity.TEMPERATURE, value, units);
    }

    private void check(HeatLoad load) {
        HeatJob job = load.job();
        ToolSteel steel = job.steel();
        Quench own = steel.quench();
        Quench used = load.treatment().quench();
        if (used == Quench.WATER && own != Quench.WATER && steel.kind() != ToolSteel.Kind.CASE) {
            wrong(QUENCH, steel.name() + " cracks in water. It is made for " + own.words() + ".");
        } else if (used == Quench.AIR && own != Quench.AIR) {
            wrong(QUENCH, steel.name() + " stays soft in air. It is made for " + own.words() + ".");
        }
        double temper = load.treatment().temperC();
        if (temper >= load.treatment().hardenC()) {
            wrong(
                    job.temperC().isPresent() ? TEMPER : HEAT,
                    "A temper of " + celsius(temper) + " is hotter than the hardening heat of "
                            + celsius(load.treatment().hardenC()) + ": at most about "
                            + celsius(steel.tempering().getLast().celsius()) + ".");
        }
        if (load.treatment().hardenC() > steel.hardenC().high() + FAR_OVER_K) {
            wrong(
                    HEAT,
                    celsius(load.treatment().hardenC()) + " burns " + steel.name() + ": its range is "
                            + celsius(steel.hardenC().low()) + " to "
                            + celsius(steel.hardenC().high()) + ".");
        }
        job.wantedHrc().ifPresent(wanted -> {
            double most = steel.tempering().getFirst().hrc() + 0.5;
            if (wanted > most) {
                wrong(
                        WANTED,
                        steel.name() + " comes to " + Written.places(most, 0)
                                + " HRC at the most once it is tempered; untempered it is too brittle for anything.");
            } else if (Tempering.celsiusFor(steel, wanted).isEmpty()) {
                wrong(
                        WANTED,
                        "No temper of " + steel.name() + " is known for " + Written.places(wanted, 0)
                                + " HRC; the softest that its curve knows is "
                                + Written.places(Tempering.softest(steel), 0)
                                + " HRC. Softer than that it is used as it is bought.");
            }
        });
        if (job.otherSectionMm() > 0 != job.otherLengthMm() > 0) {
            wrong(
                    job.otherSectionMm() > 0 ? OTHER_LENGTH : OTHER_SECTION,
                    "Of the other piece both are needed, its section and its length; 0 for none.");
        }
    }
}
