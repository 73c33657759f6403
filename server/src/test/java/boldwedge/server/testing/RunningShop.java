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
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real program with the demo shop on a real PostgreSQL of its own, started once per test run, spoken to over HTTP. */
public final class RunningShop implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Path cluster;
    private final FrontDoor door = new FrontDoor();
    private ConfigurableApplicationContext program;

    private final Map<String, String> settings;

    private RunningShop(Map<String, String> settings) {
        this.settings = settings;
        cluster = ShopFolders.fresh(root().resolve(".bw"), RunningShop::clear);
        tool("start");
        program = run(settings);
        door.leadTo(port(program));
    }

    /** Another shop with a database of its own, empty unless its settings say otherwise. */
    public static RunningShop another(Map<String, String> settings) {
        return new RunningShop(settings);
    }

    private static void clear(Path folder) {
        tool(folder, "stop");
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException | UncheckedIOException leftBehind) {
            // The folder is git's to ignore.
        }
    }

    /** Another program on the same database, with these settings; it is the caller's to close. */
    public ConfigurableApplicationContext run(Map<String, String> settings) {
        Map<String, String> all = new HashMap<>(Map.of(
                "spring.datasource.url", "jdbc:postgresql://127.0.0.1/boldwedge",
                "spring.datasource.username", "boldwedge",
                "spring.datasource.password", read("program.password"),
                "boldwedge.database-port-file", cluster.resolve("port").toString(),
                // The kernel's choice: a port that is bound at once can be nobody else's.
                "server.port", "0"));
        all.putAll(settings);
        return new SpringApplication(BoldWedgeApplication.class)
                .run(all.entrySet().stream()
                        .map(setting -> "--" + setting.getKey() + "=" + setting.getValue())
                        .toArray(String[]::new));
    }

    /** The port of a program. */
    public static int port(ConfigurableApplicationContext program) {
        return java.util.Objects.requireNonNull(((WebServerApplicationContext) program).getWebServer())
                .getPort();
    }

    private String read(String file) {
        try {
            return Files.readString(cluster.resolve(file)).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final class Once {
        static final RunningShop SHOP = new RunningShop(Map.of("boldwedge.demo", "true"));

        static {
            Runtime.getRuntime().addShutdownHook(new Thread(SHOP::close));
        }
    }

    /** The one that runs. */
    public static RunningShop get() {
        return Once.SHOP;
    }

    /** Where its page is: the same for as long as the tests run, however often the program stops and starts behind it. */
    public String address() {
        return "http://127.0.0.1:" + door.port();
    }

    /** The door before it. */
    public FrontDoor door() {
        return door;
    }

    /** The program itself. */
    public ConfigurableApplicationContext program() {
        return program;
    }

    /** The folder of its database. */
    public Path cluster() {
        return cluster;
    }

    /** Stops the database under the running program. */
    public void stopDatabase() {
        tool("stop");
    }

    /** Starts the database again, on whatever port it gets: the program follows it. */
    public void startDatabase() {
        tool("start");
    }

    /** Moves the database to another port, as happens when somebody else has taken the old one. */
    public void moveDatabase() {
        tool("stop");
        try {
            Files.deleteIfExists(cluster.resolve("port"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        tool("start");
    }

    /** Stops the program and its database, and starts both again on the same records. */
    public void restart() {
        door.leadTo();
        program.close();
        tool("stop");
        tool("start");
        program = run(settings);
        door.leadTo(port(program));
    }

    /** Asks for a path. */
    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).GET());
    }

    /** Sends a value as JSON. */
    public Answer send(String method, String path, Object body) {
        return sendText(method, path, "application/json", JSON.writeValueAsString(body));
    }

    /** Deletes a record as it is now. */
    public Answer delete(String path) {
        return sendText(
                "DELETE", path + "?version=" + get(path).json().path("version").asInt(), "text/plain", "");
    }

    /** Sends a value as JSON to a program at another address. */
    public Answer sendTo(String address, String method, String path, Object body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    /** Sends a text as it is. */
    public Answer sendText(String method, String path, String type, String body) {
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", type)
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Asks for what is no text. */
    public HttpResponse<byte[]> bytes(String path) {
        return send(
                HttpRequest.newBuilder(URI.create(address() + path)).GET(), HttpResponse.BodyHandlers.ofByteArray());
    }

    private static Answer send(HttpRequest.Builder request) {
        HttpResponse<String> response = send(request, HttpResponse.BodyHandlers.ofString());
        return new Answer(response.statusCode(), response.body());
    }

    private static <T> HttpResponse<T> send(HttpRequest.Builder request, HttpResponse.BodyHandler<T> body) {
        try {
            return HTTP.send(request.build(), body);
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

    @Override
    public void close() {
        program.close();
        clear(cluster);
    }

    /** Writes the records to a file, as ./bw backup does. */
    public void backUp(Path file) {
        tool(cluster, "dump", file.toString());
    }

    /** Puts a backup's records in place of its own, as ./bw restore does. */
    public void restore(Path file) {
        door.leadTo();
        program.close();
        tool(cluster, "restore", file.toString());
        program = run(settings);
        door.leadTo(port(program));
    }

    private String tool(String verb) {
        return tool(cluster, verb);
    }

    private static String tool(Path cluster, String verb, String... more) {
        try {
            List<String> words =
                    new ArrayList<>(List.of(root().resolve("tools/postgres").toString(), verb, cluster.toString()));
            words.addAll(List.of(more));
            ProcessBuilder builder = new ProcessBuilder(words);
            builder.environment().put("BW_PG_THROWAWAY", "1");
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
