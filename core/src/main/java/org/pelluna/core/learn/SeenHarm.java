package org.pelluna.core.learn;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import org.pelluna.core.watch.Grade;

/**
 * What was seen of one fish, or of some.
 *
 * @param grades how often each grade was seen
 * @param fights on how many evenings it was seen to attack: the attacks of one evening are one fight, and tell as much as one
 */
record SeenHarm(Map<Grade, Integer> grades, int fights) {
    static final SeenHarm NOTHING = new SeenHarm(Map.of(), 0);

    SeenHarm {
        grades = Map.copyOf(grades);
    }

    /** All of some together. */
    static SeenHarm sum(Collection<SeenHarm> each) {
        Map<Grade, Integer> sum = new EnumMap<>(Grade.class);
        each.forEach(one -> one.grades.forEach((grade, count) -> sum.merge(grade, count, Integer::sum)));
        return new SeenHarm(sum, each.stream().mapToInt(SeenHarm::fights).sum());
    }

    /** The attacks of a grade, each fight counting as one attack. */
    double weight(Grade grade) {
        int all = grades.values().stream().mapToInt(Integer::intValue).sum();
        return all == 0 ? 0 : grades.getOrDefault(grade, 0) * (double) fights / all;
    }
}
