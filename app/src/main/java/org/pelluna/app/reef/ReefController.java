package org.pelluna.app.reef;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.pelluna.app.portrait.PlateStyle;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.core.id.FishId;
import org.pelluna.core.lead.TankLeads;
import org.pelluna.core.patch.Patches;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.species.Species;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The tank to scale, from the first arrival to years ahead. */
@Controller
@RequestMapping("/tanks/{tankId}/reef")
class ReefController {
    private final PlateStyle style;

    ReefController(PlateStyle style) {
        this.style = style;
    }

    private Reef reef(Here here) {
        return here.answers().reef();
    }

    static DayView.Asked asked(Reef reef, Optional<LocalDate> on, Optional<String> fish, boolean toCome, boolean gone) {
        LocalDate day = on.orElse(reef.stock().plan().asOf());
        LocalDate inside = day.isBefore(reef.begin()) ? reef.begin() : day.isAfter(reef.end()) ? reef.end() : day;
        return new DayView.Asked(inside, fish.filter(one -> !one.isBlank()).map(FishId::new), toCome, gone);
    }

    @GetMapping
    String page(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> fish,
            @RequestParam(defaultValue = "true") boolean ghosts,
            @RequestParam(defaultValue = "false") boolean gone,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        Reef reef = reef(here);
        DayView.Asked asked = asked(reef, on, fish, ghosts, gone);
        model.addAttribute("day", DayView.of(reef, asked, here.measures()));
        model.addAttribute("on", asked.on());
        if (part) {
            return "reef/page :: day";
        }
        LocalDate today = reef.stock().plan().asOf();
        model.addAttribute("lead", TankLeads.reef(reef.stock()));
        model.addAttribute("ghosts", ghosts);
        model.addAttribute("gone", gone);
        model.addAttribute("fish", asked.fish().map(FishId::key).orElse(""));
        model.addAttribute("begin", reef.begin());
        model.addAttribute("end", reef.end());
        model.addAttribute("days", ChronoUnit.DAYS.between(reef.begin(), reef.end()));
        model.addAttribute("dayNumber", ChronoUnit.DAYS.between(reef.begin(), asked.on()));
        model.addAttribute("today", ChronoUnit.DAYS.between(reef.begin(), today));
        model.addAttribute("timeMarks", TimeMarks.svg(reef, today));
        model.addAttribute("marks", TimeMarks.lines(reef));
        model.addAttribute("portraits", sheet(reef));
        model.addAttribute("patchSource", Patches.SOURCE.words());
        model.addAttribute("drawn", reef.stock().plan().tank().drawn().isPresent());
        return "reef/page";
    }

    private static Svg sheet(Reef reef) {
        return Portraits.sheet(species(reef));
    }

    private static Collection<Species> species(Reef reef) {
        return reef.swimmers(reef.begin()).stream()
                .map(one -> one.fish().species())
                .toList();
    }

    /** The drawing as a file by itself: portraits, colours and type included. */
    @GetMapping("/reef.svg")
    ResponseEntity<String> drawing(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam(defaultValue = "true") boolean ghosts,
            @RequestParam(defaultValue = "false") boolean gone) {
        Reef reef = reef(here);
        DayView.Asked asked = asked(reef, on, Optional.empty(), ghosts, gone);
        String name = reef.stock().plan().tank().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return ResponseEntity.ok()
                .contentType(new MediaType("image", "svg+xml", java.nio.charset.StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("reef-" + name + "-" + asked.on() + ".svg")
                                .build()
                                .toString())
                .body(style.alone(DayView.of(reef, asked, here.measures()).drawing(), species(reef))
                        .toString());
    }

    /** One page to print and hang up: the drawing and its legend. */
    @GetMapping("/plate")
    String plate(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam(defaultValue = "false") boolean ghosts,
            Model model) {
        Reef reef = reef(here);
        DayView.Asked asked = asked(reef, on, Optional.empty(), ghosts, false);
        TankPlan plan = reef.stock().plan();
        model.addAttribute("day", DayView.of(reef, asked, here.measures()));
        model.addAttribute("on", asked.on());
        model.addAttribute("portraits", sheet(reef));
        model.addAttribute(
                "measuresOfTank",
                List.of(
                        here.measures().lengthOf(plan.tank().shape().acrossCm()) + " across",
                        here.measures().lengthOf(plan.tank().shape().frontToBackCm()) + " front to back",
                        here.measures().lengthOf(plan.tank().shape().heightCm()) + " high",
                        here.measures().volumeOf(plan.tank().netWater().litres()) + " of water"));
        return "reef/plate";
    }
}
