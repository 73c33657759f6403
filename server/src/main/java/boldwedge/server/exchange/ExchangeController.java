package boldwedge.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/exchange")
class ExchangeController {
    private final ExchangeService exchange;

    ExchangeController(ExchangeService exchange) {
        this.exchange = exchange;
    }

    /** The whole shop as a file. */
    @GetMapping(value = "/shop.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> shop() {
        return file("shop.json", MediaType.APPLICATION_JSON, exchange.wholeShop());
    }

    /** One tool with its grinds and trials as a file. */
    @GetMapping(value = "/tools/{id}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> tool(@PathVariable UUID id) {
        return file("tool.json", MediaType.APPLICATION_JSON, exchange.oneTool(id));
    }

    /** Takes in a shop's or a tool's file: all of it or nothing. */
    @PostMapping(value = "/shop", consumes = MediaType.ALL_VALUE)
    Imported takeIn(@RequestBody byte[] file) {
        return exchange.takeIn(new String(file, StandardCharsets.UTF_8));
    }

    /** The crib as a table. */
    @GetMapping(value = "/crib.csv", produces = "text/csv")
    ResponseEntity<byte[]> crib() {
        return file("crib.csv", MediaType.valueOf("text/csv"), exchange.cribAsCsv());
    }

    /** Takes in tools from a table with the columns of crib.csv. */
    @PostMapping(value = "/crib", consumes = MediaType.ALL_VALUE)
    Imported takeInCsv(@RequestBody byte[] file) {
        return exchange.takeInCsv(new String(file, StandardCharsets.UTF_8));
    }

    /** The form of a shop's file, as JSON Schema 2020-12. */
    @GetMapping(value = "/schema.json", produces = "application/schema+json")
    Resource schema() {
        return new ClassPathResource("exchange/shop.schema.json");
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, String body) {
        return ResponseEntity.ok()
                .contentType(new MediaType(type, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body.getBytes(StandardCharsets.UTF_8));
    }
}
