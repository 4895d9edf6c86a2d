package org.pelluna.app.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.DecidingDefault;
import org.pelluna.core.assess.Sharpening;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.story.Story;

/** Everything that is worked out of a tank as it is on one day: each answer when it is first asked for, and once. */
public final class TankAnswers {
    private final TankPlan plan;
    private final Once<Beliefs> beliefs;
    private final Once<ResolvedPlan> stock;
    private final Once<Assessment> assessment;
    private final Once<WaterFit> fit;
    private final Once<WaterReserve> reserve;
    private final Once<Optional<DecidingDefault>> deciding;
    private final Once<Reef> reef;
    private final Once<Story> story;
    private final Once<List<Sharpening>> sharpenings;
    private final Once<Map<SpeciesId, Judgement>> verdicts;

    /**
     * @param limits what water of given conditions bears, remembered or worked out
     */
    public TankAnswers(TankPlan plan, Catalogue catalogue, Function<WaterLimit.In, WaterLimit> limits) {
        this.plan = plan;
        this.beliefs = new Once<>(() -> Learning.of(ResolvedPlan.of(plan, catalogue)));
        this.stock = new Once<>(() -> beliefs().on(ResolvedPlan.of(plan, catalogue)));
        this.fit = new Once<>(() -> WaterFit.of(stock()));
        this.reserve = new Once<>(() -> WaterReserve.of(planning(), fit(), limits));
        this.assessment = new Once<>(() -> Assessment.of(stock(), reserve()));
        Function<TankPlan, Assessment> judge = other -> {
            ResolvedPlan then = beliefs().on(ResolvedPlan.of(other, catalogue));
            return Assessment.of(then, WaterReserve.of(then.withAbsent(), fit(), limits));
        };
        this.deciding = new Once<>(() -> DecidingDefault.of(assessment(), judge));
        this.reef = new Once<>(
                () -> new Reef(stock(), Alternative.coming(stock(), assessment().order())));
        this.sharpenings = new Once<>(() -> Sharpening.of(assessment(), judge));
        this.story = new Once<>(() -> Story.of(assessment()));
        this.verdicts = new Once<>(() -> verdicts(planning(), plan.species(catalogue)));
    }

    /** A value worked out when it is first asked for. */
    private static final class Once<T> {
        private final Supplier<T> work;
        private T value;

        Once(Supplier<T> work) {
            this.work = work;
        }

        synchronized T get() {
            if (value == null) {
                value = work.get();
            }
            return value;
        }
    }

    public TankPlan plan() {
        return plan;
    }

    /** What the log has taught of the fish. */
    public Beliefs beliefs() {
        return beliefs.get();
    }

    /** The plan with its species, and each fish as learned. */
    public ResolvedPlan stock() {
        return stock.get();
    }

    /** The same as it will be with those back that are out of the display for a time. */
    public ResolvedPlan planning() {
        return stock().withAbsent();
    }

    public Assessment assessment() {
        return assessment.get();
    }

    /** The one house rule that decides a far date, if one does. */
    public Optional<DecidingDefault> deciding() {
        return deciding.get();
    }

    /** What the bacteria bear of fish to come. */
    public WaterReserve reserve() {
        return reserve.get();
    }

    /** What the tank's tests say of the water model. */
    public WaterFit fit() {
        return fit.get();
    }

    public Reef reef() {
        return reef.get();
    }

    /** What the guesses of the tank could change, the weightiest first. */
    public List<Sharpening> sharpenings() {
        return sharpenings.get();
    }

    public Story story() {
        return story.get();
    }

    /** A judgement of every species of the catalogue, each in the fewest that would do well here, by the species' key. */
    public Map<SpeciesId, Judgement> verdicts() {
        return verdicts.get();
    }

    private static Map<SpeciesId, Judgement> verdicts(ResolvedPlan stock, Catalogue known) {
        return known.all().parallelStream()
                .collect(Collectors.toConcurrentMap(
                        Species::id,
                        one -> Shortlist.ask(
                                stock,
                                one,
                                stock.fewestMore(one),
                                one.size().saleCm().value())));
    }
}
