package boldwedge.server.web;

import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;

/** Turns everything that can go wrong into a sentence; a fault of ours also into a log entry with an id. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler(Refusal.class)
    ResponseEntity<Problem> refused(Refusal refusal) {
        return ResponseEntity.status(refusal.kind().status())
                .body(new Problem(refusal.sentence(), refusal.fields(), ""));
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
        LOG.warn("The database did not answer: {}", String.valueOf(away.getMessage()));
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .body(new Problem(
                        "The shop's records cannot be reached just now. What you typed is kept on this page; try again in a"
                                + " moment, or start the program again.",
                        Map.of(),
                        ""));
    }

    @ExceptionHandler(DuplicateKeyException.class)
    ResponseEntity<Problem> twice(DuplicateKeyException twice) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(new Problem("That is already kept under the same id.", Map.of(), ""));
    }

    @ExceptionHandler({HttpMessageNotReadableException.class, JacksonException.class})
    ResponseEntity<Problem> unreadable(Exception unreadable) {
        return ResponseEntity.badRequest()
                .body(new Problem(
                        "What was sent cannot be read as JSON of the form that /api/openapi.json describes.",
                        Map.of(),
                        ""));
    }

    @ExceptionHandler({
        MethodArgumentTypeMismatchException.class,
        MissingServletRequestParameterException.class,
        HttpMediaTypeNotSupportedException.class
    })
    ResponseEntity<Problem> misaddressed(Exception misaddressed) {
        return ResponseEntity.badRequest()
                .body(new Problem(
                        "A part of the address or of the form does not fit; see /api/openapi.json.", Map.of(), ""));
    }

    @ExceptionHandler(NoResourceFoundException.class)
    ResponseEntity<Problem> nothingThere(NoResourceFoundException nothing) {
        return ResponseEntity.status(HttpStatus.NOT_FOUND)
                .body(new Problem("There is nothing at this address.", Map.of(), ""));
    }

    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    ResponseEntity<Problem> wrongMethod(HttpRequestMethodNotSupportedException wrong) {
        return ResponseEntity.status(HttpStatus.METHOD_NOT_ALLOWED)
                .body(new Problem("This address does not take " + wrong.getMethod() + ".", Map.of(), ""));
    }

    /** Whoever asked has gone, as a page does that has typed on: nobody is left to tell, and nothing is wrong. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("Not waited for: {}", String.valueOf(gone.getMessage()));
    }

    @ExceptionHandler(Exception.class)
    ResponseEntity<Problem> ours(Exception fault) {
        String id = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Fault {}", id, fault);
        return ResponseEntity.internalServerError()
                .body(new Problem(
                        "The program has made a mistake. What you typed is kept. The log has it under " + id + ".",
                        Map.of(),
                        id));
    }
}
