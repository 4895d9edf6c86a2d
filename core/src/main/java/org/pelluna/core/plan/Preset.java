package org.pelluna.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * House rules to begin with, a way of keeping a tank. The figures are common practice where it has them.
 *
 * @param key its name in an address
 * @param title its name
 * @param words whom it suits
 * @param rules its rules
 */
public record Preset(String key, String title, String words, HouseRules rules) {

    /** Every preset, the most careful first. */
    public static final List<Preset> ALL = List.of(
            new Preset(
                    "slack-water",
                    "Slack water",
                    "A first tank, or little time: few fish, long pauses, no rivals.",
                    new HouseRules(5, 5, 12, 5, 28, 42, 6, 3, 0.1, 1.5)
                            .with(
                                    schools(
                                            Approaches.Ceiling.INCHES,
                                            Approaches.BigFish.ADULT_SIZE,
                                            Approaches.Kin.NEVER),
                                    Husbandry.USUAL,
                                    Map.of())),
            new Preset(
                    "fair-wind",
                    "Fair wind",
                    "A mixed reef in steady hands: the inch rule, rivals only together.",
                    HouseRules.USUAL),
            new Preset(
                    "full-sail",
                    "Full sail",
                    "A large, well kept tank: as many as nutrients and room allow, rivals in numbers.",
                    new HouseRules(4, 2.5, 12, 4, 14, 21, 6, 6, 0.3, 0.8)
                            .with(
                                    schools(
                                            Approaches.Ceiling.NUTRIENTS,
                                            Approaches.BigFish.JUVENILE,
                                            Approaches.Kin.CROWD),
                                    new Husbandry(2, 0.45, 0.2, 7, 15, 0.1, 0.9, 0.98, 1, 8.2, false, 4),
                                    Map.of())),
            new Preset(
                    "deep-roads",
                    "Deep roads",
                    "Fish only, no corals to spoil: waste sets the ceiling, salinity may be lowered.",
                    new HouseRules(5, 3, 6, 4, 14, 28, 6, 6, 0.25, 0.8)
                            .with(
                                    new Approaches(
                                            Approaches.Ceiling.WASTE,
                                            Approaches.BigFish.ADULT_SIZE,
                                            Approaches.Kin.SAME_DAY,
                                            Approaches.HaremFish.AT_ONCE,
                                            Approaches.Clownfish.FIRST,
                                            Approaches.Tangs.STAGED,
                                            Approaches.Pause.DAYS,
                                            Approaches.Quarantine.COPPER,
                                            Approaches.Bacteria.EIGHT_HOURS,
                                            Approaches.Salinity.LOWERED,
                                            Approaches.Rock.BEFORE_RIVALS),
                                    new Husbandry(2, 0.45, 0.2, 14, 60, 1, 0.5, 0.8, 1, 8.2, false, 4),
                                    Map.of())));

    /** The preset of this name, if there is one. */
    public static Optional<Preset> of(String key) {
        return ALL.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    private static Approaches schools(Approaches.Ceiling ceiling, Approaches.BigFish bigFish, Approaches.Kin kin) {
        Approaches usual = Approaches.USUAL;
        return new Approaches(
                ceiling,
                bigFish,
                kin,
                usual.anthias(),
                usual.clownfish(),
                usual.tangs(),
                usual.pause(),
                usual.quarantine(),
                usual.bacteria(),
                usual.salinity(),
                usual.rock());
    }
}
