package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop.Answer;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Photos of tools, grinds and trials, as a script would send them. */
class PhotosOverHttpTest extends OverHttp {
    /** The smallest PNG: one pixel. */
    private static final byte[] PIXEL = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private String tool() {
        Map<String, Object> tool =
                Map.of("version", 0, "name", "Photographed", "units", "METRIC", "fields", Map.of("blank", "hss-10mm"));
        return shop.send("POST", "/api/crib/tools", tool).json().path("id").asString();
    }

    private static Map<String, Object> photo(String of, String id, byte[] picture) {
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                of,
                id,
                "note",
                "the edge under a glass",
                "picture",
                Base64.getEncoder().encodeToString(picture)));
    }

    @Test
    void aPhotoIsKeptOnceShownAndGoesWithItsTool() {
        String tool = tool();
        Map<String, Object> photo = photo("toolId", tool, PIXEL);
        Answer kept = shop.send("POST", "/api/photos", photo);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        // Sent twice it is kept once; another picture under its id is refused.
        assertThat(shop.send("POST", "/api/photos", photo).status()).isEqualTo(200);
        photo.put("note", "another");
        assertThat(shop.send("POST", "/api/photos", photo).json().path("code").asString())
                .isEqualTo("id-taken");

        JsonNode cards = shop.get("/api/photos?tool=" + tool).json();
        assertThat(cards.size()).isEqualTo(1);
        assertThat(cards.path(0).path("note").asString()).isEqualTo("the edge under a glass");
        assertThat(cards.path(0).has("picture")).isFalse();
        String at = "/api/photos/" + cards.path(0).path("id").asString();
        HttpResponse<byte[]> picture = shop.bytes(at + "/picture");
        assertThat(picture.headers().firstValue("Content-Type")).contains("image/jpeg");
        assertThat(picture.headers().firstValue("Cache-Control").orElse("")).contains("immutable");
        assertThat(picture.body()).startsWith(0xFF, 0xD8);
        assertThat(shop.bytes(at + "/small").body()).startsWith(0xFF, 0xD8);

        shop.delete("/api/crib/tools/" + tool);
        assertThat(shop.get(at + "/picture").json().path("code").asString()).isEqualTo("no-such-photo");
    }

    /** One of the tool, one of its grind and one of its trial: all three are the tool's. */
    @Test
    void whatAToolsLogShowsIsTheToolsToo() {
        String tool = tool();
        String grind = shop.send(
                        "POST",
                        "/api/crib/tools/" + tool + "/grinds",
                        Map.of("units", "METRIC", "measured", Map.of("sideRake", "12")))
                .json()
                .path("id")
                .asString();
        String trial = shop.send(
                        "POST",
                        "/api/proof/trials",
                        Map.of(
                                "toolId",
                                tool,
                                "units",
                                "METRIC",
                                "fields",
                                Map.of("lathe", lathe("Long Bed"), "diameter", "25", "finished", "24"),
                                "readings",
                                Map.of("near", "24.001", "far", "24.004", "apart", "40")))
                .json()
                .path("id")
                .asString();
        shop.send("POST", "/api/photos", photo("toolId", tool, PIXEL));
        shop.send("POST", "/api/photos", photo("grindId", grind, PIXEL));
        shop.send("POST", "/api/photos", photo("trialId", trial, PIXEL));
        JsonNode cards = shop.get("/api/photos?tool=" + tool).json();
        assertThat(cards.size()).isEqualTo(3);
        assertThat(cards.path(1).path("grindId").asString()).isEqualTo(grind);
        assertThat(cards.path(2).path("trialId").asString()).isEqualTo(trial);

        // The tool's file has them; deleted and taken in again it is whole.
        String file = shop.get("/api/exchange/tools/" + tool + ".json").text();
        shop.delete("/api/crib/tools/" + tool);
        assertThat(shop.get("/api/photos?tool=" + tool).json().size()).isZero();
        Answer back = shop.sendText("POST", "/api/exchange/shop", "application/json", file);
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        JsonNode again = shop.get("/api/photos?tool=" + tool).json();
        assertThat(again.size()).isEqualTo(3);
        for (int i = 0; i < 3; i++) {
            assertThat(again.path(i).path("id")).isEqualTo(cards.path(i).path("id"));
            // Who kept it, and when, is said by the file and believed of nobody.
            assertThat(again.path(i).path("saidAt")).isEqualTo(cards.path(i).path("savedAt"));
            assertThat(again.path(i).path("savedAt")).isNotEqualTo(cards.path(i).path("savedAt"));
        }

        String one = cards.path(0).path("id").asString();
        assertThat(shop.sendText("DELETE", "/api/photos/" + one, "text/plain", "")
                        .status())
                .isEqualTo(200);
        assertThat(shop.get("/api/photos?tool=" + tool).json().size()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({
        "text, no-picture, A JPEG",
        "large, picture-too-large, pixels across",
        "nobody, nothing-shown, no longer kept",
        "two, nothing-shown, one tool",
        "missing, unusable, missing"
    })
    void whatIsNoPhotoIsRefusedInWords(String what, String code, String words) {
        String tool = tool();
        Map<String, Object> photo = photo("toolId", tool, PIXEL);
        switch (what) {
            case "text" ->
                photo.put("picture", Base64.getEncoder().encodeToString("<svg/>".getBytes(StandardCharsets.US_ASCII)));
            case "large" ->
                photo.put("picture", Base64.getEncoder().encodeToString(Arrays.copyOf(PIXEL, 3 * 1024 * 1024)));
            case "nobody" -> photo.put("toolId", UUID.randomUUID().toString());
            case "two" -> photo.put("trialId", UUID.randomUUID().toString());
            default -> photo.remove("picture");
        }
        Answer refused = shop.send("POST", "/api/photos", photo);
        assertThat(refused.status()).as(refused.text()).isBetween(400, 404);
        assertThat(refused.json().path("code").asString()).isEqualTo(code);
        assertThat(refused.text()).contains(words);
        assertThat(shop.get("/api/photos?tool=" + tool).json().size()).isZero();
    }
}
