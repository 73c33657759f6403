package boldwedge.server.glossary;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.Term;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/glossary")
class GlossaryController {
    /** The words of the trade and the signs of the formulas: what each means, with a small drawing where one helps. */
    @GetMapping
    List<Term> glossary() {
        return StockCatalogue.shipped().glossary();
    }
}
