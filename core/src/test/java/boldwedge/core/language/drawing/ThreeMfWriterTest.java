package boldwedge.core.language.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** A 3MF read back as any reader of that format reads it: the parts of the package, the unit, corners by their numbers. */
class ThreeMfWriterTest {
    private static Map<String, byte[]> parts(byte[] file) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return parts;
    }

    private static Document read(byte[] xml) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(xml));
    }

    private static double number(Element of, String name) {
        return Double.parseDouble(of.getAttribute(name));
    }

    @Test
    void itIsReadBackAsWhatItWas() throws Exception {
        Mesh u = Mesh.prism(
                "u",
                List.of(
                        new Point(0, 0),
                        new Point(6, 0),
                        new Point(6, 4),
                        new Point(4, 4),
                        new Point(4, 1),
                        new Point(2, 1),
                        new Point(2, 4),
                        new Point(0, 4)),
                0,
                3);
        byte[] file = ThreeMfWriter.write(List.of(
                u, Mesh.prism("lid", List.of(new Point(0, 0), new Point(1, 0), new Point(0, 1)), 5, 6)));
        assertThat(ThreeMfWriter.write(List.of(u))).isEqualTo(ThreeMfWriter.write(List.of(u)));
        Map<String, byte[]> parts = parts(file);
        assertThat(parts.keySet()).containsExactly("[Content_Types].xml", "_rels/.rels", "3D/3dmodel.model");
        Document relations = read(parts.getOrDefault("_rels/.rels", new byte[0]));
        assertThat(((Element) relations.getElementsByTagName("Relationship").item(0)).getAttribute("Target"))
                .isEqualTo("/3D/3dmodel.model");
        Document model = read(parts.getOrDefault("3D/3dmodel.model", new byte[0]));
        assertThat(model.getDocumentElement().getAttribute("unit")).isEqualTo("millimeter");
        assertThat(model.getElementsByTagName("object").getLength()).isEqualTo(2);
        assertThat(model.getElementsByTagName("item").getLength()).isEqualTo(2);
        Element first = (Element) model.getElementsByTagName("object").item(0);
        List<Vector3D> corners = new ArrayList<>();
        NodeList vertices = first.getElementsByTagName("vertex");
        for (int i = 0; i < vertices.getLength(); i++) {
            Element at = (Element) vertices.item(i);
            corners.add(new Vector3D(number(at, "x"), number(at, "y"), number(at, "z")));
        }
        assertThat(corners).hasSize(16).doesNotHaveDuplicates();
        double volume = 0;
        NodeList triangles = first.getElementsByTagName("triangle");
        for (int i = 0; i < triangles.getLength(); i++) {
            Element t = (Element) triangles.item(i);
            Vector3D a = corners.get((int) number(t, "v1"));
            Vector3D b = corners.get((int) number(t, "v2"));
            Vector3D c = corners.get((int) number(t, "v3"));
            volume += a.dotProduct(b.crossProduct(c)) / 6;
        }
        assertThat(volume).isCloseTo((24 - 6) * 3, within(1e-9));
    }
}
