package org.pelluna.core.question;

/**
 * A costly question that carries everything its answer depends on. Implemented by records: two equal questions have equal answers, so
 * a caller may keep the answer under the question. A question must not read anything that is not one of its components.
 *
 * <p>Example: {@code Answers.WORKED_OUT.to(new Course.Asked(watches))} works a course out; other {@link Answers} may remember it.
 *
 * @param <A> the answer: a value that never changes, or one whose changes cannot be seen from outside
 */
public interface Question<A> {
    /**
     * Works the answer out, every time it is called. Never null.
     *
     * @param answers where the answers to questions within this one come from
     */
    A answer(Answers answers);

    /** About how much memory question and answer take, kB; whoever remembers answers keeps within a sum of them. */
    default int kilobytes() {
        return 5;
    }
}
