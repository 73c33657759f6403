package boldwedge.core.family;

import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Spelled;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;

/**
 * The families of tools: those that ship, in the order in which a shop meets them, and any that the class path adds. The list of
 * those that ship is the file {@code META-INF/services/boldwedge.core.family.ToolFamily}.
 */
public final class Families {
    /** The field that says which family a question is for. */
    public static final String OPERATION = "operation";

    /** The field that names the machine. */
    public static final String MACHINE = "lathe";

    private static final List<ToolFamily<?>> ALL = ServiceLoader.load(ToolFamily.class).stream()
            .<ToolFamily<?>>map(ServiceLoader.Provider::get)
            .sorted(Comparator.comparingInt(ToolFamily::place))
            .toList();
    private static final Map<String, ToolFamily<?>> BY_OPERATION = byOperation();
    private static final Map<String, Entry> ENTRIES = entries();

    private Families() {}

    /** All of them. */
    public static List<ToolFamily<?>> all() {
        return ALL;
    }

    /** The family that a question is for: that of its operation, else the first one, which then says what is wrong with it. */
    public static ToolFamily<?> of(PlanRequest request) {
        return of(request.fields());
    }

    /** The same for the texts of a question. */
    public static ToolFamily<?> of(Map<String, String> fields) {
        String operation = fields.get(OPERATION);
        ToolFamily<?> family = operation == null ? null : BY_OPERATION.get(operation.strip());
        return family == null ? ALL.getFirst() : family;
    }

    /** Everything that can be asked for, of all families. */
    public static List<Choice> operations() {
        return ALL.stream().flatMap(family -> family.operations().stream()).toList();
    }

    /** The kinds of things that the crib keeps. */
    public static List<ToolKind> kinds() {
        return ALL.stream().flatMap(family -> family.kinds().stream()).toList();
    }

    /** The kind of this name. */
    public static Optional<ToolKind> kind(String id) {
        return kinds().stream().filter(kind -> kind.id().equals(id)).findFirst();
    }

    /** The kind of a thing that was kept without saying it: the last one whose mark it bears, else the first of all. */
    public static ToolKind kindOf(Map<String, String> fields) {
        List<ToolKind> kinds = kinds();
        return kinds.reversed().stream()
                .filter(kind -> fields.containsKey(kind.mark().id()))
                .findFirst()
                .orElse(kinds.getFirst());
    }

    /** The first operation of the family that a kind of thing belongs to. */
    public static String operationOf(ToolKind kind) {
        return ALL.stream()
                .filter(family -> family.kinds().contains(kind))
                .flatMap(family -> family.operations().stream())
                .map(Choice::id)
                .findFirst()
                .orElse("");
    }

    /** The entry of this name, of whichever family. */
    public static Optional<Entry> entry(String id) {
        return Optional.ofNullable(ENTRIES.get(id));
    }

    /**
     * The texts of a kept thing with their units written out, so that they mean the same whoever takes it: 110 of an inch shop is 110
     * lbf/thou, and never 110 N/µm. What cannot be read stays as it is.
     */
    public static Map<String, String> spelledOut(Map<String, String> texts, UnitSystem units) {
        Map<String, String> spelled = new LinkedHashMap<>();
        texts.forEach((id, text) -> spelled.put(
                id,
                entry(id)
                        .flatMap(Entry::limits)
                        .map(limits -> switch (MeasureParser.parse(text, limits.quantity(), units)) {
                            case Parsed.Good<Reading>(Reading reading) -> Spelled.out(text, reading, units);
                            case Parsed.Wrong<Reading> bad -> text;
                        })
                        .orElse(text)));
        return spelled;
    }

    /** Whether a choice can be this: in whichever family asks for it. */
    public static boolean canBe(Entry entry, String text) {
        return entry.choices().stream().anyMatch(choice -> choice.id().equals(text));
    }

    /** All entries by their names, each once. */
    public static Collection<Entry> everyEntry() {
        return ENTRIES.values();
    }

    /** The operations of those families that learn from trials. */
    public static List<String> teaching() {
        return ALL.stream()
                .filter(ToolFamily::learns)
                .flatMap(family -> family.operations().stream())
                .map(Choice::id)
                .toList();
    }

    private static Map<String, ToolFamily<?>> byOperation() {
        Map<String, ToolFamily<?>> families = new LinkedHashMap<>();
        for (ToolFamily<?> family : ALL) {
            for (Choice operation : family.operations()) {
                ToolFamily<?> other = families.put(operation.id(), family);
                if (other != null) {
                    throw new IllegalStateException(
                            "Both " + other.id() + " and " + family.id() + " are asked to " + operation.id());
                }
            }
        }
        return families;
    }

    private static Map<String, Entry> entries() {
        Map<String, Entry> entries = new LinkedHashMap<>();
        ALL.forEach(family -> family.entries().forEach(entry -> entries.putIfAbsent(entry.id(), entry)));
        return entries;
    }
}
