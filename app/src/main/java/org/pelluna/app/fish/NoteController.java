package org.pelluna.app.fish;

import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Pictures;
import org.pelluna.app.web.Undo;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Words, a photograph or a spawning of one fish. */
@Controller
class NoteController {
    private final FishNotes notes;

    NoteController(FishNotes notes) {
        this.notes = notes;
    }

    @PostMapping("/tanks/{tankId}/fish/{key}/note")
    String note(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam(defaultValue = "false") boolean spawned,
            @RequestParam Optional<String> note,
            @RequestParam(required = false) MultipartFile photo,
            RedirectAttributes redirect)
            throws IOException {
        String id = FormKey.checked(form);
        notes.add(
                here.keeper(),
                here.tank(),
                id,
                key,
                on,
                spawned,
                note.map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .map(text -> text.substring(0, Math.min(1000, text.length()))),
                Pictures.sent(photo));
        Undo.offer(redirect, "Noted.", "/tanks/" + here.tank() + "/watch/" + id + "/remove");
        return "redirect:/tanks/" + here.tank() + "/fish/" + key;
    }
}
