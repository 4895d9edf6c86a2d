package org.pelluna.app.wishes;

import java.util.List;
import java.util.stream.Stream;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;

/**
 * A wish with its verdict.
 *
 * @param key the wish's key
 * @param portrait SVG
 * @param name common name, with the number if more than one
 * @param scientificName scientific name
 * @param askedBy who asked for it; empty if not said
 * @param price what the keeper expects to pay; empty if not said
 * @param speciesId key of its species
 * @param severity severity that stands for the verdict, for its flag
 * @param verdict the verdict in words, with the date for a later
 * @param overruled the keeper's own word and note; empty if there is none
 * @param struck whether it is out of the plan
 * @param size adult size in words
 * @param reasons the findings that matter: what stops, delays, asks for care
 * @param benefits what good it would do
 * @param others what passes
 * @param note trade note; empty if there is none
 * @param seen mark of the wish as it is shown
 * @param word the keeper's note on their decision; empty if there is none
 * @param sight how one was seen in the shop; empty if none was
 * @param comes its day in the order, or that it has none; empty for a wish that is not in the plan
 */
record WishView(
        String key,
        Svg portrait,
        String name,
        String scientificName,
        String askedBy,
        String price,
        String speciesId,
        String severity,
        String verdict,
        String overruled,
        String decision,
        boolean struck,
        String size,
        List<FindingView> reasons,
        List<FindingView> benefits,
        List<FindingView> others,
        String note,
        String seen,
        String word,
        String sight,
        String comes) {

    static WishView of(Judgement judgement, ArrivalPlan order, Measures measures) {
        Wish wish = judgement.wished().wish();
        Species species = judgement.wished().species();
        return new WishView(
                wish.id().key(),
                Portraits.use(species),
                (wish.count() > 1 ? wish.count() + " × " : "") + species.commonName() + form(wish, species),
                species.scientificName(),
                wish.askedBy().orElse(""),
                wish.price().map(sum -> Numbers.plain(sum, 2)).orElse(""),
                species.id().key(),
                VerdictView.of(judgement).severity(),
                VerdictView.of(judgement).words(),
                overruled(wish),
                wish.decision().name(),
                !judgement.inPlan(),
                "adult about " + measures.lengthOf(species.size().adultCm().value()) + ", longest known "
                        + measures.lengthOf(species.size().maximumCm().value()),
                views(judgement, measures, Severity.STOP, Severity.WAIT, Severity.CAREFUL),
                views(judgement, measures, Severity.BENEFIT),
                views(judgement, measures, Severity.FINE),
                species.note().orElse(""),
                VersionMark.mark(wish),
                wish.decisionNote().orElse(""),
                wish.sight().map(seen -> sight(seen, measures)).orElse(""),
                comes(judgement, order));
    }

    private static String comes(Judgement judgement, ArrivalPlan order) {
        if (!judgement.inPlan()) {
            return "";
        }
        return order.arrivals().stream()
                .filter(arrival ->
                        arrival.wishIds().contains(judgement.wished().wish().id()))
                .findFirst()
                .map(arrival -> "In your order: " + arrival.date() + ".")
                .orElse("In your order: without a day; the arrivals say why.");
    }

    private static List<FindingView> views(Judgement judgement, Measures measures, Severity... stances) {
        return Stream.of(stances)
                .flatMap(severity -> judgement.findings(severity).stream())
                .map(finding -> FindingView.of(finding, measures))
                .toList();
    }

    /** Single, pair or group, said where it is more than one. */
    private static String form(Wish wish, Species species) {
        return wish.count() < 2 ? "" : wish.count() == 2 && species.company().pairAllowed() ? ", a pair" : ", a group";
    }

    private static String overruled(Wish wish) {
        if (wish.decision() == Wish.Decision.OPEN) {
            return "";
        }
        String word = wish.decision() == Wish.Decision.IN ? "Kept in the plan by you" : "Dropped by you";
        return word + wish.decisionNote().map(note -> ": “" + note + "”").orElse(", without a note");
    }

    /** Whether it is refused and not dropped by the keeper, so that what turns it is worth a look. */
    public boolean turnable() {
        return severity.equals("stop") && !decision.equals(Wish.Decision.STRUCK.name());
    }

    /** The severity under which the page lists it: out when it is out of the plan, whatever the findings say. */
    String shelf() {
        return struck ? "stop" : severity.equals("stop") ? "careful" : severity;
    }

    private static String sight(ShopSighting seen, Measures measures) {
        return Stream.of(
                        seen.where().map(shop -> " at " + shop),
                        seen.hold().map(hold -> ", " + hold.words()),
                        seen.ate().map(ate -> ate ? ", eating" : ", not eating"),
                        seen.origin().map(origin -> ", " + origin.words()),
                        seen.sex().map(sex -> ", " + sex.words()),
                        seen.lengthCm().map(cm -> ", " + measures.lengthOf(cm)),
                        seen.price().map(sum -> ", " + Numbers.plain(sum, 2)),
                        seen.note().map(note -> ": " + note))
                .flatMap(java.util.Optional::stream)
                .collect(java.util.stream.Collectors.joining("", "Seen on " + seen.on(), "."));
    }
}
