package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;

/** One question asked of every wish. It answers with findings, or with none where it has nothing to say. */
interface ShortlistRule {
    List<Finding> judge(Candidate candidate);
}
