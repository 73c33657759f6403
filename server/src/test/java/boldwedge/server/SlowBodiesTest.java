package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RawHttp;
import boldwedge.server.testing.RawHttp.Reply;
import boldwedge.server.testing.RunningShop;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.json.JsonMapper;

/** Bodies that do not say how long they are, and bodies that stop half way. */
@Execution(ExecutionMode.CONCURRENT)
class SlowBodiesTest extends OverHttp {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final int port = Integer.parseInt(shop.address().replaceAll(".*:", ""));

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** A body in chunks says nothing of its size: it is counted while it is read. */
    @Test
    void aBodyInChunksIsCounted() throws IOException {
        ByteArrayOutputStream request = new ByteArrayOutputStream();
        request.writeBytes(bytes("POST /api/plan HTTP/1.1\r\nHost: 127.0.0.1:" + port
                + "\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\nConnection: close\r\n\r\n"));
        byte[] chunk = " ".repeat(1024 * 1024).getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 22; i++) {
            request.writeBytes(bytes(Integer.toHexString(chunk.length) + "\r\n"));
            request.writeBytes(chunk);
            request.writeBytes(bytes("\r\n"));
        }
        Reply reply = RawHttp.send(port, request.toByteArray());
        // Whoever goes on sending may have the connection reset under the answer; nothing was taken in either way.
        assertThat(reply.status()).isIn(0, 413);
        // And straight to the program, without the door in between that may lose the answer's last bytes.
        Reply direct = RawHttp.send(RunningShop.port(shop.program()), request.toByteArray());
        assertThat(direct.status()).isIn(0, 413);
        assertThat(shop.get("/api/cuts").status()).isEqualTo(200);
    }

    /** Bodies that stop half way are given up after ten seconds, and meanwhile everybody else is answered. */
    @Test
    void halfSentBodiesAreGivenUpAndLockNobodyOut() throws Exception {
        List<Socket> waiting = new ArrayList<>();
        int direct = RunningShop.port(shop.program());
        for (int i = 0; i < 300; i++) {
            Socket socket = new Socket(InetAddress.getLoopbackAddress(), direct);
            OutputStream out = socket.getOutputStream();
            out.write(bytes("POST /api/plan HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n"
                    + "Content-Type: application/json\r\nContent-Length: 100\r\n\r\n{\"fields\":"));
            out.flush();
            waiting.add(socket);
        }
        for (int i = 0; i < 20; i++) {
            assertThat(shop.get("/api/cuts").status()).isEqualTo(200);
        }
        for (Socket socket : waiting) {
            socket.setSoTimeout(60_000);
            Reply reply = RawHttp.read(socket);
            assertThat(reply.status()).isEqualTo(408);
            assertThat(JSON.readTree(reply.body()).path("code").asString()).isEqualTo("too-slow");
            socket.close();
        }
    }
}
