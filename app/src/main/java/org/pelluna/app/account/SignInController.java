package org.pelluna.app.account;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.demo.DemoKeeper;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.Measures;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.beans.propertyeditors.StringTrimmerEditor;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.savedrequest.SavedRequest;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Signing up, and in: by name and password, and by a second factor where the keeper has one. */
@Controller
class SignInController {
    /** Species shown on the sign-in page. */
    private static final int FRIEZE = 12;

    /** A shark to the same scale would leave specks of all others. */
    private static final double LONGEST_SHOWN_CM = 40;

    /** In the session of who has given the password and not yet the code. */
    private static final String WAITING = "pelluna-waiting";

    private static final Duration CODE_WAITS = Duration.ofMinutes(5);

    private final Accounts accounts;
    private final SignInAttempts guesses;
    private final Devices devices;
    private final SecondFactor secondFactor;
    private final RecoveryMethods waysBack;
    private final Site site;
    private final RequestCache wanted;
    private final Optional<DemoKeeper> demo;
    private final Catalogue catalogue;
    private final Clock clock;

    SignInController(
            Accounts accounts,
            SignInAttempts guesses,
            Devices devices,
            SecondFactor secondFactor,
            RecoveryMethods waysBack,
            Site site,
            RequestCache wanted,
            Optional<DemoKeeper> demo,
            Catalogue catalogue,
            Clock clock) {
        this.accounts = accounts;
        this.guesses = guesses;
        this.devices = devices;
        this.secondFactor = secondFactor;
        this.waysBack = waysBack;
        this.site = site;
        this.wanted = wanted;
        this.demo = demo;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** An empty field is an empty text here, not none. */
    @InitBinder
    void fields(WebDataBinder binder) {
        binder.registerCustomEditor(String.class, new StringTrimmerEditor(false));
    }

    @GetMapping("/sign-in")
    String signIn(Model model, @AuthenticationPrincipal KeeperPrincipal keeper) {
        return keeper == null ? page(model) : "redirect:/today";
    }

    private String page(Model model) {
        model.addAttribute("demoOffered", demo.isPresent());
        model.addAttribute("signUpOpen", site.isSignUpOpen());
        List<Species> shown = catalogue.all().stream()
                .filter(one -> one.size().adultCm().value() <= LONGEST_SHOWN_CM)
                .toList();
        model.addAttribute("frieze", Portraits.frieze(shown, FRIEZE));
        model.addAttribute("catalogueNote", catalogueNote());
        return "account/sign-in";
    }

    private String catalogueNote() {
        var saleLengths = catalogue.all().stream()
                .mapToDouble(species -> species.size().saleCm().value())
                .summaryStatistics();
        return "From the catalogue of " + catalogue.all().size()
                + " species: grown fish, all to one scale. In the shop they are "
                + Measures.METRIC.lengthOf(saleLengths.getMin()) + " to "
                + Measures.METRIC.lengthOf(saleLengths.getMax()) + " long.";
    }

    @PostMapping("/sign-in")
    String signIn(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(defaultValue = "") String username,
            @RequestParam(defaultValue = "") String password) {
        String name = Accounts.name(username);
        SignInAttempts.Try one =
                new SignInAttempts.Try("sign-in " + name, request.getRemoteAddr(), devices.known(request, name));
        Optional<Instant> waits = guesses.begin(one);
        if (waits.isPresent()) {
            TooManyAttempts.tell(model, response, clock.instant(), waits.get());
            return page(model);
        }
        Optional<KeeperRow> keeper = accounts.withPassword(name, password);
        if (keeper.isEmpty()) {
            AuditTrail.note("a sign-in was refused");
            return "redirect:/sign-in?refused";
        }
        guesses.right(one);
        if (keeper.get().isLocked()) {
            return "redirect:/sign-in?locked";
        }
        if (keeper.get().secondFactor().isPresent()) {
            HttpSession session = request.getSession();
            request.changeSessionId();
            session.setAttribute(
                    WAITING, keeper.get().id() + " " + clock.instant().plus(CODE_WAITS));
            return "redirect:/sign-in/code";
        }
        return in(keeper.get(), request, response);
    }

    /** Signs in, and leads to the page that was asked for, if it was one of ours. */
    private String in(KeeperRow keeper, HttpServletRequest request, HttpServletResponse response) {
        SavedRequest asked = wanted.getRequest(request, response);
        accounts.signIn(keeper, request, response);
        if (asked == null) {
            return "redirect:/today";
        }
        wanted.removeRequest(request, response);
        URI address = URI.create(asked.getRedirectUrl());
        return "redirect:" + address.getRawPath() + (address.getRawQuery() == null ? "" : "?" + address.getRawQuery());
    }

    /** The keeper who has given the password a short while ago. */
    private Optional<KeeperRow> waiting(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session == null || !(session.getAttribute(WAITING) instanceof String note)) {
            return Optional.empty();
        }
        String[] parts = note.split(" ");
        return Instant.parse(parts[1]).isAfter(clock.instant())
                ? Optional.of(accounts.get(UUID.fromString(parts[0])))
                : Optional.empty();
    }

    @GetMapping("/sign-in/code")
    String code(HttpServletRequest request) {
        return waiting(request).isPresent() ? "account/code" : "redirect:/sign-in?late";
    }

    @PostMapping("/sign-in/code")
    String code(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(defaultValue = "") String code) {
        Optional<KeeperRow> waiting = waiting(request);
        if (waiting.isEmpty()) {
            return "redirect:/sign-in?late";
        }
        KeeperRow keeper = waiting.get();
        SignInAttempts.Try one = new SignInAttempts.Try(
                "code " + keeper.id(), request.getRemoteAddr(), devices.known(request, keeper.username()));
        Optional<Instant> waits = guesses.begin(one);
        if (waits.isPresent()) {
            TooManyAttempts.tell(model, response, clock.instant(), waits.get());
            return "account/code";
        }
        boolean right = keeper.secondFactor()
                        .filter(kept -> secondFactor.acceptsByKept(keeper.id(), kept, code))
                        .isPresent()
                || waysBack.useCode(keeper.id(), code);
        if (!right) {
            AuditTrail.note("a second factor was refused", keeper.id());
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("wrong", true);
            return "account/code";
        }
        guesses.right(one);
        request.getSession().removeAttribute(WAITING);
        return in(keeper, request, response);
    }

    @PostMapping("/sign-in/demo")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        DemoKeeper offered = demo.orElseThrow(() -> new NotFoundException("demo keeper"));
        accounts.signIn(offered.keeper(), request, response);
        return "redirect:/today";
    }

    @GetMapping("/sign-up")
    String signUp(Model model, @ModelAttribute("form") SignUpForm form) {
        model.addAttribute("signUpOpen", site.isSignUpOpen());
        return "account/sign-up";
    }

    @PostMapping("/sign-up")
    String signUp(
            Model model,
            @Valid @ModelAttribute("form") SignUpForm form,
            BindingResult faults,
            RedirectAttributes next,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!site.isSignUpOpen()) {
            response.setStatus(HttpStatus.FORBIDDEN.value());
            return signUp(model, form);
        }
        if (!faults.hasErrors()) {
            accounts.fault(
                            requireNonNull(form.password),
                            requireNonNull(form.username),
                            requireNonNull(form.displayName))
                    .ifPresent(fault -> faults.rejectValue("password", "common", fault));
        }
        if (!faults.hasErrors()) {
            Optional<KeeperRow> created = accounts.create(
                    requireNonNull(form.username), requireNonNull(form.displayName), requireNonNull(form.password));
            if (created.isPresent()) {
                accounts.signIn(created.get(), request, response);
                next.addFlashAttribute(
                        "newCodes", waysBack.newCodes(created.get().id()));
                response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
                return "redirect:/voyage";
            }
            faults.rejectValue("username", "taken", "This name is taken; please choose another.");
        }
        return signUp(model, form);
    }
}
