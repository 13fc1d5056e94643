package org.mosswake.server.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.compute.TooBusy;
import org.mosswake.server.platform.database.DiskSpace;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
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

    /** Nothing is wrong with what was sent: something else stands in its way. */
    private static final Set<FaultCode> REFUSED_AS_THINGS_ARE =
            EnumSet.of(FaultCode.EVENT_ID_REUSED, FaultCode.EXPORT_IS_OLD, FaultCode.STILL_NEEDED);

    private final DiskSpace disk;

    ProblemHandler(DiskSpace disk) {
        this.disk = disk;
    }

    @ExceptionHandler
    ProblemDetail refused(FaultException e) {
        boolean unknown = e.faults().stream().allMatch(f -> f.code() == FaultCode.NOT_FOUND && isPath(f));
        boolean reused = e.faults().stream().anyMatch(f -> REFUSED_AS_THINGS_ARE.contains(f.code()));
        boolean forgotten = e.faults().stream().anyMatch(f -> f.code() == FaultCode.FORGOTTEN);
        HttpStatus status = forgotten
                ? HttpStatus.GONE
                : unknown ? HttpStatus.NOT_FOUND : reused ? HttpStatus.CONFLICT : HttpStatus.BAD_REQUEST;
        return Problem.of(
                status,
                status == HttpStatus.GONE ? "Forgotten" : unknown ? "Not known here" : "The request needs mending",
                e.faults());
    }

    /** Fields of the body are dotted or end in Id; what the path names is one plain word. */
    private static boolean isPath(Fault fault) {
        return List.of("boat", "spread", "trip", "gear", "revision", "thing", "import", "grid", "course")
                .contains(fault.field());
    }

    @ExceptionHandler
    ProblemDetail stale(StaleWrite e) {
        ProblemDetail problem = Problem.of(HttpStatus.CONFLICT, "Changed elsewhere", e.getMessage());
        problem.setProperty("yours", e.yours());
        problem.setProperty("theirs", e.theirs());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail wrongPath(MethodArgumentTypeMismatchException e) {
        String found = "'" + String.valueOf(e.getValue()).replace("\0", "\\0") + "'";
        var fault = Fault.of(
                FaultCode.WRONG_TYPE,
                e.getName(),
                found,
                wanted(e.getParameter().getParameterType()));
        return Problem.of(HttpStatus.BAD_REQUEST, "The address needs mending", List.of(fault));
    }

    private static String wanted(Class<?> type) {
        return switch (type.getSimpleName()) {
            case "UUID" -> "a UUID in full";
            case "LocalDate" -> "a date such as 2026-06-18, of the years 1900 to 2199";
            case "Instant" -> "an instant such as 2026-06-18T05:12:00Z, of the years 1900 to 2199";
            case "Double" -> "a number";
            case "Integer" -> "a whole number";
            default -> type.isEnum() ? "one of " + Arrays.toString(type.getEnumConstants()) : "something else";
        };
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> data(RuntimeException e, HttpServletRequest request) {
        return Trouble.of(e)
                .map(trouble -> troubled(trouble, request, e))
                .orElseGet(() -> ResponseEntity.internalServerError().body(bug(e)));
    }

    private ResponseEntity<ProblemDetail> troubled(Trouble met, HttpServletRequest request, RuntimeException e) {
        // A full disk also takes the database down: then the disk is what must be mended.
        boolean read = request.getMethod().equals("GET");
        Trouble trouble = disk.isFull()
                ? Trouble.DISK_FULL
                : read && met == Trouble.OUTCOME_UNKNOWN ? Trouble.DATABASE_AWAY : met;
        LOG.warn("{}: {}", trouble, e.getMessage());
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header("Retry-After", "2")
                .body(of(trouble));
    }

    private static ProblemDetail of(Trouble trouble) {
        ProblemDetail problem = Problem.of(HttpStatus.SERVICE_UNAVAILABLE, trouble.title(), trouble.says());
        problem.setProperty("code", trouble.name());
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(TooBusy e) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header("Retry-After", "1")
                .body(Problem.of(HttpStatus.SERVICE_UNAVAILABLE, "Too many at once", e.getMessage()));
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
