package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** What the other edges add over HTTP: a profile taken from a drawing. */
class EdgesOverHttpTest extends OverHttp {
    private static final String DXF =
            "0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n0\n20\n12\n11\n4\n21\n10\n0\nLINE\n10\n4\n20\n10\n11\n9\n21\n10\n0\nENDSEC\n0\nEOF\n";

    @Test
    void theOutlineOfADrawingIsTyped() {
        var answer = shop.send("POST", "/api/measure/outline", Map.of("dxf", DXF));
        assertThat(answer.json().path("text").asString()).isEqualTo("0 mm 24 mm; 4 mm 20 mm; 9 mm 20 mm");
    }

    @Test
    void whatIsNoDrawingIsRefusedInWords() {
        var answer = shop.send("POST", "/api/measure/outline", Map.of("dxf", "a letter\nto somebody"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().path("code").asString()).isEqualTo("unreadable");
        assertThat(answer.json().path("sentence").asString()).contains("no DXF file");
        assertThat(shop.send("POST", "/api/measure/outline", Map.of()).status()).isEqualTo(400);
    }

    @Test
    void aLongOneOfNothingIsRefusedAtOnce() {
        var answer = shop.send("POST", "/api/measure/outline", Map.of("dxf", "0\nLINE\n".repeat(20_000)));
        assertThat(answer.status()).isBetween(400, 413);
    }
}
