package boldwedge.server.stock;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolGrinding;
import boldwedge.core.family.ToolKind;
import boldwedge.core.jobs.stock.Count;
import boldwedge.core.jobs.stock.GrindSession;
import boldwedge.core.jobs.stock.Movement;
import boldwedge.core.jobs.stock.StockSums;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.server.crib.CribService;
import boldwedge.server.crib.ToolGround;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.plan.PlanService;
import boldwedge.server.shop.LatheRecord;
import boldwedge.server.shop.ShopService;
import boldwedge.server.stock.StockLine.Measure;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies in the drawers, what became of it, when to order, and what is ground in one session. */
@Service
public class StockService {
    private static final int MOST_MOVES = 500;
    private static final Limits COUNTED = new Limits(Quantity.RATIO, 0, 100_000);
    private static final Limits MADE = new Limits(Quantity.RATIO, 0, 1_000_000);
    private static final Limits SAWN = new Limits(Quantity.LENGTH, 0, 1_000_000);

    private final StockMapper stock;
    private final CribService crib;
    private final ShopService shop;
    private final PlanService plans;
    private final Checked checked;
    private final Journal journal;
    private final Who who;

    StockService(
            StockMapper stock,
            CribService crib,
            ShopService shop,
            PlanService plans,
            Checked checked,
            Journal journal,
            Who who) {
        this.stock = stock;
        this.crib = crib;
        this.shop = shop;
        this.plans = plans;
        this.checked = checked;
        this.journal = journal;
        this.who = who;
    }

    /**
     * A thing with what is there of it.
     *
     * @param line the thing
     * @param ready how many are ready, or millimetres
     * @param dull how many are dull
     * @param worn how many are worn out
     * @param reorderAt so many left is the time to order; null where nothing tells
     * @param order whether it is time
     * @param sentences the same in words
     * @param lastDay when something became of it last; null where nothing did
     */
    public record StockTold(
            StockLine line,
            double ready,
            double dull,
            double worn,
            @Nullable Integer reorderAt,
            boolean order,
            List<String> sentences,
            @Nullable LocalDate lastDay) {}

    /**
     * The session at the grinder.
     *
     * @param wheels wheel by wheel
     * @param byCard dull things whose own card alone tells how they are ground
     */
    public record DullAnswer(List<GrindSession.AtWheel> wheels, List<String> byCard) {}

    List<StockTold> lines(int most, UnitSystem units) {
        Map<UUID, List<StockMove>> moves =
                stock.allMoves(most).stream().collect(Collectors.groupingBy(StockMove::lineId));
        return stock.lines(most).stream()
                .map(line -> told(line, moves.getOrDefault(line.id(), List.of()), units))
                .toList();
    }

    private static StockTold told(StockLine line, List<StockMove> moves, UnitSystem units) {
        Count count = moves.stream().map(StockMove::by).reduce(Count.NONE, Count::plus);
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        StockSums sums = StockSums.of(
                count,
                moves.stream()
                        .map(move -> new StockSums.Moved(
                                move.movement(),
                                move.amount(),
                                Math.max(0, ChronoUnit.DAYS.between(move.onDay(), today)),
                                move.made() == null ? OptionalDouble.empty() : OptionalDouble.of(move.made())))
                        .toList(),
                line.waitDays() == null ? OptionalDouble.empty() : OptionalDouble.of(line.waitDays()),
                line.measure() == Measure.PIECES,
                units);
        return new StockTold(
                line,
                count.ready(),
                count.dull(),
                count.worn(),
                sums.reorderAt().isPresent() ? sums.reorderAt().getAsInt() : null,
                sums.order(),
                sums.sentences(),
                moves.isEmpty() ? null : moves.getLast().onDay());
    }

    StockLine line(UUID id) {
        return stock.find(id)
                .orElseThrow(() -> Refusal.missing("no-such-stock", "This is not kept in the drawers any more."));
    }

    List<StockMove> moves(UUID id) {
        line(id);
        return stock.moves(id, MOST_MOVES);
    }

    /** Keeps a new thing; one that was sent twice under one id is kept once. */
    @Transactional
    public StockLine add(StockLine entry) {
        StockLine line = by(entry);
        if (stock.add(List.of(line)) == 0) {
            StockLine there = line(line.id());
            Version.checkSameAgain(there.saysTheSameAs(line), "thing in a drawer");
            return there;
        }
        return line(line.id());
    }

    @Transactional
    public StockLine save(StockLine entry) {
        StockLine line = by(entry);
        Version.check(stock.save(line), stock.find(line.id()).isPresent(), "thing in a drawer");
        return line(line.id());
    }

    @Transactional
    public void delete(UUID id, int version) {
        Optional<StockLine> there = stock.find(id);
        if (stock.delete(id, version) == 0 && stock.find(id).isPresent()) {
            Version.check(0, true, "thing in a drawer");
        }
        there.ifPresent(line -> journal.note(Deed.DELETED, "from the drawers: " + line.name()));
    }

    private StockLine by(StockLine entry) {
        check(entry);
        if (entry.toolId() != null && !crib.isKept(entry.toolId())) {
            throw Refusal.wrong(
                    "no-such-tool",
                    "The crib has no such tool any more.",
                    Map.of("toolId", "This tool is not kept here."));
        }
        return new StockLine(
                entry.id(),
                Math.max(1, entry.version()),
                entry.name(),
                entry.drawer(),
                entry.note(),
                entry.measure(),
                entry.toolId(),
                entry.waitDays(),
                null,
                who.name(),
                null,
                "");
    }

    /** Whether it may be kept. */
    public void check(StockLine line) {
        checked.record(line);
    }

    /** Whether it may be kept. */
    public void check(StockMove move) {
        checked.record(move);
        boolean isNumber = Double.isFinite(move.amount())
                && Double.isFinite(move.ready())
                && Double.isFinite(move.dull())
                && Double.isFinite(move.worn())
                && (move.made() == null || (Double.isFinite(move.made()) && move.made() >= 0));
        if (!isNumber || move.amount() < 0) {
            throw Refusal.wrong("no-such-count", "Things are counted from 0.", Map.of("amount", "Count from 0."));
        }
    }

    /** What somebody says became of a thing; texts as typed. */
    record Said(
            UUID id,
            UUID line,
            LocalDate onDay,
            Movement movement,
            String amount,
            String made,
            String note,
            UnitSystem units) {}

    /** Keeps what became of a thing; refused where so many are not there. Two at once follow each other. */
    @Transactional
    public StockMove move(Said said) {
        StockLine line = stock.hold(said.line())
                .orElseThrow(() -> Refusal.missing("no-such-stock", "This is not kept in the drawers any more."));
        boolean pieces = line.measure() == Measure.PIECES;
        double amount = read("amount", said.amount(), pieces ? COUNTED : SAWN, said.units());
        if (pieces && amount != Math.rint(amount)) {
            throw Refusal.wrong(
                    "no-such-count", "Pieces are counted whole.", Map.of("amount", "Type a whole number, such as 3."));
        }
        if (amount == 0 && said.movement() != Movement.COUNTED) {
            throw Refusal.wrong("no-such-count", "None is nothing to keep.", Map.of("amount", "Type how many."));
        }
        if (!pieces
                && said.movement() != Movement.BOUGHT
                && said.movement() != Movement.USED
                && said.movement() != Movement.COUNTED) {
            throw Refusal.wrong(
                    "no-such-movement",
                    "A bar is bought, used up or measured; it does not wear.",
                    Map.of("movement", "Pick bought, used up or counted."));
        }
        Double made = said.made().isEmpty() ? null : (Double) read("made", said.made(), MADE, said.units());
        StockMapper.Summed sum = stock.sum(line.id());
        Count before = new Count(sum.ready(), sum.dull(), sum.worn());
        Optional<StockMove> there = stock.move(said.id());
        if (there.isPresent()) {
            StockMove again = moved(said, amount, made, Count.NONE);
            Version.checkSameAgain(there.orElseThrow().saysTheSameAs(again), "movement");
            return there.orElseThrow();
        }
        Count then = before.after(said.movement(), amount)
                .orElseThrow(() -> Refusal.wrong(
                        "not-so-many",
                        "So many are not there: " + inWords(before) + ". Count those that are ready first.",
                        Map.of("amount", "There are " + inWords(before) + ".")));
        StockMove move = moved(said, amount, made, then.since(before));
        check(move);
        stock.addMoves(List.of(move));
        return stock.move(move.id()).orElse(move);
    }

    private StockMove moved(Said said, double amount, @Nullable Double made, Count by) {
        return new StockMove(
                said.id(),
                said.line(),
                said.onDay(),
                said.movement(),
                amount,
                by.ready(),
                by.dull(),
                by.worn(),
                made,
                said.note(),
                null,
                who.name());
    }

    private static String inWords(Count count) {
        return whole(count.ready()) + " ready, " + whole(count.dull()) + " dull, " + whole(count.worn()) + " worn out";
    }

    private static String whole(double number) {
        return Long.toString(Math.round(number));
    }

    private static double read(String field, String text, Limits limits, UnitSystem units) {
        return switch (MeasureParser.parse(text, limits, units)) {
            case Parsed.Good<Reading>(Reading reading) -> reading.value();
            case Parsed.Wrong<Reading> wrong ->
                throw Refusal.wrong("unreadable-values", "This cannot be used.", Map.of(field, wrong.sentence()));
        };
    }

    /** Takes back what was said of a thing last; what was said before it stands on it. */
    @Transactional
    public void takeBack(UUID line, UUID move) {
        stock.hold(line);
        if (!stock.last(line).equals(Optional.of(move))) {
            throw stock.move(move).isPresent()
                    ? Refusal.conflict(
                            "not-the-last", "Only what was said last can be taken back: later counts rest on this one.")
                    : Refusal.missing("no-longer-kept", "This is no longer kept: it was taken back already.");
        }
        stock.takeBack(move);
    }

    /** A tool that was ground: where several of it lie in a drawer and one of them is dull, that one is sharp again. */
    @EventListener
    public void ground(ToolGround event) {
        stock.ofTool(event.tool()).stream()
                .filter(line -> stock.sum(line.id()).dull() >= 1)
                .findFirst()
                .ifPresent(line -> stock.addMoves(List.of(new StockMove(
                        event.grind(),
                        line.id(),
                        event.onDay(),
                        Movement.GROUND,
                        1,
                        1,
                        -1,
                        0,
                        null,
                        "by its grinding log",
                        null,
                        who.name()))));
    }

    /** One session at the grinder for everything that is dull. */
    DullAnswer session() {
        List<GrindSession.Dull> dull = new ArrayList<>();
        List<String> byCard = new ArrayList<>();
        for (StockTold told : lines(MOST_MOVES, UnitSystem.METRIC)) {
            if (told.dull() < 1) {
                continue;
            }
            List<GrindSetUp> setUps = Optional.ofNullable(told.line().toolId())
                    .map(tool -> ToolGrinding.of(plans.request(
                            drawn(crib.tool(tool)), crib.tool(tool).units())))
                    .orElse(List.of());
            if (setUps.isEmpty()) {
                byCard.add(told.line().name());
            } else {
                dull.add(new GrindSession.Dull(told.line().name(), (int) Math.round(told.dull()), setUps));
            }
        }
        return new DullAnswer(GrindSession.of(dull).wheels(), List.copyOf(byCard));
    }

    /** The tool in the sample of a cut that any of its kind can do, on the shop's first machine. */
    private Map<String, String> drawn(ToolRecord tool) {
        Map<String, String> fields = new HashMap<>();
        shop.all().stream()
                .filter(machine -> machine.card().getOrDefault("kind", "lathe").equals("lathe"))
                .findFirst()
                .map(LatheRecord::id)
                .ifPresent(lathe -> fields.put(Families.MACHINE, lathe.toString()));
        ToolKind kind = Families.kindOf(tool.fields());
        fields.put(Families.OPERATION, Families.operationOf(kind));
        kind.card().sample().forEach((entry, text) -> fields.put(entry.id(), text));
        fields.putAll(tool.fields());
        return fields;
    }

    /** Hands over every thing, one after the other; within a transaction. */
    public void each(Consumer<StockLine> take) {
        stock.each().forEach(take);
    }

    /** Hands over everything that became of them; within a transaction. */
    public void eachMove(Consumer<StockMove> take) {
        stock.eachMove().forEach(take);
    }

    /** Adds those things that are not there yet; how many. For imports. */
    public int addMissing(List<StockLine> found) {
        return stock.add(found);
    }

    /** Adds those movements that are not there yet; how many. For imports. */
    public int addMissingMoves(List<StockMove> found) {
        for (StockMove move : found) {
            if (stock.find(move.lineId()).isEmpty()) {
                throw Refusal.wrong(
                        "unknown-stock", "A movement belongs to a thing that is neither in the file nor kept here.");
            }
        }
        return stock.addMoves(found);
    }
}
