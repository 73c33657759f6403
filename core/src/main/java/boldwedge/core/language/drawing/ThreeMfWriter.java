package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.Written;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Writes shells as a 3MF file (3D Manufacturing Format, core specification 1.3; ISO/IEC 25422): millimetres, an object each, its corners each once. */
public final class ThreeMfWriter {
    private static final String TYPES = """
            <?xml version="1.0" encoding="UTF-8"?>
            <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">
            <Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>
            <Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/>
            </Types>
            """;

    private static final String RELATIONS = """
            <?xml version="1.0" encoding="UTF-8"?>
            <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">
            <Relationship Target="/3D/3dmodel.model" Id="rel0" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/>
            </Relationships>
            """;
    /** The day that stands on its parts is always the same, so that the same solid is the same file: 2 January 1980. */
    private static final long SAME_DAY = 315_619_200_000L;

    private ThreeMfWriter() {}

    /** The shells as one file. */
    public static byte[] write(List<Mesh> shells) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            part(zip, "[Content_Types].xml", TYPES);
            part(zip, "_rels/.rels", RELATIONS);
            part(zip, "3D/3dmodel.model", model(shells));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void part(ZipOutputStream zip, String name, String text) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(SAME_DAY);
        zip.putNextEntry(entry);
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static String model(List<Mesh> shells) {
        StringBuilder out = new StringBuilder(1 << 14);
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<model unit=\"millimeter\" xml:lang=\"en\"")
                .append(" xmlns=\"http://schemas.microsoft.com/3dmanufacturing/core/2015/02\">\n<resources>\n");
        for (int i = 0; i < shells.size(); i++) {
            object(out, i + 1, shells.get(i));
        }
        out.append("</resources>\n<build>\n");
        for (int i = 0; i < shells.size(); i++) {
            out.append("<item objectid=\"").append(i + 1).append("\"/>\n");
        }
        return out.append("</build>\n</model>\n").toString();
    }

    private static void object(StringBuilder out, int id, Mesh shell) {
        Map<String, Integer> places = new LinkedHashMap<>();
        List<int[]> triangles = new ArrayList<>();
        for (Mesh.Triangle triangle : shell.triangles()) {
            if (!StlWriter.isNothing(triangle)) {
                triangles.add(
                        new int[] {place(places, triangle.a()), place(places, triangle.b()), place(places, triangle.c())
                        });
            }
        }
        out.append("<object id=\"")
                .append(id)
                .append("\" type=\"model\" name=\"")
                .append(shell.name());
        out.append("\">\n<mesh>\n<vertices>\n");
        places.keySet().forEach(corner -> out.append("<vertex ").append(corner).append("/>\n"));
        out.append("</vertices>\n<triangles>\n");
        for (int[] at : triangles) {
            out.append("<triangle v1=\"").append(at[0]).append("\" v2=\"").append(at[1]);
            out.append("\" v3=\"").append(at[2]).append("\"/>\n");
        }
        out.append("</triangles>\n</mesh>\n</object>\n");
    }

    private static int place(Map<String, Integer> places, Vector3D corner) {
        Vector3D written = StlWriter.written(corner);
        String text = Written.words("x=\"%.6f\" y=\"%.6f\" z=\"%.6f\"", written.getX(), written.getY(), written.getZ());
        return places.computeIfAbsent(text, key -> places.size());
    }
}
