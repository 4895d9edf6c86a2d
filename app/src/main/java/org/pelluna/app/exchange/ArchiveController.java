package org.pelluna.app.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.DataPackage;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Everything of a keeper as one archive: the account, the mailbox, and each tank as a data package that can be imported again. */
@Controller
class ArchiveController {
    private final Keepers keepers;
    private final TankStore tanks;
    private final JournalStore journal;
    private final Mailbox mailbox;
    private final Clock clock;

    ArchiveController(Keepers keepers, TankStore tanks, JournalStore journal, Mailbox mailbox, Clock clock) {
        this.keepers = keepers;
        this.tanks = tanks;
        this.journal = journal;
        this.mailbox = mailbox;
        this.clock = clock;
    }

    /** Written as it is read, one tank at a time: it may be large. */
    @GetMapping("/account/everything.zip")
    void everything(@AuthenticationPrincipal KeeperPrincipal who, HttpServletResponse response) throws IOException {
        KeeperRow keeper = keepers.findById(who.id()).orElseThrow(() -> new NotFoundException("keeper"));
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("pelluna-everything-" + LocalDate.now(clock) + ".zip")
                        .build()
                        .toString());
        try (ZipOutputStream zip = new ZipOutputStream(response.getOutputStream())) {
            put(zip, "account.json", json(account(keeper)));
            put(zip, "mailbox.json", json(letters(keeper)));
            for (TankRow tank : tanks.of(keeper.id())) {
                put(
                        zip,
                        "tanks/" + file(tank),
                        DataPackage.write(tanks.plan(keeper.id(), tank.id()), journal.photos(keeper.id(), tank.id())));
            }
        }
    }

    private static String file(TankRow tank) {
        String plain = tank.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return plain + "-" + tank.id().toString().substring(0, 8) + ".zip";
    }

    private static Map<String, Object> account(KeeperRow keeper) {
        Map<String, Object> account = new LinkedHashMap<>();
        account.put("name", keeper.username());
        account.put("calledBy", keeper.displayName());
        account.put("since", keeper.createdAt().toString());
        account.put("mail", keeper.email().orElse(""));
        account.put("lengths", keeper.lengthUnit().symbol());
        account.put("volumes", keeper.volumeUnit().symbol());
        account.put("temperatures", keeper.temperatureUnit().symbol());
        return account;
    }

    private List<Map<String, String>> letters(KeeperRow keeper) {
        return mailbox.of(keeper.id()).stream()
                .map(one -> Map.of(
                        "subject",
                        one.subject(),
                        "body",
                        one.body(),
                        "at",
                        one.dueAt().toString()))
                .toList();
    }

    private static byte[] json(Object value) {
        return Json.MAPPER.writeValueAsString(value).getBytes(StandardCharsets.UTF_8);
    }

    private static void put(ZipOutputStream zip, String path, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(path));
        zip.write(content);
        zip.closeEntry();
    }
}
