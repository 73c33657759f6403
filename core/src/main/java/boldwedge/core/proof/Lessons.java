package boldwedge.core.proof;

import boldwedge.core.proof.Taught.Of;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The lessons of all kept trials. A trial on a bar whose stiffness was measured teaches the cutting force, of this lathe in
 * this material with any bar; one on a bar that was not measured teaches its spring, of this lathe, material and bar alone.
 */
public final class Lessons {
    private final Map<String, List<Taught.Trial>> springs = new HashMap<>();
    private final Map<String, List<Taught.Trial>> forces = new HashMap<>();

    /**
     * What a trial, or a question, is about.
     *
     * @param lathe the lathe
     * @param material the material
     * @param bar the bar with its material, by its size
     * @param measured whether the stiffness at its point was measured
     */
    public record About(String lathe, String material, String bar, boolean measured) {
        private String withAnyBar() {
            return lathe + '|' + material;
        }

        private String withThisBar() {
            return lathe + '|' + material + '|' + bar;
        }
    }

    /** Takes a trial in. */
    public void add(About about, Taught.Trial trial) {
        if (about.measured()) {
            forces.computeIfAbsent(about.withAnyBar(), key -> new ArrayList<>()).add(trial);
        } else {
            springs.computeIfAbsent(about.withThisBar(), key -> new ArrayList<>())
                    .add(trial);
        }
    }

    /** What counts for this: the bar's own spring where it was not measured and has been tried; else the force. */
    public Taught taught(About about) {
        List<Taught.Trial> ofBar = springs.getOrDefault(about.withThisBar(), List.of());
        if (!about.measured() && !ofBar.isEmpty()) {
            return Taught.by(Of.SPRING, ofBar);
        }
        List<Taught.Trial> ofForce = forces.getOrDefault(about.withAnyBar(), List.of());
        return ofForce.isEmpty() ? Taught.NOTHING : Taught.by(Of.FORCE, ofForce);
    }
}
