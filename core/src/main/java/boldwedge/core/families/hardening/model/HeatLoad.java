package boldwedge.core.families.hardening.model;

import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.heat.Carburizing;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.heat.Heating;
import boldwedge.core.mechanics.heat.QuenchBath;
import boldwedge.core.mechanics.heat.Tempering;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A load to be hardened, worked out.
 *
 * @param job the job
 * @param treatment what it goes through
 */
public record HeatLoad(HeatJob job, HeatTreatment treatment) {
    /** Density of steel, kg/mm³. */
    private static final double DENSITY = 7.85e-6;

    private static final double ROOM_C = 20;
    /** A furnace brings a small load to heat in about this long whatever its power says: its lining must warm too. */
    private static final double LEAST_RAMP_MIN = 45;

    private static final double QUENCH_MIN = 10;
    private static final double TEMPER_RAMP_MIN = 30;
    private static final double COOL_MIN = 30;
    /** A bath this far under its flash point is as near as one goes. */
    public static final double UNDER_FLASH_K = 60;

    /** Sections thinner than this harden in oil even of a water-hardening steel. */
    public static final double THIN_MM = 6;

    /** A stretch of the timeline. */
    public enum Stage {
        HEAT,
        SOAK,
        QUENCH,
        TEMPER,
        COOL
    }

    /**
     * A stretch of the timeline.
     *
     * @param stage what goes on
     * @param fromMin when it begins
     * @param toMin when it ends
     * @param fromC temperature at its beginning
     * @param toC temperature at its end
     */
    public record Stretch(Stage stage, double fromMin, double toMin, double fromC, double toC) {}

    /** Works a job out. */
    public static HeatLoad of(HeatJob job) {
        ToolSteel steel = job.steel();
        double section = Math.max(job.sectionMm(), job.otherSectionMm());
        double wanted = job.wantedHrc()
                .orElse(Math.min(
                        job.why().usualHrc(), steel.tempering().getFirst().hrc()));
        HeatTreatment usual = HeatTreatment.usual(steel, section, OptionalDouble.of(wanted));
        double minutes = job.temperMin().orElse(usual.temperMin());
        double temper = job.temperC().orElse(Tempering.equivalent(usual.hourC(), 60, minutes));
        return new HeatLoad(
                job,
                new HeatTreatment(
                        steel,
                        section,
                        job.quench().orElse(steel.quench()),
                        job.hardenC().orElse(usual.hardenC()),
                        job.soakMin().orElse(usual.soakMin()),
                        temper,
                        minutes));
    }

    /** Hardness wanted, HRC. */
    public double wantedHrc() {
        return job.wantedHrc()
                .orElse(Math.min(
                        job.why().usualHrc(), job.steel().tempering().getFirst().hrc()));
    }

    /** Mass of the load, kg: round pieces. */
    public double massKg() {
        return DENSITY
                * Math.PI
                / 4
                * (job.pieces() * job.sectionMm() * job.sectionMm() * job.lengthMm()
                        + job.otherSectionMm() * job.otherSectionMm() * job.otherLengthMm());
    }

    /** The bath, if it is quenched in one. */
    public QuenchBath bath() {
        return treatment.quench() == Quench.WATER
                ? QuenchBath.water(job.bathLitres(), job.bathC())
                : QuenchBath.oil(job.bathLitres(), job.bathC());
    }

    /** Whether it is cooled in a bath. */
    public boolean bathed() {
        return treatment.quench() != Quench.AIR;
    }

    /** How much the bath warms, K. */
    public double riseK() {
        return bath().rise(massKg(), treatment.hardenC());
    }

    /** The hottest that the bath should come to, °C: oil well under its flash point, water cold. */
    public double hottestC() {
        return treatment.quench() == Quench.WATER ? 40 : Math.min(job.flashC() - UNDER_FLASH_K, 90);
    }

    /** Time to bring it to heat, minutes. */
    public double rampMin() {
        return Math.max(LEAST_RAMP_MIN, Heating.rampMinutes(massKg(), treatment.hardenC() - ROOM_C, job.furnaceWatt()));
    }

    /** From the furnace at heat until it is hot through and soaked, minutes. */
    public double atHeatMin() {
        return Heating.throughMinutes(treatment.sectionMm()) + treatment.soakMin();
    }

    /** Whether it is carburized first. */
    public boolean cased() {
        return job.steel().kind() == ToolSteel.Kind.CASE;
    }

    /** Time to carburize for the case wanted, minutes; 0 where it is not. */
    public double carburizeMin() {
        return cased() ? Carburizing.minutesFor(job.carburizeC(), job.caseMm()) : 0;
    }

    /** The timeline from the cold furnace on. */
    public List<Stretch> timeline() {
        List<Stretch> line = new ArrayList<>();
        double at = 0;
        double heat = treatment.hardenC();
        if (cased()) {
            double ramp = Math.max(
                    LEAST_RAMP_MIN, Heating.rampMinutes(massKg(), job.carburizeC() - ROOM_C, job.furnaceWatt()));
            at = add(line, Stage.HEAT, at, ramp, ROOM_C, job.carburizeC());
            at = add(line, Stage.SOAK, at, carburizeMin(), job.carburizeC(), job.carburizeC());
            at = add(line, Stage.COOL, at, COOL_MIN, job.carburizeC(), heat);
        } else {
            at = add(line, Stage.HEAT, at, rampMin(), ROOM_C, heat);
        }
        at = add(line, Stage.SOAK, at, atHeatMin(), heat, heat);
        at = add(line, Stage.QUENCH, at, bathed() ? QUENCH_MIN : 4 * QUENCH_MIN, heat, 60);
        for (int i = 0; i < treatment.tempers(); i++) {
            at = add(line, Stage.HEAT, at, TEMPER_RAMP_MIN, 60, treatment.temperC());
            at = add(line, Stage.TEMPER, at, treatment.temperMin(), treatment.temperC(), treatment.temperC());
            at = add(line, Stage.COOL, at, COOL_MIN, treatment.temperC(), 60);
        }
        return line;
    }

    private static double add(List<Stretch> line, Stage stage, double from, double minutes, double fromC, double toC) {
        line.add(new Stretch(stage, from, from + minutes, fromC, toC));
        return from + minutes;
    }

    /** All of it, minutes. */
    public double wholeMin() {
        return timeline().getLast().toMin();
    }

    /** Whether it is cooled slower than its steel asks for. */
    public boolean slow() {
        return treatment.quench().compareTo(job.steel().quench()) > 0;
    }

    /** Hardness as quenched, HRC: less where it is cooled too slowly for its section. */
    public Span asQuenched() {
        Span full = job.steel().asQuenched();
        if (!slow() || treatment.sectionMm() <= THIN_MM) {
            return full;
        }
        double lost = Math.min(25, 6 + 0.6 * (treatment.sectionMm() - THIN_MM));
        return new Span(full.low() - lost - 5, full.chosen() - lost, full.high() - lost / 2);
    }

    /** Hardness in the end, HRC: tempering takes nothing from what is softer than its curve. */
    public Span hrc() {
        Span tempered = treatment.hrc();
        Span quenched = asQuenched();
        return new Span(
                Math.min(tempered.low(), quenched.low()),
                Math.min(tempered.chosen(), quenched.chosen()),
                Math.min(tempered.high(), quenched.high() + 1));
    }

    /** Growth of the length, mm. */
    public Span growthMm() {
        return treatment.growthMm(job.lengthMm());
    }

    /** Growth across, mm. */
    public Span acrossMm() {
        return treatment.growthMm(treatment.sectionMm());
    }

    /** What to leave on the diameter for grinding, mm: bend, skin on both sides, a tenth to clean up, less what it grows at the least. */
    public double leaveMm() {
        double stock = treatment.grindStockMm(job.lengthMm(), job.wrap().skinShare());
        return Math.max(
                HeatTreatment.CLEAN_UP_MM, Math.ceil(100 * (stock - acrossMm().low())) / 100);
    }

    /** Bend that a slender piece is likely to take, mm over its length: more in faster baths. */
    public double bendMm() {
        return treatment.bendMm(job.lengthMm());
    }

    /** How likely it cracks, as a rank 0 to 1: fast baths, sharp corners, thick and thin beside each other. */
    public double crackRank() {
        double bath = switch (treatment.quench()) {
            case WATER -> 0.4;
            case OIL -> 0.15;
            case AIR -> 0.04;
        };
        double shape = job.shape() == Shape.PLAIN ? 1 : job.shape() == Shape.THREADED ? 1.6 : 2;
        double hot = Math.max(0, treatment.hardenC() - job.steel().hardenC().high()) / 50;
        return Math.min(1, bath * shape * (1 + hot));
    }
}
