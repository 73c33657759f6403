package boldwedge.server.web;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns everything that can go wrong into a sentence with a code; a fault of ours also into a log entry with an id. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final int DEEPEST = 50;
    private static final int NO_ROOM = 507;
    private static final int AWAY = 503;

    private final Room room;

    Problems(Room room) {
        this.room = room;
    }

    private static ResponseEntity<Problem> answer(int status, Problem problem) {
        // Said even to whoever asks for another type: an answer without words helps nobody.
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(problem);
    }

    @ExceptionHandler(Refusal.class)
    ResponseEntity<Problem> refused(Refusal refusal) {
        return answer(refusal.status(), refusal.problem());
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        QueryTimeoutException.class,
        org.springframework.jdbc.CannotGetJdbcConnectionException.class,
        org.mybatis.spring.MyBatisSystemException.class,
        org.springframework.dao.RecoverableDataAccessException.class,
        org.springframework.transaction.TransactionSystemException.class,
        org.springframework.dao.TransientDataAccessResourceException.class
    })
    ResponseEntity<Problem> databaseAway(RuntimeException away) {
        LOG.warn("The database did not answer: {}", causes(away));
        Problem disk = room.blamed(away);
        if (disk != null) {
            LOG.error(disk.sentence());
            return answer(NO_ROOM, disk);
        }
        return answer(AWAY, recordsAway());
    }

    private static Problem recordsAway() {
        return Problem.of(
                "records-away",
                "The shop's records cannot be reached just now. What you typed is kept on this page; try again in a"
                        + " moment, or start the program again.");
    }

    /** Whether it all began with a database that did not answer: class 08 of SQL's states, its stops (57P), or a closed connection, which has none. */
    private static boolean isDatabaseAway(Throwable fault) {
        Throwable at = fault;
        for (int depth = 0; at != null && depth < DEEPEST; at = at.getCause(), depth++) {
            if (at instanceof SQLTransientConnectionException || at instanceof CannotCreateTransactionException) {
                return true;
            }
            if (at instanceof SQLException sql
                    && (sql.getSQLState() == null
                            || sql.getSQLState().startsWith("08")
                            || sql.getSQLState().startsWith("57P"))) {
                return true;
            }
        }
        return false;
    }

    /** What fell through every handler, before a controller or after: the session is read before any of them. */
    static ResponseEntity<Problem> fallen(int status, @Nullable Throwable fault) {
        if (fault == null || status < HttpStatus.INTERNAL_SERVER_ERROR.value()) {
            return answer(status, Sentences.of(status));
        }
        if (isDatabaseAway(fault)) {
            LOG.warn("The database did not answer: {}", causes(fault));
            return answer(AWAY, recordsAway());
        }
        return answer(status, ours(fault));
    }

    /** Only the kinds of exception: their messages may hold what people keep. */
    private static String causes(Throwable fault) {
        StringBuilder kinds = new StringBuilder();
        int depth = 0;
        for (Throwable at = fault; at != null && depth < DEEPEST; at = at.getCause(), depth++) {
            kinds.append(depth == 0 ? "" : " < ").append(at.getClass().getSimpleName());
        }
        return kinds.toString();
    }

    @ExceptionHandler(PessimisticLockingFailureException.class)
    ResponseEntity<Problem> lockedByAnother(PessimisticLockingFailureException locked) {
        return answer(
                503,
                Problem.of(
                        "busy",
                        "Somebody else was saving the same records at that moment. Nothing was changed; try again."));
    }

    @ExceptionHandler(DuplicateKeyException.class)
    ResponseEntity<Problem> twice(DuplicateKeyException twice) {
        return answer(409, Problem.of("id-taken", "That is already kept under the same id."));
    }

    /** What a record refers to went away between the look and the save. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ResponseEntity<Problem> changedMeanwhile(DataIntegrityViolationException meanwhile) {
        LOG.warn("Not kept: {}", causes(meanwhile));
        return answer(
                409,
                Problem.of(
                        "changed-meanwhile",
                        "Something that this belongs to was changed at that moment. Nothing was kept; look again, then save again."));
    }

    @ExceptionHandler(MethodArgumentNotValidException.class)
    ResponseEntity<Problem> unusable(MethodArgumentNotValidException invalid) {
        Map<String, String> wrong = new TreeMap<>();
        invalid.getFieldErrors().forEach(error -> {
            String path = error.getField();
            String sentence = error.getDefaultMessage();
            wrong.put(
                    path.substring(path.lastIndexOf('.') + 1).replaceAll(".*\\[(.*)]$", "$1"),
                    sentence == null ? "This cannot be used." : sentence);
        });
        if (wrong.isEmpty()) {
            return answer(400, Problem.of("unusable", "Some parts cannot be used; see /api/openapi.json."));
        }
        return refused(Checked.refusal(wrong));
    }

    @ExceptionHandler({HttpMessageNotReadableException.class, JacksonException.class})
    ResponseEntity<Problem> unreadable(Exception unreadable) {
        Throwable cause = unreadable;
        for (int depth = 0; cause != null && depth < DEEPEST; depth++) {
            if (cause instanceof Refusal refusal) {
                return refused(refusal);
            }
            if (cause instanceof SocketTimeoutException) {
                return refused(BodyLimit.slow());
            }
            if (cause instanceof DatabindException bound && !bound.getPath().isEmpty()) {
                String sentence = Misfit.sentence(bound) + " See /api/openapi.json.";
                String part = Misfit.part(bound);
                return answer(
                        400,
                        new Problem("unreadable", sentence, part.isEmpty() ? Map.of() : Map.of(part, sentence), ""));
            }
            cause = cause.getCause();
        }
        return answer(
                400,
                Problem.of(
                        "unreadable",
                        "What was sent cannot be read as JSON of the form that /api/openapi.json describes."));
    }

    @ExceptionHandler({
        MethodArgumentTypeMismatchException.class,
        MissingServletRequestParameterException.class,
        HandlerMethodValidationException.class
    })
    ResponseEntity<Problem> misaddressed(Exception misaddressed) {
        String part = switch (misaddressed) {
            case MethodArgumentTypeMismatchException mismatch -> mismatch.getName();
            case MissingServletRequestParameterException missing -> missing.getParameterName();
            default -> "";
        };
        return answer(
                400,
                Problem.of(
                        "misaddressed",
                        part.isEmpty()
                                ? "A part of the address does not fit; see /api/openapi.json."
                                : "The part “" + part
                                        + "” of the address is missing or does not fit; see /api/openapi.json."));
    }

    @ExceptionHandler(NoResourceFoundException.class)
    ResponseEntity<Problem> nothingThere(NoResourceFoundException nothing) {
        return answer(404, Sentences.of(404));
    }

    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    ResponseEntity<Problem> wrongMethod(HttpRequestMethodNotSupportedException wrong) {
        return answer(405, Sentences.of(405));
    }

    @ExceptionHandler(AccessDeniedException.class)
    ResponseEntity<Problem> notAllowed(AccessDeniedException denied) {
        return answer(403, Sentences.of(403));
    }

    /** Whoever asked has gone, as a page does that has typed on: nobody is left to tell, and nothing is wrong. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
    void gone(Exception gone) {
        LOG.debug("Not waited for: {}", gone.getClass().getSimpleName());
    }

    @ExceptionHandler(Exception.class)
    @Nullable
    ResponseEntity<Problem> other(Exception fault) {
        Throwable cause = fault;
        for (int depth = 0; cause != null && depth < DEEPEST; depth++) {
            if (cause instanceof Refusal refusal) {
                return refused(refusal);
            }
            if (cause instanceof SocketTimeoutException) {
                return refused(BodyLimit.slow());
            }
            if (cause instanceof ClientAbortException) {
                return null;
            }
            if (cause instanceof InvalidParameterException || cause instanceof RequestRejectedException) {
                return answer(400, Sentences.of(400));
            }
            cause = cause.getCause();
        }
        // What Spring itself refuses says its status: an unknown content type, parts that are missing, and the like.
        if (fault instanceof ErrorResponse refusal && refusal.getStatusCode().is4xxClientError()) {
            HttpStatusCode status = refusal.getStatusCode();
            return answer(status.value(), Sentences.of(status.value()));
        }
        if (fault instanceof org.springframework.web.multipart.MultipartException) {
            return answer(400, Sentences.of(400));
        }
        Problem disk = room.blamed(fault);
        if (disk != null) {
            LOG.error(disk.sentence());
            return answer(NO_ROOM, disk);
        }
        return fallen(HttpStatus.INTERNAL_SERVER_ERROR.value(), fault);
    }

    /** A fault of the program's, logged under an id. */
    private static Problem ours(Throwable fault) {
        String id = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Fault {}", id, fault);
        return new Problem(
                "fault",
                "The program has made a mistake. What you typed is kept. The log has it under " + id + ".",
                Map.of(),
                id);
    }
}
