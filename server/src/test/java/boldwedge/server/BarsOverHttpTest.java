package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.server.testing.RunningShop.Answer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Bars over HTTP: the shop's judged together, their drawings, their tests with instruments, what trials teach. */
class BarsOverHttpTest extends OverHttp {
    private static final Map<String, String> BUSH = Map.of(
            "operation", "bore",
            "boreStart", "18.5 mm",
            "boreFinished", "20 mm",
            "boreDepth", "45 mm",
            "barDiameter", "12 mm",
            "barMaterial", "steel",
            "material", "bronze-tin");

    private Map<String, Object> boring(String... fields) {
        return question("Long Bed", BUSH, fields);
    }

    @Test
    void theShopsBarsAreJudgedTogetherAndTakenAtTheirBest() {
        JsonNode which = shop.send("POST", "/api/crib/which", boring("bottom", "blind-faced"))
                .json();
        assertThat(which.size()).isGreaterThanOrEqualTo(5);
        JsonNode best = which.get(0);
        assertThat(best.path("match").path("take").path("barOverhang").asString())
                .isNotBlank();
        assertThat(which.get(which.size() - 1).path("match").path("verdict").asString())
                .isEqualTo("WRONG");
        which.forEach(
                one -> assertThat(one.path("match").path("reasons").size()).isPositive());
    }

    @Test
    void aBarsDrawingComesAsDxfAndItsRouteAsSteps() {
        assertThat(shop.send("POST", "/api/plan/dxf/bar-drawing", boring()).text())
                .startsWith("  0")
                .contains("POLYLINE");
        assertThat(shop.send("POST", "/api/plan", boring("rodHole", "4 mm"))
                        .json()
                        .path("steps")
                        .size())
                .isGreaterThan(5);
    }

    @Test
    void theStandInsAreReadAndJudged() {
        JsonNode read = shop.send("POST", "/api/instrument/push", boring()).json();
        assertThat(read.path("by").asString()).contains("Simulated");
        Map<String, Object> push = boring();
        push.put("lines", read.path("lines"));
        JsonNode judged = shop.send("POST", "/api/instrument/push/judge", push).json();
        assertThat(judged.path("worked").asBoolean()).as(judged.toString()).isTrue();
        assertThat(judged.path("take").path("tipStiffness").asString()).contains("N/µm");
        String tap = shop.send("POST", "/api/instrument/tap", boring())
                .json()
                .path("recording")
                .asString();
        Map<String, Object> ring = boring();
        ring.put("recording", tap);
        JsonNode rung = shop.send("POST", "/api/instrument/ring/judge", ring).json();
        // The stand-in is damped by 3.1 %.
        assertThat(Double.parseDouble(rung.path("take").path("damping").asString()))
                .isCloseTo(0.031, within(0.0016));
    }

    /** The lathe itself: its stand-in read, judged and found to be what it was made to be; a card that is not complete makes none. */
    @Test
    void aLatheIsPushedAndJudged() {
        JsonNode card = shop.get("/api/shop/lathes").json().path(0).path("card");
        for (String part : List.of("POST", "CHUCK", "TAILSTOCK")) {
            Map<String, Object> asked = new HashMap<>(Map.of("card", card, "units", "METRIC", "part", part));
            JsonNode read = shop.send("POST", "/api/instrument/machine", asked).json();
            assertThat(read.path("by").asString()).contains("Simulated");
            Map<String, Object> test = new HashMap<>(
                    Map.of("units", "METRIC", "part", part, "lines", read.path("lines"), "far", read.path("far")));
            test.put("rod", "40 mm");
            test.put("near", "40 mm");
            test.put("out", "160 mm");
            JsonNode judged =
                    shop.send("POST", "/api/instrument/machine/judge", test).json();
            assertThat(judged.path("worked").asBoolean()).as(judged.toString()).isTrue();
            assertThat(judged.path("take").size()).isEqualTo(part.equals("CHUCK") ? 2 : 1);
        }
        assertThat(shop.send(
                                "POST",
                                "/api/instrument/machine",
                                Map.of("card", Map.of("name", "x"), "units", "METRIC", "part", "POST"))
                        .status())
                .isEqualTo(400);
    }

    private Answer ring(byte[] file) {
        Map<String, Object> question = boring();
        question.put("recording", java.util.Base64.getEncoder().encodeToString(file));
        return shop.send("POST", "/api/instrument/ring/judge", question);
    }

    private static byte[] wav(int bits, int channels, double clip, double seconds) throws Exception {
        int rate = 44_100;
        int frames = (int) (rate * seconds);
        int bytes = bits / 8;
        byte[] data = new byte[frames * channels * bytes];
        for (int i = 0; i < frames; i++) {
            double t = i / (double) rate - 0.1;
            double value = t < 0 ? 0 : 0.8 * Math.exp(-60 * t) * Math.sin(2 * Math.PI * 640 * t) / clip;
            value = Math.clamp(value, -1, 1);
            for (int c = 0; c < channels; c++) {
                int at = (i * channels + c) * bytes;
                if (bits == 8) {
                    data[at] = (byte) Math.round(128 + 127 * value);
                } else {
                    long whole = Math.round(value * ((1L << (bits - 1)) - 1));
                    for (int b = 0; b < bytes; b++) {
                        data[at + b] = (byte) (whole >> (8 * b));
                    }
                }
            }
        }
        var format = new javax.sound.sampled.AudioFormat(rate, bits, channels, bits > 8, false);
        var out = new java.io.ByteArrayOutputStream();
        javax.sound.sampled.AudioSystem.write(
                new javax.sound.sampled.AudioInputStream(new java.io.ByteArrayInputStream(data), format, frames),
                javax.sound.sampled.AudioFileFormat.Type.WAVE,
                out);
        return out.toByteArray();
    }

    /** 8, 16 and 24 bits, one channel and two: the same ring of 640 Hz dying by 60 a second. */
    @Test
    void recordingsOfEveryKindTellTheSame() throws Exception {
        double zeta = 60 / (2 * Math.PI * 640);
        for (int bits : new int[] {8, 16, 24}) {
            for (int channels : new int[] {1, 2}) {
                Answer answer = ring(wav(bits, channels, 1, 1.5));
                assertThat(answer.status()).as(answer.text()).isEqualTo(200);
                JsonNode take = answer.json().path("take");
                assertThat(take.path("ringHz").asString()).isEqualTo("640 Hz");
                assertThat(Double.parseDouble(take.path("damping").asString())).isCloseTo(zeta, within(0.05 * zeta));
            }
        }
        StringBuilder csv = new StringBuilder("seconds,value\n");
        for (int i = 0; i < 20_000; i++) {
            double t = i / 20_000.0 - 0.1;
            csv.append(i / 20_000.0)
                    .append(',')
                    .append(t < 0 ? 0 : Math.exp(-60 * t) * Math.sin(2 * Math.PI * 640 * t))
                    .append('\n');
        }
        assertThat(ring(csv.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .json()
                        .path("take")
                        .path("ringHz")
                        .asString())
                .isEqualTo("640 Hz");
    }

    @Test
    void recordingsThatCannotTellGetASentence() throws Exception {
        byte[] good = wav(16, 1, 1, 1.5);
        assertThat(ring(java.util.Arrays.copyOf(good, good.length / 2)).text()).contains("cut off");
        assertThat(ring(java.util.Arrays.copyOf(good, 20)).status()).isEqualTo(400);
        assertThat(ring(wav(16, 1, 0.2, 1.5)).json().path("sentence").asString())
                .contains("clipped");
        assertThat(ring(wav(16, 1, 1e9, 1.5)).json().path("sentence").asString())
                .contains("silent");
        assertThat(ring("not a recording".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .sentence())
                .contains("Line 1 has one column");
        assertThat(ring(new byte[0]).sentence()).contains("empty");
        byte[] junk = new byte[5000];
        new java.util.Random(1).nextBytes(junk);
        assertThat(ring(junk).status()).isEqualTo(400);
        Answer large =
                shop.sendText("POST", "/api/instrument/ring/judge", "application/json", " ".repeat(21 * 1024 * 1024));
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.sentence()).contains("more than 20 MB");
    }

    /** A bored trial is kept, and the next prediction on the same lathe, bar and material is nearer to what was measured. */
    @Test
    void keptTrialsTeachTheNextPrediction() {
        Map<String, Object> cut = boring("barDiameter", "11.5 mm", "barOverhang", "75 mm");
        double before = figure(shop.send("POST", "/api/plan", cut).json(), "diameterError");
        double measured = 2 * before;
        Map<String, Object> trial = new HashMap<>(cut);
        String size = String.format(java.util.Locale.ROOT, "%.4f mm", 20 - measured);
        trial.put("readings", Map.of("near", size, "far", size));
        assertThat(shop.send("POST", "/api/proof/trials", trial).status()).isEqualTo(200);
        JsonNode after = shop.send("POST", "/api/plan", cut).json();
        assertThat(Math.abs(figure(after, "diameterError") - measured)).isLessThan(0.5 * Math.abs(before - measured));
        assertThat(after.toString()).contains("Your trials are in this number");
        Map<String, Object> left = boring("barDiameter", "11.5 mm", "barOverhang", "75 mm", "useTaught", "left-out");
        assertThat(figure(shop.send("POST", "/api/plan", left).json(), "diameterError"))
                .isCloseTo(before, within(1e-9));
    }

    /** What it would teach is told before it is kept; set aside it teaches nothing, and counts again when it is let. */
    @Test
    void aTrialIsSetAsideAndCountsAgain() {
        Map<String, Object> cut = boring("barDiameter", "11.2 mm", "barOverhang", "74 mm");
        double before = figure(shop.send("POST", "/api/plan", cut).json(), "diameterError");
        Map<String, Object> trial = new HashMap<>(cut);
        String size = String.format(java.util.Locale.ROOT, "%.4f mm", 20 - 3 * before);
        trial.put("readings", Map.of("near", size, "far", size));
        JsonNode told = shop.send("POST", "/api/proof/teaches", trial).json();
        assertThat(told.toString()).contains("times what was reckoned, by one trial", "record only");
        assertThat(told.valueStream().anyMatch(one -> one.get("far").asBoolean()))
                .isTrue();
        String id =
                shop.send("POST", "/api/proof/trials", trial).json().get("id").asString();
        double taught = figure(shop.send("POST", "/api/plan", cut).json(), "diameterError");
        assertThat(taught).isGreaterThan(1.3 * before);
        for (int i = 0; i < 2; i++) {
            JsonNode aside = shop.send("PUT", "/api/proof/trials/" + id + "/aside", Map.of("aside", true))
                    .json();
            assertThat(aside.get("aside").asBoolean()).isTrue();
            assertThat(figure(shop.send("POST", "/api/plan", cut).json(), "diameterError"))
                    .isCloseTo(before, within(1e-9));
        }
        assertThat(shop.get("/api/exchange/shop.json").text()).containsPattern("\"aside\"\\s*:\\s*true");
        assertThat(shop.send("PUT", "/api/proof/trials/" + id + "/aside", Map.of("aside", false))
                        .status())
                .isEqualTo(200);
        assertThat(figure(shop.send("POST", "/api/plan", cut).json(), "diameterError"))
                .isCloseTo(taught, within(1e-9));
        // Kept as a record only it never taught.
        trial.put("aside", true);
        assertThat(shop.send("POST", "/api/proof/trials", trial).status()).isEqualTo(200);
        assertThat(figure(shop.send("POST", "/api/plan", cut).json(), "diameterError"))
                .isCloseTo(taught, within(1e-9));
        assertThat(shop.send(
                                "PUT",
                                "/api/proof/trials/" + java.util.UUID.randomUUID() + "/aside",
                                Map.of("aside", true))
                        .status())
                .isEqualTo(404);
        assertThat(shop.send("PUT", "/api/proof/trials/" + id + "/aside", Map.of())
                        .status())
                .isEqualTo(400);
    }
}
