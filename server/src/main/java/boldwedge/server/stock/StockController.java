package boldwedge.server.stock;

import boldwedge.core.jobs.stock.Movement;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Choice;
import boldwedge.server.stock.StockLine.Measure;
import boldwedge.server.stock.StockService.DullAnswer;
import boldwedge.server.stock.StockService.StockTold;
import boldwedge.server.web.Text;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/stock")
class StockController {
    private static final int MOST = 1000;

    private final StockService stock;

    StockController(StockService stock) {
        this.stock = stock;
    }

    /** A thing as sent; with an id of the sender's own it can be sent twice and is kept once. */
    record StockEntry(
            @Nullable UUID id,
            int version,
            @Nullable String name,
            @Nullable String drawer,
            @Nullable String note,
            @NotNull(message = "This part is missing.") Measure measure,
            @Nullable UUID toolId,
            @Nullable Double waitDays) {}

    /** What became of it, as sent; the day as 2026-11-24. */
    record MoveEntry(
            @Nullable UUID id,
            @NotNull(message = "This part is missing.") LocalDate onDay,
            @NotNull(message = "This part is missing.") Movement movement,
            @Nullable String amount,
            @Nullable String made,
            @Nullable String note,
            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** What lies in the drawers, by name. */
    @GetMapping
    List<StockTold> stock(
            @RequestParam(defaultValue = "METRIC") UnitSystem units, @RequestParam(defaultValue = "500") int most) {
        return stock.lines(Math.clamp(most, 1, MOST), units);
    }

    @PostMapping
    StockLine add(@Valid @RequestBody StockEntry entry) {
        return stock.add(line(entry.id() == null ? UUID.randomUUID() : entry.id(), 1, entry));
    }

    @PutMapping("/{id}")
    StockLine save(@PathVariable UUID id, @Valid @RequestBody StockEntry entry) {
        return stock.save(line(id, entry.version(), entry));
    }

    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        stock.delete(id, version);
    }

    /** What can become of things. */
    @GetMapping("/movements")
    List<Choice> movements() {
        return Choice.of(Movement.values());
    }

    /** What became of a thing, the last first. */
    @GetMapping("/{id}/moves")
    List<StockMove> moves(@PathVariable UUID id) {
        return stock.moves(id);
    }

    /** Keeps what became of it. */
    @PostMapping("/{id}/moves")
    StockMove move(@PathVariable UUID id, @Valid @RequestBody MoveEntry entry) {
        return stock.move(new StockService.Said(
                entry.id() == null ? UUID.randomUUID() : entry.id(),
                id,
                entry.onDay(),
                entry.movement(),
                Text.stripped(entry.amount()),
                Text.stripped(entry.made()),
                Text.stripped(entry.note()),
                entry.units()));
    }

    /** Takes back what was said last. */
    @DeleteMapping("/{id}/moves/{move}")
    void takeBack(@PathVariable UUID id, @PathVariable UUID move) {
        stock.takeBack(id, move);
    }

    /** Everything that is dull, ground in one session: wheel by wheel, each set-up once. */
    @GetMapping("/session")
    DullAnswer session() {
        return stock.session();
    }

    private static StockLine line(UUID id, int version, StockEntry entry) {
        return new StockLine(
                id,
                version,
                Text.stripped(entry.name()),
                Text.stripped(entry.drawer()),
                Text.stripped(entry.note()),
                entry.measure(),
                entry.toolId(),
                entry.waitDays(),
                null,
                "",
                null,
                "");
    }
}
