package org.pelluna.core.judge;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.WishId;
import org.pelluna.core.shortlist.Judgement;

/**
 * A wish that may not come, and why.
 *
 * @param wish the wish
 * @param finding the reason, a stop
 */
record Refusal(WishId wish, Finding finding) {
    /** The judgements with this one among them. */
    List<Judgement> on(List<Judgement> judgements) {
        return judgements.stream()
                .map(one -> one.wished().wish().id().equals(wish) ? one.with(finding) : one)
                .toList();
    }
}
