package org.pelluna.app.exchange;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import org.pelluna.app.storage.TableDraft;
import org.pelluna.app.storage.TableStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.HeavyWork;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.table.LogTable;
import org.pelluna.core.table.LossTable;
import org.pelluna.core.table.TableForm;
import org.pelluna.core.table.TableReading;
import org.pelluna.core.table.TableWriting;
import org.pelluna.core.table.TestTable;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The log, the tests and the losses as tables of comma-separated values, out and in. */
@Controller
@RequestMapping("/tanks/{tankId}/tables")
class TablesController {
    private static final int SHOWN = 8;
    private static final int FAULTS_SHOWN = 20;
    private static final String MATCH = "match.";

    private final TankStore tanks;
    private final TableStore tables;
    private final Jobs jobs;
    private final Catalogue catalogue;
    private final HeavyWork heavy;

    TablesController(TankStore tanks, TableStore tables, Jobs jobs, Catalogue catalogue, HeavyWork heavy) {
        this.heavy = heavy;
        this.catalogue = catalogue;
        this.tanks = tanks;
        this.tables = tables;
        this.jobs = jobs;
    }

    /** A column and the heading it takes its cells from. */
    record ColumnView(String name, String words, boolean required, String heading) {}

    /** A row that cannot be read. */
    record FaultView(long line, String problem) {}

    @GetMapping
    String page(Here here, Model model) {
        model.addAttribute("kinds", TableDraft.Kind.values());
        model.addAttribute("key", FormKey.fresh());
        return "exchange/tables";
    }

    @GetMapping("/{kind:log|tests|losses}.csv")
    ResponseEntity<String> download(Here here, @PathVariable String kind) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        String text = written(held(
                here.keeper(), here.tank(), plan, TableDraft.Kind.valueOf(kind.toUpperCase(java.util.Locale.ROOT))));
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("pelluna-" + kind + "-" + plan.asOf() + ".csv")
                                .build()
                                .toString())
                .body(text);
    }

    /** Keeps a table as brought and shows what it says; nothing is in the record yet. */
    @PostMapping
    String bring(
            Here here,
            @RequestParam Optional<TableDraft.Kind> kind,
            @RequestParam String key,
            @RequestParam(required = false) MultipartFile file)
            throws IOException {
        tanks.get(here.keeper(), here.tank());
        if (kind.isEmpty() || file == null || file.isEmpty()) {
            throw new RefusedException("choose a file, and what it holds");
        }
        UUID formKey = UUID.fromString(FormKey.checked(key));
        UUID id;
        heavy.begin(here.keeper());
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.getBytes()))
                    .toString();
            if (text.isBlank() || text.indexOf('\u0000') >= 0) {
                throw new RefusedException("the file is empty or no text");
            }
            id = tables.bring(here.keeper(), here.tank(), formKey, kind.get(), text);
        } catch (CharacterCodingException e) {
            throw new RefusedException("the file is no text in UTF-8; save it from your spreadsheet as CSV UTF-8");
        } finally {
            heavy.end(here.keeper());
        }
        return "redirect:" + path(here.tank(), id);
    }

    /** What the table says and would do; while it is taken in, how far that is. */
    @GetMapping("/{draft}")
    String preview(
            Here here,
            @PathVariable UUID draft,
            @RequestParam Map<String, String> asked,
            @RequestParam(defaultValue = "false") boolean monthFirst,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        TableDraft found = tables.get(here.keeper(), here.tank(), draft);
        model.addAttribute("draft", found);
        model.addAttribute("running", jobs.isRunning(draft));
        model.addAttribute("monthFirst", monthFirst);
        if (part || jobs.isRunning(draft) || found.isFinished()) {
            return part ? "exchange/table :: progress" : "exchange/table";
        }
        try {
            show(
                    held(here.keeper(), here.tank(), tanks.plan(here.keeper(), here.tank()), found.kind()),
                    found,
                    chosen(asked),
                    monthFirst,
                    model);
        } catch (IllegalArgumentException e) {
            model.addAttribute("refused", e.getMessage());
        }
        return "exchange/table";
    }

    /** A kind of table with what the tank has of it, and how more is taken in. */
    private record Held<T>(TableForm<T> form, List<T> known, BiConsumer<UUID, List<T>> take) {
        TableReading<T> read(TableDraft draft, Map<String, String> chosen, boolean monthFirst) {
            return TableReading.of(draft.content(), form, chosen, monthFirst, known);
        }
    }

    private Held<?> held(UUID keeper, UUID tank, TankPlan plan, TableDraft.Kind kind) {
        return switch (kind) {
            case LOG ->
                new Held<>(
                        new LogTable(plan.residents(), plan.species(catalogue)),
                        plan.log(),
                        (draft, rows) -> tables.takeLog(keeper, tank, draft, rows));
            case TESTS ->
                new Held<>(
                        new TestTable(),
                        plan.waterTests(),
                        (draft, rows) -> tables.takeTests(keeper, tank, draft, rows));
            case LOSSES ->
                new Held<>(
                        new LossTable(plan.residents(), plan.species(catalogue)),
                        plan.losses(),
                        (draft, rows) -> tables.takeLosses(keeper, tank, draft, rows));
        };
    }

    private static <T> String written(Held<T> held) {
        return TableWriting.of(held.known(), held.form());
    }

    private static <T> void show(
            Held<T> held, TableDraft draft, Map<String, String> chosen, boolean monthFirst, Model model) {
        TableReading<T> reading = held.read(draft, chosen, monthFirst);
        model.addAttribute(
                "columns",
                held.form().columns().stream()
                        .map(column -> new ColumnView(
                                column.name(),
                                column.words(),
                                column.required(),
                                reading.matched().getOrDefault(column.name(), "")))
                        .toList());
        model.addAttribute("headings", reading.headings());
        model.addAttribute(
                "missing", reading.missing().stream().map(one -> one.words()).toList());
        model.addAttribute("rows", reading.lines().size());
        model.addAttribute("fresh", reading.values().size());
        model.addAttribute("known", reading.known());
        model.addAttribute(
                "samples",
                reading.values().stream()
                        .limit(SHOWN)
                        .map(held.form()::write)
                        .map(TablesController::words)
                        .toList());
        var faults = reading.faults();
        model.addAttribute("faultCount", faults.size());
        model.addAttribute(
                "faults",
                faults.stream()
                        .limit(FAULTS_SHOWN)
                        .map(line -> new FaultView(line.number(), line.fault()))
                        .toList());
    }

    private static String words(Map<String, String> cells) {
        return cells.entrySet().stream()
                .filter(cell -> !cell.getKey().equals("id"))
                .map(cell -> cell.getKey().replace('_', ' ') + " " + cell.getValue())
                .collect(Collectors.joining(" · "));
    }

    /** Takes in what can be read; rows with a fault stay out, and rows that are here already change nothing. */
    @PostMapping("/{draft}/take")
    String take(
            Here here,
            @PathVariable UUID draft,
            @RequestParam Map<String, String> asked,
            @RequestParam(defaultValue = "false") boolean monthFirst) {
        TableDraft found = tables.get(here.keeper(), here.tank(), draft);
        if (!found.isFinished()) {
            Held<?> held = held(here.keeper(), here.tank(), tanks.plan(here.keeper(), here.tank()), found.kind());
            jobs.begin(draft, () -> take(here.keeper(), here.tank(), held, found, chosen(asked), monthFirst));
        }
        return "redirect:" + path(here.tank(), draft);
    }

    private <T> void take(
            UUID keeper, UUID tankId, Held<T> held, TableDraft draft, Map<String, String> chosen, boolean monthFirst) {
        List<T> values = held.read(draft, chosen, monthFirst).values();
        tables.begin(keeper, tankId, draft.id(), values.size());
        held.take().accept(draft.id(), values);
    }

    private static Map<String, String> chosen(Map<String, String> asked) {
        Map<String, String> chosen = new HashMap<>();
        asked.forEach((name, heading) -> {
            if (name.startsWith(MATCH)) {
                chosen.put(
                        name.substring(MATCH.length()),
                        Optional.ofNullable(heading).orElse(""));
            }
        });
        return chosen;
    }

    @PostMapping("/{draft}/undo")
    String undo(Here here, @PathVariable UUID draft, RedirectAttributes redirect) {
        tables.undo(here.keeper(), here.tank(), draft);
        Undo.say(redirect, "Everything the table had brought in is taken out again.");
        return "redirect:/tanks/" + here.tank() + "/tables";
    }

    private static String path(UUID tankId, UUID draft) {
        return "/tanks/" + tankId + "/tables/" + draft;
    }
}
