package boldwedge.server.edge;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/crib")
class EdgeController {
    private final EdgeService edges;

    EdgeController(EdgeService edges) {
        this.edges = edges;
    }

    /**
     * What an edge has cut.
     *
     * @param since the day of the last grind, or of the trial in which it broke; missing where neither is in the log
     * @param pieces since then, trials among them
     * @param minutes since then, in the cut
     * @param uses what it cut since then, the last first
     * @param sentences the same in words, and how long edges before it lasted
     */
    record EdgeAnswer(
            @Nullable LocalDate since, int pieces, double minutes, List<EdgeUse> uses, List<String> sentences) {}

    @GetMapping("/tools/{id}/edge")
    EdgeAnswer edge(@PathVariable UUID id) {
        return edges.edge(id);
    }
}
