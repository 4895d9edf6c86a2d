package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;

/** One question asked of every wish. It answers with findings, or with none where it has nothing to say. */
public interface ShortlistRule {
    /** The rule's name, stable across versions: its findings carry it, and by it a keeper overrules the rule. */
    String key();

    /** What it asks, as a keeper reads it. */
    String question();

    /** The answers for one wish, each under this rule's key. */
    List<Finding> judge(Candidate candidate);
}
