package org.pelluna.app.species;

import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.OwnFigureStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.CorrectionFile;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.SpeciesFigure;
import org.pelluna.core.units.Numbers;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.RequestContextUtils;
import org.springframework.web.util.UriComponentsBuilder;

/** A keeper's own figures of species: entered beside the catalogue's, taken back, and sent to whoever looks after it. */
@Controller
class OwnFigureController {
    private final TankStore tanks;
    private final OwnFigureStore figures;
    private final Catalogue catalogue;
    private final Clock clock;

    /** What was typed and refused. */
    record Typed(SpeciesFigure figure, String value, String note) implements Serializable {}

    OwnFigureController(TankStore tanks, OwnFigureStore figures, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.figures = figures;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @PostMapping("/tanks/{tankId}/species/{speciesId}/figures")
    String put(
            Here here,
            @PathVariable String speciesId,
            @RequestParam SpeciesFigure figure,
            @RequestParam double value,
            @RequestParam String note,
            @RequestParam(required = false) List<String> seen,
            HttpServletRequest request,
            RedirectAttributes redirect) {
        tanks.get(here.keeper(), here.tank());
        SpeciesId id = new SpeciesId(speciesId);
        if (catalogue.find(id).isEmpty()) {
            throw new NotFoundException("species");
        }
        Correction one;
        try {
            one = keep(
                    here.keeper(),
                    seen,
                    id,
                    figure,
                    OwnFigureView.toCore(figure, value, here.measures()),
                    note.strip());
        } catch (RefusedException e) {
            // The page the refusal stands on has what was typed.
            RequestContextUtils.getOutputFlashMap(request)
                    .put("typed", new Typed(figure, Double.isFinite(value) ? Numbers.plain(value, 3) : "", note));
            throw e;
        }
        Undo.offer(
                redirect,
                "Yours counts now: " + figure.words() + " " + OwnFigureView.words(figure, one.value(), here.measures())
                        + ", in all your tanks.",
                address(here.tank(), speciesId) + "/" + figure.name() + "/remove");
        return "redirect:/tanks/" + here.tank() + "/species/" + speciesId + "#your-figures";
    }

    private Correction keep(
            UUID keeper, List<String> seen, SpeciesId id, SpeciesFigure figure, double value, String note) {
        Correction one;
        try {
            one = new Correction(id, figure, value, note, LocalDate.now(clock));
        } catch (IllegalArgumentException e) {
            throw new RefusedException(String.valueOf(e.getMessage()));
        }
        List<Correction> here = Stream.concat(
                        figures.of(keeper).stream()
                                .filter(other -> other.speciesId().equals(id) && other.figure() != figure),
                        Stream.of(one))
                .toList();
        List<String> faults = Correction.faults(here, catalogue);
        if (!faults.isEmpty()) {
            throw new RefusedException(String.join("; ", faults));
        }
        if (!figures.put(keeper, seen == null ? List.of() : seen, one)) {
            throw new RefusedException("so many figures of your own are enough; take one back first");
        }
        return one;
    }

    @PostMapping("/tanks/{tankId}/species/{speciesId}/figures/{figure}/remove")
    String remove(
            Here here,
            @PathVariable String speciesId,
            @PathVariable SpeciesFigure figure,
            RedirectAttributes redirect) {
        tanks.get(here.keeper(), here.tank());
        Correction was = figures.remove(here.keeper(), new SpeciesId(speciesId), figure);
        Undo.offer(
                redirect,
                "The catalogue’s figure counts again: " + figure.words() + ".",
                UriComponentsBuilder.fromPath(address(here.tank(), speciesId))
                        .queryParam("figure", figure)
                        .queryParam("value", OwnFigureView.fromCore(figure, was.value(), here.measures()))
                        .queryParam("note", "{note}")
                        .encode()
                        .buildAndExpand(was.note())
                        .toUriString());
        return "redirect:/tanks/" + here.tank() + "/species/" + speciesId + "#your-figures";
    }

    /** All of a keeper's figures as a small file for whoever looks after the catalogue. */
    @GetMapping("/figures.json")
    ResponseEntity<String> file(@AuthenticationPrincipal KeeperPrincipal keeper) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("pelluna-figures.json")
                                .build()
                                .toString())
                .body(CorrectionFile.write(figures.of(keeper.id())));
    }

    private static String address(UUID tankId, String speciesId) {
        return "/tanks/" + tankId + "/species/" + speciesId + "/figures";
    }
}
