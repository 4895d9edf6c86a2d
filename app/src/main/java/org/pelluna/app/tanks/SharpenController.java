package org.pelluna.app.tanks;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.assess.Sharpening;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What would sharpen the plan: its guesses by what they could change, each to be answered where it stands. */
@Controller
@RequestMapping("/tanks/{tankId}/sharpen")
class SharpenController {
    private final TankStore tanks;

    SharpenController(TankStore tanks) {
        this.tanks = tanks;
    }

    /** A guess and what it could change, ready to print. */
    record SharpeningView(GuessField field, String words) {}

    @GetMapping
    String page(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        TankAnswers answers = here.answers();
        List<Sharpening> all = answers.sharpenings();
        model.addAttribute("tank", row);
        model.addAttribute(
                "deciding", views(all.stream().filter(Sharpening::matters).toList(), row.tank(), here.measures()));
        model.addAttribute(
                "idle", views(all.stream().filter(one -> !one.matters()).toList(), row.tank(), here.measures()));
        model.addAttribute("idleTogether", answers.idleTogether());
        model.addAttribute("wishes", answers.plan().wishes().size());
        return "tanks/sharpen";
    }

    private static List<SharpeningView> views(List<Sharpening> some, Tank tank, Measures measures) {
        return some.stream()
                .map(one -> new SharpeningView(GuessField.of(one.guess(), tank, measures), one.words()))
                .toList();
    }

    /** Answers a guess; without a value it is as it was guessed. */
    @PostMapping
    String answer(
            Here here, @RequestParam Guess guess, @RequestParam Optional<Double> value, RedirectAttributes redirect) {
        tanks.change(here.keeper(), here.tank(), before -> {
            // Sent twice, or answered in another window meanwhile.
            if (!before.openGuesses().contains(guess)) {
                throw new RefusedException("this is no guess any more; the profile has it");
            }
            EnumSet<Guess> left = EnumSet.noneOf(Guess.class);
            before.guesses().stream().filter(one -> one != guess).forEach(left::add);
            if (guess.isUnknown() && value.isEmpty()) {
                throw new RefusedException("choose what you saw");
            }
            return value.map(entered -> answered(before, guess, entered, here.measures()))
                    .orElse(before)
                    .withGuesses(left);
        });
        Undo.say(redirect, "Saved.");
        return "redirect:/tanks/" + here.tank() + "/sharpen";
    }

    private static Tank answered(Tank before, Guess guess, double entered, Measures measures) {
        if (!guess.choices().isEmpty()) {
            return guess.with(before, entered).orElseThrow(() -> new RefusedException("choose what you saw"));
        }
        double value = GuessField.entered(guess, entered, before, measures);
        GuessField field = GuessField.of(guess, before, measures);
        // Twice beyond what is plausible is a slip of the hand or of the unit.
        if (!(value >= guess.low() / 2 && value <= guess.high() * 2)) {
            throw new RefusedException(
                    field.words() + " is usually " + field.low() + " to " + field.high() + " " + field.unit());
        }
        return guess.with(before, value)
                .orElseThrow(() -> new RefusedException("that much does not fit into this glass; enter less"));
    }
}
