package org.pelluna.app.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.PackageStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.HeavyWork;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Pictures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.DataPackage;
import org.pelluna.core.plan.Fault;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Tank plans out to an open file and in again. */
@Controller
class ExchangeController {
    private static final int MOST_FAULTS_SHOWN = 20;

    /** Photographs a request may make anew; more are a job of their own. */
    private static final int FEW = 6;

    private final TankStore tanks;
    private final Catalogue catalogue;
    private final JournalStore journal;
    private final HeavyWork heavy;
    private final PackageStore packages;
    private final PackageJobs jobs;

    ExchangeController(
            TankStore tanks,
            Catalogue catalogue,
            JournalStore journal,
            HeavyWork heavy,
            PackageStore packages,
            PackageJobs jobs) {
        this.packages = packages;
        this.jobs = jobs;
        this.heavy = heavy;
        this.journal = journal;
        this.tanks = tanks;
        this.catalogue = catalogue;
    }

    @GetMapping("/tanks/{tankId}/plan.json")
    ResponseEntity<String> export(Here here) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        String name = plan.tank().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        ContentDisposition download = ContentDisposition.attachment()
                .filename("pelluna-" + name + "-" + plan.asOf() + ".json")
                .build();
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "json", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, download.toString())
                .body(PlanFile.write(plan));
    }

    /** The whole tank as a data package, photographs included. */
    @GetMapping("/tanks/{tankId}/tank.zip")
    ResponseEntity<byte[]> pack(Here here) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        String name = plan.tank().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("pelluna-" + name + "-" + plan.asOf() + ".zip")
                                .build()
                                .toString())
                .body(DataPackage.write(plan, journal.photos(here.keeper(), here.tank())));
    }

    @GetMapping("/import")
    String page(Model model) {
        model.addAttribute("key", FormKey.fresh());
        return "exchange/import";
    }

    /** Reads a plan file into a new tank; a file with a fault changes nothing. */
    @PostMapping("/import")
    String read(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @RequestParam MultipartFile file,
            @RequestParam Optional<String> key,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response)
            throws IOException {
        heavy.begin(keeper.id());
        try {
            byte[] bytes = file.getBytes();
            boolean zip = bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
            DataPackage.Contents contents = zip
                    ? DataPackage.read(bytes, catalogue)
                    : new DataPackage.Contents(PlanFile.read(text(bytes), catalogue), Map.of());
            TankPlan plan = contents.plan();
            if (contents.photos().size() > FEW) {
                UUID job = packages.bring(
                        keeper.id(),
                        UUID.fromString(key.map(FormKey::checked).orElseGet(FormKey::fresh)),
                        bytes,
                        contents.photos().size());
                jobs.begin(keeper.id(), job);
                return "redirect:/import/" + job;
            }
            // Every photograph is made anew before anything is stored: one that cannot be read turns the whole file
            // back.
            Map<String, byte[]> photographs = new TreeMap<>();
            List<String> unreadable = new ArrayList<>();
            contents.photos().forEach((name, sent) -> {
                try {
                    photographs.put(name, Pictures.jpeg(sent));
                } catch (IllegalArgumentException e) {
                    unreadable.add("photographs/" + name + ": " + e.getMessage());
                }
            });
            if (!unreadable.isEmpty()) {
                return refused(model, response, unreadable);
            }
            UUID id = tanks.add(keeper.id(), plan, photographs);
            Undo.offer(redirect, plan.tank().name() + " is imported." + withFigures(plan), "/tanks/" + id + "/remove");
            return "redirect:/tanks/" + id;
        } catch (PlanFileException e) {
            return refused(
                    model, response, e.faults().stream().map(Fault::toString).toList());
        } catch (CharacterCodingException e) {
            return refused(model, response, List.of("the file is no text in UTF-8"));
        } finally {
            heavy.end(keeper.id());
        }
    }

    /** How far a package with many photographs is. */
    @GetMapping("/import/{job}")
    String job(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID job,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        model.addAttribute("job", packages.get(keeper.id(), job));
        return part ? "exchange/taken-in :: progress" : "exchange/taken-in";
    }

    /** Goes on with one that a stopped server left. */
    @PostMapping("/import/{job}/go")
    String goOn(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID job) {
        if (!packages.get(keeper.id(), job).isOver()) {
            jobs.begin(keeper.id(), job);
        }
        return "redirect:/import/" + job;
    }

    /** Figures of species that came along count in all tanks: that is never silent. */
    private static String withFigures(TankPlan plan) {
        return plan.corrections().isEmpty()
                ? ""
                : " The file brings its keeper’s own figures of species; where you had none, they count in all your tanks"
                        + " until you take them back on the species’ pages, or remove this tank.";
    }

    private static String refused(Model model, HttpServletResponse response, List<String> faults) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("faults", faults.stream().limit(MOST_FAULTS_SHOWN).toList());
        model.addAttribute("more", Math.max(0, faults.size() - MOST_FAULTS_SHOWN));
        return "exchange/import";
    }

    private static String text(byte[] bytes) throws IOException {
        return StandardCharsets.UTF_8
                .newDecoder()
                .decode(ByteBuffer.wrap(bytes))
                .toString();
    }
}
