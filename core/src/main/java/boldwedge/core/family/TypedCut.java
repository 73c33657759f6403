package boldwedge.core.family;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.SpokenAs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A cut typed in one line, as it is said in the shop, read into fields. What a word was taken for is told, and what was not understood
 * is told too: nothing is guessed in silence.
 *
 * @param fields texts by field
 * @param understood what each part was taken for
 * @param assumed what was not said and follows from what was, to be looked at
 * @param left words that were not understood, as typed
 * @param meant what the line can be where that is open, two or three; empty where it is clear, or where it is nothing that is cut here
 */
public record TypedCut(
        Map<String, String> fields,
        List<Understood> understood,
        List<Understood> assumed,
        List<String> left,
        List<Meant> meant) {
    /**
     * What an open line can be.
     *
     * @param words the same said so that it is clear
     * @param fields texts by field
     */
    public record Meant(String words, Map<String, String> fields) {}

    /**
     * A part of the line.
     *
     * @param words as typed
     * @param label the field's label
     * @param text what stands in the field, in words
     */
    public record Understood(String words, String label, String text) {}

    private static final int MOST_MEANT = 3;

    /**
     * Reads a line.
     *
     * @param line the line
     * @param units what bare numbers mean
     * @param machines names of the shop's machines by id
     */
    public static TypedCut read(String line, UnitSystem units, Map<String, String> machines) {
        LineReader reader = new LineReader(line, units, machines);
        String operation = reader.operation();
        if (!operation.isEmpty()) {
            return ordered(heard(reader.read(Families.of(Map.of(Families.OPERATION, operation))), units), units);
        }
        return reader.isElsewhere() ? reader.nothing() : guessed(line, units, machines);
    }

    /** What a line is that names no operation: what alone it can be, or two or three to choose from. */
    private static TypedCut guessed(String line, UnitSystem units, Map<String, String> machines) {
        List<TypedCut> ways = new ArrayList<>();
        for (ToolFamily<?> family : Families.all()) {
            LineReader reader = new LineReader(line, units, machines);
            reader.takeFor(family.operations().getFirst());
            TypedCut way = reader.read(family);
            if (reader.isSurely(family)) {
                return heard(way, units);
            }
            ways.add(way);
        }
        List<TypedCut> likely = ways.stream()
                .filter(way -> way.understood.size() > 1)
                .sorted(Comparator.comparingInt(way -> way.left.size()))
                .limit(MOST_MEANT)
                .map(way -> heard(way, units))
                .toList();
        return new TypedCut(
                Map.of(),
                List.of(),
                List.of(),
                likely.isEmpty() ? ShopLine.words(line) : likely.getFirst().left,
                likely.stream().map(way -> new Meant(said(way), way.fields)).toList());
    }

    private static String said(TypedCut way) {
        return way.understood.getFirst().text();
    }

    /** What the operation does not ask for is not understood, whatever it would be to another one of its family. */
    private static TypedCut heard(TypedCut read, UnitSystem units) {
        List<String> unheard = Planner.unheard(read.fields, units);
        if (unheard.isEmpty()) {
            return read;
        }
        Set<String> labels = Families.of(read.fields).entries().stream()
                .filter(entry -> unheard.contains(entry.id()))
                .map(Entry::label)
                .collect(Collectors.toSet());
        Map<String, String> fields = new LinkedHashMap<>(read.fields);
        fields.keySet().removeAll(unheard);
        return new TypedCut(
                fields,
                read.understood.stream()
                        .filter(part -> !labels.contains(part.label()))
                        .toList(),
                read.assumed.stream()
                        .filter(part -> !labels.contains(part.label()))
                        .toList(),
                Stream.concat(
                                read.left.stream(),
                                read.understood.stream()
                                        .filter(part -> labels.contains(part.label()))
                                        .map(Understood::words))
                        .toList(),
                read.meant);
    }

    /** Two sizes the wrong way round for what is to be cut are asked about. */
    private static TypedCut ordered(TypedCut read, UnitSystem units) {
        Optional<SpokenAs> as = Families.of(read.fields).spokenAs();
        if (as.isEmpty()) {
            return read;
        }
        Map<String, String> swapped = new LinkedHashMap<>(read.fields);
        for (SpokenAs.Derived rule : as.get().derived()) {
            String from = read.fields.get(rule.entry().id());
            String to = read.fields.get(rule.of().id());
            boolean isSize = rule.entry().equals(as.get().from());
            if (isSize && from != null && to != null && rule.plusMm() * (mm(from, units) - mm(to, units)) < 0) {
                swapped.put(rule.entry().id(), to);
                swapped.put(rule.of().id(), from);
                return new TypedCut(
                        read.fields,
                        read.understood,
                        read.assumed,
                        read.left,
                        List.of(new Meant("from " + to + " to " + from, swapped)));
            }
        }
        return read;
    }

    static double mm(String text, UnitSystem units) {
        return MeasureParser.parse(text, Limits.any(Quantity.LENGTH), units)
                        instanceof Parsed.Good<Reading>(Reading good)
                ? good.value()
                : 0;
    }
}
