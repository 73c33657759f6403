package boldwedge.server.exchange;

import boldwedge.server.web.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/exchange")
class ExchangeController {
    private static final int BUFFER = 64 * 1024;

    /** Files under way at once: each holds a connection to the database until whoever fetches it has it. */
    private static final int AT_ONCE = 3;

    private final ExchangeService exchange;
    private final Semaphore turns = new Semaphore(AT_ONCE);

    ExchangeController(ExchangeService exchange) {
        this.exchange = exchange;
    }

    /** The whole shop as a file. */
    @GetMapping(value = "/shop.json", produces = MediaType.APPLICATION_JSON_VALUE)
    void shop(HttpServletResponse response) throws IOException {
        file(response, "shop.json", MediaType.APPLICATION_JSON, exchange::writeShop);
    }

    /** One tool with its grinds and trials as a file. */
    @GetMapping(value = "/tools/{id}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    void tool(@PathVariable UUID id, HttpServletResponse response) throws IOException {
        exchange.mustBeKept(id);
        file(response, "tool.json", MediaType.APPLICATION_JSON, out -> exchange.writeTool(id, out));
    }

    /** Takes in a shop's or a tool's file: all of it or nothing. The body is the file, whatever its content type says. */
    @PostMapping(value = "/shop", consumes = MediaType.ALL_VALUE)
    Imported takeIn(HttpServletRequest request) throws IOException {
        return exchange.takeIn(request.getInputStream());
    }

    /** The crib as a table. */
    @GetMapping(value = "/crib.csv", produces = "text/csv")
    void crib(HttpServletResponse response) throws IOException {
        file(response, "crib.csv", MediaType.valueOf("text/csv"), exchange::writeCrib);
    }

    /** Takes in tools from a table with the columns of crib.csv. */
    @PostMapping(value = "/crib", consumes = MediaType.ALL_VALUE)
    Imported takeInCsv(HttpServletRequest request) throws IOException {
        return exchange.takeInTable(request.getInputStream());
    }

    /** The form of a shop's file, as JSON Schema 2020-12. */
    @GetMapping(value = "/schema.json", produces = "application/schema+json")
    Resource schema() {
        return new ClassPathResource("exchange/shop.schema.json");
    }

    private interface Written {
        void to(OutputStream out) throws IOException;
    }

    private void file(HttpServletResponse response, String name, MediaType type, Written written) throws IOException {
        if (!turns.tryAcquire()) {
            throw Refusal.busy("busy", "Several files are being fetched just now. Try again in a moment.");
        }
        try {
            response.setContentType(new MediaType(type, StandardCharsets.UTF_8).toString());
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name).build().toString());
            OutputStream out = new BufferedOutputStream(response.getOutputStream(), BUFFER);
            written.to(out);
            out.flush();
        } finally {
            turns.release();
        }
    }
}
