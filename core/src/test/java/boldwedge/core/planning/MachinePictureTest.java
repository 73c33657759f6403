package boldwedge.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Label;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.Stroke;
import boldwedge.core.mechanics.cutting.MachineKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Machines drawn: every entry where it stands, none twice, none of another kind, no line across another. */
class MachinePictureTest {
    /** What is picked from a list or is no place of the machine stands beside its picture. */
    private static final Set<LatheField> BESIDE = Set.of(
            LatheField.NAME,
            LatheField.KIND,
            LatheField.SHIMS,
            LatheField.DRILL_SET,
            LatheField.CROSS_READS,
            LatheField.COMPOUND_SCALE);

    @ParameterizedTest
    @EnumSource(MachineKind.class)
    void everyEntryOfAKindIsOnItsPictureOnce(MachineKind kind) {
        List<String> drawn = MachinePicture.all().stream()
                .filter(picture -> picture.kind() == kind)
                .flatMap(picture -> picture.scene().labels().stream())
                .map(Label::field)
                .filter(field -> !field.isEmpty())
                .toList();
        assertThat(drawn).doesNotHaveDuplicates();
        Set<String> wanted = Arrays.stream(LatheField.values())
                .filter(field -> field.kinds().kinds().contains(kind))
                .filter(field -> !BESIDE.contains(field))
                .map(LatheField::id)
                .collect(Collectors.toSet());
        assertThat(new HashSet<>(drawn)).isEqualTo(wanted);
    }

    static Stream<Scene> scenes() {
        return MachinePicture.all().stream().map(MachinePicture::scene);
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void linesToTheEntriesCrossNone(Scene scene) {
        List<double[]> leaders = new ArrayList<>();
        for (Stroke stroke : scene.strokes()) {
            boolean straight =
                    stroke.role() == Role.DIMENSION && stroke.points().size() == 2;
            double x = stroke.points().getFirst().x();
            if (straight && (Math.abs(x - 29) < 1e-6 || Math.abs(x - 111) < 1e-6)) {
                leaders.add(new double[] {
                    x,
                    stroke.points().getFirst().y(),
                    stroke.points().getLast().x(),
                    stroke.points().getLast().y()
                });
            }
        }
        assertThat(leaders).hasSize((int) scene.labels().stream()
                .filter(label -> !label.field().isEmpty())
                .count());
        for (int i = 0; i < leaders.size(); i++) {
            for (int k = 0; k < i; k++) {
                assertThat(cross(leaders.get(i), leaders.get(k)))
                        .as(
                                "%s: %s and %s",
                                scene.id(), Arrays.toString(leaders.get(i)), Arrays.toString(leaders.get(k)))
                        .isFalse();
            }
        }
    }

    private static boolean cross(double[] a, double[] b) {
        return side(a, b[0], b[1]) * side(a, b[2], b[3]) < 0 && side(b, a[0], a[1]) * side(b, a[2], a[3]) < 0;
    }

    private static double side(double[] line, double x, double y) {
        return (line[2] - line[0]) * (y - line[1]) - (line[3] - line[1]) * (x - line[0]);
    }

    /** Entries stand a hand's breadth apart and within the plate. */
    @ParameterizedTest
    @MethodSource("scenes")
    void entriesDoNotOverlap(Scene scene) {
        Map<Double, List<Label>> columns = scene.labels().stream()
                .filter(label -> !label.field().isEmpty())
                .collect(Collectors.groupingBy(label -> label.at().x()));
        assertThat(columns.size()).isLessThanOrEqualTo(2);
        columns.values().forEach(column -> {
            List<Double> heights =
                    column.stream().map(label -> label.at().y()).sorted().toList();
            for (int i = 1; i < heights.size(); i++) {
                assertThat(heights.get(i) - heights.get(i - 1)).isGreaterThan(8);
            }
            assertThat(heights.getFirst()).isGreaterThan(scene.bottom() + 4);
            assertThat(heights.getLast()).isLessThan(scene.bottom() + scene.height() - 4);
        });
    }

    /** Left empty, an entry tells what it would make better; what must be there tells nothing. */
    @Test
    void whatMayBeLeftEmptyTellsWhatItWouldMakeBetter() {
        for (LatheField field : LatheField.values()) {
            boolean needed = LatheCard.read(Map.of(), boldwedge.core.language.measure.UnitSystem.METRIC)
                    .errors()
                    .containsKey(field.id());
            boolean picked = !field.asked().usualMetric().isEmpty();
            boolean ofOneKind = field == LatheField.LONGEST_STROKE;
            assertThat(field.better().isEmpty()).as(field.id()).isEqualTo(needed || picked || ofOneKind);
        }
    }
}
