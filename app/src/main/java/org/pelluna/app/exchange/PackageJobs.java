package org.pelluna.app.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.storage.FullException;
import org.pelluna.app.storage.PackageStore;
import org.pelluna.app.web.Pictures;
import org.pelluna.core.plan.DataPackage;
import org.pelluna.core.plan.Fault;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Component;

/**
 * Takes packages in, one after the other, a photograph at a time: each is made anew before anything of the tank is stored, and one that
 * cannot be read turns the whole package back. What a stopped server leaves undone goes on where it was.
 */
@Component
class PackageJobs {
    private final PackageStore packages;
    private final Jobs jobs;
    private final Catalogue catalogue;

    PackageJobs(PackageStore packages, Jobs jobs, Catalogue catalogue) {
        this.packages = packages;
        this.jobs = jobs;
        this.catalogue = catalogue;
    }

    /** Begins a job, or goes on with it, unless it runs here already. */
    void begin(UUID keeper, UUID id) {
        packages.moved(keeper, id);
        jobs.begin(id, () -> packages.content(keeper, id).ifPresent(content -> take(keeper, id, content)));
    }

    private void take(UUID keeper, UUID id, byte[] content) {
        Set<String> ready = packages.ready(keeper, id);
        List<String> unreadable = new ArrayList<>();
        try {
            DataPackage.eachPhoto(content, (key, sent) -> {
                if (!ready.contains(key)) {
                    try {
                        packages.ready(keeper, id, key, Pictures.jpeg(sent));
                    } catch (IllegalArgumentException e) {
                        unreadable.add("photographs/" + key + ": " + e.getMessage());
                    }
                }
            });
            if (unreadable.isEmpty()) {
                packages.finish(keeper, id, DataPackage.plan(content, catalogue));
            } else {
                packages.refuse(keeper, id, unreadable);
            }
        } catch (PlanFileException e) {
            packages.refuse(keeper, id, e.faults().stream().map(Fault::toString).toList());
        } catch (FullException e) {
            packages.refuse(keeper, id, List.of(e.getMessage()));
        }
    }
}
