package org.pelluna.core.shortlist;

import java.util.List;

/** Every rule of the shortlist, in the order in which a keeper reads them. */
final class Rules {
    static final List<ShortlistRule> ALL = List.of(
            new VolumeRule(),
            new SwimRule(),
            new HeadroomRule(),
            new ReefRule(),
            new PredationRule(),
            new CompanyRule(),
            new PressureRule(),
            new JumpRule(),
            new SandRule(),
            new MaturityRule(),
            new PodsRule(),
            new CareRule(),
            new HazardRule(),
            new BenefitRule());

    private Rules() {}
}
