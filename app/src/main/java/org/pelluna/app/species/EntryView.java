package org.pelluna.app.species;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.portrait.ScalePlate;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.Lesson;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Family;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.species.SocialGrouping;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.units.Numbers;

/**
 * One species, ready to print.
 *
 * @param names the other names, each kind with its heading
 * @param plate SVG to scale
 * @param forms other looks, each with its name
 * @param needs what it asks of a tank
 * @param life how it lives
 * @param tempers toward whom it is how harsh, 0 to 1
 * @param temperSource how its temper is known
 * @param apart how unlike its individuals are
 * @param reef what it does to each group of animals
 * @param prose what a handbook says of it
 */
record EntryView(
        String id,
        String name,
        String scientificName,
        Family family,
        List<Fact> names,
        Svg sheet,
        Svg plate,
        List<Form> forms,
        List<Fact> needs,
        List<Fact> life,
        List<Share> tempers,
        String temperSource,
        String apart,
        List<Fact> reef,
        List<Handbook.Paragraph> prose,
        String note) {

    /** Spreads from which individuals are said to differ much, and below which little. */
    private static final double MUCH = 0.7;

    private static final double LITTLE = 0.55;

    /** A figure with where it comes from. */
    record Fact(String name, String value, String source) {}

    /** A share drawn as a bar of so many tenths. */
    record Share(String name, String value, int percent) {}

    /** Another look. */
    record Form(String name, String key) {}

    static EntryView of(Species one, Catalogue known, Measures measures) {
        List<Fact> needs = needs(one, measures);
        List<Fact> life = life(one, measures);
        List<Fact> reef = reef(one, measures);
        return new EntryView(
                one.id().key(),
                one.commonName(),
                one.scientificName(),
                Family.of(one),
                names(one),
                Portraits.sheet(List.of(one)),
                ScalePlate.of(one, measures),
                one.forms().stream()
                        .map(form -> new Form(words(form.form()), Portraits.key(one, form)))
                        .toList(),
                needs,
                life,
                tempers(one),
                one.temper().from().words(),
                apart(one),
                reef,
                new Handbook(one, measures)
                        .paragraphs(
                                known.all(),
                                Stream.of(needs, life, reef)
                                        .flatMap(List::stream)
                                        .toList()),
                one.note().orElse(""));
    }

    private static List<Fact> names(Species one) {
        return Stream.of(
                        new Fact(
                                "also",
                                String.join(
                                        ", ",
                                        one.vernacularNames()
                                                .subList(
                                                        1, one.vernacularNames().size())),
                                ""),
                        new Fact("formerly", String.join(", ", one.otherNames().former()), ""),
                        new Fact("in German", String.join(", ", one.otherNames().german()), ""),
                        new Fact("in French", String.join(", ", one.otherNames().french()), ""),
                        new Fact(
                                "in Spanish", String.join(", ", one.otherNames().spanish()), ""))
                .filter(fact -> !fact.value().isEmpty())
                .toList();
    }

    private static List<Fact> needs(Species one, Measures measures) {
        List<Fact> facts = new ArrayList<>();
        facts.add(adult(one.size().adultCm(), measures));
        facts.add(length("Longest known", one.size().maximumCm(), measures));
        facts.add(length("As sold", one.size().saleCm(), measures));
        facts.add(new Fact(
                "Water an adult needs",
                measures.volumeOf(one.needs().volumeLitres().value()),
                one.needs().volumeLitres().from().words()));
        facts.add(
                one.habits().isResting()
                        ? new Fact("Swimming length an adult needs", "none: it rests", "common practice")
                        : length("Swimming length an adult needs", one.needs().swimCm(), measures));
        if (one.needs().sandCm().value() > 0) {
            facts.add(length("Depth of sand", one.needs().sandCm(), measures));
        }
        if (one.needs().maturityMonths().value() > 0) {
            facts.add(months("Age of tank", one.needs().maturityMonths()));
        }
        if (one.needs().podsMonths().value() > 0) {
            facts.add(months("Months of growing pods", one.needs().podsMonths()));
        }
        facts.add(new Fact(
                "Temperature",
                "at its best "
                        + measures.temperatureOf(one.water().coolestCelsius().value()) + " to "
                        + measures.temperatureOf(one.water().warmestCelsius().value()),
                one.water().warmestCelsius().from().words()));
        facts.add(new Fact("Light", words(one.water().light()), "common practice"));
        facts.add(new Fact("Keeper", words(one.needs().care()), "common practice"));
        return facts;
    }

    private static List<Fact> life(Species one, Measures measures) {
        SocialGrouping company = one.company();
        String group = company.way() == SocialGrouping.Way.HAREM || company.way() == SocialGrouping.Way.SHOAL
                ? ", " + company.smallestGroup() + " to " + company.largestGroup()
                : "";
        List<Fact> facts = new ArrayList<>();
        facts.add(new Fact(
                "Lives",
                one.habits().zone().words() + "; flees to "
                        + one.habits().shelter().words(),
                "common practice"));
        facts.add(new Fact("Eats", one.habits().diet().words(), "common practice"));
        facts.add(new Fact(
                "Feeds a day",
                Numbers.plain(one.habits().feedsPerDay().value()),
                one.habits().feedsPerDay().from().words()));
        facts.add(new Fact(
                "Takes prepared food",
                switch (one.habits().eating()) {
                            case EASY -> "readily";
                            case COAXED -> "with coaxing";
                            case HARD -> "often never";
                        }
                        + "; " + one.habits().pace().words(),
                "common practice"));
        facts.add(new Fact("Kept", company.way().words() + group, company.from().words()));
        facts.add(new Fact(
                "Swallows",
                "prey up to " + Numbers.plain(one.gape().value() * 100, 0) + " % of its own length, "
                        + measures.lengthOf(
                                one.gape().value() * one.size().adultCm().value()) + " when adult",
                one.gape().from().words()));
        facts.add(new Fact("Jumps", words(one.jumping()), "common practice"));
        facts.add(grows(one, measures));
        facts.add(new Fact(
                "Lives for",
                Numbers.plain(one.growth().lifespanYears().value(), 0) + " years in good care",
                one.growth().lifespanYears().from().words()));
        facts.add(new Fact(
                "In the shops",
                words(one.trade().price()) + " in price, " + words(one.trade().availability()) + "; "
                        + one.trade().origin().words(),
                one.trade().from().words()));
        return facts;
    }

    private static Fact adult(Sourced cm, Measures measures) {
        String most = cm.spread()
                .map(share -> "; two of three are " + measures.lengthOf(cm.value() * (1 - share)) + " to "
                        + measures.lengthOf(cm.value() * (1 + share)))
                .orElse("");
        return new Fact(
                "Usual adult length in tanks",
                measures.lengthOf(cm.value()) + most,
                cm.from().words());
    }

    private static Fact grows(Species one, Measures measures) {
        LocalDate sold = LocalDate.EPOCH;
        double asSold = one.size().saleCm().value();
        GrowthCurve growth = Fish.curve(one, sold, asSold);
        LocalDate third = sold.plusYears(3);
        return new Fact(
                "Grows",
                "from " + measures.lengthOf(asSold) + " as sold to about "
                        + measures.lengthOf(growth.lengthCmOn(sold.plusYears(1))) + " after a year, "
                        + measures.lengthOf(growth.band(false).lengthCmOn(third)) + " to "
                        + measures.lengthOf(growth.band(true).lengthCmOn(third)) + " after three",
                one.growth().ratePerYear().from().words());
    }

    /** How unlike its individuals are, as what is held possible of one of which nothing was seen. */
    private static String apart(Species one) {
        Interval most = Beliefs.any(one).interval(Lesson.LEVEL);
        double apart = one.temper().apart();
        return (apart > MUCH
                        ? "Individuals differ a lot"
                        : apart < LITTLE ? "Individuals differ little" : "Individuals differ")
                + ": nine in ten attack " + Numbers.plain(most.low(), 1) + " to " + Numbers.plain(most.high(), 1)
                + " times as often as usual ("
                + one.temper().spread().map(any -> one.temper().from().words()).orElse("assumed, as of most fish")
                + ").";
    }

    private static List<Share> tempers(Species one) {
        return List.of(
                share("its own species", one.temper().toward().ownSpecies()),
                share("its genus", one.temper().toward().genus()),
                share("its family", one.temper().toward().family()),
                share("fish that look alike", one.temper().toward().lookAlike()),
                share("rivals for food and place", one.temper().toward().nicheRival()),
                share("much smaller fish", one.temper().toward().smallerFish()),
                share("all others", one.temper().toward().others()));
    }

    private static List<Fact> reef(Species one, Measures measures) {
        List<Fact> facts = new ArrayList<>();
        for (AnimalGroup group : AnimalGroup.values()) {
            ReefStance stance = one.reef().get(group);
            if (stance == null || stance.conduct() == ReefStance.Conduct.LEAVES_ALONE) {
                facts.add(new Fact(group.words(), "leaves alone", "common practice"));
                continue;
            }
            String conduct = stance.conduct() == ReefStance.Conduct.TAKES ? "will take in the end" : "may test";
            String below = stance.belowCm()
                    .map(cm -> ", those under " + measures.lengthOf(cm))
                    .orElse("");
            facts.add(new Fact(group.words(), conduct + below, stance.from().words()));
        }
        return facts;
    }

    private static Fact length(String name, Sourced cm, Measures measures) {
        return new Fact(name, measures.lengthOf(cm.value()), cm.from().words());
    }

    private static Fact months(String name, Sourced months) {
        return new Fact(
                name,
                Numbers.plain(months.value(), 0) + " months",
                months.from().words());
    }

    private static Share share(String name, double value) {
        return new Share(name, Numbers.plain(value, 2), (int) Math.round(value * 100));
    }

    private static String words(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
