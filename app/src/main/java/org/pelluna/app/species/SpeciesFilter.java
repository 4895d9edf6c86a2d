package org.pelluna.app.species;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.SuitabilityFilter;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Care;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.springframework.web.util.UriComponentsBuilder;

/** What the keeper looks for in the catalogue; an empty field asks nothing. */
final class SpeciesFilter {
    /** What this tank says of a fish. */
    enum Fit {
        ANY("any answer"),
        NOT_OUT("not ruled out"),
        NOW("could arrive now");

        final String words;

        Fit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public @Nullable String q;
    public Habits.@Nullable Zone zone;
    public @Nullable AnimalGroup spares;
    public boolean noSand;
    public boolean easy;
    public @Nullable Double most;
    public Fit fit = Fit.ANY;
    public boolean today;
    public boolean grown;
    public boolean peaceful;
    public boolean fed;
    public int from;

    /** Every choice of {@link #fit}, for the form. */
    public Fit[] getFits() {
        return Fit.values();
    }

    boolean admits(Species one, Measures measures) {
        double adult = measures.length().fromCentimetres(one.size().adultCm().value());
        return (most == null || adult <= most)
                && (zone == null || one.habits().zone() == zone)
                && (spares == null || !one.reef().containsKey(spares))
                && (!noSand || one.needs().sandCm().value() <= 0)
                && (!easy || one.needs().care() == Care.EASY);
    }

    boolean admits(Glance judged, Collection<Fish> here) {
        boolean suits = (!today || judged.today())
                && (!grown || judged.grown())
                && (!peaceful || judged.peaceful())
                && (!fed || SuitabilityFilter.fed(judged.species(), here));
        return suits
                && switch (fit == null ? Fit.ANY : fit) {
                    case ANY -> true;
                    case NOT_OUT -> judged.verdict() != Verdict.OUT;
                    case NOW -> judged.verdict() == Verdict.IN || judged.verdict() == Verdict.WITH_CARE;
                };
    }

    /** The same questions, from another place in the list; as the end of an address. */
    public String query(int place) {
        UriComponentsBuilder query = UriComponentsBuilder.newInstance().queryParam("from", place);
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("q", q);
        asked.put("fit", fit);
        asked.put("zone", zone);
        asked.put("spares", spares);
        asked.put("most", most);
        asked.forEach((name, value) -> {
            if (value != null) {
                query.queryParam(name, "{" + name + "}").uriVariables(Map.of(name, value));
            }
        });
        Map.of("noSand", noSand, "easy", easy, "today", today, "grown", grown, "peaceful", peaceful, "fed", fed)
                .forEach((name, isAsked) -> {
                    if (isAsked) {
                        query.queryParam(name, true);
                    }
                });
        return query.encode().build().toUriString();
    }
}
