package boldwedge.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Compression;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What the web server answers by itself, before a request has reached the program: it too in words and with a code. */
@Configuration
class WebServer {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> inWords() {
        return server -> {
            // The program has no forms: a body is left to whoever reads it, whatever its content type.
            server.addConnectorCustomizers(connector -> connector.setParseBodyMethods(""));
            server.addContextCustomizers(context -> {
                if (context.getParent() instanceof StandardHost host) {
                    host.setErrorReportValveClass(InWords.class.getName());
                }
            });
        };
    }

    /** Over the shop's network answers come packed; on the program's own machine packing takes longer than sending. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> packed(
            @Value("${boldwedge.network:false}") boolean network) {
        return server -> {
            Compression compression = server.getCompression();
            if (network && compression != null) {
                compression.setMimeTypes(Stream.concat(
                                Stream.of(compression.getMimeTypes()), Stream.of(MediaType.APPLICATION_JSON_VALUE))
                        .toArray(String[]::new));
            }
        };
    }

    /** Tomcat's error page, as our problem form. */
    public static final class InWords extends ErrorReportValve {
        private static final JsonMapper JSON = JsonMapper.builder().build();

        @Override
        protected void report(Request request, Response response, @Nullable Throwable fault) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                ResponseEntity<Problem> told = Problems.fallen(status, fault);
                response.setStatus(told.getStatusCode().value());
                response.setContentType(MediaType.APPLICATION_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8);
                response.getReporter().write(JSON.writeValueAsString(told.getBody()));
                response.finishResponse();
            } catch (IOException | NullPointerException gone) {
                // Whoever asked has gone, or the answer was begun otherwise: nobody is left to tell.
            }
        }
    }

    /** Faults that fell through every handler. */
    @RestController
    static class Fallen implements ErrorController {
        @RequestMapping("/error")
        ResponseEntity<Problem> error(HttpServletRequest request) {
            Object said = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            int status = said instanceof Integer code && code >= 400 ? code : 404;
            Object fault = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
            return Problems.fallen(status, fault instanceof Throwable ours ? ours : null);
        }
    }
}
