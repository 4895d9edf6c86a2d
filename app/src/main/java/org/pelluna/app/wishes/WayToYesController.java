package org.pelluna.app.wishes;

import java.util.List;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.WishId;
import org.pelluna.core.judge.Turn;
import org.pelluna.core.judge.WayToYes;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What would turn a no, each way with its verdict and one press to take it. */
@Controller
@RequestMapping("/tanks/{tankId}/wishes/{key}/ways")
class WayToYesController {
    private final HappeningStore happenings;
    private final Catalogue catalogue;

    WayToYesController(HappeningStore happenings, Catalogue catalogue) {
        this.happenings = happenings;
        this.catalogue = catalogue;
    }

    @GetMapping
    String page(Here here, @PathVariable String key, Model model) {
        Judgement wish = judgement(here.answers(), key);
        List<WayToYes> ways = ways(here.answers(), wish);
        model.addAttribute("name", wish.wished().species().commonName());
        model.addAttribute("key", key);
        model.addAttribute("form", FormKey.fresh());
        model.addAttribute("lead", lead(wish, ways));
        model.addAttribute(
                "reason",
                wish.verdict() != Verdict.OUT
                        ? ""
                        : wish.deciding()
                                .map(Finding::reason)
                                .map(here.measures()::sentence)
                                .orElse(""));
        model.addAttribute(
                "ways", ways.stream().map(way -> WayView.of(here, way)).toList());
        return "wishes/ways";
    }

    private static String lead(Judgement wish, List<WayToYes> ways) {
        if (wish.verdict() != Verdict.OUT) {
            return "Nothing needs to change: the answer is “" + wish.verdict().words() + "” already.";
        }
        return ways.isEmpty()
                ? "Drop this wish: no single change to your fish or wishes makes it a yes."
                : ways.get(0).turn().words() + ": then it is “"
                        + VerdictView.of(ways.get(0).then()).words() + "”.";
    }

    /** Takes a way, if it still leads to a yes in the plan as it is now. */
    @PostMapping
    String take(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam String way,
            RedirectAttributes redirect) {
        String list = "/tanks/" + here.tank() + "/wishes";
        if (happenings.knows(here.keeper(), here.tank(), FormKey.checked(form))) {
            Undo.say(redirect, "This is recorded already.");
            return "redirect:" + list;
        }
        Judgement wish = judgement(here.answers(), key);
        Turn turn = ways(here.answers(), wish).stream()
                .map(WayToYes::turn)
                .filter(one -> one.key().equals(way))
                .findFirst()
                .orElseThrow(
                        () -> new RefusedException("the plan has changed and this no longer helps; reload the page"));
        Happening change = turn.happening(wish.wished().wish(), new WishId(FormKey.fresh()))
                .orElseThrow(() -> new RefusedException("record on the page of the fish how it left"));
        happenings.record(here.keeper(), here.tank(), form, any -> change);
        Undo.offer(redirect, turn.words() + ": done.", list + "/" + key + "/ways/undo/" + form);
        return "redirect:" + list;
    }

    @PostMapping("/undo/{form}")
    String undo(Here here, @PathVariable String key, @PathVariable String form, RedirectAttributes redirect) {
        happenings.undo(here.keeper(), here.tank(), FormKey.checked(form));
        Undo.say(redirect, "Undone. The wishes are as before.");
        return "redirect:/tanks/" + here.tank() + "/wishes";
    }

    private static Judgement judgement(TankAnswers answers, String key) {
        return answers.assessment().judgements().stream()
                .filter(one -> one.wished().wish().id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("wish"));
    }

    private List<WayToYes> ways(TankAnswers answers, Judgement wish) {
        return WayToYes.of(
                answers.planning(), wish, answers.plan().species(catalogue).all(), answers.reserve());
    }
}
