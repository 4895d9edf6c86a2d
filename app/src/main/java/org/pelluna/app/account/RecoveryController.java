package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.pelluna.app.account.RecoveryMethods.Purpose;
import org.pelluna.app.post.Outbox;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.springframework.beans.propertyeditors.StringTrimmerEditor;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Back into an account whose password is lost: by a link sent by mail, or by a recovery code. No answer tells whether a name is taken. */
@Controller
class RecoveryController {
    private final Accounts accounts;
    private final Keepers keepers;
    private final SignInAttempts guesses;
    private final RecoveryMethods waysBack;
    private final Outbox outbox;
    private final Addresses addresses;
    private final StopNotices stopNotices;
    private final Clock clock;

    RecoveryController(
            Accounts accounts,
            Keepers keepers,
            SignInAttempts guesses,
            RecoveryMethods waysBack,
            Outbox outbox,
            Addresses addresses,
            StopNotices stopNotices,
            Clock clock) {
        this.accounts = accounts;
        this.keepers = keepers;
        this.guesses = guesses;
        this.waysBack = waysBack;
        this.outbox = outbox;
        this.addresses = addresses;
        this.stopNotices = stopNotices;
        this.clock = clock;
    }

    /** An empty field is an empty text here, not none. */
    @InitBinder
    void fields(WebDataBinder binder) {
        binder.registerCustomEditor(String.class, new StringTrimmerEditor(false));
    }

    @GetMapping("/recover")
    String recover() {
        return "account/recover";
    }

    @PostMapping("/recover")
    String mail(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(defaultValue = "") String username) {
        String name = Accounts.name(username);
        Optional<Instant> waits =
                guesses.begin(new SignInAttempts.Try("recover " + name, request.getRemoteAddr(), Optional.empty()));
        if (waits.isPresent()) {
            TooManyAttempts.tell(model, response, clock.instant(), waits.get());
            return "account/recover";
        }
        keepers.findByUsername(name).filter(keeper -> !keeper.isLocked()).ifPresent(this::write);
        model.addAttribute("written", true);
        return "account/recover";
    }

    private void write(KeeperRow keeper) {
        keeper.email().ifPresent(address -> {
            String link = addresses.of("/recover/" + waysBack.newLink(keeper.id(), Purpose.PASSWORD, ""));
            outbox.write(
                    keeper.id(),
                    address,
                    "Pelluna: a new password",
                    "We received a request for a new password for " + keeper.username()
                            + ".\n\nChoose one here, within half an hour: " + link
                            + "\n\nIf you did not ask for this, ignore this e-mail.\n");
        });
    }

    @PostMapping("/recover/code")
    String code(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(defaultValue = "") String username,
            @RequestParam(defaultValue = "") String code,
            @RequestParam(defaultValue = "") String password) {
        String name = Accounts.name(username);
        SignInAttempts.Try one = new SignInAttempts.Try("code " + name, request.getRemoteAddr(), Optional.empty());
        Optional<Instant> waits = guesses.begin(one);
        if (waits.isPresent()) {
            TooManyAttempts.tell(model, response, clock.instant(), waits.get());
            return "account/recover";
        }
        Optional<String> fault = accounts.fault(password, name, "");
        Optional<KeeperRow> keeper = keepers.findByUsername(name).filter(row -> !row.isLocked());
        if (fault.isPresent()
                || keeper.filter(row -> waysBack.useCode(row.id(), code)).isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute(fault.isPresent() ? "passwordFault" : "codeFault", fault.orElse("yes"));
            AuditTrail.note("a way back was refused");
            return "account/recover";
        }
        guesses.right(one);
        accounts.change(keeper.get(), password, Optional.empty());
        return "redirect:/sign-in?changed";
    }

    @GetMapping("/recover/{token}")
    String choose(Model model, @PathVariable String token) {
        model.addAttribute("token", token);
        model.addAttribute("late", waysBack.link(token, Purpose.PASSWORD).isEmpty());
        return "account/new-password";
    }

    @PostMapping("/recover/{token}")
    String choose(
            Model model,
            HttpServletResponse response,
            @PathVariable String token,
            @RequestParam(defaultValue = "") String password) {
        Optional<RecoveryMethods.Link> link = waysBack.link(token, Purpose.PASSWORD);
        Optional<KeeperRow> keeper = link.map(one -> accounts.get(one.keeper())).filter(row -> !row.isLocked());
        if (keeper.isEmpty()) {
            return choose(model, token);
        }
        Optional<String> fault =
                accounts.fault(password, keeper.get().username(), keeper.get().displayName());
        if (fault.isPresent()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("token", token);
            model.addAttribute("passwordFault", fault.get());
            return "account/new-password";
        }
        if (waysBack.useLink(token, Purpose.PASSWORD).isEmpty()) {
            return choose(model, token);
        }
        accounts.change(keeper.get(), password, Optional.empty());
        return "redirect:/sign-in?changed";
    }

    @GetMapping("/confirm-mail/{token}")
    String confirm(Model model, @PathVariable String token) {
        model.addAttribute("token", token);
        model.addAttribute(
                "address",
                waysBack.link(token, Purpose.ADDRESS)
                        .map(RecoveryMethods.Link::detail)
                        .orElse(null));
        return "account/confirm-mail";
    }

    @PostMapping("/confirm-mail/{token}")
    String confirmed(Model model, @PathVariable String token) {
        Optional<RecoveryMethods.Link> link = waysBack.useLink(token, Purpose.ADDRESS);
        if (link.isEmpty()) {
            return confirm(model, token);
        }
        accounts.update(link.get().keeper(), keeper -> keeper.mailTo(link.get().detail()));
        return "redirect:/account?mail";
    }

    @GetMapping("/notices/stop/{token}")
    String stop(Model model, @PathVariable String token) {
        model.addAttribute("token", token);
        return "account/stop-notices";
    }

    /** One press, in the letter or here; the signed link is enough, since programs for mail bring no form's token along. */
    @PostMapping("/notices/stop/{token}")
    String stopped(Model model, HttpServletResponse response, @PathVariable String token) {
        boolean stopped = stopNotices.stop(token);
        if (!stopped) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
        }
        model.addAttribute("token", token);
        model.addAttribute("stopped", stopped);
        return "account/stop-notices";
    }
}
