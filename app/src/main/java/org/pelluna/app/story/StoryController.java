package org.pelluna.app.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.id.FishId;
import org.pelluna.core.story.Episode;
import org.pelluna.core.story.Lane;
import org.pelluna.core.story.Story;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The story of a tank: drawn, and told an arrival at a time. */
@Controller
@RequestMapping("/tanks/{tankId}/log")
class StoryController {
    /** As many lanes as can be told apart on a phone. */
    private static final int LANES_ON_A_PHONE = 8;

    private static final int EPISODES = 12;

    /** An episode ready to print. */
    record EpisodeView(String title, String from, List<String> lines, boolean chosen) {}

    /** A fish to choose. */
    record FishView(String id, String name) {}

    @GetMapping
    String story(
            Here here,
            @RequestParam(defaultValue = "ALL") Zoom zoom,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> episode,
            @RequestParam Optional<String> fish,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        TankAnswers answers = here.answers();
        Story whole = answers.story();
        List<Episode> episodes = answers.episodes();
        Optional<Episode> told = episode.flatMap(
                day -> episodes.stream().filter(one -> one.from().equals(day)).findFirst());
        StoryRange stretch = told.map(
                        one -> new StoryRange(one.from().minusDays(3), one.to().plusDays(3)))
                .orElseGet(() -> from.isPresent() && to.isPresent()
                        ? StoryRange.between(whole, from.get(), to.get())
                        : StoryRange.of(whole, zoom, from));
        Optional<Lane> chosen = fish.map(FishId::new).flatMap(whole::lane);
        Story story = chosen.map(lane -> whole.about(lane.fish())).orElse(whole);
        List<Lane> lanes = story.lanes().stream()
                .filter(lane -> stretch.shows(lane))
                .filter(lane -> chosen.isEmpty() || concerns(story, lane, chosen.get()))
                .toList();
        String entries = "/tanks/" + here.tank() + "/watch/";
        model.addAttribute("stands", answers.tension().orElse(null));
        model.addAttribute("empty", whole.lanes().isEmpty());
        model.addAttribute(
                "across",
                lanes.isEmpty()
                        ? ""
                        : new StoryChart(story, lanes, stretch.from(), stretch.to(), false, entries).svg());
        List<Lane> few = few(story, lanes, stretch);
        model.addAttribute(
                "down",
                lanes.isEmpty() ? "" : new StoryChart(story, few, stretch.from(), stretch.to(), true, entries).svg());
        model.addAttribute(
                "left",
                few.size() < lanes.size()
                        ? "Drawn: the " + few.size() + " of " + lanes.size() + " fish of which most is to be told."
                        : "");
        choices(model, whole, told.isPresent() || to.isPresent() ? Optional.empty() : Optional.of(zoom), stretch);
        model.addAttribute("fish", chosen.map(lane -> lane.fish().key()).orElse(""));
        model.addAttribute(
                "episodes",
                (told.isPresent() ? List.of(told.get()) : episodes)
                        .stream()
                                .limit(EPISODES)
                                .map(one -> new EpisodeView(
                                        one.title(), one.from().toString(), one.lines(), told.isPresent()))
                                .toList());
        return part ? "story/page :: drawn" : "story/page";
    }

    /** What else can be drawn. */
    private static void choices(Model model, Story whole, Optional<Zoom> zoom, StoryRange stretch) {
        Optional<Zoom> moving = zoom.filter(one -> one != Zoom.ALL);
        model.addAttribute("zooms", Zoom.values());
        model.addAttribute("zoom", zoom.orElse(null));
        model.addAttribute("from", stretch.from());
        model.addAttribute("to", stretch.to());
        model.addAttribute(
                "earlier",
                moving.filter(one -> stretch.from().isAfter(whole.from()))
                        .map(one -> stretch.from().minusDays(one.days()))
                        .orElse(null));
        model.addAttribute(
                "later",
                moving.filter(one -> stretch.to().isBefore(whole.to()))
                        .map(one -> stretch.to())
                        .orElse(null));
        model.addAttribute(
                "fishes",
                whole.lanes().stream()
                        .map(lane -> new FishView(lane.fish().key(), lane.name()))
                        .toList());
    }

    private static boolean concerns(Story story, Lane lane, Lane chosen) {
        return lane.fish().equals(chosen.fish())
                || story.met().stream()
                        .anyMatch(
                                one -> one.by().equals(lane.fish()) || one.to().equals(lane.fish()));
    }

    /** The fish of which most is to be told, in their order. */
    private static List<Lane> few(Story story, List<Lane> lanes, StoryRange stretch) {
        Map<FishId, Integer> told = new HashMap<>();
        story.met().stream().filter(one -> stretch.holds(one.on())).forEach(one -> {
            told.merge(one.by(), one.count(), Integer::sum);
            told.merge(one.to(), one.count(), Integer::sum);
        });
        List<Lane> most = lanes.stream()
                .sorted(Comparator.comparing((Lane lane) -> -told.getOrDefault(lane.fish(), 0))
                        .thenComparing(lane -> -ChronoUnit.DAYS.between(LocalDate.EPOCH, lane.from())))
                .limit(LANES_ON_A_PHONE)
                .toList();
        return lanes.stream().filter(most::contains).toList();
    }
}
