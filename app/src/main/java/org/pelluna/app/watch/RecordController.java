package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Pictures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Watch;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Watches, roll calls, signs with photographs, and remedies. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class RecordController {
    private static final String FOUND = "found.";

    private final TankStore tanks;
    private final JournalStore journal;
    private final Catalogue catalogue;
    private final Warner warner;
    private final Clock clock;

    RecordController(TankStore tanks, JournalStore journal, Catalogue catalogue, Warner warner, Clock clock) {
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
        this.warner = warner;
        this.clock = clock;
    }

    private TankPlan plan(KeeperPrincipal keeper, UUID tankId, Model model) {
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("key", Key.fresh());
        model.addAttribute("today", plan.asOf());
        model.addAttribute("now", LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES));
        return plan;
    }

    private void past(LocalDateTime at) {
        if (at.isAfter(LocalDateTime.now(clock).plusMinutes(5))) {
            throw new IllegalArgumentException("the record is for what was seen, not for what is to come");
        }
    }

    /** What was sent from a queue is answered in a word; a form leads back to its page. */
    private static String answered(boolean queued, HttpServletResponse response, String page) throws IOException {
        if (!queued) {
            return "redirect:" + page;
        }
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().write("kept");
        return null;
    }

    /** A watch is over. */
    @PostMapping("/watches")
    String watched(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime start,
            @RequestParam int minutes,
            @RequestParam(defaultValue = "false") boolean queued,
            HttpServletResponse response)
            throws IOException {
        tanks.get(keeper.id(), tankId);
        past(start);
        journal.add(keeper.id(), tankId, new Watch(Key.checked(key), start, minutes, Optional.empty()));
        warner.look(keeper.id(), tankId);
        return answered(queued, response, path(tankId));
    }

    /** One fish at the last roll call that looked for it. */
    record LastSeen(String id, String name, String portrait, String last) {}

    /** A roll call of the past. */
    record CallView(String key, String when, String words) {}

    @GetMapping("/roll-call")
    String rollCall(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        TankPlan plan = plan(keeper, tankId, model);
        Faces faces = Faces.into(model, plan, catalogue);
        model.addAttribute("states", RollCall.State.values());
        List<CallView> calls = new ArrayList<>();
        for (RollCall call : plan.journal().rollCalls()) {
            calls.add(new CallView(call.id(), call.at().toString().replace('T', ' '), words(call, faces)));
        }
        Collections.reverse(calls);
        model.addAttribute("calls", calls.stream().limit(30).toList());
        return "watch/roll-call";
    }

    private static String words(RollCall call, Faces faces) {
        Map<RollCall.State, List<String>> by = new TreeMap<>();
        call.found()
                .forEach((fish, state) ->
                        by.computeIfAbsent(state, key -> new ArrayList<>()).add(faces.name(fish)));
        List<String> words = new ArrayList<>();
        by.forEach((state, fish) -> words.add(
                state == RollCall.State.EATING && fish.size() > 4
                        ? fish.size() + " eating"
                        : state.words() + ": " + String.join(", ", fish)));
        return String.join("; ", words);
    }

    @PostMapping("/roll-call")
    String rollCall(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam Map<String, String> sent,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime at,
            @RequestParam(defaultValue = "false") boolean queued,
            RedirectAttributes redirect,
            HttpServletResponse response)
            throws IOException {
        tanks.get(keeper.id(), tankId);
        past(at);
        Map<String, RollCall.State> found = new TreeMap<>();
        sent.forEach((name, state) -> {
            if (name.startsWith(FOUND) && !state.isBlank()) {
                found.put(name.substring(FOUND.length()), RollCall.State.valueOf(state.toUpperCase(Locale.ROOT)));
            }
        });
        RollCall call = new RollCall(Key.checked(key), at, found, note(sent.get("note")));
        journal.add(keeper.id(), tankId, call);
        warner.look(keeper.id(), tankId);
        Undo.offer(redirect, "The roll call is kept.", path(tankId) + "/items/" + call.id() + "/remove");
        return answered(queued, response, path(tankId) + "/roll-call");
    }

    /** A sign seen. */
    record SignView(
            String key, String when, String fish, String what, String note, String photo, List<Sign.Cause> causes) {}

    @GetMapping("/signs")
    String signs(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        TankPlan plan = plan(keeper, tankId, model);
        Faces faces = Faces.into(model, plan, catalogue);
        model.addAttribute("kinds", Sign.Kind.values());
        model.addAttribute(
                "signs",
                plan.journal().signs().stream()
                        .sorted(Comparator.comparing(Sign::at).reversed())
                        .map(sign -> new SignView(
                                sign.id(),
                                sign.at().toString().replace('T', ' '),
                                faces.name(sign.fishId()),
                                sign.kind().words(),
                                sign.note().orElse(""),
                                sign.photo().orElse(""),
                                sign.kind().causes()))
                        .toList());
        model.addAttribute("source", Sign.SOURCE.words());
        return "watch/signs";
    }

    @PostMapping("/signs")
    String sign(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime at,
            @RequestParam String fish,
            @RequestParam Optional<Sign.Kind> sign,
            @RequestParam Optional<String> note,
            @RequestParam(required = false) MultipartFile photo,
            RedirectAttributes redirect)
            throws IOException {
        tanks.get(keeper.id(), tankId);
        past(at);
        String id = Key.checked(key);
        Optional<byte[]> jpeg =
                photo == null || photo.isEmpty() ? Optional.empty() : Optional.of(Pictures.jpeg(photo.getBytes()));
        journal.add(
                keeper.id(),
                tankId,
                new Sign(
                        id,
                        at,
                        fish,
                        sign.orElseThrow(() -> new IllegalArgumentException("choose what was seen")),
                        note(note.orElse(null)),
                        jpeg.map(bytes -> id + "-photo")),
                jpeg);
        warner.look(keeper.id(), tankId);
        Undo.offer(redirect, "Noted. See below what it may come from.", path(tankId) + "/items/" + id + "/remove");
        return "redirect:" + path(tankId) + "/signs";
    }

    @GetMapping("/photos/{key}")
    ResponseEntity<byte[]> photo(
            @AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, @PathVariable String key) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(journal.photo(keeper.id(), tankId, key));
    }

    /** Rates before and after, for one aggressor or all. */
    record ChangeView(String who, String before, String after, String ratio, String verdict, boolean worse) {}

    /** A remedy with what it did. */
    record RemedyView(
            String key,
            String what,
            String when,
            boolean lasts,
            String note,
            ChangeView all,
            List<ChangeView> by,
            String steppedIn) {}

    /** What a kind of remedy has done in all the keeper's tanks. */
    record TallyView(String what, int tried, int helped, int worse, String ratio) {}

    @GetMapping("/remedies")
    String remedies(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        TankPlan plan = plan(keeper, tankId, model);
        Faces faces = Faces.into(model, plan, catalogue);
        model.addAttribute("kinds", Remedy.Kind.values());
        List<RemedyEffect> here = RemedyEffect.of(plan);
        model.addAttribute(
                "remedies", here.stream().map(one -> view(one, faces)).toList());
        List<RemedyEffect> all = Stream.concat(
                        here.stream(),
                        tanks.of(keeper.id()).stream()
                                .filter(row -> !row.id().equals(tankId))
                                .flatMap(row -> RemedyEffect.of(tanks.plan(keeper.id(), row.id())).stream()))
                .toList();
        model.addAttribute(
                "tallies",
                RemedyEffect.tally(all).stream()
                        .map(one -> new TallyView(
                                one.kind().words(),
                                one.tried(),
                                one.helped(),
                                one.worse(),
                                change(one.together(), "").ratio()))
                        .toList());
        return "watch/remedies";
    }

    private static RemedyView view(RemedyEffect one, Faces faces) {
        Remedy remedy = one.remedy();
        return new RemedyView(
                remedy.id(),
                remedy.kind().words()
                        + remedy.fishId().map(id -> ", " + faces.name(id)).orElse(""),
                remedy.from() + remedy.until().map(day -> " to " + day).orElse(", still on"),
                remedy.until().isEmpty(),
                remedy.note().orElse(""),
                change(one.all(), "all together"),
                one.byAggressor().stream()
                        .map(change -> change(change, faces.name(change.aggressorId(), "")))
                        .toList(),
                one.steppedIn()
                        .map(change -> faces.name(change.aggressorId(), "") + " stepped in: " + change.after()
                                + " encounters since, " + change.before() + " before.")
                        .orElse(""));
    }

    private static ChangeView change(RemedyEffect.Change change, String who) {
        String ratio = "";
        if (change.isKnown() && change.before() + change.after() > 0) {
            Interval interval = change.rates().ratio(0.95);
            ratio = "× " + number(change.rates().ratio()) + " (95 %: " + number(interval.low()) + " to "
                    + number(interval.high()) + "), p "
                    + Numbers.plain(change.rates().p(), 3);
        }
        return new ChangeView(
                who,
                change.before() + " in " + Numbers.plain(change.hoursBefore(), 1) + " h",
                change.after() + " in " + Numbers.plain(change.hoursAfter(), 1) + " h",
                ratio,
                change.verdict().words(),
                change.verdict() == RemedyEffect.Verdict.WORSE);
    }

    private static String number(double value) {
        return Double.isInfinite(value) ? "∞" : Numbers.plain(value, 2);
    }

    @PostMapping("/remedies")
    String remedy(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String key,
            @RequestParam Optional<Remedy.Kind> remedy,
            @RequestParam Optional<String> fish,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        tanks.get(keeper.id(), tankId);
        past(from.atStartOfDay());
        Remedy begun = new Remedy(
                Key.checked(key),
                remedy.orElseThrow(() -> new IllegalArgumentException("choose what was tried")),
                fish.filter(one -> !one.isBlank()),
                from,
                Optional.empty(),
                note(note.orElse(null)));
        journal.add(keeper.id(), tankId, begun);
        Undo.offer(redirect, "Noted; watch as you did before.", path(tankId) + "/items/" + begun.id() + "/remove");
        return "redirect:" + path(tankId) + "/remedies";
    }

    @PostMapping("/remedies/{key}/end")
    String end(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on) {
        tanks.get(keeper.id(), tankId);
        past(on.atStartOfDay());
        journal.change(
                keeper.id(),
                tankId,
                key,
                remedy -> new Remedy(
                        remedy.id(), remedy.kind(), remedy.fishId(), remedy.from(), Optional.of(on), remedy.note()));
        return "redirect:" + path(tankId) + "/remedies";
    }

    @PostMapping("/items/{key}/remove")
    String remove(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam(defaultValue = "watch") String back,
            RedirectAttributes redirect) {
        journal.remove(keeper.id(), tankId, key);
        Undo.offer(redirect, "It is removed.", path(tankId) + "/items/" + key + "/restore");
        return "redirect:" + page(tankId, back);
    }

    @PostMapping("/items/{key}/restore")
    String restore(
            @AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, @PathVariable String key) {
        journal.restore(keeper.id(), tankId, key);
        return "redirect:" + path(tankId);
    }

    private static String page(UUID tankId, String back) {
        return switch (back) {
            case "roll-call", "signs", "remedies" -> path(tankId) + "/" + back;
            default -> path(tankId);
        };
    }

    private static Optional<String> note(String words) {
        Optional<String> note = Optional.ofNullable(words).map(String::strip).filter(text -> !text.isEmpty());
        note.filter(text -> text.length() > 1000).ifPresent(text -> {
            throw new IllegalArgumentException("a note has 1,000 letters at most");
        });
        return note;
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/watch";
    }
}
