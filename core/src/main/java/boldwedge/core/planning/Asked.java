package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.MachineKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How a value is asked for.
 *
 * @param id name in the API
 * @param label what it is called beside its input
 * @param station where it is typed
 * @param limits quantity and range of a measured entry; empty for choices and tolerances
 * @param usualMetric what stands there before anybody types, in a metric shop; empty when the program chooses
 * @param usualInch the same in an inch shop
 * @param options what it can be picked from; empty for what is typed
 * @param machines which of the shop's machines it is picked from
 * @param ours whether the program answers for what stands there where nobody typed: so it is of what it chooses, not of what it takes to
 *     be usual in the shop
 */
public record Asked(
        String id,
        String label,
        Station station,
        Optional<Limits> limits,
        String usualMetric,
        String usualInch,
        Optional<Options<?>> options,
        Machines machines,
        boolean ours) {

    /** Which machines of the shop a field is picked from. */
    public enum Machines {
        NONE,
        LATHES,
        /** Lathes and mills: something turns. */
        SPINDLES,
        SHAPERS,
        ALL;

        /** The kinds that are among them. */
        public List<MachineKind> kinds() {
            return Arrays.stream(MachineKind.values()).filter(this::has).toList();
        }

        /** Whether a machine of this kind is among them. */
        public boolean has(MachineKind kind) {
            return switch (this) {
                case NONE -> false;
                case LATHES -> kind == MachineKind.LATHE;
                case SPINDLES -> kind != MachineKind.SHAPER;
                case SHAPERS -> kind == MachineKind.SHAPER;
                case ALL -> true;
            };
        }
    }

    /** A choice, or a text that means the same in both unit systems. */
    public static Asked of(String id, String label, Station station, String usual) {
        return of(id, label, station, usual, usual);
    }

    /** A text whose usual form differs by unit system. */
    public static Asked of(String id, String label, Station station, String usualMetric, String usualInch) {
        return new Asked(
                id,
                label,
                station,
                Optional.empty(),
                usualMetric,
                usualInch,
                Optional.empty(),
                Machines.NONE,
                isOpen(usualMetric, usualInch));
    }

    /** A measured value that the program chooses when it is left open. */
    public static Asked of(String id, String label, Station station, Limits limits) {
        return of(id, label, station, limits, "", "");
    }

    /** A measured value with its usual texts. */
    public static Asked of(
            String id, String label, Station station, Limits limits, String usualMetric, String usualInch) {
        return new Asked(
                id,
                label,
                station,
                Optional.of(limits),
                usualMetric,
                usualInch,
                Optional.empty(),
                Machines.NONE,
                isOpen(usualMetric, usualInch));
    }

    /** One that is picked from a list. */
    public static Asked pick(String id, String label, Station station, String usual, Options<?> options) {
        return pick(id, label, station, usual, usual, options);
    }

    /** One that is picked from a list, whose usual choice differs by unit system. */
    public static Asked pick(
            String id, String label, Station station, String usualMetric, String usualInch, Options<?> options) {
        return new Asked(
                id,
                label,
                station,
                Optional.empty(),
                usualMetric,
                usualInch,
                Optional.of(options),
                Machines.NONE,
                isOpen(usualMetric, usualInch));
    }

    /** One of the shop's machines in which something turns. */
    public static Asked machine(String id, String label) {
        return machine(id, label, Machines.SPINDLES);
    }

    /** Any of the shop's machines. */
    public static Asked anyMachine(String id, String label) {
        return machine(id, label, Machines.ALL);
    }

    /** One of the shop's shapers. */
    public static Asked shaper(String id, String label) {
        return machine(id, label, Machines.SHAPERS);
    }

    /** One of the shop's lathes. */
    public static Asked lathe(String id, String label) {
        return machine(id, label, Machines.LATHES);
    }

    private static Asked machine(String id, String label, Machines machines) {
        return new Asked(id, label, Station.CUT, Optional.empty(), "", "", Optional.empty(), machines, false);
    }

    /** What it can be picked from; empty when it is typed, or picked from the shop's own machines. */
    public List<Choice> choices() {
        return options.map(Options::choices).orElse(List.of());
    }

    /** Whether it is picked from the shop's machines. */
    public boolean machine() {
        return machines != Machines.NONE;
    }

    private static boolean isOpen(String usualMetric, String usualInch) {
        return usualMetric.isEmpty() && usualInch.isEmpty();
    }

    /** The same, of which the program may choose better than the usual: of a tool or a step that is yet to be made. */
    public Asked orBetter() {
        return withOurs(true);
    }

    /** The same, of what lies in the shop: another one is advised, and not taken for granted. */
    public Asked asTheShopHas() {
        return withOurs(false);
    }

    private Asked withOurs(boolean isOurs) {
        return new Asked(id, label, station, limits, usualMetric, usualInch, options, machines, isOurs);
    }

    /** What stands there before anybody types. */
    public String usual(UnitSystem system) {
        return system == UnitSystem.METRIC ? usualMetric : usualInch;
    }
}
