package boldwedge.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;

/** Starts the program. */
@SpringBootApplication
public class BoldWedgeApplication {
    /** Starts the program; settings come from the environment, see {@code application.yaml}. */
    public static void main(String[] args) {
        SpringApplication program = new SpringApplication(BoldWedgeApplication.class);
        program.addListeners(BoldWedgeApplication::sayReady);
        program.run(args);
    }

    /** Whoever started the program learns from a file that it answers: the file is there whole or not at all. */
    private static void sayReady(org.springframework.context.ApplicationEvent event) {
        String file = System.getenv("BW_READY_FILE");
        if (!(event instanceof ApplicationReadyEvent ready) || file == null || file.isEmpty()) {
            return;
        }
        try {
            Path fresh = Path.of(file + ".new");
            Files.writeString(
                    fresh, ready.getApplicationContext().getEnvironment().getProperty("local.server.port", "") + "\n");
            Files.move(fresh, Path.of(file), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
