package boldwedge.server.measure;

import boldwedge.core.language.drawing.DxfOutline;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.HeightReading;
import boldwedge.core.planning.TypedOutline;
import boldwedge.server.shop.ShopService;
import boldwedge.server.web.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/measure")
class MeasureController {
    private final ShopService shop;

    MeasureController(ShopService shop) {
        this.shop = shop;
    }

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

    /** A drawing whose outline is to be typed: a DXF file in text form. */
    record Drawing(
            @NotNull(message = "This part is missing.") String dxf) {}

    /** The outline of a drawing as it would be typed: corners, and the arcs between them. */
    record Outline(String text) {}

    /** Reads the outline of a drawing. */
    @PostMapping("/outline")
    Outline outline(@Valid @RequestBody Drawing drawing) {
        try {
            return new Outline(TypedOutline.of(DxfOutline.read(drawing.dxf())));
        } catch (DxfOutline.Unreadable unreadable) {
            throw Refusal.wrong("unreadable", Objects.requireNonNull(unreadable.getMessage()));
        }
    }

    /**
     * A height to work out.
     *
     * @param lathe id of the lathe; only a gauge from the slide needs it
     */
    record HeightQuestion(
            @NotNull(message = "This part is missing.") HeightReading.HeightAsked measured,
            @NotNull(message = "This part is missing.") UnitSystem units,
            @Nullable String lathe) {}

    /** A point's height over the axis from a pip, from two scribed lines or from a gauge on the slide. */
    @PostMapping("/height")
    HeightReading.HeightAnswer height(@Valid @RequestBody HeightQuestion question) {
        HeightReading.HeightAsked asked = question.measured();
        if (asked.how() == null || asked.measured() == null || asked.within() == null || asked.arm() == null) {
            throw Refusal.wrong(
                    "unusable", "A height wants how, measured, within and arm; within and arm may be empty.");
        }
        return HeightReading.read(
                question.measured(), shop.lathe(question.lathe() == null ? "" : question.lathe()), question.units());
    }

    /** Every drill: number, letter, fractional, metric, by diameter in mm. */
    @GetMapping("/drills")
    List<Drill> drills() {
        return DrillTable.all();
    }
}
