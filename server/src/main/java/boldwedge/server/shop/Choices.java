package boldwedge.server.shop;

import boldwedge.core.boring.BarHeld;
import boldwedge.core.boring.Bottom;
import boldwedge.core.boring.Recess;
import boldwedge.core.holder.HeightReading;
import boldwedge.core.parting.HolderKind;
import boldwedge.core.parting.PartHold;
import boldwedge.core.parting.PartProof;
import boldwedge.core.plan.LatheCard;
import boldwedge.core.proof.Measured;
import boldwedge.core.rigidity.Hold;
import boldwedge.core.stock.Insert;
import boldwedge.core.stock.StockCatalogue;
import boldwedge.core.wedge.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What the fields that are picked from a list can be.
 *
 * @param operations operations
 * @param materials work materials
 * @param holds ways of holding the work
 * @param blanks tool blanks
 * @param wheelFaces what of the wheel is used
 * @param orders which faces are ground first
 * @param chips how chips come off
 * @param sounds what a cut sounds like
 * @param bottoms how a bored hole ends
 * @param barHolds ways of holding a boring bar
 * @param barMaterials what bars are made of
 * @param bits bits and inserts for boring bars
 * @param recesses grooves in a bored hole
 * @param blades blades for parting and grooving
 * @param partHolds ways of holding work that is parted
 * @param holders what holds a blade
 * @param posts where a parting tool stands
 * @param tops how a parting tip's top is ground
 * @param bolts how many bolts hold the post
 * @param faces how a parted face came out
 * @param pipSides what a pip tells of the height
 * @param heightsBy what a height can be measured by
 * @param latheEntries the entries of a lathe's card
 */
public record Choices(
        List<Choice> operations,
        List<Choice> materials,
        List<Choice> holds,
        List<Choice> blanks,
        List<Choice> wheelFaces,
        List<Choice> orders,
        List<Choice> chips,
        List<Choice> sounds,
        List<Choice> bottoms,
        List<Choice> barHolds,
        List<Choice> barMaterials,
        List<Choice> bits,
        List<Choice> recesses,
        List<Choice> blades,
        List<Choice> partHolds,
        List<Choice> holders,
        List<Choice> posts,
        List<Choice> tops,
        List<Choice> bolts,
        List<Choice> faces,
        List<Choice> pipSides,
        List<Choice> heightsBy,
        List<Choice> latheEntries) {

    private static final double LARGEST_BIT_MM = 10;

    /**
     * One thing to pick.
     *
     * @param id what is sent
     * @param words what is read
     * @param more a line more about it; may be empty
     */
    public record Choice(String id, String words, String more) {}

    static Choices shipped() {
        StockCatalogue stock = StockCatalogue.shipped();
        return new Choices(
                Stream.concat(
                                constants(Operation.values(), Operation::words).stream(),
                                Stream.of(
                                        new Choice("bore", "bore", "a hole, with a bar"),
                                        new Choice("part", "part off", "with a blade, to the axis or a bore"),
                                        new Choice("groove", "groove", "with a blade, to a diameter")))
                        .toList(),
                stock.workMaterials().stream()
                        .map(m -> new Choice(m.id(), m.name(), m.state() + "; " + m.hardness()))
                        .toList(),
                constants(Hold.values(), Hold::words),
                stock.blanks().stream()
                        .map(b -> new Choice(
                                b.id(), b.name(), stock.toolMaterial(b).name()))
                        .toList(),
                List.of(
                        new Choice("periphery", "the wheel's periphery", "leaves a hollow"),
                        new Choice("cup", "the flat side of a cup wheel", "leaves it flat")),
                List.of(
                        new Choice("flanks-first", "the flanks", "then the top"),
                        new Choice("top-first", "the top", "then the flanks")),
                constants(Measured.Chip.values(), Measured.Chip::words),
                constants(Measured.Sound.values(), Measured.Sound::words),
                constants(Bottom.values(), Bottom::words),
                constants(BarHeld.values(), BarHeld::words),
                stock.barMaterials().stream()
                        .map(b -> new Choice(b.id(), b.name(), b.note()))
                        .toList(),
                Stream.concat(
                                stock.blanks().stream().filter(b -> b.tip().isEmpty() && b.widthMm() <= LARGEST_BIT_MM),
                                stock.inserts().stream().map(Insert::asBlank))
                        .map(b -> new Choice(
                                b.id(), b.name(), stock.toolMaterial(b).name()))
                        .toList(),
                constants(Recess.Kind.values(), Recess.Kind::words),
                stock.blades().stream()
                        .map(b -> new Choice(b.id(), b.name(), b.tool().name()))
                        .toList(),
                constants(PartHold.values(), PartHold::words),
                constants(HolderKind.values(), HolderKind::words),
                List.of(
                        new Choice("front", "in front of the work", ""),
                        new Choice("behind", "behind the work, upside down", "")),
                List.of(
                        new Choice("flat", "flat top", ""),
                        new Choice("hollow", "hollowed top", "the chip comes off narrower than the cut")),
                List.of(new Choice("one", "one bolt", ""), new Choice("two", "two bolts", "")),
                constants(PartProof.Face.values(), PartProof.Face::words),
                constants(PartProof.PipSide.values(), PartProof.PipSide::words),
                constants(HeightReading.How.values(), HeightReading.How::words),
                LatheCard.ENTRIES.entrySet().stream()
                        .map(e -> new Choice(e.getKey(), e.getValue(), ""))
                        .toList());
    }

    private static <E extends Enum<E>> List<Choice> constants(E[] all, Function<E, String> words) {
        return Arrays.stream(all)
                .map(e -> new Choice(e.name().toLowerCase(Locale.ROOT).replace('_', '-'), words.apply(e), ""))
                .toList();
    }
}
