package org.mosswake.server.platform.http;

import java.util.List;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
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
        String detail = faults.size() == 1 ? faults.get(0).message() : count(faults) + " things to mend";
        ProblemDetail problem = of(status, title, detail);
        problem.setProperty("faults", faults.stream().map(FaultReply::of).toList());
        return problem;
    }

    /** Those that are only counted, too. */
    private static int count(List<Fault> faults) {
        Fault last = faults.get(faults.size() - 1);
        return last.code() == FaultCode.AND_MORE
                ? faults.size() - 1 + (Integer) last.values().get(0)
                : faults.size();
    }
}
