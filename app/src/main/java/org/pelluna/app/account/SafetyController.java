package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.pelluna.app.account.RecoveryMethods.Purpose;
import org.pelluna.app.post.Outbox;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.web.RefusedException;
import org.springframework.beans.propertyeditors.StringTrimmerEditor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What keeps an account safe. Whatever could shut its keeper out asks for the password once more. */
@Controller
class SafetyController {
    static final Duration GRACE = Duration.ofDays(7);

    /** In the session of who is about to share a key with an authenticator. */
    static final String NEW_KEY = "pelluna-new-key";

    private static final String HOME = "redirect:/account";
    private static final String ADDRESS = "[^@\\s\\p{Cntrl}]{1,64}@[A-Za-z0-9][A-Za-z0-9.-]{1,99}";

    private final Accounts accounts;
    private final SignInAttempts guesses;
    private final Devices devices;
    private final RecoveryMethods waysBack;
    private final SecondFactor secondFactor;
    private final Outbox outbox;
    private final Addresses addresses;
    private final Clock clock;

    SafetyController(
            Accounts accounts,
            SignInAttempts guesses,
            Devices devices,
            RecoveryMethods waysBack,
            SecondFactor secondFactor,
            Outbox outbox,
            Addresses addresses,
            Clock clock) {
        this.accounts = accounts;
        this.guesses = guesses;
        this.devices = devices;
        this.waysBack = waysBack;
        this.secondFactor = secondFactor;
        this.outbox = outbox;
        this.addresses = addresses;
        this.clock = clock;
    }

    /** An empty field is an empty text here, not none. */
    @InitBinder
    void fields(WebDataBinder binder) {
        binder.registerCustomEditor(String.class, new StringTrimmerEditor(false));
    }

    /** The keeper, if this is their password; each wrong one counts as a guess. */
    private KeeperRow sure(KeeperPrincipal who, HttpServletRequest request, String password) {
        KeeperRow keeper = accounts.get(who.id());
        SignInAttempts.Try one = new SignInAttempts.Try(
                "own " + who.id(),
                request.getRemoteAddr(),
                Optional.of(session(request).orElse("")));
        if (guesses.begin(one).isPresent()) {
            throw new RefusedException("the password was wrong too often; try again in some minutes");
        }
        if (accounts.withPassword(keeper.username(), password).isEmpty()) {
            throw new RefusedException("that is not your password");
        }
        guesses.right(one);
        return keeper;
    }

    static Optional<String> session(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false)).map(HttpSession::getId);
    }

    @PostMapping("/account/password")
    String password(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String password) {
        KeeperRow keeper = sure(who, request, current);
        accounts.fault(password, keeper.username(), keeper.displayName()).ifPresent(fault -> {
            throw new RefusedException(Character.toLowerCase(fault.charAt(0)) + fault.substring(1, fault.length() - 1));
        });
        accounts.change(keeper, password, session(request));
        return HOME + "?password";
    }

    @PostMapping("/account/codes")
    String codes(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            RedirectAttributes next,
            @RequestParam(defaultValue = "") String current) {
        next.addFlashAttribute(
                "newCodes", waysBack.newCodes(sure(who, request, current).id()));
        return HOME;
    }

    /** Begins to share a key; it counts once a code made from it was given. */
    @PostMapping("/account/second-factor/begin")
    String begin(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String current) {
        sure(who, request, current);
        request.getSession().setAttribute(NEW_KEY, SecondFactor.newKey());
        return HOME + "#second-factor";
    }

    @PostMapping("/account/second-factor")
    String share(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String code) {
        if (!(request.getSession().getAttribute(NEW_KEY) instanceof String key)) {
            throw new RefusedException("begin again with your password");
        }
        if (!secondFactor.accepts(who.id(), key, code)) {
            throw new RefusedException("this is not the current code; check the clock of your device");
        }
        String kept = secondFactor.kept(who.id(), key);
        accounts.update(who.id(), keeper -> keeper.secondFactorIs(kept));
        AuditTrail.note("a second factor is asked for from now on", who.id());
        request.getSession().removeAttribute(NEW_KEY);
        devices.endAll(who.getUsername(), session(request));
        return HOME + "?second";
    }

    @PostMapping("/account/second-factor/end")
    String end(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String current) {
        sure(who, request, current);
        accounts.update(who.id(), keeper -> keeper.secondFactorIs(null));
        AuditTrail.note("no second factor is asked for any more", who.id());
        request.getSession().removeAttribute(NEW_KEY);
        return HOME + "?second";
    }

    @PostMapping("/account/devices/end")
    String endDevice(@AuthenticationPrincipal KeeperPrincipal who, @RequestParam String device) {
        devices.end(who.getUsername(), device);
        return HOME + "?device";
    }

    @PostMapping("/account/devices/end-all")
    String endDevices(@AuthenticationPrincipal KeeperPrincipal who, HttpServletRequest request) {
        devices.endAll(who.getUsername(), session(request));
        return HOME + "?device";
    }

    /** An address counts once the link that is sent to it was followed. */
    @PostMapping("/account/mail")
    String mail(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String address) {
        KeeperRow keeper = sure(who, request, current);
        if (!address.matches(ADDRESS)) {
            throw new RefusedException("an address looks like ylva@slipway.example");
        }
        String link = addresses.of("/confirm-mail/" + waysBack.newLink(who.id(), Purpose.ADDRESS, address));
        outbox.write(
                keeper.id(),
                address,
                "Pelluna: is this your address?",
                "Follow this link within half an hour, and letters to " + keeper.username() + " come here: " + link
                        + "\n");
        return HOME + "?asked";
    }

    @PostMapping("/account/notices")
    String notices(@AuthenticationPrincipal KeeperPrincipal who, @RequestParam(defaultValue = "false") boolean wished) {
        accounts.update(who.id(), keeper -> keeper.noticesByMail(wished));
        return HOME + "?saved";
    }

    @PostMapping("/account/close")
    String close(
            @AuthenticationPrincipal KeeperPrincipal who,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String current) {
        KeeperRow keeper = sure(who, request, current);
        Instant when = clock.instant().plus(GRACE);
        accounts.update(who.id(), row -> row.closesAt(when));
        AuditTrail.note("leaves in a week", keeper.id());
        devices.endAll(keeper.username(), session(request));
        return HOME + "#close";
    }

    @PostMapping("/account/keep")
    String keep(@AuthenticationPrincipal KeeperPrincipal who) {
        accounts.update(who.id(), keeper -> keeper.closesAt(null));
        return HOME + "?kept";
    }
}
