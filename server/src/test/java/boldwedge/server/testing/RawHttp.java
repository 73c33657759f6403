package boldwedge.server.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Requests byte by byte as they are written, since a well-behaved client refuses to send most of what is tried. */
public final class RawHttp {
    private RawHttp() {}

    /**
     * What came back.
     *
     * @param status HTTP status; 0 when the connection was closed without an answer
     * @param headings by name in small letters
     * @param body as text
     */
    public record Reply(int status, Map<String, String> headings, String body) {}

    /** A request of these lines with a body; the connection is closed after it. */
    public static Reply ask(int port, String requestLine, Map<String, String> headings, byte[] body)
            throws IOException {
        StringBuilder head = new StringBuilder(requestLine).append(" HTTP/1.1\r\n");
        Map<String, String> all = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
        all.put("Host", "127.0.0.1:" + port);
        all.put("Connection", "close");
        if (body.length > 0) {
            all.put("Content-Length", Integer.toString(body.length));
        }
        all.putAll(headings);
        all.forEach(
                (name, value) -> head.append(name).append(": ").append(value).append("\r\n"));
        head.append("\r\n");
        ByteArrayOutputStream request = new ByteArrayOutputStream();
        request.writeBytes(head.toString().getBytes(StandardCharsets.UTF_8));
        request.writeBytes(body);
        return send(port, request.toByteArray());
    }

    /** Sends these bytes and reads until the other side closes. */
    public static Reply send(int port, byte[] bytes) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(40_000);
            try {
                socket.getOutputStream().write(bytes);
                socket.getOutputStream().flush();
            } catch (SocketException refusedEarly) {
                // The answer may be there all the same.
            }
            return read(socket);
        }
    }

    /** Reads an answer until the other side closes. */
    public static Reply read(Socket socket) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        try {
            socket.getInputStream().transferTo(all);
        } catch (SocketException reset) {
            // What came before the reset counts.
        }
        // Byte for byte until its pieces are put together: one may end within a letter.
        String text = all.toString(StandardCharsets.ISO_8859_1);
        if (!text.startsWith("HTTP/1.1 ")) {
            return new Reply(0, Map.of(), text);
        }
        int end = text.indexOf("\r\n\r\n");
        Map<String, String> headings = new TreeMap<>();
        String[] lines = text.substring(0, end).split("\r\n");
        for (int i = 1; i < lines.length; i++) {
            int colon = lines[i].indexOf(':');
            headings.put(
                    lines[i].substring(0, colon).toLowerCase(Locale.ROOT),
                    lines[i].substring(colon + 1).strip());
        }
        String body = text.substring(end + 4);
        if (headings.getOrDefault("transfer-encoding", "").contains("chunked")) {
            body = unchunked(body);
        }
        return new Reply(
                Integer.parseInt(text.substring(9, 12)),
                headings,
                new String(body.getBytes(StandardCharsets.ISO_8859_1), StandardCharsets.UTF_8));
    }

    private static String unchunked(String body) {
        StringBuilder whole = new StringBuilder();
        byte[] bytes = body.getBytes(StandardCharsets.ISO_8859_1);
        int at = 0;
        while (at < bytes.length) {
            int end = at;
            while (bytes[end] != '\r') {
                end++;
            }
            int length = Integer.parseInt(new String(bytes, at, end - at, StandardCharsets.US_ASCII), 16);
            if (length == 0) {
                break;
            }
            whole.append(new String(bytes, end + 2, length, StandardCharsets.ISO_8859_1));
            at = end + 2 + length + 2;
        }
        return whole.toString();
    }
}
