package org.pelluna.app.shown;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.overview.PlanView;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.RemarkStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.ShareStore.ShownPlan;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.story.Episode;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A plan as whoever has its link sees it: to be read, and remarked on without an account. */
@Controller
@RequestMapping("/share/plan/{token}")
class ShownPlanController {
    private static final int EPISODES = 6;

    private final ShareStore shares;
    private final RemarkStore remarks;
    private final TankCache cache;
    private final Keepers keepers;
    private final Clock clock;

    ShownPlanController(ShareStore shares, RemarkStore remarks, TankCache cache, Keepers keepers, Clock clock) {
        this.shares = shares;
        this.remarks = remarks;
        this.cache = cache;
        this.keepers = keepers;
        this.clock = clock;
    }

    @GetMapping
    String page(@PathVariable String token, Model model, HttpServletResponse response) {
        model.addAttribute("form", new RemarkForm());
        return show(token, model, response);
    }

    private String show(String token, Model model, HttpServletResponse response) {
        ShownPlan shown = shares.plan(token);
        KeeperRow keeper = keepers.findById(shown.keeperId()).orElseThrow();
        TankAnswers answers = cache.of(shown.keeperId(), shown.tankId());
        Measures measures = new Measures(keeper.lengthUnit(), keeper.volumeUnit(), keeper.temperatureUnit());
        Map<String, String> names = RemarkView.names(answers.stock());
        response.setHeader("X-Robots-Tag", "noindex");
        model.addAttribute("measures", measures);
        model.addAttribute("token", token);
        model.addAttribute("tankName", answers.plan().tank().name());
        model.addAttribute(
                "water", measures.volumeOf(answers.plan().tank().netWater().litres()) + " of water");
        model.addAttribute("by", shown.shows().keeper() ? keeper.displayName() : "");
        model.addAttribute("plan", PlanView.of(answers, measures));
        model.addAttribute(
                "remarks", RemarkView.byKey(remarks.standing(shown.keeperId(), shown.tankId()), names, clock));
        model.addAttribute("sentKey", new FormKey.Fresh());
        model.addAttribute(
                "episodes",
                shown.shows().log()
                        ? answers.episodes().stream().limit(EPISODES).toList()
                        : List.<Episode>of());
        return "shown/plan";
    }

    @PostMapping("/remarks")
    String remark(
            @PathVariable String token,
            @Valid @ModelAttribute("form") RemarkForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        ShownPlan shown = shares.plan(token);
        Optional<String> about = Optional.ofNullable(form.about).filter(key -> !key.isBlank());
        if (about.isPresent()
                && !RemarkView.names(cache.of(shown.keeperId(), shown.tankId()).stock())
                        .containsKey(about.get())) {
            faults.reject("gone", "That fish is no longer in the plan; say it of the whole plan.");
        }
        String author = form.author;
        String words = form.words;
        if (!faults.hasErrors() && author != null && words != null) {
            UUID key = UUID.fromString(FormKey.checked(form.key));
            if (remarks.say(token, key, about, author, words, request.getRemoteAddr()) == RemarkStore.Sent.KEPT) {
                Undo.say(redirect, "Thank you. The keeper reads it first; then it stands here.");
                return "redirect:/share/plan/" + token;
            }
            faults.reject("many", "That is much at once; try again in an hour.");
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(token, model, response);
    }
}
