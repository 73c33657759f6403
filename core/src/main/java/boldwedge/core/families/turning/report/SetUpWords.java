package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.SetUpSearch;
import boldwedge.core.families.turning.model.SetUpSearch.Bound;
import boldwedge.core.families.turning.model.SetUpSearch.Found;
import boldwedge.core.families.turning.model.SetUpSearch.Judged;
import boldwedge.core.families.turning.model.TaperBalance;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.SetUps;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Says what a search of set-ups has found. */
public final class SetUpWords {
    private static final int MOST = 6;

    private SetUpWords() {}

    /** The set-ups of a cut; empty where there is nothing to search. */
    public static Optional<SetUps> of(TurningCut cut, UnitFormat say) {
        return SetUpSearch.of(cut, MOST).map(found -> said(cut, found, say));
    }

    private static SetUps said(TurningCut cut, Found found, UnitFormat say) {
        List<SetUps.SetUp> best =
                found.best().stream().map(one -> setUp(one, say)).toList();
        return new SetUps(
                found.tried(),
                found.hold(),
                best,
                lost(found),
                balances(cut, found, say),
                found.balances().size() < 2
                        ? Optional.empty()
                        : Optional.of(BalanceScene.draw(cut, found.balances(), say)));
    }

    private static SetUps.SetUp setUp(Judged one, UnitFormat say) {
        SetUpSearch.SetUp s = one.setUp();
        String words = Written.words(
                "Nose %s, side rake %s, lead %s; last pass %s at %s; %s, %s out.",
                say.length(s.noseMm()),
                Written.degrees(s.sideRakeRad()),
                Written.degrees(s.leadRad()),
                say.length(s.depthMm()),
                say.feed(s.feedMm()),
                s.hold().words(),
                say.length(s.freeMm()));
        String does = Written.words(
                "Uneven by %s, %s to dial; about %s; %s a pass. %s",
                say.length(Math.abs(one.taperMm())),
                say.length(one.evenMm()),
                say.ra(one.raMm()),
                say.time(one.minutes()),
                inHand(one));
        Verdict verdict = one.worst() <= 0.8 ? Verdict.FINE : one.worst() <= 1 ? Verdict.DOUBTFUL : Verdict.WRONG;
        Map<String, String> take = Map.of(
                NOSE_RADIUS.id(), exact(s.noseMm(), say),
                SIDE_RAKE.id(), Written.degrees(s.sideRakeRad()),
                SIDE_EDGE.id(), Written.degrees(s.leadRad()),
                DEPTH.id(), exact(s.depthMm(), say),
                FEED.id(), Written.exact(Quantity.FEED, s.feedMm()),
                HOLD.id(), s.hold().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                STICK_OUT.id(), exact(s.freeMm(), say));
        return new SetUps.SetUp(words, does, verdict, take);
    }

    /** What it has in hand, of what is nearest to its limit. */
    private static String inHand(Judged one) {
        String of = noun(one.bound());
        return one.worst() <= 1
                ? "Nearest its limit: " + of + ", " + Math.round(100 * one.worst()) + " % of what is allowed."
                : "It fails by " + of + ", " + Written.places(one.worst(), 1) + " times what is allowed.";
    }

    private static String noun(Bound bound) {
        return switch (bound) {
            case SIZE -> "taper and scatter";
            case FINISH -> "finish";
            case CHIP -> "a chip too thin";
            case POWER -> "power";
        };
    }

    private static String exact(double mm, UnitFormat say) {
        return say.units() == UnitSystem.METRIC
                ? Written.exact(Quantity.LENGTH, mm)
                : Written.places(mm / 25.4, 4) + " in";
    }

    private static List<String> lost(Found found) {
        List<String> lines = new ArrayList<>();
        found.losers().forEach((by, count) -> {
            if (count > 0) {
                lines.add(Written.words("%d by %s", count, noun(by)));
            }
        });
        return lines;
    }

    private static List<String> balances(TurningCut cut, Found found, UnitFormat say) {
        if (found.balances().isEmpty()) {
            return List.of("No rake and no lead that can be ground draws in as much as this material pushes away.");
        }
        return found.balances().stream().map(one -> balance(cut, one, say)).toList();
    }

    /** Taper that no shop measures, mm. */
    private static final double HARDLY_MM = 0.0005;

    private static String balance(TurningCut cut, TaperBalance one, UnitFormat say) {
        String depth = one.depthMm() > cut.job().depthMm() * 1.001
                ? "this feed and all of the stock, " + say.length(one.depthMm()) + ", in one pass"
                : "this feed and depth";
        String degree = one.perDegreeMm() < HARDLY_MM
                ? "a degree either way changes next to nothing."
                : "a degree more is " + say.length(one.perDegreeMm()) + " of taper.";
        return one.byLead()
                ? Written.words(
                        "Nose %s, side rake %s: pushing and drawing cancel with the side cutting edge at %s, its outer end behind the "
                                + "point, with %s; %s",
                        say.nose(one.noseMm()),
                        Written.degrees(one.sideRakeRad()),
                        Written.degrees(one.leadRad()),
                        depth,
                        degree)
                : Written.words(
                        "Nose %s: pushing and drawing cancel at %s of side rake with %s; %s",
                        say.nose(one.noseMm()), Written.degrees(one.sideRakeRad()), depth, degree);
    }
}
