package boldwedge.server.demo;

import boldwedge.server.exchange.ExchangeService;
import boldwedge.server.exchange.Imported;
import java.io.IOException;
import java.io.InputStream;
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

    private final ExchangeService exchange;
    private final DoneOnceMapper done;

    DemoShop(ExchangeService exchange, DoneOnceMapper done) {
        this.exchange = exchange;
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
            LOG.info("Demo shop loaded: {}", imported.sentence());
        }
    }
}
