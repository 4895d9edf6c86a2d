package org.pelluna.core.shortlist;

import java.util.List;

/** Every rule of the shortlist, in the order in which a keeper reads them. */
public final class Rules {
    public static final List<ShortlistRule> ALL = List.of(
            new VolumeRule(),
            new SwimRule(),
            new FloorRule(),
            new HeadroomRule(),
            new ReefRule(),
            new PredationRule(),
            new PartnerRule(),
            new GroupSizeRule(),
            new SexRule(),
            new SightRule(),
            new KinRule(),
            new PressureRule(),
            new FierceRule(),
            new RecordRule(),
            new NicheRule(),
            new WaterRule(),
            new FoodRule(),
            new TableRule(),
            new DisturbRule(),
            new JumpRule(),
            new SandRule(),
            new MaturityRule(),
            new PodsRule(),
            new CareRule(),
            new AilmentRule(),
            new LifespanRule(),
            new HazardRule(),
            new BenefitRule());

    private Rules() {}
}
