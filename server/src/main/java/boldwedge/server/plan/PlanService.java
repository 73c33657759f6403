package boldwedge.server.plan;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.family.Solid;
import boldwedge.core.family.TypedCut;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SetUps;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.shop.ShopService;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans, and the cuts that are kept. */
@Service
public class PlanService {
    private static final Pattern UUID_FORM = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");

    /** So many earlier versions of a cut are kept. */
    private static final int MOST_WERE = 100;

    private final ShopService shop;
    private final Journal journal;
    private final CutMapper cuts;
    private final Teacher teacher;
    private final Checked checked;
    private final Who who;

    PlanService(ShopService shop, CutMapper cuts, Teacher teacher, Checked checked, Who who, Journal journal) {
        this.journal = journal;
        this.shop = shop;
        this.cuts = cuts;
        this.teacher = teacher;
        this.checked = checked;
        this.who = who;
    }

    /** A core request for these texts: the lathe is looked up by its id. */
    public PlanRequest request(Map<String, String> fields, UnitSystem units) {
        String lathe = fields.getOrDefault(Families.MACHINE, "");
        return new PlanRequest(
                fields, units, lathe.isEmpty() ? Optional.empty() : shop.lathe(lathe), teacher.of(fields, units));
    }

    PlanAnswer plan(Map<String, String> fields, UnitSystem units, Look look, boolean folded) {
        return Planner.plan(request(fields, units), look, folded);
    }

    /** The answer, or a refusal with a sentence for each field that is wrong. */
    public PlanAnswer workedPlan(Map<String, String> fields, UnitSystem units) {
        PlanAnswer answer = plan(fields, units, Look.ALL, false);
        if (!answer.worked()) {
            throw Refusal.wrong(
                    "unreadable-values",
                    "Some fields cannot be used.",
                    answer.fields().stream()
                            .filter(state -> !state.error().isEmpty())
                            .collect(Collectors.toMap(state -> state.id(), state -> state.error())));
        }
        return answer;
    }

    Solid solid(Map<String, String> fields, UnitSystem units) {
        workedPlan(fields, units);
        return Planner.solid(request(fields, units))
                .orElseThrow(() -> Refusal.missing("no-solid", "There is no solid of this."));
    }

    /** A cut typed in one line; the shop's machines are known by their names. */
    TypedCut typed(String line, UnitSystem units) {
        return TypedCut.read(line, units, shop.names());
    }

    /** Ways to take a cut, tried against each other. */
    SetUps setUps(Map<String, String> fields, UnitSystem units) {
        return Planner.setUps(request(fields, units))
                .orElseThrow(
                        () -> Refusal.missing(
                                "no-set-ups",
                                "There is nothing to search here: the cut cannot be worked out yet, or it has no taper to hold."));
    }

    /** The cuts that were saved last, the last first. */
    List<ListedCut> latest(int most) {
        return cuts.latest(most).stream()
                .map(cut -> ListedCut.of(cut, Planner.says(request(cut.fields(), cut.units()))))
                .toList();
    }

    /** Hands over every cut, one after the other; within a transaction. */
    public void each(Consumer<CutRecord> take) {
        cuts.each().forEach(take);
    }

    CutRecord cut(UUID id) {
        return cuts.find(id).orElseThrow(() -> Refusal.missing("no-such-cut", "This cut is not kept here."));
    }

    /** Those cuts that are kept, in the order of their ids as they were named. */
    public List<CutRecord> cuts(List<String> ids) {
        return ids.stream()
                .filter(id -> UUID_FORM.matcher(id).matches())
                .flatMap(id -> cuts.find(UUID.fromString(id)).stream())
                .toList();
    }

    /** Whether a cut of this id is kept. */
    public boolean isKept(UUID id) {
        return cuts.find(id).isPresent();
    }

    /** Keeps a new cut; one that was sent twice under one id is kept once. */
    @Transactional
    public CutRecord add(CutRecord entry) {
        CutRecord cut = by(entry);
        if (cuts.add(List.of(cut)) == 0) {
            CutRecord there = cut(cut.id());
            Version.checkSameAgain(
                    there.name().equals(cut.name())
                            && there.units() == cut.units()
                            && there.fields().equals(cut.fields()),
                    "cut");
            return there;
        }
        return cut(cut.id());
    }

    /** Adds those cuts that are not there yet; how many. For imports. */
    public int addMissing(List<CutRecord> found) {
        return cuts.add(found);
    }

    @Transactional
    public CutRecord save(CutRecord entry) {
        CutRecord cut = by(entry);
        if (cuts.keepWhatWas(cut) > 0) {
            cuts.forget(cut.id(), MOST_WERE);
        }
        Version.check(cuts.save(cut), cuts.find(cut.id()).isPresent(), "cut");
        return cut(cut.id());
    }

    /** What a cut was before it was saved over, the latest first. */
    List<CutWas> was(UUID id) {
        cut(id);
        return cuts.was(id);
    }

    @Transactional
    public void delete(UUID id, int version) {
        Optional<CutRecord> there = cuts.find(id);
        if (cuts.delete(id, version) == 0 && cuts.find(id).isPresent()) {
            Version.check(0, true, "cut");
        }
        there.ifPresent(cut -> journal.note(Deed.DELETED, "the cut " + cut.name()));
    }

    private CutRecord by(CutRecord entry) {
        return checked.record(new CutRecord(
                entry.id(), entry.version(), entry.name(), entry.units(), entry.fields(), null, who.name(), null, ""));
    }

    /** Whether it may be kept. */
    public void check(CutRecord cut) {
        checked.record(cut);
    }
}
