package boldwedge.core.ask;

import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Step;
import java.util.List;

/**
 * One step of grinding, as the card shows it.
 *
 * @param id stable name of the step
 * @param title what is done
 * @param lines what to set, one a line
 * @param why the reason for it and for its place in the order
 * @param check what to measure before going on
 * @param measures the field whose angle or radius is measured at this step; empty when none is
 * @param target what that should be
 * @param cautions what can hurt here
 * @param working how the settings came about
 * @param scene how the bit stands at the wheel
 */
public record MakeStep(
        String id,
        String title,
        List<String> lines,
        String why,
        String check,
        String measures,
        String target,
        List<String> cautions,
        List<Step> working,
        Scene scene) {}
