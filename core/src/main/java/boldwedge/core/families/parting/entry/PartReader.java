package boldwedge.core.families.parting.entry;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartHold;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.PartJobBuilder;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SplitBlock;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Comparator;
import java.util.Optional;

/** Reads a parting or grooving job as typed, and says beside each field what is wrong with it. */
public final class PartReader extends FieldReader {
    /** Width of a block beyond blade, bolt and hinge: a longer lever for both. */
    private static final double SPARE_MM = 10;
    /** From the jaws to the cut where the work is stout, mm. */
    private static final double USUAL_AT_MM = 5;

    private static final double WALL_MM = SplitBlock.WALL_MM;

    /** Room between the work's skin and whatever stands before it at full depth, mm. */
    public static final double ROOM_MM = 1;
    /** Least floor under a slot. */
    private static final double LEAST_FLOOR_MM = 2;
    /** Of a blade's length this must stay in its holder, as a part of its height. */
    private static final double HELD = 1.2;
    /** A block bolted straight to the slide leaves out post and top slide: ours, until it is measured. */
    private static final double BLOCK_OVER_POST = 2;

    public PartReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its cut out. */
    public static Read<PartCut> cut(PlanRequest request) {
        PartReader reader = new PartReader(request);
        Optional<PartJob> job = reader.read();
        return new Read<>(
                reader.states(),
                job.map(read -> PartCut.of(read, reader.typed(RAKE), reader.typed(RELIEF), reader.typed(SIDE))));
    }

    /**
     * The blade where the usual one does not do: on the tool's seat the tallest that is not above centre there, for a groove the widest that goes into it, and
     * one that is ground to its width where none is so narrow; in work that is too hard for it an insert's, where that has room. Empty where the usual one does.
     */
    private Optional<String> bladeThatFits() {
        StockCatalogue stock = StockCatalogue.shipped();
        double seat = request.lathe().map(Lathe::centreHeightMm).orElse(Double.POSITIVE_INFINITY);
        boolean onSeat = choiceText(HOLDER).equals("post") && choiceText(POST).equals("front");
        double most = onSeat ? seat : Double.POSITIVE_INFINITY;
        double room = choiceText(OPERATION).equals("groove")
                ? typed(GROOVE).orElse(Double.POSITIVE_INFINITY)
                : Double.POSITIVE_INFINITY;
        Blade usual = stock.blade(BLADE.usual(units)).orElseThrow();
        Optional<Blade> hard = stock.workMaterial(choiceText(MATERIAL))
                .filter(work -> !EdgeHardness.of(usual.tool()).standsIn(work))
                .flatMap(work -> stock.blades().stream()
                        .filter(blade -> EdgeHardness.of(blade.tool()).cuts(work)
                                && blade.section() == Blade.Section.INSERT
                                && blade.heightMm() <= most
                                && blade.topMm() <= room)
                        .min(Comparator.comparingDouble(Blade::topMm)));
        if (hard.isPresent()) {
            return hard.map(Blade::id);
        }
        if (usual.heightMm() <= most && usual.topMm() <= room) {
            return Optional.empty();
        }
        return stock.blades().stream()
                .filter(blade -> blade.section() != Blade.Section.INSERT
                        && blade.heightMm() <= most
                        && (blade.topMm() <= room || blade.section() == Blade.Section.GROUND))
                .max(Comparator.comparingInt((Blade blade) -> blade.topMm() <= room ? 1 : 0)
                        .thenComparingDouble(blade -> room < Double.POSITIVE_INFINITY ? blade.topMm() : 0)
                        .thenComparingDouble(Blade::heightMm))
                .map(Blade::id);
    }

    /** Reads all; empty when a field is wrong (its state then says so). */
    public Optional<PartJob> read() {
        // The blade goes by the groove that it is for.
        GROOVE.limits().ifPresent(limits -> measured(GROOVE, limits));
        unlessPicked(BLADE, bladeThatFits());
        readAll(values());
        if (hasErrors()) {
            return Optional.empty();
        }
        PartJob job = job();
        if (job.holder().built() && request.text(HEIGHT).isEmpty()) {
            // Until it is measured the point stands where the holder as made puts it.
            job = job.withHeightMm(HolderGeometry.of(job).heightLeftMm());
        }
        checkCut(job);
        checkBlade(job);
        if (!hasErrors()) {
            new HolderCheck(job).check();
        }
        return hasErrors() ? Optional.empty() : Optional.of(job);
    }

    private PartJob job() {
        boolean groove = is(OPERATION, "groove");
        Blade blade = picked(BLADE, Blade.class);
        HolderKind holder = picked(HOLDER, HolderKind.class);
        boolean twoBolts = is(BOLTS, "two") || holder == HolderKind.REAR_BLOCK;
        Lathe lathe = request.lathe().orElseThrow();
        double diameter = value(DIAMETER);
        double end = groove ? typed(BOTTOM).orElse(Math.rint(0.75 * diameter * 10) / 10) : value(BORE);
        double depth = (diameter - end) / 2;
        boolean toTheGroove = groove && blade.section() == Blade.Section.GROUND;
        double usualWidth = toTheGroove ? Math.min(blade.topMm(), typed(GROOVE).orElse(blade.topMm())) : blade.topMm();
        double width = typed(WIDTH).orElse(usualWidth);
        double usual = Math.ceil(depth + (blade.section() == Blade.Section.GROUND ? 4 : 2.5));
        double overhang = typed(OVERHANG).orElse(usual);
        double bolt = typed(BOLT)
                .orElse(Bolt.atMost(0.85 * lathe.slide().slot(lathe.swingMm()).throatMm(), units)
                        .threadMm());
        double clears = Bolt.atMost(bolt, units).clearanceMm();
        double length = typed(BLOCK_LENGTH)
                .orElse(Math.ceil(Math.max(Math.max(40, 2 * overhang), (twoBolts ? 5 : 3.5) * clears)));
        double shank = lathe.largestShankMm();
        return PartJobBuilder.builder()
                .work(picked(MATERIAL, WorkMaterial.class))
                .groove(groove)
                .diameterMm(diameter)
                .endMm(end)
                .grooveMm(groove ? typed(GROOVE).orElse(width) : width)
                .pieceMm(value(PIECE))
                .pieces((int) Math.rint(value(PIECES)))
                .atMm(typed(AT).orElse(Math.min(USUAL_AT_MM, PartJob.nearJawsMm(diameter))))
                .hold(picked(HOLD, PartHold.class))
                .lathe(lathe)
                .behind(is(POST, "behind") || holder == HolderKind.REAR_BLOCK)
                .blade(blade)
                .widthMm(width)
                .leadRad(value(LEAD))
                .hollow(is(TOP, "hollow"))
                .squareRad(value(SQUARE))
                .overhangMm(overhang)
                .restMm(typed(REST).orElse(overhang))
                .holder(holder)
                .beforeMm(holder.built() ? 0 : typed(BEFORE).orElse(shank))
                .boltAtMm(typed(BOLT_AT)
                        .orElse(holder.built() ? Math.rint((twoBolts ? 0.75 : 0.4) * length) : 1.5 * shank))
                .twoBolts(twoBolts)
                .screws(units)
                .boltMm(bolt)
                .heightMm(value(HEIGHT))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .postNPerMm(typed(STIFFNESS).orElse(lathe.postOrAssumed() * (holder.built() ? BLOCK_OVER_POST : 1)))
                .postMeasured(typed(STIFFNESS).isPresent())
                .design(design(blade, bolt, length))
                .build();
    }

    private HolderDesign design(Blade blade, double bolt, double length) {
        Bolt screw = Bolt.atMost(bolt, units);
        double jaw = typed(JAW).orElse(Math.max(10, Math.ceil(1.3 * bolt)));
        double hinge = typed(HINGE).orElseGet(() -> usualHinge(blade, screw, length, jaw));
        double cutter = value(CUTTER);
        return new HolderDesign(
                typed(BLOCK_WIDTH).orElse(Math.ceil(blade.heldMm() + WALL_MM + screw.clearanceMm() + hinge + SPARE_MM)),
                length,
                jaw,
                hinge,
                value(SAW),
                value(ROOM),
                cutter,
                typed(CUTTER_TRUE).orElse(cutter),
                value(DIAL),
                typed(TAB).orElse(Math.rint(0.6 * length)),
                typed(PLATE).orElse(8),
                value(TAPER),
                typed(SCREW).orElse(5),
                typed(MADE_FLOOR),
                typed(MADE_SLOT),
                typed(MADE_HINGE),
                typed(MADE_TAB));
    }

    /** The thickest hinge that closes onto the blade with its stress well under yield. */
    private double usualHinge(Blade blade, Bolt screw, double length, double jaw) {
        double h = blade.heightMm();
        for (double hinge = 6; hinge > 1.5; hinge -= 0.5) {
            SplitBlock block = new SplitBlock(
                    blade.heldMm() + WALL_MM + screw.clearanceMm() + hinge + SPARE_MM,
                    length,
                    1,
                    h + value(ROOM),
                    h,
                    blade.heldMm(),
                    jaw,
                    hinge,
                    value(SAW),
                    screw);
            if (block.hingeMPa() < 0.65 * SplitBlock.YIELD_MPA) {
                return hinge;
            }
        }
        return 1.5;
    }

    private void checkCut(PartJob job) {
        if (job.endMm() >= job.diameterMm()) {
            wrong(
                    job.groove() ? BOTTOM : BORE,
                    (job.groove() ? "A groove ends below the outside (" : "The bore must be smaller than the outside (")
                            + length(job.diameterMm()) + ").");
        }
        if (Math.abs(job.pieces() - value(PIECES)) > 1e-9) {
            wrong(PIECES, "A whole number of pieces, please.");
        }
        if (job.groove() && job.grooveMm() < job.widthMm() - 1e-9) {
            wrong(
                    GROOVE,
                    "The edge is " + length(job.widthMm())
                            + " wide: the groove is that or wider, or take a narrower blade.");
        }
        if (Math.abs(job.heightMm()) >= 0.45 * job.diameterMm()) {
            wrong(
                    HEIGHT,
                    "At " + length(Math.abs(job.heightMm())) + " off centre the point misses the work: under "
                            + length(0.45 * job.diameterMm()) + ".");
        }
        if (job.diameterMm() > job.lathe().swingMm()) {
            wrong(
                    DIAMETER,
                    "It does not swing over the bed of " + job.lathe().name() + ": at most "
                            + length(job.lathe().swingMm()) + ".");
        }
    }

    private void checkBlade(PartJob job) {
        Blade blade = job.blade();
        if (blade.section() != Blade.Section.GROUND && job.widthMm() > blade.topMm() + 1e-9) {
            wrong(WIDTH, "This blade is " + length(blade.topMm()) + " wide at the top: that or less.");
        }
        if (blade.section() == Blade.Section.GROUND && job.widthMm() > 0.8 * blade.stemMm()) {
            wrong(
                    WIDTH,
                    "A tip ground from " + length(blade.stemMm()) + " can be " + length(0.8 * blade.stemMm())
                            + " wide at most: both its sides must be cut free.");
        }
        double least = job.depthMm() + ROOM_MM;
        if (job.overhangMm() < least) {
            wrong(
                    OVERHANG,
                    "The cut goes " + length(job.depthMm()) + " deep: let the edge stand out " + length(least)
                            + " or more.");
        } else if (job.overhangMm() > blade.lengthMm() - HELD * blade.heightMm()) {
            wrong(
                    OVERHANG,
                    "The blade is " + length(blade.lengthMm()) + " long: with " + length(HELD * blade.heightMm())
                            + " held it stands out "
                            + length(Math.max(0, blade.lengthMm() - HELD * blade.heightMm())) + " at most.");
        }
        if (blade.deepestMm() > 0 && job.depthMm() > blade.deepestMm()) {
            wrong(
                    BLADE,
                    "This blade goes " + length(blade.deepestMm()) + " deep at most; the cut goes "
                            + length(job.depthMm()) + ".");
        }
        if (job.restMm() > job.overhangMm() + 1e-9) {
            wrong(
                    REST,
                    "What rests the blade stands before its clamp: " + length(job.overhangMm())
                            + " from the edge or less; empty when nothing does.");
        } else if (job.restMm() < least) {
            wrong(REST, "A rest that near runs into the work: " + length(least) + " from the edge or more.");
        }
    }

    /** Whether the holder that is to be made can be made at all. */
    private final class HolderCheck {
        private final PartJob job;
        private final HolderDesign design;
        private final HolderGeometry geometry;

        HolderCheck(PartJob job) {
            this.job = job;
            this.design = job.design();
            this.geometry = HolderGeometry.of(job);
        }

        void check() {
            double floor = geometry.drawnFloorMm();
            if (!job.behind() && floor < (job.holder().built() ? LEAST_FLOOR_MM : 0)) {
                double over = job.holder().built() ? LEAST_FLOOR_MM - floor : -floor;
                wrong(
                        BLADE,
                        "The blade is " + length(job.blade().heightMm()) + " high and the axis lies "
                                + length(geometry.axisMm()) + " over "
                                + (job.holder().built() ? "the slide" : "the tool's seat")
                                + ": the stack is above centre already. A blade "
                                + length(Math.max(0, job.blade().heightMm() - over)) + " high fits.");
            }
            if (!job.holder().built()) {
                return;
            }
            if (design.cutterTrueMm() > geometry.drawnSlotMm() + 1e-9) {
                wrong(
                        typed(CUTTER_TRUE).isPresent() ? CUTTER_TRUE : CUTTER,
                        "The slot is " + length(geometry.drawnSlotMm()) + " high and this cutter wider: "
                                + length(geometry.drawnSlotMm()) + " or less.");
            }
            if (job.holder().split()) {
                checkSplit();
            } else if (design.widthMm() < job.blade().heldMm() + 4) {
                wrong(
                        BLOCK_WIDTH,
                        "The blade takes " + length(job.blade().heldMm()) + " of it: make the body "
                                + length(job.blade().heldMm() + 4) + " or more.");
            }
            if (job.boltAtMm() >= design.lengthMm()) {
                wrong(BOLT_AT, "The block is " + length(design.lengthMm()) + " long: its bolt stands within it.");
            }
        }

        private void checkSplit() {
            Bolt bolt = Bolt.atMost(job.boltMm(), units);
            double taken = geometry.split().inMm() + WALL_MM + bolt.clearanceMm() + 2;
            if (job.blade().heldMm() >= design.widthMm()) {
                wrong(
                        BLOCK_WIDTH,
                        "The blade is wider than the block: " + length(Math.ceil(taken + design.drawnHingeMm()))
                                + " holds blade, bolt and hinge.");
            } else if (design.hinge() < 1) {
                wrong(
                        design.hingeMm().isPresent() ? MADE_HINGE : HINGE,
                        "That cuts the hinge through, or nearly: leave " + length(1) + " or more; " + length(5)
                                + " is usual.");
            } else if (design.widthMm() - design.hinge() < taken) {
                wrong(
                        BLOCK_WIDTH,
                        "Blade, bolt and hinge need " + length(Math.ceil(taken + design.hinge())) + " or more.");
            }
            if (job.twoBolts() && job.boltAtMm() / 2 < 1.5 * bolt.clearanceMm()) {
                wrong(
                        BOLT_AT,
                        "The two bolts' holes run into each other: the farther one " + length(3 * bolt.clearanceMm())
                                + " from the front or more.");
            }
            if (bolt.clearanceMm() > 0.6 * design.lengthMm()) {
                wrong(BLOCK_LENGTH, "The bolt's hole leaves too little of it: longer, or a thinner bolt.");
            }
        }
    }
}
