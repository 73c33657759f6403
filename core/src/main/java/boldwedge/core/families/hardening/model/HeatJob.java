package boldwedge.core.families.hardening.model;

import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.language.words.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A load to be hardened, as read; millimetres, °C, minutes, litres. Empty optionals are left to the program.
 *
 * @param steel the steel
 * @param why what it is hardened for
 * @param shape what may crack it
 * @param sectionMm the thickest section
 * @param lengthMm length of a piece
 * @param pieces how many alike
 * @param otherSectionMm section of another piece in the load; 0 for none
 * @param otherLengthMm its length
 * @param wantedHrc hardness wanted, where it was typed
 * @param wrap what keeps the air off
 * @param quench what it is cooled in, where that was picked against the steel's own
 * @param hardenC hardening heat, where it was typed
 * @param soakMin soak, where it was typed
 * @param temperC temper, where it was typed
 * @param temperMin time of a temper, where it was typed
 * @param bathLitres volume of the bath
 * @param bathC its temperature
 * @param flashC flash point of the oil
 * @param furnaceWatt power of the furnace
 * @param caseMm depth of case wanted
 * @param carburizeC heat at which it is carburized
 */
@RecordBuilder
public record HeatJob(
        ToolSteel steel,
        Why why,
        Shape shape,
        double sectionMm,
        double lengthMm,
        int pieces,
        double otherSectionMm,
        double otherLengthMm,
        OptionalDouble wantedHrc,
        Wrap wrap,
        Optional<Quench> quench,
        OptionalDouble hardenC,
        OptionalDouble soakMin,
        OptionalDouble temperC,
        OptionalDouble temperMin,
        double bathLitres,
        double bathC,
        double flashC,
        double furnaceWatt,
        double caseMm,
        double carburizeC)
        implements HeatJobBuilder.With {
    /** What steel is hardened for. */
    public enum Why implements Worded {
        EDGE,
        WEAR,
        TOUGH,
        STIFF;

        /** Hardness that is usually wanted for it, HRC. */
        public double usualHrc() {
            return switch (this) {
                case EDGE -> 61;
                case WEAR -> 59;
                case TOUGH -> 46;
                case STIFF -> 50;
            };
        }
    }

    /** What may crack a piece. */
    public enum Shape implements Worded {
        PLAIN,
        STEPPED,
        DRILLED,
        THREADED
    }

    /** What keeps the air off. */
    public enum Wrap implements Worded {
        FOIL,
        BOX,
        COAT,
        BARE;

        /** Share of the bare skin that is left soft. */
        public double skinShare() {
            return switch (this) {
                case FOIL -> 0.1;
                case BOX -> 0.15;
                case COAT -> 0.3;
                case BARE -> 1;
            };
        }
    }
}
