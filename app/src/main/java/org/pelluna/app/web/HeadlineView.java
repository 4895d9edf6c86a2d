package org.pelluna.app.web;

import org.jspecify.annotations.Nullable;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.finding.Explained;

/**
 * What a page comes to, before any figure: a sentence, what else must be known, and the keeper's next step.
 *
 * @param words the sentence
 * @param rest what else must be known; may be empty
 * @param how how the sentence's figure is computed; nothing if it has none
 * @param step the next step, as it stands on its button
 * @param address where it is made
 */
public record HeadlineView(
        String words, String rest, @Nullable Explained how, String step, String address) {
    /** What the arrivals come to. */
    public static HeadlineView ofArrivals(Assessment assessment, String tank, Measures measures) {
        Headline headline = Headline.of(assessment);
        boolean waits = headline.step() == Headline.Step.WAIT;
        return new HeadlineView(
                measures.sentence(headline.next()),
                headline.held().map(measures::sentence).orElse(""),
                null,
                waits ? "Add to calendar" : headline.step().words(),
                tank + (waits ? "/arrivals/calendar" : address(headline.step())));
    }

    /** What the plan comes to, on its own page. */
    public static HeadlineView ofPlan(Assessment assessment, String tank, Measures measures) {
        Headline headline = Headline.of(assessment);
        return new HeadlineView(
                measures.sentence(headline.next()), "", null, headline.step().words(), tank + address(headline.step()));
    }

    /** What the wishes come to. */
    public static HeadlineView ofWishes(Assessment assessment, String tank, Measures measures) {
        Headline headline = Headline.of(assessment);
        boolean wish = headline.step() == Headline.Step.WISH;
        return new HeadlineView(
                headline.wishes(),
                assessment.judgements().isEmpty() ? "" : measures.sentence(headline.next()),
                null,
                wish ? "Look at the species" : headline.step().words(),
                tank + (wish ? "/species" : address(headline.step())));
    }

    /** What the company comes to, with everyone in the plan. */
    public static HeadlineView ofCompany(Assessment assessment, String tank) {
        Headline headline = Headline.of(assessment);
        return new HeadlineView(
                headline.hardest().orElse("Expect few attacks: no pair is above your limit."),
                "",
                headline.howHard().orElse(null),
                "Compare remedies",
                tank + "/company/what-if");
    }

    private static String address(Headline.Step step) {
        return switch (step) {
            case WISH, UNHOLD -> "/wishes";
            case TEST -> "/water";
            case LOOK -> "/shop";
            case WAIT -> "/arrivals";
            case WATCH -> "/watch";
        };
    }
}
