package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.plan.Stock;

/** Asks every rule of every wish. */
public final class Shortlist {
    private Shortlist() {}

    /** A judgement of each wish, in the order of the wishes. */
    public static List<Judgement> of(Stock stock) {
        return stock.wishes().stream()
                .map(wished -> Judgement.of(new Candidate(wished, stock)))
                .toList();
    }
}
