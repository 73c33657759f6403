package boldwedge.server.week;

import boldwedge.core.jobs.model.PlaceKind;
import boldwedge.core.planning.Choice;
import boldwedge.server.web.Text;
import boldwedge.server.week.Week.Away;
import boldwedge.server.week.Week.Place;
import boldwedge.server.week.Week.Worker;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/week")
class WeekController {
    private final WeekService weeks;

    WeekController(WeekService weeks) {
        this.weeks = weeks;
    }

    /** A week as sent; both lists must be there: what is forgotten must not wipe out what is kept. */
    record WeekEntry(
            int version,
            @NotNull(message = "This part is missing.") List<@Nullable WorkerEntry> persons,
            @NotNull(message = "This part is missing.") List<@Nullable PlaceEntry> places) {}

    /** Somebody as sent. */
    record WorkerEntry(
            @Nullable String id,
            @Nullable String name,
            @Nullable Map<String, @Nullable String> hours,
            @Nullable List<@Nullable Away> away) {}

    /** A place as sent. */
    record PlaceEntry(
            @Nullable String id,
            @Nullable String name,
            @Nullable String kind) {}

    /** Who works when, and the places of the shop. */
    @GetMapping
    Week week() {
        return weeks.week();
    }

    /** Everything on which something can be done: machines with cards and places. */
    @GetMapping("/places")
    List<Place> places() {
        return weeks.places();
    }

    /** What a place can be. */
    @GetMapping("/kinds")
    List<Choice> kinds() {
        return Choice.of(PlaceKind.values());
    }

    /** Keeps the week. */
    @PutMapping
    Week save(@Valid @RequestBody WeekEntry entry) {
        return weeks.save(new Week(
                entry.version(),
                Text.present(entry.persons()).stream()
                        .map(one -> new Worker(
                                Text.stripped(one.id()),
                                Text.stripped(one.name()),
                                Text.map(one.hours()),
                                Text.present(one.away())))
                        .toList(),
                Text.present(entry.places()).stream()
                        .map(one -> new Place(
                                Text.stripped(one.id()), Text.stripped(one.name()), Text.stripped(one.kind())))
                        .toList()));
    }
}
