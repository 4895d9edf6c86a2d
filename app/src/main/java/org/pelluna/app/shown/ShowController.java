package org.pelluna.app.shown;

import java.time.Clock;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.RemarkRow.State;
import org.pelluna.app.storage.RemarkStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** How a keeper shows a plan: the sheet, the link, and the remarks that came of it. */
@Controller
@RequestMapping("/tanks/{tankId}/plan")
class ShowController {
    private final TankStore tanks;
    private final ShareStore shares;
    private final RemarkStore remarks;
    private final PlanSheet sheet;
    private final Clock clock;

    ShowController(TankStore tanks, ShareStore shares, RemarkStore remarks, PlanSheet sheet, Clock clock) {
        this.tanks = tanks;
        this.shares = shares;
        this.remarks = remarks;
        this.sheet = sheet;
        this.clock = clock;
    }

    @GetMapping("/show")
    String page(Here here, Model model) {
        TankAnswers answers = here.answers();
        Map<String, String> names = RemarkView.names(answers.stock());
        model.addAttribute("shown", shares.shown(here.keeper(), here.tank()).orElse(null));
        model.addAttribute(
                "remarks",
                remarks.of(here.keeper(), here.tank()).stream()
                        .map(row -> RemarkView.of(row, names, clock))
                        .toList());
        model.addAttribute("portraits", Portraits.sheet(PlanSheet.species(answers.stock())));
        model.addAttribute("sheet", sheet.of(answers, here.measures()));
        return "shown/show";
    }

    /** The plan on one sheet, as a file that stands by itself. */
    @GetMapping("/sheet.svg")
    ResponseEntity<String> file(Here here) {
        TankAnswers answers = here.answers();
        String name = answers.plan().tank().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return ResponseEntity.ok()
                .contentType(new MediaType("image", "svg+xml", java.nio.charset.StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("plan-" + name + "-" + answers.plan().asOf() + ".svg")
                                .build()
                                .toString())
                .body(sheet.alone(answers, here.measures()).toString());
    }

    /** Makes a link; it is shown this once, and ends the one before. */
    @PostMapping("/show")
    String open(
            Here here,
            @RequestParam(defaultValue = "false") boolean name,
            @RequestParam(defaultValue = "false") boolean log,
            RedirectAttributes redirect) {
        String token =
                shares.open(here.keeper(), here.tank(), ShareStore.Purpose.PLAN, new ShareStore.Shows(name, log));
        redirect.addFlashAttribute(
                "address",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/share/plan/" + token)
                        .toUriString());
        return "redirect:/tanks/" + here.tank() + "/plan/show";
    }

    @PostMapping("/show/revoke")
    String revoke(Here here, RedirectAttributes redirect) {
        shares.revoke(here.keeper(), here.tank(), ShareStore.Purpose.PLAN);
        Undo.say(redirect, "The link no longer works.");
        return "redirect:/tanks/" + here.tank() + "/plan/show";
    }

    /** Lets a remark stand, wait or go; what it was before is one press away. */
    @PostMapping("/remarks/{key}")
    String decide(Here here, @PathVariable String key, @RequestParam State state, RedirectAttributes redirect) {
        tanks.get(here.keeper(), here.tank());
        State before = remarks.decide(here.keeper(), here.tank(), id(key), state);
        String said = switch (state) {
            case STANDS -> "The remark now shows next to the plan.";
            case WAITS -> "Only you see the remark.";
            case REMOVED -> "The remark is removed.";
        };
        Undo.offer(redirect, said, "/tanks/" + here.tank() + "/plan/remarks/" + key + "?state=" + before);
        return "redirect:/tanks/" + here.tank() + "/plan/show";
    }

    private static UUID id(String key) {
        try {
            return UUID.fromString(key);
        } catch (IllegalArgumentException e) {
            throw new NotFoundException("remark");
        }
    }
}
