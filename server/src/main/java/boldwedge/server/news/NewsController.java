package boldwedge.server.news;

import boldwedge.server.people.Who;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/news")
class NewsController {
    /** Pages ask every three seconds; one that missed three times has been left. */
    private static final Duration HERE = Duration.ofSeconds(10);

    private static final Duration FORGOTTEN = Duration.ofMinutes(10);

    private final NewsMapper news;
    private final Who who;
    private final Clock clock;

    NewsController(NewsMapper news, Who who, Optional<Clock> clock) {
        this.news = news;
        this.who = who;
        this.clock = clock.orElse(Clock.systemUTC());
    }

    /**
     * What has become of a record.
     *
     * @param you who asks, by name; empty where nobody signs in
     * @param version its version now; 0 where it is not kept, or none was asked for
     * @param savedBy who saved it last; empty where nobody signs in
     * @param savedAt when
     * @param others who else has it open
     * @param machines changes whenever a machine does
     */
    record News(
            String you,
            int version,
            String savedBy,
            @Nullable Instant savedAt,
            List<String> others,
            String machines) {}

    /** News of a cut or a tool, and of the shop's machines; whoever asks for a record is taken to have it open. */
    @GetMapping
    @Transactional
    public News news(@RequestParam(required = false) @Nullable UUID record) {
        if (record == null) {
            return new News(who.name(), 0, "", null, List.of(), news.machines());
        }
        Instant now = clock.instant();
        String me = who.name();
        if (!me.isEmpty()) {
            news.forget(now.minus(FORGOTTEN));
            news.here(record, me, now);
        }
        Optional<NewsMapper.Saved> saved = news.saved(record);
        return new News(
                me,
                saved.map(NewsMapper.Saved::version).orElse(0),
                saved.map(NewsMapper.Saved::savedBy).orElse(""),
                saved.map(NewsMapper.Saved::savedAt).orElse(null),
                me.isEmpty() ? List.of() : news.others(record, me, now.minus(HERE)),
                news.machines());
    }
}
