package org.pelluna.app.web;

import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;

/**
 * A verdict ready to print.
 *
 * @param severity the severity whose flag stands for it
 * @param words the verdict, with the date for a later
 */
public record VerdictView(String severity, String words) {

    public static VerdictView of(Judgement judgement) {
        return new VerdictView(severity(judgement.verdict()), words(judgement));
    }

    private static String severity(Verdict verdict) {
        return switch (verdict) {
            case OUT -> "stop";
            case LATER -> "wait";
            case WITH_CARE -> "careful";
            case IN -> "fine";
        };
    }

    private static String words(Judgement judgement) {
        if (judgement.verdict() != Verdict.LATER) {
            return judgement.verdict().words();
        }
        return judgement.laterFrom().map(day -> "later, from " + day).orElse("later: see the condition below");
    }
}
