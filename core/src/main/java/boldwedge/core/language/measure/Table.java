package boldwedge.core.language.measure;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * A data table that ships with the core: tab-separated, one heading line, {@code #} for comments. A row with the wrong
 * number of cells, or a number that is none, stops the program at start with the file and line.
 */
public record Table(String name, List<Row> rows) {

    /** Reads a table from the class path, below this package's root. */
    public static Table read(String name) {
        try (InputStream in = Table.class.getResourceAsStream("/boldwedge/core/language/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The table " + name + " does not ship with this build.");
            }
            return parse(name, new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new UncheckedIOException("The table " + name + " could not be read.", e);
        }
    }

    private static Table parse(String name, BufferedReader reader) throws IOException {
        List<Row> rows = new ArrayList<>();
        List<String> heading = List.of();
        int lineNumber = 0;
        for (String line = reader.readLine(); line != null; line = reader.readLine()) {
            lineNumber++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            List<String> cells = List.of(line.split("\t", -1));
            if (heading.isEmpty()) {
                heading = cells;
            } else if (cells.size() != heading.size()) {
                throw new IllegalStateException(
                        name + ":" + lineNumber + " has " + cells.size() + " cells, not " + heading.size());
            } else {
                rows.add(new Row(name + ":" + lineNumber, heading, cells));
            }
        }
        return new Table(name, List.copyOf(rows));
    }

    /** One row; cells are asked for by their heading. */
    public record Row(String where, List<String> heading, List<String> cells) {
        /** The cell as text. */
        public String text(String column) {
            int index = heading.indexOf(column);
            if (index < 0) {
                throw new IllegalStateException(where + " has no column " + column);
            }
            return cells.get(index).strip();
        }

        /** The cell as a number. */
        public double number(String column) {
            try {
                return Double.parseDouble(text(column));
            } catch (NumberFormatException e) {
                throw new IllegalStateException(where + ": “" + text(column) + "” in " + column + " is no number", e);
            }
        }

        /** The cell as pairs "a:b", with spaces between them. */
        public List<double[]> pairs(String column) {
            List<double[]> pairs = new ArrayList<>();
            for (String pair : text(column).split("\\s+")) {
                String[] parts = pair.split(":");
                try {
                    pairs.add(new double[] {Double.parseDouble(parts[0]), Double.parseDouble(parts[1])});
                } catch (RuntimeException e) {
                    throw new IllegalStateException(where + ": “" + pair + "” in " + column + " is no pair", e);
                }
            }
            return pairs;
        }

        /** The cell as a range "low..high" or "low..chosen..high". */
        public double[] numbers(String column) {
            String[] parts = text(column).split("\\.\\.");
            double[] values = new double[parts.length];
            for (int i = 0; i < parts.length; i++) {
                try {
                    values[i] = Double.parseDouble(parts[i].strip());
                } catch (NumberFormatException e) {
                    throw new IllegalStateException(
                            where + ": “" + text(column) + "” in " + column + " is no range", e);
                }
            }
            return values;
        }
    }
}
