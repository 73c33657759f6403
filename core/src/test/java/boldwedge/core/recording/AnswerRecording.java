package boldwedge.core.recording;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneDxf;
import boldwedge.core.language.drawing.SceneSvg;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.io.IOException;
import java.io.PrintWriter;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.CRC32;

/**
 * Writes down what the program answers to several hundred varied questions, a line a value, so that two states of it can be compared
 * with {@code diff}: {@code ./bw record before}, change, {@code ./bw record after}, {@code diff -r}. The questions are the same
 * each time.
 */
public final class AnswerRecording {
    private AnswerRecording() {}

    /** Records into the folder named. */
    public static void main(String[] folder) throws IOException {
        Path into = Path.of(folder[0]);
        Files.createDirectories(into);
        for (Questions.Question question : Questions.all()) {
            try (PrintWriter out = new PrintWriter(
                    Files.newBufferedWriter(into.resolve(question.name() + ".txt"), StandardCharsets.UTF_8))) {
                record(question, out);
            }
        }
    }

    private static void record(Questions.Question question, PrintWriter out) {
        PlanRequest request =
                new PlanRequest(question.fields(), question.units(), Optional.of(Shop.lathe(question.lathe())));
        out.println("asked = " + new TreeMap<>(question.fields()) + " " + question.units() + " " + question.lathe());
        PlanAnswer answer = Planner.plan(request);
        tell(out, "plan", answer);
        answer.scenes().forEach(scene -> exported(out, scene));
        answer.steps().stream().map(MakeStep::scene).forEach(scene -> exported(out, scene));
        Planner.solid(request).ifPresent(solid -> out.println("stl = " + sum(solid.stl())));
        for (Map<String, String> readings : question.trials()) {
            tell(out, "trial " + new TreeMap<>(readings), TrialJudge.prove(new TrialRequest(request, readings)));
        }
        question.tools()
                .forEach((name, tool) ->
                        tell(out, "tool " + name, Families.of(request).match(request, new HashMap<>(tool))));
    }

    private static void exported(PrintWriter out, Scene scene) {
        out.println("svg " + scene.id() + " = " + sum(SceneSvg.write(scene)));
        out.println("dxf " + scene.id() + " = " + sum(SceneDxf.write(scene)));
    }

    private static String sum(String text) {
        CRC32 sum = new CRC32();
        sum.update(text.getBytes(StandardCharsets.UTF_8));
        return text.length() + " letters, " + Long.toHexString(sum.getValue());
    }

    /** Tells a value with all its parts, each by its way from the whole; parts with an id go by that. */
    private static void tell(PrintWriter out, String way, Object value) {
        switch (value) {
            case Scene scene -> {
                tell(out, way + ".title", scene.title());
                tell(out, way + ".scaleNote", scene.scaleNote());
                scene.labels().forEach(label -> out.println(way + ".label = " + label));
            }
            case Record part -> {
                for (RecordComponent component : part.getClass().getRecordComponents()) {
                    tell(out, way + "." + component.getName(), read(part, component));
                }
            }
            case Optional<?> maybe -> tell(out, way, maybe.isPresent() ? maybe.get() : "none");
            case Map<?, ?> map ->
                new TreeMap<Object, Object>(map)
                        .forEach((key, one) -> tell(out, way + "." + key, Objects.requireNonNull(one)));
            case List<?> list -> {
                for (int i = 0; i < list.size(); i++) {
                    Object one = list.get(i);
                    tell(out, way + "[" + name(one, i) + "]", one);
                }
            }
            default -> {
                String text = value.toString();
                if (!text.isEmpty()) {
                    out.println(way + " = " + text);
                }
            }
        }
    }

    private static String name(Object one, int i) {
        if (one instanceof Record part) {
            for (RecordComponent component : part.getClass().getRecordComponents()) {
                if (component.getName().equals("id")) {
                    return read(part, component).toString();
                }
            }
        }
        return Integer.toString(i);
    }

    private static Object read(Record part, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return Objects.requireNonNull(component.getAccessor().invoke(part));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
