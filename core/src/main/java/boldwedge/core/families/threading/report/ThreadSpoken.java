package boldwedge.core.families.threading.report;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Dial;
import java.util.Locale;

/** How parts of a thread are said wherever they are said. */
final class ThreadSpoken {
    private ThreadSpoken() {}

    /** The thread with its class and hand. */
    static String name(ThreadJob job) {
        return job.call().name()
                + (job.className().isEmpty() ? "" : "-" + job.className())
                + (job.left() ? " LH" : "")
                + (job.size().starts() > 1 ? ", " + job.size().starts() + " starts" : "");
    }

    /** Which dial feeds in. */
    static Dial dial(ThreadCut cut) {
        Way way = cut.job().cutting().way();
        return way.compound()
                ? Dial.compound(cut.job().lathe().screw())
                : Dial.cross(cut.job().lathe().screw());
    }

    /** What that dial is called. */
    static String slide(ThreadCut cut) {
        return cut.job().cutting().way().compound() ? "compound" : "cross slide";
    }

    /** Reading of that dial for a depth on the radius, from where the tool touched. */
    static String reading(ThreadCut cut, double depthMm) {
        return dial(cut).says(cut.infeed().compoundMm(depthMm));
    }

    /** What that dial has to go on for so much on the pitch diameter. */
    static String more(ThreadCut cut, double overMm) {
        return dial(cut).says(cut.infeed().leftOnCompoundMm(overMm));
    }

    /** Words as they begin a line. */
    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** How the compound is set, by its own scale. */
    static String setting(ThreadCut cut, UnitFormat say) {
        double beta = cut.infeed().betaRad();
        return cut.job().lathe().screw().compoundFromAxis()
                ? say.angle(Math.PI / 2 - beta) + " on its scale, which counts from the axis (" + say.angle(beta)
                        + " from the square)"
                : say.angle(beta) + " from the square";
    }
}
