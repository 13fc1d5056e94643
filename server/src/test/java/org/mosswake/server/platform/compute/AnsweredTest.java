package org.mosswake.server.platform.compute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;

class AnsweredTest {
    private final List<String> worked = new ArrayList<>();
    private boolean givenUp;

    private final Answered<String, String> answered = new Answered<>(question -> {
        worked.add(question);
        if (givenUp) {
            throw new CancellationException();
        }
        return question + "!";
    });

    @Test
    void theSameQuestionIsWorkedOutOnce() throws Exception {
        assertThat(answered.ask("a").call()).isEqualTo("a!");
        assertThat(answered.ask(new String("a")).call()).isEqualTo("a!");
        assertThat(answered.ask("b").call()).isEqualTo("b!");
        assertThat(worked).containsExactly("a", "b");
    }

    @Test
    void nothingIsDoneBeforeItIsCalled() {
        answered.ask("a");
        assertThat(worked).isEmpty();
    }

    @Test
    void whatWasGivenUpIsWorkedOutAnew() throws Exception {
        givenUp = true;
        assertThatThrownBy(() -> answered.ask("a").call()).isInstanceOf(CancellationException.class);
        givenUp = false;
        assertThat(answered.ask("a").call()).isEqualTo("a!");
    }

    @Test
    void theOldestOfManyIsLetGo() throws Exception {
        for (int i = 0; i < 200; i++) {
            answered.ask("q" + i).call();
        }
        answered.ask("q199").call();
        assertThat(worked).hasSize(200);
        answered.ask("q0").call();
        assertThat(worked).hasSize(201);
    }
}
