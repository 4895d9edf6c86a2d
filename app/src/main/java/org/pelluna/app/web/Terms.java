package org.pelluna.app.web;

import java.util.List;

/** Every word that means one thing on all pages. */
public final class Terms {
    /** The terms, in the order in which a keeper meets them. */
    public static final List<Term> ALL = List.of(
            new Term(
                    "expected attacks an hour",
                    "What we predict one fish does to another: for a newcomer in its first week, for residents today."),
            new Term(
                    "attack",
                    "One hostile act: threat display, chase, nip or pinning. Injuries are logged separately."),
            new Term("attacks seen an hour", "What you logged in timed watches."),
            new Term("settling", "Attacks on a newcomer falling to what is usual in this tank."),
            new Term("headroom", "How much more fish the tank can carry."),
            new Term("limit", "The most fish a tank can carry by the approach you chose."),
            new Term(
                    "approach",
                    "One way of deciding where keepers disagree. The house rules choose one for each question."),
            new Term("house rules", "The limits and approaches of this tank. You can change them."),
            new Term("wish", "A fish you would like that does not live here yet."),
            new Term("finding", "One answer about a fish, with its reason, figures and source."),
            new Term("verdict", "The answer to a wish from all its findings: yes; yes, with care; later; no."),
            new Term("condition", "What must be true before a wish gets a date, such as the tank's age."),
            new Term("arrival", "The day one or more fish go into the display."),
            new Term(
                    "newcomer and resident",
                    "A fish from its arrival until it has settled; any fish that lives here now."),
            new Term(
                    "order score",
                    "How good an order of arrival is: attacks in first weeks, waiting, shy fish after bold fish. Lower is better."),
            new Term("display", "The main tank, as opposed to quarantine. The behaviour is called a threat display."),
            new Term(
                    "acclimation box",
                    "A clear, perforated box in the display where a newcomer spends its first days; “the box” for short."),
            new Term("territory", "The part of the tank that one fish defends."),
            new Term("swimming length", "The longest straight stretch of open water in the tank."),
            new Term("net water", "The water in the system: the tank without rock and sand, plus the sump."),
            new Term(
                    "temperament",
                    "How aggressive a species is toward each sort of fish, from 0 (ignores it) to 1 (attacks on sight)."),
            new Term("log", "Everything recorded about a tank, by date."),
            new Term("watch", "A time you looked at the tank, in minutes. Without it we cannot give attacks an hour."),
            new Term("roll call", "A check in which you look for every fish and record its state."),
            new Term("remedy", "Something tried to reduce aggression, with its first and last day."),
            new Term(
                    "outgrow date and bite-size date",
                    "The day a fish becomes too big for this tank; the day another fish can first swallow it."),
            new Term(
                    "loss and rehomed",
                    "A fish that died or vanished; one that left alive: sold, given, traded in or moved."),
            new Term("out for a time", "A fish that lives elsewhere for now and does not count here."));

    private Terms() {}

    /** Where a word stands on the page of all words. */
    public static String anchor(Term term) {
        return term.word().replaceAll("[^a-z]+", "-");
    }

    /** A word and its meaning. */
    public record Term(String word, String meaning) {}
}
