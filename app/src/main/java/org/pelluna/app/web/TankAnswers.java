package org.pelluna.app.web;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.DecidingDefault;
import org.pelluna.core.assess.Sharpening;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.judge.OneMoreWish;
import org.pelluna.core.learn.Backtest;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.learn.SeenStrength;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.story.Episode;
import org.pelluna.core.story.Episodes;
import org.pelluna.core.story.Story;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.tension.TankTension;
import org.pelluna.core.tension.Warning;

/** Everything that is worked out of a tank as it is on one day: each answer when it is first asked for, and once. */
public final class TankAnswers {
    private final TankPlan plan;
    private final Lazy<Beliefs> beliefs;
    private final Lazy<ResolvedPlan> stock;
    private final Lazy<Assessment> assessment;
    private final Lazy<WaterFit> fit;
    private final Lazy<WaterReserve> reserve;
    private final Lazy<Optional<DecidingDefault>> deciding;
    private final Lazy<Reef> reef;
    private final Lazy<Story> story;
    private final Lazy<List<Episode>> episodes;
    private final Lazy<List<RemedyEffect>> remedies;
    private final Lazy<List<Warning>> warnings;
    private final Lazy<Optional<TankTension>> tension;
    private final Lazy<List<Settling>> settling;
    private final Lazy<List<SeenStrength>> strengths;
    private final Lazy<Optional<Backtest>> foresight;
    private final Lazy<List<Sharpening>> sharpenings;
    private final Lazy<Boolean> idleTogether;
    private final Lazy<Map<SpeciesId, Glance>> verdicts;

    /**
     * @param plan the tank's plan as it is
     * @param catalogue the species
     * @param answers remembers what earlier states of the tank have asked already
     */
    public TankAnswers(TankPlan plan, Catalogue catalogue, Answers answers) {
        this.plan = plan;
        this.beliefs = new Lazy<>(() -> Learning.of(ResolvedPlan.of(plan, catalogue), answers));
        this.stock = new Lazy<>(() -> beliefs().on(ResolvedPlan.of(plan, catalogue)));
        this.fit = new Lazy<>(() -> answers.to(new WaterFit.Asked(plan, catalogue)));
        this.reserve = new Lazy<>(() -> WaterReserve.of(planning(), fit(), answers));
        this.assessment = new Lazy<>(() -> Assessment.of(stock(), fit(), answers));
        Function<TankPlan, Assessment> judge =
                other -> Assessment.of(beliefs().on(ResolvedPlan.of(other, catalogue)), fit(), answers);
        this.deciding = new Lazy<>(() -> DecidingDefault.of(assessment(), judge));
        this.reef = new Lazy<>(
                () -> new Reef(stock(), Alternative.coming(stock(), assessment().order())));
        this.sharpenings = new Lazy<>(() -> Sharpening.of(assessment(), judge));
        this.idleTogether = new Lazy<>(() -> Sharpening.idleTogether(
                assessment(),
                sharpenings().stream()
                        .filter(one -> !one.matters())
                        .map(Sharpening::guess)
                        .toList(),
                judge));
        this.remedies = new Lazy<>(() -> RemedyEffect.of(plan, LocalDate.MIN, answers));
        this.warnings = new Lazy<>(() -> Warning.of(plan, answers));
        this.tension = new Lazy<>(() -> stock().residents().size() > 1
                ? Optional.of(TankTension.of(stock().plan(), answers))
                : Optional.empty());
        this.settling = new Lazy<>(() -> Settling.of(plan, answers));
        this.strengths = new Lazy<>(() -> Learning.strengths(ResolvedPlan.of(plan, catalogue), answers));
        this.foresight = new Lazy<>(() -> Backtest.of(ResolvedPlan.of(plan, catalogue), answers));
        this.episodes = new Lazy<>(() -> Episodes.of(story(), plan));
        this.story = new Lazy<>(() -> Story.of(assessment(), warnings()));
        this.verdicts = new Lazy<>(
                () -> Shortlist.glances(planning(), plan.species(catalogue).all()));
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

    /** What the plan says of a fish that the keeper looks at. */
    public OneMoreWish oneMoreWish() {
        return new OneMoreWish(planning(), assessment().judgements(), reserve());
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

    /** Whether the remedies helped, the latest first. */
    public List<RemedyEffect> remedies() {
        return remedies.get();
    }

    /** What in the record asks to be looked at now, the gravest first. */
    public List<Warning> warnings() {
        return warnings.get();
    }

    /** How the whole tank stands; empty where it holds fewer than two fish. */
    public Optional<TankTension> tension() {
        return tension.get();
    }

    /** Whether each newcomer of the last weeks settles: all who attack it together, then each by itself. */
    public List<Settling> settling() {
        return settling.get();
    }

    /** What was predicted of the last weeks, beside what came; empty where too little was watched. */
    public Optional<Backtest> foresight() {
        return foresight.get();
    }

    /** What the record says of the strengths of the pressure model. */
    public List<SeenStrength> strengths() {
        return strengths.get();
    }

    /** Whether the guesses that change nothing one at a time change nothing together. */
    public boolean idleTogether() {
        return idleTogether.get();
    }

    public Story story() {
        return story.get();
    }

    /** The story told an arrival at a time, the latest first. */
    public List<Episode> episodes() {
        return episodes.get();
    }

    /** What a list says of every species of the catalogue, each in the fewest that would do well here, by the species' key. */
    public Map<SpeciesId, Glance> verdicts() {
        return verdicts.get();
    }
}
