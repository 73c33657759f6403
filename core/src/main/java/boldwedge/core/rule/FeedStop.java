package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.minutes;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.mmPerRev;
import static boldwedge.core.language.measure.Amount.rpm;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Entry;

/** Where a fed tool runs towards metal, a shoulder or a bottom: how far it goes on until a hand has stopped the feed. */
public final class FeedStop {
    /** The rest that is fed by hand without a doubt, mm; and how much of it nobody feeds by hand, mm (ours). */
    private static final double EASY_MM = 4;

    private static final double MOST_MM = 12;

    private FeedStop() {}

    /**
     * Judges it.
     *
     * @param meets what it runs towards, with its article
     * @param speed the field of the spindle's speed
     */
    public static Finding of(Lathe lathe, double feedMm, double atRpm, String meets, Entry speed, UnitFormat say) {
        double stop = lathe.screw().stopOrUsual();
        double runsOn = feedMm * atRpm * stop / 60;
        double margin = EASY_MM / runsOn - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "feed-stop", say)
                .says(
                        runsOn > MOST_MM ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "It goes on by %s while a hand stops the feed: stop it that much, and a little more, before %s; the rest by hand, against a stop.",
                        say.length(runsOn),
                        meets)
                .margin(margin)
                .step(Working.of("Goes on", "f · n · t", mm(runsOn))
                        .with("f", mmPerRev(feedMm))
                        .with("n", rpm(atRpm))
                        .with(
                                "t",
                                "until it stands",
                                lathe.screw().stopSeconds().isPresent()
                                        ? minutes(stop / 60).fromCard()
                                        : minutes(stop / 60).assumed()))
                .source("Definition of feed; a hand’s second, unless the card says otherwise");
        if (margin < 0) {
            lathe.speeds()
                    .atOrBelow(atRpm * (margin + 1))
                    .ifPresent(slower ->
                            finding.mend("Run at " + say.rpm(slower), speed, Written.places(slower, 1) + " rpm"));
        }
        return finding.build();
    }
}
