package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankStore;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Whoever asks for a page below {@code /tanks/{tankId}} is its keeper, or it is not there. Looked at before anything that was sent is read,
 * so that another's tank answers the same to every request. Storage asks again, under the keeper's id, for every row it touches.
 */
@Configuration
class TankGate implements HandlerInterceptor, WebMvcConfigurer {
    private final TankStore tanks;

    TankGate(TankStore tanks) {
        this.tanks = tanks;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/tanks/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables
                && variables.get("tankId") instanceof String tankId
                && !isTheirs(tankId)) {
            throw new NotFoundException("tank");
        }
        return true;
    }

    private boolean isTheirs(String tankId) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        try {
            return signedIn != null
                    && signedIn.getPrincipal() instanceof SignedInKeeper keeper
                    && tanks.isOf(keeper.id(), UUID.fromString(tankId));
        } catch (IllegalArgumentException noUuid) {
            return false;
        }
    }
}
