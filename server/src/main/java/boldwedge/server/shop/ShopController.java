package boldwedge.server.shop;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.server.web.Text;
import java.util.List;
import java.util.Map;
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
@RequestMapping("/api/shop")
class ShopController {
    private final ShopService shop;

    ShopController(ShopService shop) {
        this.shop = shop;
    }

    /** A lathe's card as sent. */
    record LatheEntry(@Nullable UUID id, int version, UnitSystem units, Map<String, @Nullable String> card) {}

    @GetMapping("/choices")
    Choices choices() {
        return Choices.shipped();
    }

    /** Every work material with its figures, spreads and sources. */
    @GetMapping("/materials")
    List<WorkMaterial> materials() {
        return StockCatalogue.shipped().workMaterials();
    }

    @GetMapping("/lathes")
    List<LatheRecord> lathes() {
        return shop.all();
    }

    @PostMapping("/lathes")
    LatheRecord add(@RequestBody LatheEntry entry) {
        return shop.add(record(entry.id() == null ? UUID.randomUUID() : entry.id(), 1, entry));
    }

    @PutMapping("/lathes/{id}")
    LatheRecord save(@PathVariable UUID id, @RequestBody LatheEntry entry) {
        return shop.save(record(id, entry.version(), entry));
    }

    @DeleteMapping("/lathes/{id}")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        shop.delete(id, version);
    }

    private static LatheRecord record(UUID id, int version, LatheEntry entry) {
        return new LatheRecord(id, version, entry.units(), Text.map(entry.card()), null, "", null, "");
    }
}
