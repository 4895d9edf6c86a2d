package org.pelluna.app.web;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.thymeleaf.context.LazyContextVariable;

/** Gives handlers their {@link Here}. {@link TankGate} has looked before whether the tank is the keeper's. */
@Configuration
class HereArgument implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private final TankCache cache;
    private final TankStore tanks;

    HereArgument(TankCache cache, TankStore tanks) {
        this.cache = cache;
        this.tanks = tanks;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Here.class;
    }

    @Override
    public Here resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        Object variables =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        if (signedIn == null
                || !(signedIn.getPrincipal() instanceof SignedInKeeper keeper)
                || container == null
                || !(variables instanceof Map<?, ?> path)
                || !(path.get("tankId") instanceof String tank)) {
            throw new NotFoundException("tank");
        }
        // The frame has put the units into the model before any handler is called.
        Measures measures = container.getModel().get("measures") instanceof Measures units ? units : Measures.METRIC;
        UUID tankId = UUID.fromString(tank);
        // Every page of a tank names it. A removed tank has no pages; what is sent may bring it back.
        if (!container.containsAttribute("tank")) {
            boolean page = "GET"
                    .equals(requireNonNull(request.getNativeRequest(HttpServletRequest.class))
                            .getMethod());
            container.addAttribute(
                    "tank",
                    page
                            ? tanks.get(keeper.id(), tankId)
                            : new LazyContextVariable<TankRow>() {
                                @Override
                                protected TankRow loadValue() {
                                    return tanks.get(keeper.id(), tankId);
                                }
                            });
        }
        return new Here(keeper.id(), tankId, measures, cache);
    }
}
