package org.pelluna.app.today;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.fallow.FallowPeriod;
import org.pelluna.core.judge.ResidentVerdict;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tension.TankTension;
import org.pelluna.core.tension.Warning;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One page across the keeper's tanks, and the mailbox. */
@Controller
class TodayController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final TankStore tanks;
    private final TankCache cache;
    private final JournalStore journal;
    private final Keepers keepers;
    private final Mailbox mailbox;
    private final Clock clock;

    TodayController(
            TankStore tanks, TankCache cache, JournalStore journal, Keepers keepers, Mailbox mailbox, Clock clock) {
        this.cache = cache;
        this.tanks = tanks;
        this.journal = journal;
        this.keepers = keepers;
        this.mailbox = mailbox;
        this.clock = clock;
    }

    /** One thing due. */
    record DueView(String on, boolean late, String words, String place, String task) {}

    /**
     * One tank today.
     *
     * @param lead the worst warning, or else what to do today
     * @param stands how calm the tank is; empty where no fish was watched
     * @param rising the other warnings
     */
    record TankToday(
            UUID id,
            String name,
            Svg drawing,
            Svg portraits,
            String lead,
            String stands,
            boolean begun,
            boolean lived,
            List<DueView> due,
            List<String> rising,
            List<String> changed) {}

    @GetMapping("/today")
    @Transactional
    public String today(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        KeeperRow row = keepers.findById(keeper.id()).orElseThrow(() -> new NotFoundException("keeper"));
        LocalDateTime since = row.lookedAt()
                .map(at -> LocalDateTime.ofInstant(at, clock.getZone()))
                .orElseGet(() -> LocalDateTime.now(clock).minusDays(7));
        List<TankToday> views = new ArrayList<>();
        for (TankRow tank : tanks.of(keeper.id())) {
            views.add(view(tank, cache.of(keeper.id(), tank.id()), since, measures));
        }
        model.addAttribute("tanks", views);
        model.addAttribute("since", since.format(WHEN));
        model.addAttribute("today", LocalDate.now(clock));
        row.looked(clock.instant());
        return "today/page";
    }

    private static TankToday view(TankRow tank, TankAnswers answers, LocalDateTime since, Measures measures) {
        Assessment assessment = answers.assessment();
        TankPlan plan = assessment.stock().plan();
        List<Due> due = Due.of(assessment);
        List<String> rising = answers.warnings().stream().map(Warning::words).toList();
        List<ResidentVerdict> residents = ResidentVerdict.all(assessment.stock());
        boolean lived = !assessment.stock().residents().isEmpty();
        return new TankToday(
                tank.id(),
                tank.name(),
                FishInReef.today(assessment.stock(), measures, 0),
                Portraits.sheet(assessment.stock().residents().stream()
                        .map(Fish::species)
                        .toList()),
                FallowPeriod.of(plan)
                        .map(period -> period.sentence(plan.asOf()))
                        .or(() -> ResidentVerdict.firstAct(residents))
                        .or(() -> rising.stream().findFirst())
                        .orElseGet(() -> measures.sentence(Due.lead(due, plan.asOf()))),
                answers.tension().map(TankTension::words).orElse(""),
                tank.kind() == Purpose.Kind.DISPLAY && plan.wishes().isEmpty() && !lived,
                lived,
                due.stream()
                        .map(one -> new DueView(
                                one.on().toString(),
                                one.isLate(plan.asOf()),
                                measures.sentence(one.words()),
                                one.place(),
                                one.task().orElse("")))
                        .toList(),
                rising.isEmpty() ? rising : rising.subList(1, rising.size()),
                Changes.since(plan, since));
    }

    /** Marks a task done, or not. */
    @PostMapping("/tanks/{tankId}/tasks/{key}/done")
    String done(Here here, @PathVariable String key, @RequestParam(defaultValue = "true") boolean done) {
        journal.done(here.keeper(), here.tank(), key, done);
        return "redirect:/today";
    }

    /** One message. */
    record MessageView(String when, String subject, String body, boolean fresh, UUID tankId) {}

    @GetMapping("/mailbox")
    String mailbox(@AuthenticationPrincipal KeeperPrincipal keeper, Model model) {
        KeeperRow row = keepers.findById(keeper.id()).orElseThrow(() -> new NotFoundException("keeper"));
        model.addAttribute(
                "messages",
                mailbox.of(keeper.id()).stream()
                        .map(one -> new MessageView(
                                when(one.dueAt()), one.subject(), one.body(), !one.isRead(), one.tankId()))
                        .toList());
        model.addAttribute("quietFrom", row.quietFrom());
        model.addAttribute("quietUntil", row.quietUntil());
        mailbox.readAll(keeper.id());
        return "today/mailbox";
    }

    private String when(Instant at) {
        return LocalDateTime.ofInstant(at, clock.getZone()).format(WHEN);
    }

    @PostMapping("/mailbox/quiet")
    @Transactional
    public String quiet(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @RequestParam LocalTime from,
            @RequestParam LocalTime until,
            RedirectAttributes redirect) {
        keepers.findById(keeper.id())
                .orElseThrow(() -> new NotFoundException("keeper"))
                .quiet(from, until);
        Undo.say(
                redirect,
                from.equals(until)
                        ? "Messages arrive at any hour."
                        : "No messages from " + from + " to " + until + ".");
        return "redirect:/mailbox";
    }
}
