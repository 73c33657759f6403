package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.Written;
import java.util.EnumSet;
import java.util.Set;

/**
 * Writes a scene as a DXF file of the oldest form that every drawing program reads (ASCII, AC1009): polylines and texts on
 * one layer per role, in millimetres. A scene with one scale is written at the true size of the thing; others as they lie on
 * the plate. Areas are left out: their outlines are there as lines.
 */
public final class SceneDxf {
    private static final double TEXT_MM = 2.2;
    private static final Set<Role> AREAS = EnumSet.of(Role.WORK_AREA);

    private SceneDxf() {}

    /** The scene as DXF. */
    public static String write(Scene scene) {
        double perMm = scene.scale() > 0 ? scene.scale() : 1;
        StringBuilder out = new StringBuilder(16_384);
        pair(out, 0, "SECTION");
        pair(out, 2, "HEADER");
        pair(out, 9, "$ACADVER");
        pair(out, 1, "AC1009");
        pair(out, 9, "$INSUNITS");
        pair(out, 70, "4");
        pair(out, 0, "ENDSEC");
        tables(out);
        pair(out, 0, "SECTION");
        pair(out, 2, "ENTITIES");
        for (Stroke stroke : scene.strokes()) {
            if (!AREAS.contains(stroke.role())) {
                polyline(out, stroke, scene, perMm);
            }
        }
        for (Label label : scene.labels()) {
            if (!label.text().isBlank()) {
                text(out, label, scene, perMm);
            }
        }
        pair(out, 0, "ENDSEC");
        pair(out, 0, "EOF");
        return out.toString();
    }

    private static void tables(StringBuilder out) {
        pair(out, 0, "SECTION");
        pair(out, 2, "TABLES");
        pair(out, 0, "TABLE");
        pair(out, 2, "LTYPE");
        pair(out, 70, "3");
        lineType(out, "CONTINUOUS", "Solid");
        lineType(out, "HIDDEN", "Dashed", 2, -1);
        lineType(out, "CENTER", "Chain", 8, -1, 1, -1);
        pair(out, 0, "ENDTAB");
        pair(out, 0, "TABLE");
        pair(out, 2, "LAYER");
        pair(out, 70, Integer.toString(Role.values().length));
        for (Role role : Role.values()) {
            pair(out, 0, "LAYER");
            pair(out, 2, role.name());
            pair(out, 70, "0");
            pair(out, 62, colour(role));
            pair(out, 6, lineType(role));
        }
        pair(out, 0, "ENDTAB");
        pair(out, 0, "ENDSEC");
    }

    private static void lineType(StringBuilder out, String name, String words, double... dashes) {
        pair(out, 0, "LTYPE");
        pair(out, 2, name);
        pair(out, 70, "0");
        pair(out, 3, words);
        pair(out, 72, "65");
        pair(out, 73, Integer.toString(dashes.length));
        double length = 0;
        for (double dash : dashes) {
            length += Math.abs(dash);
        }
        pair(out, 40, number(length));
        for (double dash : dashes) {
            pair(out, 49, number(dash));
        }
    }

    private static String lineType(Role role) {
        return switch (role) {
            case HIDDEN, SWEPT -> "HIDDEN";
            case CENTRE -> "CENTER";
            default -> "CONTINUOUS";
        };
    }

    private static String colour(Role role) {
        return switch (role) {
            case CUTTING_EDGE -> "1";
            case HIDDEN, SWEPT -> "8";
            case CENTRE -> "4";
            case DIMENSION, CAPTION -> "3";
            default -> "7";
        };
    }

    private static void polyline(StringBuilder out, Stroke stroke, Scene scene, double perMm) {
        String layer = stroke.role().name();
        pair(out, 0, "POLYLINE");
        pair(out, 8, layer);
        pair(out, 66, "1");
        pair(out, 70, stroke.closed() ? "1" : "0");
        for (Point point : stroke.points()) {
            pair(out, 0, "VERTEX");
            pair(out, 8, layer);
            pair(out, 10, number((point.x() - scene.left()) / perMm));
            pair(out, 20, number((point.y() - scene.bottom()) / perMm));
            pair(out, 30, "0");
        }
        pair(out, 0, "SEQEND");
        pair(out, 8, layer);
    }

    private static void text(StringBuilder out, Label label, Scene scene, double perMm) {
        String x = number((label.at().x() - scene.left()) / perMm);
        String y = number((label.at().y() - scene.bottom()) / perMm);
        pair(out, 0, "TEXT");
        pair(out, 8, label.role().name());
        pair(out, 10, x);
        pair(out, 20, y);
        pair(out, 30, "0");
        pair(out, 40, number(TEXT_MM / perMm));
        String words = label.name().isEmpty() ? label.text() : label.name() + ": " + label.text();
        pair(out, 1, plain(words));
        if (label.anchor() != Label.Anchor.START) {
            pair(out, 72, label.anchor() == Label.Anchor.MIDDLE ? "1" : "2");
            pair(out, 11, x);
            pair(out, 21, y);
            pair(out, 31, "0");
        }
    }

    /** The old form knows only ASCII and its own escapes. */
    private static String plain(String words) {
        StringBuilder out = new StringBuilder(words.length() + 16);
        for (int i = 0; i < words.length(); i++) {
            char c = words.charAt(i);
            switch (c) {
                case '°' -> out.append("%%d");
                case '±' -> out.append("%%p");
                case 'Ø', '⌀' -> out.append("%%c");
                case '\n', '\r' -> out.append(' ');
                default -> {
                    if (c < 128) {
                        out.append(c);
                    } else {
                        out.append(Written.words("\\U+%04X", (int) c));
                    }
                }
            }
        }
        return out.toString();
    }

    private static void pair(StringBuilder out, int code, String value) {
        out.append(Written.words("%3d\n%s\n", code, value));
    }

    private static String number(double value) {
        return Written.words("%.4f", value);
    }
}
