package org.mosswake.server.platform.compute;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

class TaskTest {
    private final List<String> told = new ArrayList<>();

    private final ResponseBodyEmitter emitter = new ResponseBodyEmitter() {
        @Override
        public void send(Object word, MediaType type) {
            told.add(String.valueOf(word));
        }

        @Override
        public void complete() {
            told.add("end");
        }

        @Override
        public void completeWithError(Throwable failed) {
            told.add("failed: " + failed.getClass().getSimpleName());
        }
    };

    @Test
    void wordsComeInOrderAndThenTheEnd() {
        new Task(
                        emitter,
                        telling -> {
                            telling.say("one");
                            telling.say("two");
                        },
                        true)
                .run();
        assertThat(told).containsExactly("one", "\n", "two", "\n", "end");
    }

    @Test
    void workThatFailsSaysSoAndDoesNotEndAsIfAllWereWell() {
        new Task(
                        emitter,
                        telling -> {
                            throw new IllegalStateException("ours");
                        },
                        false)
                .run();
        assertThat(told).containsExactly("failed: IllegalStateException");
    }

    @Test
    void aReaderWhoHasGoneIsNoFault() {
        new Task(
                        emitter,
                        telling -> {
                            throw new IOException("gone");
                        },
                        false)
                .run();
        assertThat(told).containsExactly("end");
    }

    @Test
    void nobodyIsToldWhereTheReaderHasGoneAndTheReaderWhereNewerCame() {
        var gone = new Task(emitter, telling -> telling.say("late"), false);
        gone.cancel(true);
        gone.run();
        assertThat(told).isEmpty();
        var overtaken = new Task(emitter, telling -> telling.say("late"), false);
        overtaken.cancel(false);
        overtaken.run();
        assertThat(told).containsExactly("failed: TooBusy");
    }

    @Test
    void theNewestRunsFirstAndTheOldestIsGivenUpWhereTooManyWait() throws InterruptedException {
        var workers = new NewestFirst(1, 2);
        var begun = new CountDownLatch(1);
        var go = new CountDownLatch(1);
        var ran = new CountDownLatch(2);
        var order = new ArrayList<Integer>();
        workers.execute(() -> {
            begun.countDown();
            await(go);
        });
        begun.await();
        var tasks = new ArrayList<Task>();
        for (int i = 0; i < 3; i++) {
            int name = i;
            var task = new Task(
                    emitter,
                    telling -> {
                        order.add(name);
                        ran.countDown();
                    },
                    false);
            tasks.add(task);
            workers.execute(task);
        }
        go.countDown();
        assertThat(ran.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(order).containsExactly(2, 1);
        assertThat(tasks.get(0).isCancelled()).isTrue();
        workers.shutdown();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
