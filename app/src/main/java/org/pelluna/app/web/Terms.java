package org.pelluna.app.web;

import java.util.List;

/** Every word that means one thing on all pages. */
public final class Terms {
    /** The terms, in the order in which a keeper meets them. */
    public static final List<Term> ALL = List.of(
            new Term(
                    "pressure",
                    "Hostile encounters an hour predicted from one fish on another, in a newcomer's first week; between residents, today."),
            new Term(
                    "encounter",
                    "One hostile act by one fish toward another: threat display, chase, nip or pinning. Injuries are logged apart."),
            new Term("tension", "Encounters an hour that were really seen, counted over the time watched."),
            new Term("settling", "A newcomer's tension falling toward what is usual in this tank."),
            new Term("headroom", "What this tank can still carry: the ceiling less the load."),
            new Term("ceiling and load", "The most a tank carries by the chosen approach; what its fish use of that."),
            new Term(
                    "approach",
                    "One way keepers reckon or decide where they disagree. The house rules choose one for each question."),
            new Term("house rules", "The limits and approaches by which this tank is judged. You change them."),
            new Term("wish", "A fish somebody would like that does not live here yet."),
            new Term("finding", "One answer about a fish, with its reason, figures and source."),
            new Term("verdict", "What all findings on a wish add up to: yes; yes, with care; later; no."),
            new Term("condition", "What must be true before a wish gets a date, such as the tank's age."),
            new Term("arrival", "The day one or more fish go into the display."),
            new Term(
                    "newcomer and resident",
                    "A fish from its arrival until it has settled; any fish that lives here now."),
            new Term(
                    "order score",
                    "What an order of arrival adds up to: first-week pressure, waiting, shy fish after bold ones. Lower is better."),
            new Term("display", "The main tank, as opposed to quarantine. The behaviour is called a threat display."),
            new Term(
                    "acclimation box",
                    "A clear, perforated box in the display where a newcomer spends its first days; “the box” for short."),
            new Term("patch", "The part of the tank that one fish holds as its own."),
            new Term("clear swim", "The longest straight stretch of open water in the tank."),
            new Term("net water", "The water really in the system: the tank less rock and sand, plus the sump."),
            new Term(
                    "temperament",
                    "How aggressive a species is toward each sort of fish, from 0 (ignores it) to 1 (attacks on sight)."),
            new Term("log", "Everything noted about a tank, by date."),
            new Term("watch", "A time you looked at the tank, in minutes. Without it no rate can be given."),
            new Term("roll call", "A check in which every fish is looked for and its state noted."),
            new Term("remedy", "Something tried to reduce aggression, with its first and last day."),
            new Term(
                    "outgrow date and bite-size date",
                    "The day a fish becomes too big for this tank; the day it first fits into another's mouth."),
            new Term(
                    "loss and rehomed",
                    "A fish that died or vanished; one that left alive: sold, given, traded in or moved."),
            new Term(
                    "out for a time",
                    "A fish that belongs here and is in a box, in quarantine or in another tank: it is in no company and keeps its place."));

    private Terms() {}

    /** Where a word stands on the page of all words. */
    public static String anchor(Term term) {
        return term.word().replaceAll("[^a-z]+", "-");
    }

    /** A word and its meaning. */
    public record Term(String word, String meaning) {}
}
