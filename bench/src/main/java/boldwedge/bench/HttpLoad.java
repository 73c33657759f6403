package boldwedge.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Asks a running program for plans as several pages would, each asking again as soon as it is answered (a closed loop), and
 * tells how many were answered a second and how long they took.
 *
 * <p>Arguments: address, pages at once, seconds measured (after as long again to warm up).
 */
public final class HttpLoad {
    private HttpLoad() {}

    public static void main(String[] arguments) throws Exception {
        String address = arguments.length > 0 ? arguments[0] : "http://127.0.0.1:8300";
        int pages = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 2;
        int seconds = arguments.length > 2 ? Integer.parseInt(arguments[2]) : 10;
        HttpClient http = HttpClient.newHttpClient();
        String lathe = firstId(get(http, address + "/api/shop/lathes"));
        round(http, address, lathe, pages, seconds);
        List<Double> times = round(http, address, lathe, pages, seconds);
        Collections.sort(times);
        System.out.printf(
                "%d pages, %d s: %.0f plans/s; median %.1f ms, 95th percentile %.1f ms, 99th %.1f ms, slowest %.1f ms%n",
                pages,
                seconds,
                times.size() / (double) seconds,
                at(times, 0.5),
                at(times, 0.95),
                at(times, 0.99),
                at(times, 1));
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1.0, sorted.size() * share));
    }

    private static List<Double> round(HttpClient http, String address, String lathe, int pages, int seconds)
            throws Exception {
        List<Double> all = new ArrayList<>();
        try (ExecutorService threads = Executors.newFixedThreadPool(pages)) {
            List<Future<List<Double>>> running = new ArrayList<>();
            for (int page = 0; page < pages; page++) {
                int number = page;
                running.add(threads.submit(() -> ask(http, address, lathe, number, seconds)));
            }
            for (Future<List<Double>> one : running) {
                all.addAll(one.get());
            }
        }
        return all;
    }

    private static List<Double> ask(HttpClient http, String address, String lathe, int page, int seconds)
            throws Exception {
        List<Double> times = new ArrayList<>();
        long end = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
        for (int i = 0; System.nanoTime() < end; i++) {
            // Another angle each time: nothing can be answered from memory.
            String body = "{\"units\":\"METRIC\",\"fields\":{\"lathe\":\"" + lathe + "\",\"sideRake\":\""
                    + (8 + (i * 7 + page) % 120 / 10.0) + "°\"}}";
            HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/api/plan"))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build();
            long start = System.nanoTime();
            HttpResponse<byte[]> answer = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            times.add((System.nanoTime() - start) / 1e6);
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("Answered " + answer.statusCode());
            }
        }
        return times;
    }

    private static String get(HttpClient http, String address) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private static String firstId(String json) {
        return json.replaceFirst("(?s).*?\"id\"\\s*:\\s*\"([^\"]+)\".*", "$1");
    }
}
