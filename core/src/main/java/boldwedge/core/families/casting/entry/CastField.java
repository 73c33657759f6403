package boldwedge.core.families.casting.entry;

import static boldwedge.core.planning.Shown.nothing;
import static boldwedge.core.planning.Shown.value;

import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a casting is asked, in order. */
public enum CastField implements CutEntry<CastBore> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "bore-casting",
            Options.of(
                    "operation",
                    new Choice("bore-casting", "bore a casting", "cored, with its cap, a bush pressed in")))),
    MATERIAL(Asked.pick("material", "Casting", Station.CUT, "iron-grey", StockChoices.materials())),
    BORE(Asked.of("castBore", "Finished bore", Station.CUT, Entry.length(4, 2000), "50 mm", "2")),
    LENGTH(Asked.of("castLength", "Length of the bore", Station.CUT, Entry.length(2, 3000), "80 mm", "3-1/4")),
    WIDE(Asked.of("holeWide", "Raw hole, across", Station.CUT, Entry.length(1, 2000), "46.2 mm", "1.82")),
    TALL(Asked.of("holeTall", "Raw hole, up", Station.CUT, Entry.length(1, 2000), "44.8 mm", "1.765")),
    ASIDE(Asked.of("holeAside", "Its middle lies aside by", Station.CUT, Entry.length(-500, 500), "0.3 mm", ".012")),
    ABOVE(Asked.of("holeAbove", "And above by", Station.CUT, Entry.length(-500, 500), "0 mm", "0")),
    FAR_WIDE(Asked.of("farWide", "Far end: across", Station.CUT, Entry.length(1, 2000))),
    FAR_TALL(Asked.of("farTall", "Far end: up", Station.CUT, Entry.length(1, 2000))),
    FAR_ASIDE(Asked.of("farAside", "Far end: aside by", Station.CUT, Entry.length(-500, 500))),
    FAR_ABOVE(Asked.of("farAbove", "Far end: above by", Station.CUT, Entry.length(-500, 500))),
    FREE(Asked.of("axisFree", "The axis may be moved by", Station.CUT, Entry.length(0, 100), "0 mm", "0")),
    SKIN(Asked.of("castSkin", "Skin", Station.EDGE, Entry.length(0, 20)), value(CastBore::skinMm)),
    FEED(Asked.of("castFeed", "Feed", Station.EDGE, new Limits(Quantity.FEED, 0.01, 2), "0.1 mm/rev", ".004 in/rev")),
    GIVE(Asked.of(
            "castGive",
            "Give of bar and casting",
            Station.EDGE,
            new Limits(Quantity.COMPLIANCE, 1e-6, 0.1),
            "0.3 µm/N",
            "53 µin/lbf")),
    CAP(Asked.pick(
            "castCap",
            "Closed by",
            Station.REACH,
            "whole",
            Options.of("closing", new Choice("whole", "no cap"), new Choice("cap", "a cap with shims")))),
    SHIMS(Asked.of("capShims", "Shims at each side", Station.REACH, Entry.length(0, 20), "0.4 mm", ".016")),
    OUT(Asked.of("shimsOut", "Taken out later", Station.REACH, Entry.length(0, 20), "0.05 mm", ".002")
            .orBetter()),
    GAP(Asked.of("capGap", "Gap at the joint", Station.REACH, Entry.length(0, 50))),
    PLAY(Asked.of("runningPlay", "Running play", Station.REACH, Entry.length(0, 5), "0.06 mm", ".0025")),
    SEAT(Asked.pick("castSeat", "In it", Station.REACH, "nothing", Options.of("what sits in it", Seat.values()))),
    BUSH(Asked.pick("bushMaterial", "Bush of", Station.REACH, "bronze-tin", StockChoices.materials())),
    INSIDE(Asked.of("bushInside", "Its bore", Station.REACH, Entry.length(0.5, 2000), "40 mm", "1-5/8")),
    OVER(Asked.of("pressBy", "Pressed by", Station.REACH, Entry.length(0.001, 2), "0.03 mm", ".0012")),
    OUTSIDE(Asked.of("housingOutside", "Casting around it", Station.REACH, Entry.length(5, 4000), "90 mm", "3.5")),
    FRICTION(Asked.of(
            "pressFriction", "Friction", Station.REACH, new Limits(Quantity.RATIO, 0.02, 0.6), "0.12", "0.12")),
    PRESS(Asked.of(
            "pressForce",
            "The press gives",
            Station.REACH,
            new Limits(Quantity.FORCE, 100, 5e6),
            "20000 N",
            "4500 lbf"));

    private final Asked asked;
    private final Shown<CastBore> shown;

    CastField(Asked asked) {
        this(asked, nothing());
    }

    CastField(Asked asked, Shown<CastBore> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<CastBore> shown() {
        return shown;
    }
}
