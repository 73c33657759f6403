package boldwedge.server.testing;

import boldwedge.server.BoldWedgeApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real program with the demo shop on a real PostgreSQL of its own, started once per test run, spoken to over HTTP. */
public final class RunningShop {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Path cluster;
    private final int port;
    private ConfigurableApplicationContext program;

    private RunningShop() {
        cluster =
                root().resolve(".bw").resolve("test-" + ProcessHandle.current().pid());
        program = run(tool("start"), 0);
        port = ((WebServerApplicationContext) program).getWebServer().getPort();
        Runtime.getRuntime().addShutdownHook(new Thread(this::stop));
    }

    private static ConfigurableApplicationContext run(String database, int port) {
        return new SpringApplication(BoldWedgeApplication.class)
                .run(
                        "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + database + "/boldwedge",
                        "--spring.datasource.username=postgres",
                        "--server.port=" + port,
                        "--boldwedge.demo=true");
    }

    private static final class Once {
        static final RunningShop SHOP = new RunningShop();
    }

    /** The one that runs. */
    public static RunningShop get() {
        return Once.SHOP;
    }

    /** Where its page is. */
    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Stops the database under the running program. */
    public void stopDatabase() {
        tool("stop");
    }

    /** Starts the database again, on the port it had. */
    public void startDatabase() {
        String pinned = program.getEnvironment().getRequiredProperty("spring.datasource.url");
        tool("start", pinned.replaceAll(".*:(\\d+)/.*", "$1"));
    }

    /** Stops the program and its database, and starts both again on the same records and address. */
    public void restart() {
        program.close();
        tool("stop");
        program = run(tool("start"), port);
    }

    /** Asks for a path. */
    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).GET());
    }

    /** Sends a value as JSON. */
    public Answer send(String method, String path, Object body) {
        return sendText(method, path, "application/json", JSON.writeValueAsString(body));
    }

    /** Sends a text as it is. */
    public Answer sendText(String method, String path, String type, String body) {
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", type)
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    private static Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /**
     * What came back.
     *
     * @param status HTTP status
     * @param text body
     */
    public record Answer(int status, String text) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** The sentence of a problem. */
        public String sentence() {
            return json().path("sentence").asString();
        }

        /** The sentence beside a field. */
        public String field(String name) {
            return json().path("fields").path(name).asString();
        }
    }

    private void stop() {
        program.close();
        tool("stop");
        try (var files = Files.walk(cluster)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException leftBehind) {
            // The folder is git's to ignore.
        }
    }

    private String tool(String verb) {
        return tool(verb, "");
    }

    private String tool(String verb, String pinnedPort) {
        try {
            ProcessBuilder builder =
                    new ProcessBuilder(root().resolve("tools/postgres").toString(), verb, cluster.toString());
            builder.environment().putAll(pinnedPort.isEmpty() ? Map.of() : Map.of("BW_PG_PORT", pinnedPort));
            Process process =
                    builder.redirectError(ProcessBuilder.Redirect.INHERIT).start();
            String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("tools/postgres " + verb + " failed");
            }
            return out;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static Path root() {
        Path at = Path.of("").toAbsolutePath();
        while (!Files.exists(at.resolve("bw"))) {
            at = at.getParent();
        }
        return at;
    }
}
