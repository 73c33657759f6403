package boldwedge.core.planning;

import java.util.List;
import java.util.Optional;

/**
 * How a cut is shown: all that a page needs to know of the family that the cut belongs to.
 *
 * @param family id of the family
 * @param sentence the cut in words, with its values where they stand
 * @param stations what each station shows
 * @param printed the card
 * @param crib id of the drawing beside what is kept
 * @param kept what the crib may keep of it; empty until the cut could be worked out
 * @param keptWith fields that are typed beside what is kept
 * @param solid id of the drawing beside which its solid is offered; empty when there is none
 * @param height where a measured height goes, if one can be measured
 */
public record CutPage(
        String family,
        List<SentencePart> sentence,
        List<StationPage> stations,
        PrintedCard printed,
        String crib,
        List<Kept> kept,
        List<String> keptWith,
        String solid,
        Optional<HeightEntry> height) {}
