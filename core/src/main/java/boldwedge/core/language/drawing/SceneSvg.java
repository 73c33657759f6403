package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.Written;
import java.util.Locale;

/** Writes a scene as a stand-alone SVG 1.1 file in millimetres, black on white, for print or a drawing program. */
public final class SceneSvg {
    private static final double TEXT_MM = 2.2;

    private SceneSvg() {}

    /** The scene as SVG; one user unit is one plate millimetre. */
    public static String write(Scene scene) {
        StringBuilder out = new StringBuilder(8192);
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.append(Written.words(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"0 0 %.3f %.3f\">\n",
                scene.width(), scene.height(), scene.width(), scene.height()));
        out.append("<title>").append(escape(scene.title())).append("</title>\n");
        out.append("<desc>").append(escape(Plate.inWords(scene.scaleNote()))).append("</desc>\n");
        out.append("<rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>\n");
        for (Stroke stroke : scene.strokes()) {
            out.append("<path class=\"")
                    .append(stroke.role().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .append("\" d=\"");
            boolean first = true;
            for (Point point : stroke.points()) {
                out.append(first ? 'M' : 'L')
                        .append(number(point.x() - scene.left()))
                        .append(' ')
                        .append(number(scene.bottom() + scene.height() - point.y()));
                first = false;
            }
            out.append(stroke.closed() ? "Z\" " : "\" ").append(style(stroke)).append("/>\n");
        }
        for (Label label : scene.labels()) {
            out.append(Written.words(
                    "<text x=\"%s\" y=\"%s\" font-family=\"sans-serif\" font-size=\"%s\" text-anchor=\"%s\""
                            + " dominant-baseline=\"middle\">%s</text>\n",
                    number(label.at().x() - scene.left()),
                    number(scene.bottom() + scene.height() - label.at().y()),
                    number(TEXT_MM),
                    label.anchor().name().toLowerCase(Locale.ROOT),
                    escape(label.text())));
        }
        return out.append("</svg>\n").toString();
    }

    private static String style(Stroke stroke) {
        String fill = "none";
        String line = "#000";
        String extra = "";
        double width = 0.25;
        switch (stroke.role()) {
            case EDGE, WORK -> width = 0.35;
            case CUTTING_EDGE -> width = 0.6;
            case HIDDEN -> {
                width = 0.18;
                extra = " stroke-dasharray=\"1.2 0.6\"";
            }
            case CENTRE -> {
                width = 0.18;
                extra = " stroke-dasharray=\"3 0.6 0.6 0.6\"";
            }
            case DIMENSION, CAPTION -> width = 0.15;
            case WORK_AREA -> {
                fill = stroke.closed() ? "#e8e8e8" : "none";
                line = "none";
            }
            case TOOL, GROUND -> {
                fill = stroke.role() == Role.TOOL ? "#f4f4f4" : "#dcdcdc";
                line = "none";
            }
            case SWEPT -> extra = " stroke-dasharray=\"0.5 0.5\"";
            case CHIP -> fill = stroke.closed() ? "#bbb" : "none";
            case FIXTURE -> fill = stroke.closed() ? "#f0f0f0" : "none";
        }
        return Written.words(
                "fill=\"%s\" stroke=\"%s\" stroke-width=\"%s\" stroke-linejoin=\"round\"%s",
                fill, line, number(width), extra);
    }

    private static String number(double value) {
        return Written.words("%.3f", value).replaceAll("\\.?0+$", "");
    }

    private static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
