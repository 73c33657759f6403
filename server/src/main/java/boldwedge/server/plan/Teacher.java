package boldwedge.server.plan;

import boldwedge.core.measure.UnitSystem;
import boldwedge.core.proof.Teachings;
import java.util.Map;

/** Whoever knows what the shop's trials have taught. */
public interface Teacher {
    /** What has been taught of the lathe, the tool and the material of a cut. */
    Teachings of(Map<String, String> fields, UnitSystem units);
}
