package boldwedge.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the program. */
@SpringBootApplication
public class BoldWedgeApplication {
    /** Starts the program; settings come from the environment, see {@code application.yaml}. */
    public static void main(String[] args) {
        SpringApplication.run(BoldWedgeApplication.class, args);
    }
}
