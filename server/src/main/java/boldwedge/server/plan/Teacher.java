package boldwedge.server.plan;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.trial.Calibrations;
import java.util.Map;

/** Whoever knows what the shop's trials have taught. */
public interface Teacher {
    /** What has been taught of the lathe, the tool and the material of a cut. */
    Calibrations of(Map<String, String> fields, UnitSystem units);
}
