package org.mosswake.server.platform.http;

import java.util.List;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns what went wrong into problem+json. Our own bugs are logged and say nothing of the inside. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ProblemDetail refused(FaultException e) {
        boolean unknown = e.faults().stream().allMatch(f -> f.code() == FaultCode.NOT_FOUND && isPath(f));
        boolean reused = e.faults().stream().anyMatch(f -> f.code() == FaultCode.EVENT_ID_REUSED);
        HttpStatus status = unknown ? HttpStatus.NOT_FOUND : reused ? HttpStatus.CONFLICT : HttpStatus.BAD_REQUEST;
        return Problem.of(status, unknown ? "Not known here" : "The request needs mending", e.faults());
    }

    /** Fields of the body are dotted or end in Id; what the path names is one plain word. */
    private static boolean isPath(Fault fault) {
        return List.of("boat", "spread", "trip", "gear", "revision").contains(fault.field());
    }

    @ExceptionHandler
    ProblemDetail stale(StaleWrite e) {
        ProblemDetail problem = Problem.of(HttpStatus.CONFLICT, "Changed elsewhere", e.getMessage());
        problem.setProperty("yours", e.yours());
        problem.setProperty("theirs", e.theirs());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooLarge(BodyTooLarge e) {
        return Problem.of(HttpStatus.CONTENT_TOO_LARGE, "The request is too large", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail wrongPath(MethodArgumentTypeMismatchException e) {
        var fault = Fault.of(
                FaultCode.WRONG_TYPE,
                e.getName(),
                "a valid " + e.getParameter().getParameterType().getSimpleName());
        return Problem.of(HttpStatus.BAD_REQUEST, "The address needs mending", List.of(fault));
    }

    private static String wanted(Class<?> type) {
        return switch (type.getSimpleName()) {
            case "UUID" -> "a UUID";
            case "LocalDate" -> "a date such as 2026-06-18";
            case "Double" -> "a number";
            default -> "one of its words";
        };
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> data(RuntimeException e) {
        if (isAway(e)) {
            LOG.warn("database away: {}", e.getMessage());
            ProblemDetail problem = Problem.of(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "The database is away",
                    "Nothing was saved. It is tried again as soon as the database answers.");
            problem.setProperty("code", "DATABASE_AWAY");
            return ResponseEntity.status(503).header("Retry-After", "2").body(problem);
        }
        return ResponseEntity.internalServerError().body(bug(e));
    }

    private static boolean isAway(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            // A transaction that can be neither begun nor rolled back has lost its connection.
            if (cause instanceof DataAccessResourceFailureException
                    || cause instanceof TransactionException
                    || cause instanceof TransientDataAccessException
                    || cause instanceof java.sql.SQLTransientConnectionException
                    || cause instanceof java.io.IOException
                    || (cause instanceof java.sql.SQLException sql && isConnectionState(sql.getSQLState()))) {
                return true;
            }
        }
        return false;
    }

    /** Class 08 is connection trouble, 57P0x a server going down or coming up, 53 too few resources. */
    private static boolean isConnectionState(String state) {
        return state != null && (state.startsWith("08") || state.startsWith("57P0") || state.startsWith("53"));
    }

    @ExceptionHandler
    ProblemDetail bug(Exception e) {
        LOG.error("unexpected", e);
        return Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR, "That is our mistake", "It was logged. Nothing you typed was saved.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyTooLarge large) {
                return ResponseEntity.status(413).body(tooLarge(large));
            }
        }
        ProblemDetail problem =
                Problem.of(HttpStatus.BAD_REQUEST, "The request needs mending", List.of(unreadable(e.getCause())));
        return ResponseEntity.badRequest().headers(headers).body(problem);
    }

    private static Fault unreadable(Throwable cause) {
        if (cause instanceof DatabindException databind && !databind.getPath().isEmpty()) {
            return Fault.of(FaultCode.WRONG_TYPE, path(databind), "something else", "what the API document says");
        }
        if (cause instanceof JacksonException json && json.getLocation() != null) {
            String where = "line " + json.getLocation().getLineNr() + ", column "
                    + json.getLocation().getColumnNr();
            return Fault.of(FaultCode.MALFORMED, "", where);
        }
        return Fault.of(FaultCode.MALFORMED, "", "it is empty or not JSON");
    }

    private static String path(DatabindException e) {
        var path = new StringBuilder();
        e.getPath().forEach(step -> {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        });
        return path.toString();
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var fault = Fault.of(FaultCode.MISSING, e.getParameterName());
        return ResponseEntity.badRequest()
                .body(Problem.of(HttpStatus.BAD_REQUEST, "The address needs mending", List.of(fault)));
    }
}
