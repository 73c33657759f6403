package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Label;
import boldwedge.core.language.drawing.LabelBox;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.recording.Questions;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings of every family: inputs stand on the plate, none on another, and each is a field that the answer knows. */
class ScenesTest {
    /** Width of a letter of an input on the plate at 1280 pixels, and of its name above it; plate millimetres. */
    private static final double LETTER = 1.25;

    private static final double NAME_LETTER = 0.86;

    private record Box(String field, double left, double low, double right, double high) {
        boolean meets(Box other) {
            return left < other.right && other.left < right && low < other.high && other.low < high;
        }
    }

    private static Box box(Label label) {
        double width = Math.max(
                LETTER * Math.max(4, label.text().length()),
                NAME_LETTER * label.name().length());
        double left = switch (label.anchor()) {
            case START -> label.at().x();
            case MIDDLE -> label.at().x() - width / 2;
            case END -> label.at().x() - width;
        };
        return new Box(
                label.field(),
                left,
                label.at().y() - 2,
                left + width,
                label.at().y() + 4.5);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "operation=turn",
                "operation=face",
                "operation=turn;hold=chuck-and-centre;length=120 mm;stickOut=140 mm",
                "operation=bore",
                "operation=bore;bottom=blind-faced;bitAngle=45°;barOverhang=60 mm",
                "operation=bore;recess=o-ring;boreStart=28 mm;boreFinished=30 mm;outside=60 mm",
                "operation=bore;barHeld=centres;boreStart=24 mm;boreFinished=26 mm",
                "operation=bore;boreBit=insert-80-6;barDiameter=16 mm;boreStart=30 mm;boreFinished=32 mm",
                "operation=bore;barMaterial=carbide;steelHead=12 mm",
                "operation=part",
                "operation=part;partDiameter=80 mm;partBore=60 mm;blade=blade-3mm-t",
                "operation=part;partHolder=split-block;partDiameter=12 mm",
                "operation=part;partHolder=side-block;blade=ground-3-8",
                "operation=part;partHolder=rear-block",
                "operation=groove;partDiameter=50 mm;grooveBottom=44 mm;grooveWidth=6 mm",
                "operation=drill",
                "operation=drill;drillBottom=blind;drillWall=38 mm;drillSize=4 mm;drillDepth=30 mm",
                "operation=drill;holeFor=tap;drillBottom=blind;drillDepth=12 mm",
                "operation=ream",
                "operation=ream;reamerKind=d-bit;reamSize=6 mm",
                "operation=ream;reamerKind=slant;reamSize=4 mm",
                "operation=ream;reamSize=25 mm;reamerHelix=left;reamDepth=60 mm",
                "operation=counterbore",
                "operation=counterbore;seatFor=M8 socket head",
                "operation=counterbore;counterboreKind=end-mill;seatFor=#10 socket head",
                "operation=thread",
                "operation=thread;thread=M36×1.5-6H;threadSide=inside;outside=50 mm;threadTool=insert",
                "operation=thread;thread=1-5 ACME LH;threadEnd=open;threadLength=80 mm",
                "operation=thread;thread=M3;threadSide=inside;threadLength=6 mm;threadEnd=drawn",
                "operation=insert-holder",
                "operation=insert-holder;seatBody=bar;seatHeight=25 mm;seatAngle=60°;seatThreadDepth=0.92 mm",
                "operation=insert-holder;seatInsert=insert-80-9;seatAngle=75°;seatHeight=25 mm;seatWidth=25 mm",
                "operation=keyway",
                "operation=keyway;keyBore=60 mm;keyLength=20 mm;keyways=2",
                "operation=keyway;keyBore=30 mm;keyHead=replaceable",
                "operation=keyway;keyBore=12 mm;keyLength=50 mm;keyWay=pull",
                "operation=fly-cut",
                "operation=fly-cut;flyWidth=120 mm;flySwept=80 mm;flyLength=200 mm;flyTram=0.2 mm;flySeat=10°",
                "operation=shaft-keyway",
                "operation=shaft-keyway;shaftDiameter=60 mm;shapedEnd=two-holes;toolOut=70 mm",
                "operation=plane-flat;shaftDiameter=30 mm;flatWidth=12 mm;toolHung=gooseneck",
                "operation=plane-face;flatWidth=40 mm;shapedLength=90 mm;shapedDepth=3 mm",
                "operation=form",
                "operation=form;formProfile=0 30 mm|3 mm 30 mm|3 mm 24 mm|8 mm 24 mm;material=steel-low-carbon;formRake=10°",
                "operation=ring-groove",
                "operation=ring-groove;grooveFor=circlip-bore;grooveAround=47 mm",
                "operation=ring-groove;grooveFor=oring-face;grooveAround=60 mm;ringCord=5.33 mm",
                "operation=ring-groove;grooveFor=own-outside;grooveAround=80 mm;grooveBottom=60 mm;grooveWidth=24 mm;grooveTip=4 mm",
                "operation=shear",
                "operation=shear;finished=200 mm;shearBit=hss-16mm;hold=chuck-and-centre;length=400 mm;stickOut=450 mm",
                "operation=shear;finished=6 mm;length=30 mm;shearUsed=1, 3;shearSlope=40°",
                "operation=harden",
                "operation=harden;steel=8620;section=30 mm;heatShape=stepped",
                "operation=harden;steel=d2;section=60 mm;heatLength=80 mm;heatShape=drilled"
            })
    void inputsStandClearOfEachOtherOnThePlate(String job) {
        Map<String, String> fields = new HashMap<>();
        for (String pair : job.split(";")) {
            fields.put(pair.substring(0, pair.indexOf('=')), pair.substring(pair.indexOf('=') + 1));
        }
        for (UnitSystem units : UnitSystem.values()) {
            PlanAnswer answer =
                    Planner.plan(new PlanRequest(fields, units, Optional.of(Shop.machineFor(fields.get("operation")))));
            assertThat(answer.worked())
                    .as(answer.fields().stream().map(f -> f.error()).toList().toString())
                    .isTrue();
            int inputs = 0;
            for (Scene scene : answer.scenes()) {
                List<Box> boxes = new ArrayList<>();
                for (Label label : scene.labels()) {
                    if (label.field().isEmpty()) {
                        continue;
                    }
                    assertThat(answer.fields()).as(label.field()).anyMatch(f -> f.id().equals(label.field()));
                    Box box = box(label);
                    assertThat(box.left()).as(scene.id() + " " + box).isGreaterThan(-1);
                    assertThat(box.right()).as(scene.id() + " " + box).isLessThan(scene.width() + 1);
                    assertThat(box.low()).as(scene.id() + " " + box).isGreaterThan(-1);
                    assertThat(box.high()).as(scene.id() + " " + box).isLessThan(scene.height() + 1);
                    assertThat(boxes.stream().filter(box::meets).toList())
                            .as(scene.id() + " " + box)
                            .isEmpty();
                    boxes.add(box);
                }
                inputs += boxes.size();
            }
            assertThat(inputs).isGreaterThan(2);
        }
    }

    /** No words lie on others or on an input, on a page 1280 wide and on one 1024 wide, on any plate of several hundred jobs. */
    @Test
    void labelsStandClearOfEachOther() {
        Map<String, String> overlaps = new TreeMap<>();
        int plates = 0;
        for (Questions.Question question : Questions.all()) {
            PlanAnswer answer = question.answer();
            List<Scene> scenes = new ArrayList<>(answer.scenes());
            answer.steps().forEach(step -> scenes.add(step.scene()));
            for (Scene scene : scenes) {
                plates++;
                for (double page : new double[] {LabelBox.AT_1280, LabelBox.AT_1024}) {
                    overlap(scene, page)
                            .ifPresent(pair ->
                                    overlaps.putIfAbsent(scene.id() + " at " + page, question.name() + ": " + pair));
                }
            }
        }
        assertThat(overlaps).isEmpty();
        assertThat(plates).isGreaterThan(1500);
    }

    /** Two labels of a scene that lie on each other. */
    private static Optional<String> overlap(Scene scene, double page) {
        List<Label> labels =
                scene.labels().stream().filter(label -> !label.text().isBlank()).toList();
        for (int i = 0; i < labels.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (LabelBox.of(labels.get(i), page).meets(LabelBox.of(labels.get(j), page))) {
                    return Optional.of(
                            "“" + labels.get(i).text() + labels.get(i).field() + "” on “"
                                    + labels.get(j).text() + labels.get(j).field() + "”");
                }
            }
        }
        return Optional.empty();
    }

    /** How near a dimension's lines or a leader come to the words of what they measure, plate millimetres. */
    private static final double NEAR_MM = 3.5;

    /** Plates on which some sizes stand beside the drawing still, and charts, on which a size is no length of what is drawn. */
    private static final Set<String> BESIDE =
            Set.of("bore-size", "cut", "form-profile", "lobes", "marks", "shear-edge", "swing");

    /** A length or an angle that is an input stands at its dimension or hangs on a leader: whoever reads it sees what of. */
    @Test
    void sizesHangOnWhatTheyMeasure() {
        Map<String, String> afloat = new TreeMap<>();
        for (Questions.Question question : Questions.all()) {
            for (Scene scene : question.answer().scenes()) {
                for (Label label : scene.labels()) {
                    if (!BESIDE.contains(scene.id()) && isSize(label.field()) && !hangs(scene, label)) {
                        afloat.putIfAbsent(scene.id() + " " + label.field(), question.name());
                    }
                }
            }
        }
        assertThat(afloat.keySet()).isEmpty();
    }

    private static boolean isSize(String field) {
        return Families.all().stream()
                .flatMap(family -> family.entries().stream())
                .filter(entry -> entry.id().equals(field))
                .flatMap(entry -> entry.limits().stream())
                .map(Limits::quantity)
                .anyMatch(quantity -> quantity == Quantity.LENGTH || quantity == Quantity.ANGLE);
    }

    private static boolean hangs(Scene scene, Label label) {
        LabelBox box = LabelBox.of(label, LabelBox.AT_1280);
        return scene.strokes().stream()
                .filter(stroke -> stroke.role() == Role.DIMENSION)
                .anyMatch(stroke -> IntStream.range(1, stroke.points().size())
                        .anyMatch(i -> apart(
                                        box,
                                        stroke.points().get(i - 1),
                                        stroke.points().get(i))
                                <= NEAR_MM));
    }

    /** From a box to a stretch of a line: sampled finer than it matters. */
    private static double apart(LabelBox box, Point from, Point to) {
        int steps = 1 + (int) (Math.hypot(to.x() - from.x(), to.y() - from.y()) / 0.2);
        return IntStream.rangeClosed(0, steps)
                .mapToDouble(i -> {
                    double x = from.x() + (to.x() - from.x()) * i / steps;
                    double y = from.y() + (to.y() - from.y()) * i / steps;
                    return Math.hypot(
                            x - Math.clamp(x, box.left(), box.right()), y - Math.clamp(y, box.low(), box.high()));
                })
                .min()
                .orElseThrow();
    }
}
