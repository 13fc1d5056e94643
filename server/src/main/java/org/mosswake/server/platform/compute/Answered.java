package org.mosswake.server.platform.compute;

import java.util.concurrent.Callable;
import java.util.function.Function;
import org.springframework.util.ConcurrentLruCache;

/**
 * Answers to what was asked last: a page that is opened again, a second device and another station ask what is known
 * already. A question is a value that holds all its answer stands on, so none is ever old; work that was given up leaves
 * none.
 */
public final class Answered<Q, A> {
    /** Of twelve lines an answer about turns is a megabyte. */
    private static final int MOST = 6;

    private final ConcurrentLruCache<Q, A> answers;

    public Answered(Function<Q, A> work) {
        answers = new ConcurrentLruCache<>(MOST, work);
    }

    public Callable<A> ask(Q question) {
        return () -> answers.get(question);
    }
}
