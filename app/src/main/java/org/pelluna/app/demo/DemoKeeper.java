package org.pelluna.app.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** An invented keeper with two invented tanks, offered at sign-in when the application is started as a demo. */
@Component
@ConditionalOnBooleanProperty("pelluna.demo")
public class DemoKeeper implements ApplicationRunner {
    static final String USERNAME = "demo";
    private static final List<String> PLANS = List.of("demo/skerry-reef.json", "demo/window-lagoon.json");

    private final Keepers keepers;
    private final TankStore tanks;
    private final Catalogue catalogue;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoKeeper(
            Keepers keepers,
            TankStore tanks,
            Catalogue catalogue,
            PasswordEncoder passwords,
            Clock clock,
            TransactionTemplate transaction) {
        this.keepers = keepers;
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.passwords = passwords;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** The demo keeper. */
    public KeeperRow keeper() {
        return keepers.findByUsername(USERNAME).orElseThrow();
    }

    @Override
    public void run(ApplicationArguments arguments) {
        transaction.executeWithoutResult(status -> {
            if (keepers.findByUsername(USERNAME).isEmpty()) {
                load();
            }
        });
    }

    /** Nobody knows the password: the demo keeper is entered by its button only. */
    private void load() {
        byte[] random = new byte[24];
        new SecureRandom().nextBytes(random);
        String password = passwords.encode(HexFormat.of().formatHex(random));
        KeeperRow keeper = keepers.saveAndFlush(
                new KeeperRow(UUID.randomUUID(), USERNAME, "Marit Vestergaard-Lund", password, clock.instant()));
        PLANS.forEach(file -> tanks.add(keeper.id(), DemoDates.moved(read(file), LocalDate.now(clock))));
    }

    private TankPlan read(String file) {
        try {
            return PlanFile.read(new ClassPathResource(file).getContentAsString(StandardCharsets.UTF_8), catalogue);
        } catch (IOException | PlanFileException e) {
            throw new IllegalStateException("the demo plan " + file + " cannot be read", e);
        }
    }
}
