package boldwedge.core.language.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** A scene as SVG: its strokes, its words, its escapes. */
@Tag("written")
class SceneSvgTest {
    private static Document read(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    }

    /** A square 10 mm up from the bottom of a 40 by 30 plate stands 20 mm down from its top. */
    @Test
    void upOnThePlateIsUpInTheFile() throws Exception {
        Scene scene = new SceneBuilder("square", "A square")
                .place(5, 10, 2)
                .run(Role.WORK, true, 0, 0, 4, 0, 4, 4, 0, 4)
                .build(0, 0, 40, 30, "twice");
        Document file = read(SceneSvg.write(scene));
        Element path = (Element) file.getElementsByTagName("path").item(0);
        assertThat(path.getAttribute("d")).isEqualTo("M5 20L13 20L13 12L5 12Z");
        assertThat(path.getAttribute("class")).isEqualTo("work");
        assertThat(file.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 40.000 30.000");
        assertThat(file.getDocumentElement().getAttribute("width")).isEqualTo("40.00mm");
    }

    @Test
    void boundsThatDoNotStartAtNothingAreShifted() throws Exception {
        Scene scene =
                new SceneBuilder("line", "A line").line(Role.EDGE, -5, -5, 5, 5).build(-10, -10, 20, 20, "as it is");
        Element path = (Element)
                read(SceneSvg.write(scene)).getElementsByTagName("path").item(0);
        assertThat(path.getAttribute("d")).isEqualTo("M5 15L15 5");
    }

    @Test
    void wordsThatLookLikeMarkupAreOnlyWords() throws Exception {
        String words = "5 < 6 & \"so\" <script>";
        Scene scene = new SceneBuilder("words", words)
                .label(Role.CAPTION, 1, 1, Label.Anchor.END, words)
                .build(0, 0, 10, 10, words);
        Document file = read(SceneSvg.write(scene));
        assertThat(file.getElementsByTagName("script").getLength()).isZero();
        Element text = (Element) file.getElementsByTagName("text").item(0);
        assertThat(text.getTextContent()).isEqualTo(words);
        assertThat(text.getAttribute("text-anchor")).isEqualTo("end");
        assertThat(file.getElementsByTagName("title").item(0).getTextContent()).isEqualTo(words);
    }

    /** The corners of a drawn circle stand on it, and a whole one closes. */
    @Test
    void anArcIsDrawnOnItsCircle() {
        Scene scene = new SceneBuilder("arc", "")
                .place(20, 20, 3)
                .circle(Role.WORK, 1, 1, 4)
                .arc(Role.EDGE, 0, 0, 2, 0, Math.PI / 2)
                .build(0, 0, 40, 40, "");
        Stroke circle = scene.strokes().getFirst();
        assertThat(circle.closed()).isTrue();
        assertThat(circle.points())
                .allSatisfy(p -> assertThat(Math.hypot(p.x() - 23, p.y() - 23)).isCloseTo(12, within(1e-4)));
        Stroke quarter = scene.strokes().get(1);
        assertThat(quarter.closed()).isFalse();
        assertThat(quarter.points().getFirst()).isEqualTo(new Point(26, 20));
        assertThat(quarter.points().getLast()).isEqualTo(new Point(20, 26));
    }

    /** Extension lines start off the work and the dimension line is as long as what it measures. */
    @Test
    void aDimensionIsAsLongAsWhatItMeasures() {
        Scene scene = new SceneBuilder("dimension", "")
                .place(10, 10, 2)
                .dimension(0, 0, 9, 12, 5)
                .build(0, 0, 60, 60, "");
        double longest = scene.strokes().stream()
                .mapToDouble(s -> {
                    Point a = s.points().getFirst();
                    Point b = s.points().getLast();
                    return Math.hypot(b.x() - a.x(), b.y() - a.y());
                })
                .max()
                .orElseThrow();
        assertThat(longest).isCloseTo(30, within(1e-3));
    }
}
