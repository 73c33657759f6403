package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Kept;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SentencePart;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.recording.Questions;
import boldwedge.core.testing.Answers;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every family must hold to, those that ship and the one of the tests alike. */
class FamilyContractTest {
    static List<ToolFamily<?>> families() {
        return Families.all();
    }

    /** Every operation of every family in both systems, nothing else typed: the usual job. */
    static Stream<PlanRequest> usual() {
        return Families.all().stream()
                .flatMap(family -> family.operations().stream())
                .map(Choice::id)
                .flatMap(operation -> Stream.of(UnitSystem.values())
                        .map(units -> new PlanRequest(
                                Map.of("operation", operation, "lathe", "x"),
                                units,
                                Optional.of(Shop.machineFor(operation)))));
    }

    /** The usual jobs, and several hundred others. */
    static Stream<PlanRequest> jobs() {
        return Stream.concat(usual(), Questions.all().stream().map(Questions.Question::request));
    }

    @ParameterizedTest
    @MethodSource("families")
    void isDeclaredWhole(ToolFamily<?> family) {
        assertThat(family.operations()).isNotEmpty();
        assertThat(family.kinds()).isNotEmpty().contains(family.matched());
        List<String> ids = family.entries().stream().map(Entry::id).toList();
        assertThat(ids).doesNotHaveDuplicates().contains("operation");
        // An id that another family has too asks for the same kind of thing.
        for (ToolFamily<?> other : Families.all()) {
            for (Entry entry : other.entries()) {
                family.entries().stream()
                        .filter(mine -> mine.id().equals(entry.id()))
                        .forEach(mine -> assertThat(mine.limits().map(limits -> limits.quantity()))
                                .as(mine.id())
                                .isEqualTo(entry.limits().map(limits -> limits.quantity())));
            }
        }
        for (Entry entry : family.entries()) {
            assertThat(entry.label()).as(entry.id()).isNotBlank();
            if (!entry.choices().isEmpty() && !entry.usual(UnitSystem.METRIC).isEmpty()) {
                assertThat(entry.choices())
                        .as(entry.id())
                        .anyMatch(one -> one.id().equals(entry.usual(UnitSystem.METRIC)));
            }
        }
        assertThat(family.trial().readings())
                .extracting(TrialForm.ReadingEntry::id)
                .doesNotHaveDuplicates()
                .isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("usual")
    void theUsualJobIsAnswered(PlanRequest request) {
        assertThat(Answers.of(request).worked()).isTrue();
    }

    /** Whatever the page is told to show is there. */
    @ParameterizedTest
    @MethodSource("jobs")
    void whatThePageShowsIsInTheAnswer(PlanRequest request) {
        PlanAnswer answer = Answers.of(request);
        ToolFamily<?> family = Families.of(request);
        CutPage page = answer.page();
        assertThat(page.family()).isEqualTo(family.id());
        Set<String> fields =
                new HashSet<>(answer.fields().stream().map(FieldState::id).toList());
        for (SentencePart part : page.sentence()) {
            if (part.kind() != SentencePart.Kind.WORDS) {
                assertThat(fields).contains(part.text());
                Entry entry = family.entries().stream()
                        .filter(one -> one.id().equals(part.text()))
                        .findFirst()
                        .orElseThrow();
                // A tolerance or a thread has no range, and is typed all the same.
                assertThat(part.kind())
                        .as(part.text())
                        .isEqualTo(
                                entry.choices().isEmpty() && !entry.asked().machine()
                                        ? SentencePart.Kind.VALUE
                                        : SentencePart.Kind.CHOICE);
            }
        }
        if (!answer.worked()) {
            assertThat(answer.fields()).anyMatch(state -> !state.error().isEmpty());
            return;
        }
        Set<String> scenes =
                new HashSet<>(answer.scenes().stream().map(Scene::id).toList());
        Set<String> figures =
                new HashSet<>(answer.figures().stream().map(Figure::id).toList());
        for (StationPage station : page.stations()) {
            assertThat(fields).containsAll(station.picks()).containsAll(station.settings());
            assertThat(figures).as(station.station().name()).containsAll(station.keys());
            if (!station.scenes().isEmpty()) {
                assertThat(scenes).as(station.station().name()).containsAnyElementsOf(station.scenes());
            }
        }
        assertThat(fields)
                .containsAll(page.printed().measured())
                .containsAll(page.printed().settings())
                .containsAll(page.keptWith());
        assertThat(scenes)
                .contains(page.printed().scene(), page.crib(), family.trial().scene());
        assertThat(page.printed().sentence()).isNotBlank().doesNotContain("null");
        assertThat(answer.scenes()).extracting(Scene::id).doesNotHaveDuplicates();
        assertThat(answer.figures()).extracting(Figure::id).doesNotHaveDuplicates();
        assertThat(answer.findings()).extracting(Finding::id).doesNotHaveDuplicates();
        assertThat(answer.steps()).isNotEmpty();
    }

    /** What is kept of a cut is known for what it is, and does the same cut again. */
    @ParameterizedTest
    @MethodSource("usual")
    void whatIsKeptIsKnownAgain(PlanRequest request) {
        for (Kept kept : Answers.of(request).page().kept()) {
            assertThat(Families.kindOf(kept.fields()).id()).isEqualTo(kept.kind());
            ToolKind kind = Families.kind(kept.kind()).orElseThrow();
            for (Map.Entry<String, String> text : kept.fields().entrySet()) {
                Entry entry = Families.entry(text.getKey()).orElseThrow();
                if (!entry.choices().isEmpty()) {
                    assertThat(Families.canBe(entry, text.getValue()))
                            .as(entry.id())
                            .isTrue();
                }
            }
            assertThat(kind.card().fields()).isNotEmpty();
            ToolFamily<?> family = Families.of(request);
            if (kind.equals(family.matched())) {
                assertThat(family.match(request, kept.fields()).verdict()).isNotEqualTo(Verdict.TOLD);
            }
        }
    }

    /** Every kind is drawn on its card by the job that it names. */
    @ParameterizedTest
    @MethodSource("families")
    void everyKindIsDrawnOnItsCard(ToolFamily<?> family) {
        Optional<Lathe> machine =
                Optional.of(Shop.machineFor(family.operations().getFirst().id()));
        PlanRequest job = new PlanRequest(
                Map.of("operation", family.operations().getFirst().id(), "lathe", "x", "partHolder", "split-block"),
                UnitSystem.METRIC,
                machine);
        for (Kept kept : Planner.plan(job).page().kept()) {
            ToolKind kind = Families.kind(kept.kind()).orElseThrow();
            Map<String, String> fields = new HashMap<>(kept.fields());
            fields.put("lathe", "x");
            kind.card().sample().forEach((entry, text) -> fields.put(entry.id(), text));
            PlanAnswer card = Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, machine));
            assertThat(card.worked()).as(kind.id()).isTrue();
            assertThat(card.scenes()).extracting(Scene::id).contains(kind.card().drawing());
        }
    }

    /** A mend names a field that is asked, and changes what stands there. */
    @ParameterizedTest
    @MethodSource("jobs")
    void aMendChangesSomething(PlanRequest request) {
        PlanAnswer answer = Answers.of(request);
        Map<String, FieldState> fields = new HashMap<>();
        answer.fields().forEach(state -> fields.put(state.id(), state));
        for (Finding finding : answer.findings()) {
            for (Fix mend : finding.mends()) {
                if (mend.isAtTheMachine()) {
                    assertThat(mend.label()).isNotBlank();
                    continue;
                }
                FieldState state = fields.get(mend.field());
                assertThat(state).as(finding.id() + ": " + mend).isNotNull();
                if (state != null) {
                    assertThat(state.text().equals(mend.text()) || state.typed().equals(mend.text()))
                            .as(finding.id() + ": " + mend + " on " + state.text())
                            .isFalse();
                }
            }
        }
    }

    /** A trial with nothing read is not judged, and says what to read. */
    @ParameterizedTest
    @MethodSource("usual")
    void anEmptyTrialSaysWhatToRead(PlanRequest request) {
        assertThat(TrialJudge.prove(new TrialRequest(request, Map.of())).worked())
                .isFalse();
        assertThat(TrialJudge.prove(new TrialRequest(request, Map.of())).verdict())
                .isNotBlank();
    }

    /** Nothing that is typed is swallowed: what an operation does not ask for comes back by name, what it asks for does not. */
    @ParameterizedTest
    @MethodSource("usual")
    void whatIsNotAskedForIsNamed(PlanRequest request) {
        Map<String, String> fields = new HashMap<>(request.fields());
        fields.put("noSuchField", "3 mm");
        fields.put("anotherSuchField", " ");
        for (FieldState state : Answers.of(request).fields()) {
            fields.putIfAbsent(state.id(), state.text());
        }
        assertThat(Answers.of(new PlanRequest(fields, request.units(), request.lathe()))
                        .unheard())
                .containsExactly("noSuchField");
        assertThat(Answers.of(request).unheard()).isEmpty();
    }
}
