package boldwedge.server.demo;

import boldwedge.server.exchange.ExchangeService;
import boldwedge.server.exchange.Imported;
import boldwedge.server.jobs.JobService;
import java.io.IOException;
import java.io.InputStream;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Loads the demo shop once, through the same door as any shop's file. */
@Component
@ConditionalOnProperty("boldwedge.demo")
class DemoShop implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoShop.class);

    /** Jobs that are wanted so many working days from when the shop is loaded: a file's dates would lie in the past. */
    private static final Map<UUID, Integer> WANTED_IN = Map.of(
            UUID.fromString("ba8b2646-e0ba-5cf4-88de-913f6a88011c"), 3,
            UUID.fromString("cf4fd386-02d9-5e00-898b-45a1caa19779"), 2,
            UUID.fromString("dceb04e8-8fb3-5dc4-9c60-c26ac551799a"), 5);

    private static final int EVENING = 16;

    private final ExchangeService exchange;
    private final JobService jobs;
    private final DoneOnceMapper done;

    DemoShop(ExchangeService exchange, JobService jobs, DoneOnceMapper done) {
        this.exchange = exchange;
        this.jobs = jobs;
        this.done = done;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (done.mark("demo-shop") == 0) {
            return;
        }
        try (InputStream shop = new ClassPathResource("demo/marrow-weir.json").getInputStream()) {
            Imported imported = exchange.takeIn(shop);
            jobs.open().stream()
                    .map(JobService.Worked::record)
                    .filter(job -> WANTED_IN.containsKey(job.id()))
                    .forEach(job -> jobs.save(job.wantedBy(workday(WANTED_IN.getOrDefault(job.id(), 1)))));
            LOG.info("Demo shop loaded: {}", imported.sentence());
        }
    }

    private static LocalDateTime workday(int ahead) {
        LocalDate day = LocalDate.now(ZoneId.systemDefault());
        int left = ahead;
        while (left > 0) {
            day = day.plusDays(1);
            left -= day.getDayOfWeek().getValue() < DayOfWeek.SATURDAY.getValue() ? 1 : 0;
        }
        return day.atTime(EVENING, 0);
    }
}
