package org.pelluna.core.question;

/**
 * Where answers come from. The core knows only {@link #WORKED_OUT}; whoever serves many keepers remembers answers and passes its own.
 */
public interface Answers {
    /** Works every answer out, each time. */
    Answers WORKED_OUT = new Answers() {
        @Override
        public <A> A to(Question<A> question) {
            return question.answer(this);
        }
    };

    /**
     * The answer to a question, worked out or remembered.
     *
     * @param <A> the answer
     */
    <A> A to(Question<A> question);
}
