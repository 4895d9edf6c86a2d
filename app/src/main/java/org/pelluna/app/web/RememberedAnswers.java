package org.pelluna.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.springframework.stereotype.Component;

/**
 * Remembers what was asked lately, whoever asked. A new entry in a tank's log makes a new state of the tank, but asks mostly what was
 * asked before: the water, the order and the courses of pairs it says nothing of are not worked out twice.
 */
@Component
class RememberedAnswers implements Answers {
    private static final int MOST_KILOBYTES = 50_000;

    private final Cache<Question<?>, Lazy<?>> known = Caffeine.newBuilder()
            .maximumWeight(MOST_KILOBYTES)
            .weigher((Question<?> question, Lazy<?> answer) -> question.kilobytes())
            .build();

    /** The answer to a question; of two who ask at once, one works it out and the other waits. */
    @Override
    @SuppressWarnings("unchecked") // an answer is kept under its own question
    public <A> A to(Question<A> question) {
        return ((Lazy<A>) known.get(question, asked -> new Lazy<>(() -> question.answer(this)))).get();
    }
}
