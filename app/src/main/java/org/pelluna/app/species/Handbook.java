package org.pelluna.app.species;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.pelluna.app.web.Measures;
import org.pelluna.core.species.Family;
import org.pelluna.core.species.SocialGrouping;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.units.Numbers;

/** A species as a page of a handbook: what it is, whom it lives with, how it behaves, what goes wrong, how that is known. */
final class Handbook {
    private static final int LIKES = 4;
    private static final double HOLDS = 0.4;
    private static final double DELICATE = 0.6;

    private final Species one;
    private final Measures measures;

    Handbook(Species one, Measures measures) {
        this.one = one;
        this.measures = measures;
    }

    /** One paragraph under its heading. */
    record Paragraph(String heading, String text) {}

    /**
     * Every paragraph.
     *
     * @param all the catalogue, for fish it would take for its like
     * @param facts the figures printed on the page, with their sources
     */
    List<Paragraph> paragraphs(Collection<Species> all, Collection<EntryView.Fact> facts) {
        return List.of(
                new Paragraph("What it is", whatItIs()),
                new Paragraph("Whom it lives with", company(all)),
                new Paragraph("How it behaves", behaviour()),
                new Paragraph("What goes wrong", troubles()),
                new Paragraph("How this is known", known(facts)));
    }

    private String whatItIs() {
        return "One of the " + Family.of(one).called() + ". It grows to "
                + cm(one.size().adultCm().value()) + " in tanks; the longest known was "
                + cm(one.size().maximumCm().value()) + ". It is sold at about "
                + cm(one.size().saleCm().value()) + ". It lives "
                + one.habits().zone().words() + ", hides in "
                + one.habits().shelter().words() + " and eats "
                + one.habits().diet().words() + ". It can live "
                + Numbers.plain(one.growth().lifespanYears().value(), 0) + " years.";
    }

    private String company(Collection<Species> all) {
        Temperament.Toward toward = one.temper().toward();
        List<String> alike = all.stream()
                .filter(other -> !other.genus().equals(one.genus())
                        && one.look().likeness(other.look()).isPresent())
                .map(Species::commonName)
                .limit(LIKES + 1L)
                .toList();
        String like = alike.isEmpty()
                ? ""
                : " It treats as its own species: " + String.join(", ", alike.subList(0, Math.min(LIKES, alike.size())))
                        + (alike.size() > LIKES ? " and others." : ".");
        SocialGrouping grouping = one.company();
        boolean several = grouping.way() == SocialGrouping.Way.HAREM || grouping.way() == SocialGrouping.Way.SHOAL;
        return "It is kept " + grouping.way().words()
                + (several ? " of " + grouping.smallestGroup() + " to " + grouping.largestGroup() : "")
                + ". It is "
                + temper(toward.ownSpecies()) + " to its own species, " + temper(toward.genus()) + " to its genus, "
                + temper(toward.family()) + " to its family, " + temper(toward.others()) + " to others"
                + (toward.smallerFish() > toward.others() + 0.15
                        ? "; it is " + temper(toward.smallerFish()) + " to much smaller fish"
                        : "")
                + "." + like;
    }

    private String behaviour() {
        List<String> sentences = new ArrayList<>();
        sentences.add(
                switch (one.habits().swimming()) {
                    case CRUISES -> "It swims up and down the tank all day.";
                    case ROAMS -> "It roams around the rock.";
                    case HOVERS -> "It hovers near its shelter.";
                    case PERCHES ->
                        "It sits, perches or stays in its hole: it needs floor and cover more than swimming length.";
                });
        sentences.add(
                switch (one.habits().sleep()) {
                    case UNDER_SAND -> "At night it buries itself in the sand.";
                    case BURROW -> "It sleeps in its burrow.";
                    case CREVICE -> "It sleeps wedged into a crevice.";
                    case OPEN -> "It sleeps in the open.";
                });
        sentences.add("At feeding time it " + one.habits().pace().words() + ". It needs "
                + Numbers.plain(one.habits().feedsPerDay().value()) + " feeds a day.");
        if (one.temper().territory() >= HOLDS) {
            sentences.add("It holds a territory of about " + cm(one.temper().patchCm()) + ".");
        }
        one.disturbs().forEach(what -> sentences.add("It " + what.kind().words() + "."));
        one.benefits().forEach(good -> sentences.add("It " + good.what() + "."));
        return String.join(" ", sentences);
    }

    private String troubles() {
        List<String> sentences = new ArrayList<>();
        one.ailments()
                .forEach(what -> sentences.add("It often carries " + what.kind().words() + ": quarantine it."));
        switch (one.habits().eating()) {
            case HARD -> sentences.add("Many never eat prepared food: see it eat before you pay.");
            case COAXED -> sentences.add("It needs patience to accept prepared food.");
            case EASY -> {}
        }
        if (one.temper().delicacy() >= DELICATE) {
            sentences.add("It does badly when moved or crowded.");
        }
        switch (one.jumping()) {
            case HABITUALLY -> sentences.add("It jumps: keep it under a lid or mesh.");
            case WHEN_CHASED -> sentences.add("It jumps when chased.");
            case RARELY -> {}
        }
        one.hazards().forEach(hazard -> sentences.add(hazard.sentence()));
        return sentences.isEmpty() ? "Little, if water and tank mates suit it." : String.join(" ", sentences);
    }

    private static String known(Collection<EntryView.Fact> facts) {
        Map<String, Long> counts = facts.stream()
                .map(fact -> fact.source().startsWith("published") ? "published" : fact.source())
                .filter(source -> !source.isEmpty())
                .collect(Collectors.groupingBy(source -> source, LinkedHashMap::new, Collectors.counting()));
        return "Sources of the " + facts.size() + " figures below: "
                + counts.entrySet().stream()
                        .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                        .map(each -> each.getValue() + " " + each.getKey())
                        .collect(Collectors.joining("; "))
                + ".";
    }

    /** A share of temper as a keeper would say it. */
    static String temper(double share) {
        return share < 0.12
                ? "peaceful"
                : share < 0.3
                        ? "mild"
                        : share < 0.55 ? "fairly aggressive" : share < 0.8 ? "aggressive" : "very aggressive";
    }

    private String cm(double cm) {
        return measures.lengthOf(cm);
    }
}
