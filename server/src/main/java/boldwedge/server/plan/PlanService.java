package boldwedge.server.plan;

import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.plan.Planner;
import boldwedge.core.turning.TurningField;
import boldwedge.core.wedge.GroundBit;
import boldwedge.server.shop.ShopService;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Plans, and the cuts that are kept. */
@Service
public class PlanService {
    private final ShopService shop;
    private final CutMapper cuts;
    private final Teacher teacher;

    PlanService(ShopService shop, CutMapper cuts, Teacher teacher) {
        this.shop = shop;
        this.cuts = cuts;
        this.teacher = teacher;
    }

    /** A core request for these texts: the lathe is looked up by its id. */
    public PlanRequest request(Map<String, String> fields, UnitSystem units) {
        String lathe = fields.getOrDefault(TurningField.LATHE.id(), "");
        return new PlanRequest(
                fields, units, lathe.isEmpty() ? Optional.empty() : shop.lathe(lathe), teacher.of(fields, units));
    }

    PlanAnswer plan(Map<String, String> fields, UnitSystem units) {
        return Planner.plan(request(fields, units));
    }

    /** The answer, or a refusal with a sentence for each field that is wrong. */
    public PlanAnswer workedPlan(Map<String, String> fields, UnitSystem units) {
        PlanAnswer answer = plan(fields, units);
        if (!answer.worked()) {
            throw Refusal.wrong(
                    "Some fields cannot be used.",
                    answer.fields().stream()
                            .filter(state -> !state.error().isEmpty())
                            .collect(Collectors.toMap(state -> state.id(), state -> state.error())));
        }
        return answer;
    }

    GroundBit solid(Map<String, String> fields, UnitSystem units) {
        workedPlan(fields, units);
        return Planner.solid(request(fields, units)).orElseThrow();
    }

    /** All cuts, the last saved first. */
    public List<CutRecord> cuts() {
        return cuts.all();
    }

    CutRecord cut(UUID id) {
        return cuts.find(id).orElseThrow(() -> Refusal.missing("This cut is not kept here."));
    }

    CutRecord add(CutRecord cut) {
        cuts.add(cut);
        return cut;
    }

    /** Adds a cut unless it is already there; whether it was added. For imports. */
    public boolean addIfMissing(CutRecord cut) {
        return cuts.add(cut) == 1;
    }

    CutRecord save(CutRecord cut) {
        Version.check(cuts.save(cut), cuts.find(cut.id()).isPresent(), "cut");
        return new CutRecord(cut.id(), cut.version() + 1, cut.name(), cut.units(), cut.fields());
    }

    void delete(UUID id) {
        cuts.delete(id);
    }
}
