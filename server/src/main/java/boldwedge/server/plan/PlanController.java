package boldwedge.server.plan;

import boldwedge.core.family.Solid;
import boldwedge.core.family.TypedCut;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneDxf;
import boldwedge.core.language.drawing.SceneSvg;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.SetUps;
import boldwedge.server.storage.Knowledge;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.Line;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class PlanController {
    private static final int MOST_CUTS = 1000;

    private final PlanService plans;
    private final Knowledge knowledge;

    PlanController(PlanService plans, Knowledge knowledge) {
        this.plans = plans;
        this.knowledge = knowledge;
    }

    /**
     * Texts by field, as a machinist would type them, and what bare numbers mean.
     *
     * @param look for what the answer brings drawings, workings and steps; for all where it is missing
     * @param folded whether findings that hold come as their line alone, without working; of what is not looked at only the worst finding
     *     of a station and those that stand in the way; of the figures those that stand large on the page
     */
    record PlanQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = "This part is missing.") UnitSystem units,
            @Nullable Look look,
            @Nullable Boolean folded) {}

    /** A cut as sent. */
    record CutEntry(
            @Nullable UUID id, int version, String name, UnitSystem units, Map<String, @Nullable String> fields) {}

    /** Plans a cut: angles, solid, speeds, forces, findings, drawings, grinding. Wrong fields are told in the answer. */
    @PostMapping("/plan")
    ResponseEntity<PlanAnswer> plan(@Valid @RequestBody PlanQuestion question) {
        PlanAnswer answer = plans.plan(
                Text.map(question.fields()),
                question.units(),
                question.look() == null ? Look.ALL : question.look(),
                Boolean.TRUE.equals(question.folded()));
        // Said beside the answer: with the records away it rests on machines and lessons as they were read last.
        return ResponseEntity.ok()
                .header("Bold-Wedge-Records", knowledge.now().away() ? "away" : "there")
                .body(answer);
    }

    /** A drawing of the plan as SVG, or of a step of its making. */
    @PostMapping(value = "/plan/drawing/{scene}", produces = "image/svg+xml")
    ResponseEntity<String> drawing(@PathVariable String scene, @Valid @RequestBody PlanQuestion question) {
        return file(scene + ".svg", MediaType.valueOf("image/svg+xml"), SceneSvg.write(scene(scene, question)));
    }

    /** The same as DXF; a drawing of one scale comes at the true size of the thing. */
    @PostMapping(value = "/plan/dxf/{scene}", produces = "image/vnd.dxf")
    ResponseEntity<String> dxf(@PathVariable String scene, @Valid @RequestBody PlanQuestion question) {
        return file(scene + ".dxf", MediaType.valueOf("image/vnd.dxf"), SceneDxf.write(scene(scene, question)));
    }

    private Scene scene(String id, PlanQuestion question) {
        PlanAnswer answer = plans.workedPlan(Text.map(question.fields()), question.units());
        List<Scene> scenes = Stream.concat(
                        answer.scenes().stream(), answer.steps().stream().map(MakeStep::scene))
                .toList();
        return scenes.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.missing(
                        "no-such-drawing",
                        "There is no drawing of that name. There are: "
                                + scenes.stream().map(Scene::id).distinct().collect(Collectors.joining(", ")) + "."));
    }

    /** A cut in one line, as it is said in the shop. */
    record TypedLine(
            @Line(most = 300, missing = "Type the cut, such as: turn 24 h6 from 25, 50 long, mild steel.")
            String text,

            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** Reads a cut that was typed in one line; what was not understood is told beside it. */
    @PostMapping("/plan/typed")
    TypedCut typed(@Valid @RequestBody TypedLine line) {
        return plans.typed(line.text(), line.units());
    }

    /** Ways to take the cut, tried against each other: the best with what they have in hand, and why the others lose. */
    @PostMapping("/plan/set-ups")
    SetUps setUps(@Valid @RequestBody PlanQuestion question) {
        return plans.setUps(Text.map(question.fields()), question.units());
    }

    /** The solid of what is made as STL, millimetres. */
    @PostMapping(value = "/plan/solid", produces = "model/stl")
    ResponseEntity<String> solid(@Valid @RequestBody PlanQuestion question) {
        Solid solid = plans.solid(Text.map(question.fields()), question.units());
        return file(solid.name() + ".stl", MediaType.valueOf("model/stl"), solid.stl());
    }

    /** The same as 3MF, which says its unit itself. */
    @PostMapping(value = "/plan/solid/3mf", produces = "model/3mf")
    ResponseEntity<byte[]> solidIn3mf(@Valid @RequestBody PlanQuestion question) {
        Solid solid = plans.solid(Text.map(question.fields()), question.units());
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("model/3mf"))
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(solid.name() + ".3mf"))
                .body(solid.threeMf());
    }

    /** The cuts that were saved last, the last first. */
    @GetMapping("/cuts")
    List<ListedCut> cuts(@RequestParam(defaultValue = "200") int most) {
        return plans.latest(Math.clamp(most, 1, MOST_CUTS));
    }

    @GetMapping("/cuts/{id}")
    CutRecord cut(@PathVariable UUID id) {
        return plans.cut(id);
    }

    /** What a cut was before it was saved over, the latest first. */
    @GetMapping("/cuts/{id}/history")
    List<CutWas> history(@PathVariable UUID id) {
        return plans.was(id);
    }

    @PostMapping("/cuts")
    CutRecord add(@RequestBody CutEntry entry) {
        return plans.add(record(entry.id() == null ? UUID.randomUUID() : entry.id(), 1, entry));
    }

    @PutMapping("/cuts/{id}")
    CutRecord save(@PathVariable UUID id, @RequestBody CutEntry entry) {
        return plans.save(record(id, entry.version(), entry));
    }

    @DeleteMapping("/cuts/{id}")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        plans.delete(id, version);
    }

    private static CutRecord record(UUID id, int version, CutEntry entry) {
        return new CutRecord(id, version, entry.name(), entry.units(), Text.map(entry.fields()), null, "", null, "");
    }

    private static ResponseEntity<String> file(String name, MediaType type, String body) {
        return ResponseEntity.ok()
                .contentType(new MediaType(type, java.nio.charset.StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(name))
                .body(body);
    }

    private static String attached(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
