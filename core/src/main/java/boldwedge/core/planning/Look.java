package boldwedge.core.planning;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import java.util.HashSet;
import java.util.Set;

/** What of an answer is looked at. The numbers and verdicts are always all there; drawings and workings only where they are seen. */
public enum Look {
    ALL,
    CUT,
    EDGE,
    REACH,
    MAKE,
    PROVE,
    CRIB,
    /** What is printed. */
    CARD;

    /** Ids of the drawings that are seen; not asked of {@link #ALL}. */
    public Set<String> scenes(CutPage page, TrialForm trial) {
        Set<String> seen = new HashSet<>();
        page.stations().stream()
                .filter(shown -> shown.station().name().equals(name()))
                .forEach(shown -> seen.addAll(shown.scenes()));
        switch (this) {
            case PROVE -> seen.add(trial.scene());
            case CRIB -> seen.add(page.crib());
            case CARD -> seen.add(page.printed().scene());
            case ALL, CUT, EDGE, REACH, MAKE -> {}
        }
        return seen;
    }

    /** Whether the steps of the making are seen. */
    public boolean seesMaking() {
        return this == ALL || this == MAKE || this == CARD;
    }

    /**
     * Whether a finding is seen whole.
     *
     * @param folded whether what holds is folded away
     */
    public boolean seesWhole(Finding finding, boolean folded) {
        return sees(finding) && !(folded && finding.verdict() == Verdict.FINE);
    }

    /** Whether a station is looked at. */
    public boolean sees(Station station) {
        return this == ALL || station.name().equals(name());
    }

    /** Whether a finding is looked at. The first station tells also what stands in the way further on. */
    public boolean sees(Finding finding) {
        return sees(finding.station())
                || (this == CUT
                        && finding.station() != Station.CUT
                        && finding.verdict().isDoubt());
    }
}
