package boldwedge.server.proof;

import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.boring.BoreField;
import boldwedge.core.boring.BoreProof;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.plan.Family;
import boldwedge.core.plan.Planner;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Taught;
import boldwedge.server.plan.Teacher;
import boldwedge.server.shop.ShopService;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Learns from the kept trials. The lessons are worked out once and again when a trial is kept;
 * while the database is away the last ones stand.
 */
@Component
class TrialTeacher implements Teacher {
    private static final Logger LOG = LoggerFactory.getLogger(TrialTeacher.class);

    private final TrialMapper trials;
    private final ShopService shop;
    private volatile Lessons lessons = new Lessons();
    private volatile boolean fresh;

    TrialTeacher(TrialMapper trials, ShopService shop) {
        this.trials = trials;
        this.shop = shop;
    }

    /** A trial was kept or came in: the lessons are worked out anew when next asked for. */
    void forget() {
        fresh = false;
    }

    @Override
    public Taught of(Map<String, String> fields, UnitSystem units) {
        if (!"bore".equals(fields.get(BoreField.OPERATION.id()))) {
            return Taught.NOTHING;
        }
        if (!fresh) {
            learn();
        }
        return lessons.taught(about(fields, units));
    }

    private synchronized void learn() {
        if (fresh) {
            return;
        }
        try {
            Lessons learnt = new Lessons();
            for (TrialRecord trial : trials.all()) {
                PlanRequest plan = new PlanRequest(
                        trial.fields(),
                        trial.units(),
                        shop.lathe(trial.fields().getOrDefault(BoreField.LATHE.id(), "")));
                if (Planner.family(plan) != Family.BORING) {
                    continue;
                }
                BoreProof.lesson(new TrialRequest(plan, trial.readings()))
                        .ifPresent(lesson -> learnt.add(about(trial.fields(), trial.units()), lesson));
            }
            lessons = learnt;
            fresh = true;
        } catch (DataAccessException away) {
            LOG.debug("Lessons not renewed: {}", String.valueOf(away.getMessage()));
        }
    }

    /** Lathe, material and bar, the bar by its size and not by how that was written. */
    private static Lessons.About about(Map<String, String> fields, UnitSystem units) {
        String bar = fields.getOrDefault(BoreField.BAR_DIAMETER.id(), "");
        String size = MeasureParser.parse(bar, Quantity.LENGTH, units) instanceof Parsed.Good<Reading>(Reading good)
                ? Long.toString(Math.round(good.value() * 1000))
                : bar;
        return new Lessons.About(
                fields.getOrDefault(BoreField.LATHE.id(), ""),
                fields.getOrDefault(BoreField.MATERIAL.id(), ""),
                size + '|' + fields.getOrDefault(BoreField.BAR_MATERIAL.id(), ""),
                !fields.getOrDefault(BoreField.STIFFNESS.id(), "").isBlank());
    }
}
