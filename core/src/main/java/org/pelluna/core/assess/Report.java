package org.pelluna.core.assess;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.arrival.OrderCost;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.judge.ResidentVerdict;
import org.pelluna.core.judge.WayToYes;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.NetWater;

/**
 * An assessment as {@code ./pelluna assess} prints it.
 *
 * @param asOf the day judged
 * @param water where the water goes
 * @param headroom the inch rule today
 * @param approaches what each approach of capacity says, today and when all residents have grown
 * @param wishes a verdict with its findings for each wish
 * @param pressuresToday among residents
 * @param pressuresPlanned with the fish to come
 * @param order the order of arrival
 * @param residents whether each fish that lives here is fine, those that need an act first
 * @param tank the one next step
 */
public record Report(
        LocalDate asOf,
        NetWater water,
        Headroom headroom,
        @JsonProperty("schools") List<ApproachReport> approaches,
        List<WishReport> wishes,
        List<PressureReport> pressuresToday,
        List<PressureReport> pressuresPlanned,
        OrderReport order,
        List<ResidentReport> residents,
        TankReport tank) {

    /** Ways are searched in plans of up to so many wishes: each way is a judgement of the whole plan. */
    private static final int MOST_WISHES_WITH_WAYS = 20;

    /**
     * The verdict on one resident.
     *
     * @param standing {@code act}, {@code watch} or {@code fine}
     */
    public record ResidentReport(String fishId, String standing, String reason, String step) {}

    /**
     * The verdict on the tank.
     *
     * @param wishes how many wishes fit
     * @param nextStep what the keeper does next
     */
    public record TankReport(String wishes, String nextStep) {}

    /** The inch rule's figures today, in US gallons and inches. */
    public record Headroom(double gallons, double gallonsPerInch, double ceilingInches, double residentInches) {}

    /** One load by one approach. */
    public record ApproachReport(
            @JsonProperty("school") Approaches.Ceiling approach,
            boolean chosen,
            String counts,
            double usedToday,
            double usedGrown,
            double limit,
            String unit,
            List<String> arithmetic) {}

    /**
     * One change that turns a no.
     *
     * @param turn what to do
     * @param speciesId the species whose verdict follows: of the wish, or of the fish in its place
     * @param verdict its verdict then
     * @param reason what decides it; empty for a plain yes
     */
    public record WayReport(String turn, String speciesId, Verdict verdict, Optional<String> reason) {}

    /**
     * The verdict on one wish.
     *
     * @param ways what would turn a no, the easiest first; empty for a yes, and in plans of more than {@value #MOST_WISHES_WITH_WAYS} wishes
     */
    public record WishReport(
            String wishId,
            String speciesId,
            Verdict verdict,
            Optional<LocalDate> laterFrom,
            Wish.Decision decision,
            boolean inPlan,
            Optional<LocalDate> date,
            Optional<String> reason,
            Optional<String> condition,
            List<WayReport> ways,
            List<Finding> findings) {}

    /** One directed pressure. */
    public record PressureReport(
            String aggressorId, String victimId, double perHour, String kin, List<FactorReport> factors) {}

    /** One factor of a pressure. */
    public record FactorReport(String factor, double multiplier, String sentence) {}

    /** The order of arrival. */
    public record OrderReport(
            boolean proved,
            OrderCost cost,
            double totalCost,
            List<Arrival> arrivals,
            List<ArrivalPlan.Held> held,
            List<Finding> findings) {}

    /**
     * The report of a judged plan.
     *
     * @param catalogue the species that may stand in for a refused wish
     */
    public static Report of(Assessment assessment, Catalogue catalogue) {
        TankPlan plan = assessment.stock().plan();
        InchRule rule = new InchRule(plan.tank(), plan.houseRules());
        ArrivalPlan order = assessment.order();
        List<ResidentVerdict> residents = ResidentVerdict.all(assessment.stock());
        Headline headline = Headline.of(assessment);
        Function<Judgement, List<WayToYes>> ways = ways(assessment, catalogue);
        return new Report(
                plan.asOf(),
                plan.tank().netWater(),
                new Headroom(
                        rule.gallons(),
                        rule.gallonsPerInch(plan.asOf()),
                        rule.ceilingInches(plan.asOf()),
                        InchRule.inches(assessment.stock().residents())),
                approaches(assessment),
                assessment.judgements().stream()
                        .map(one -> wish(one, order, ways.apply(one)))
                        .toList(),
                assessment.today().stream().map(Report::pressure).toList(),
                assessment.planned().stream().map(Report::pressure).toList(),
                new OrderReport(
                        order.proved(),
                        order.cost(),
                        order.cost().total(),
                        order.arrivals(),
                        order.held(),
                        order.findings()),
                residents.stream().map(Report::resident).toList(),
                new TankReport(
                        headline.wishes(),
                        ResidentVerdict.firstAct(residents)
                                .orElse(headline.next().toString())));
    }

    private static Function<Judgement, List<WayToYes>> ways(Assessment assessment, Catalogue catalogue) {
        if (assessment.judgements().size() > MOST_WISHES_WITH_WAYS) {
            return any -> List.of();
        }
        ResolvedPlan stock = assessment.stock().withAbsent();
        WaterReserve water = WaterReserve.of(stock, WaterFit.of(stock));
        return refused ->
                WayToYes.of(stock, refused, stock.plan().species(catalogue).all(), water);
    }

    private static WayReport way(WayToYes way) {
        return new WayReport(
                way.turn().words(),
                way.then().wished().species().id().key(),
                way.then().verdict(),
                way.then().deciding().map(Finding::sentence));
    }

    private static ResidentReport resident(ResidentVerdict verdict) {
        return new ResidentReport(
                verdict.fish().id().key(),
                verdict.standing().name().toLowerCase(Locale.ROOT),
                verdict.reason(),
                verdict.step());
    }

    private static List<ApproachReport> approaches(Assessment assessment) {
        TankPlan plan = assessment.stock().plan();
        List<Fish> fish = assessment.stock().residents();
        var headroom = new org.pelluna.core.headroom.Headroom(plan.tank(), plan.houseRules(), plan.asOf());
        return Stream.of(Approaches.Ceiling.values())
                .flatMap(approach -> headroom
                        .of(approach, fish, one -> one.growth().adultLengthCm())
                        .stream()
                        .map(grown -> new ApproachReport(
                                approach,
                                plan.houseRules().approaches().ceiling() == approach,
                                grown.name(),
                                headroom.of(approach, fish, one -> one.lengthCmOn(plan.asOf())).stream()
                                        .filter(load -> load.name().equals(grown.name()))
                                        .findFirst()
                                        .orElseThrow()
                                        .used(),
                                grown.used(),
                                grown.limit(),
                                grown.unit(),
                                grown.steps())))
                .toList();
    }

    /** The deciding finding is the hardest: it says why, and what would turn it. */
    private static WishReport wish(Judgement judgement, ArrivalPlan order, List<WayToYes> ways) {
        Wish wish = judgement.wished().wish();
        Optional<Finding> deciding = judgement.deciding();
        return new WishReport(
                wish.id().key(),
                wish.speciesId().key(),
                judgement.verdict(),
                judgement.laterFrom(),
                wish.decision(),
                judgement.inPlan(),
                order.dateOf(wish.id()),
                deciding.map(Finding::sentence),
                deciding.flatMap(Finding::remedy).map(Sentence::toString),
                ways.stream().map(Report::way).toList(),
                judgement.findings());
    }

    private static PressureReport pressure(Pressure pressure) {
        return new PressureReport(
                pressure.aggressorId().key(),
                pressure.victimId().key(),
                pressure.perHour(),
                pressure.kin().name().toLowerCase(Locale.ROOT),
                pressure.factors().stream()
                        .map(factor -> new FactorReport(factor.kind().words(), factor.multiplier(), factor.sentence()))
                        .toList());
    }
}
