package boldwedge.server.measure;

import boldwedge.core.measure.Drill;
import boldwedge.core.measure.DrillTable;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/measure")
class MeasureController {
    /**
     * A text as read.
     *
     * @param value in the base unit of its quantity: mm, rad, rpm, m/min, mm/rev, µm, W, N/mm or a plain number
     * @param metric as written in metric units
     * @param inch as written in inch units
     * @param note what the text stood for
     * @param error what is wrong with it; else empty
     */
    record Read(double value, String metric, String inch, String note, String error) {}

    /** Reads what a machinist writes: 5/8, 4 thou, #31, letter F, 11°30', 90 sfm, .004 in/rev, Ra 1.6. */
    @GetMapping("/read")
    Read read(
            @RequestParam String text,
            @RequestParam(defaultValue = "LENGTH") Quantity quantity,
            @RequestParam(defaultValue = "METRIC") UnitSystem units) {
        return switch (MeasureParser.parse(text, quantity, units)) {
            case Parsed.Good<Reading>(Reading r) ->
                new Read(
                        r.value(),
                        Written.full(quantity, r.value(), UnitSystem.METRIC),
                        Written.full(quantity, r.value(), UnitSystem.INCH),
                        r.note(),
                        "");
            case Parsed.Wrong<Reading> wrong -> new Read(0, "", "", "", wrong.sentence());
        };
    }

    /** Every drill: number, letter, fractional, metric, by diameter in mm. */
    @GetMapping("/drills")
    List<Drill> drills() {
        return DrillTable.all();
    }
}
