package org.pelluna.app.web;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;

/**
 * A verdict ready to print.
 *
 * @param severity the severity whose flag stands for it
 * @param words the verdict, with the date for a later
 */
public record VerdictView(String severity, String words) {

    public static VerdictView of(Judgement judged) {
        return new VerdictView(severity(judged.verdict()), words(judged.verdict(), judged.laterFrom()));
    }

    public static VerdictView of(Glance judged) {
        return new VerdictView(severity(judged.verdict()), words(judged.verdict(), judged.laterFrom()));
    }

    private static String severity(Verdict verdict) {
        return switch (verdict) {
            case OUT -> "stop";
            case LATER -> "wait";
            case WITH_CARE -> "careful";
            case IN -> "fine";
        };
    }

    private static String words(Verdict verdict, Optional<LocalDate> laterFrom) {
        if (verdict != Verdict.LATER) {
            return verdict.words();
        }
        return laterFrom.map(day -> "later, from " + day).orElse("later: see the condition below");
    }
}
