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
import org.pelluna.core.species.Catalogue;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** An invented keeper with invented tanks, offered at sign-in when the application is started as a demo. */
@Component
@ConditionalOnBooleanProperty("pelluna.demo")
public class DemoKeeper implements ApplicationRunner {
    static final String USERNAME = "demo";
    private static final List<String> DISPLAYS = List.of("skerry-reef", "window-lagoon");

    /** Its fish are bound for displays, which it names as the files do. */
    private static final String QUARANTINE = "side-room";

    private final Keepers keepers;
    private final TankStore tanks;
    private final Catalogue catalogue;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final String username;

    @Autowired
    DemoKeeper(
            Keepers keepers,
            TankStore tanks,
            Catalogue catalogue,
            PasswordEncoder passwords,
            Clock clock,
            TransactionTemplate transaction) {
        this(keepers, tanks, catalogue, passwords, clock, transaction, USERNAME);
    }

    /** A demo keeper of another name. */
    DemoKeeper(
            Keepers keepers,
            TankStore tanks,
            Catalogue catalogue,
            PasswordEncoder passwords,
            Clock clock,
            TransactionTemplate transaction,
            String username) {
        this.username = username;
        this.keepers = keepers;
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.passwords = passwords;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** The demo keeper. */
    public KeeperRow keeper() {
        return keepers.findByUsername(username).orElseThrow();
    }

    @Override
    public void run(ApplicationArguments arguments) {
        transaction.executeWithoutResult(status -> {
            // Two servers that start at once on one empty database make one demo keeper.
            keepers.alone(username);
            if (keepers.findByUsername(username).isEmpty()) {
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
                new KeeperRow(UUID.randomUUID(), username, "Marit Vestergaard-Lund", password, clock.instant()));
        String quarantine = text(QUARANTINE);
        for (String name : DISPLAYS) {
            UUID id = add(keeper, text(name));
            quarantine = quarantine.replace('"' + name + '"', '"' + id.toString() + '"');
        }
        add(keeper, quarantine);
    }

    private UUID add(KeeperRow keeper, String text) {
        try {
            return tanks.add(keeper.id(), DemoDates.moved(PlanFile.read(text, catalogue), LocalDate.now(clock)));
        } catch (PlanFileException e) {
            throw new IllegalStateException("a demo plan cannot be read", e);
        }
    }

    static String text(String name) {
        try {
            return new ClassPathResource("demo/" + name + ".json").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException("the demo plan " + name + " cannot be read", e);
        }
    }
}
