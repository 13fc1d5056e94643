package org.mosswake.server.platform.http;

import java.util.List;
import org.mosswake.core.fault.Fault;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** The answer to a request that cannot be served (RFC 9457), with every fault of it. */
final class Problem {
    private Problem() {}

    static ProblemDetail of(HttpStatus status, String title, String detail) {
        var problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    static ProblemDetail of(HttpStatus status, String title, List<Fault> faults) {
        String detail = faults.size() == 1 ? faults.get(0).message() : faults.size() + " things to mend";
        ProblemDetail problem = of(status, title, detail);
        problem.setProperty("faults", faults);
        return problem;
    }
}
