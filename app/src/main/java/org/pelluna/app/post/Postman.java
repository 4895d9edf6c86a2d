package org.pelluna.app.post;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Carries letters from the outbox to the server for mail. Without one they stay in the outbox. */
@Component
public class Postman {
    private static final Logger LOG = LoggerFactory.getLogger(Postman.class);
    private static final int A_ROUND = 100;

    private final Outbox outbox;
    private final Notices notices;
    private final ObjectProvider<JavaMailSender> server;
    private final String host;
    private final String from;

    Postman(
            Outbox outbox,
            Notices notices,
            ObjectProvider<JavaMailSender> server,
            @Value("${spring.mail.host:}") String host,
            @Value("${pelluna.mail-from}") String from) {
        this.outbox = outbox;
        this.notices = notices;
        this.server = server;
        this.host = host;
        this.from = from;
    }

    /** One round, by one instance at a time. */
    @Scheduled(fixedDelayString = "PT15S", initialDelayString = "PT10S")
    @SchedulerLock(name = "post", lockAtMostFor = "PT5M")
    public void round() {
        notices.write();
        if (host.isBlank()) {
            return;
        }
        for (int i = 0; i < A_ROUND; i++) {
            Optional<Letter> next = outbox.take();
            if (next.isEmpty() || !send(next.get())) {
                return;
            }
        }
    }

    private boolean send(Letter letter) {
        try {
            JavaMailSender sender = server.getObject();
            MimeMessage message = sender.createMimeMessage();
            MimeMessageHelper text = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
            text.setFrom(from);
            text.setTo(letter.recipient());
            text.setSubject(letter.subject().replaceAll("\\p{Cntrl}", " "));
            text.setText(letter.body());
            Notices.stopLink(letter.body()).ifPresent(link -> header(message, link));
            sender.send(message);
            return true;
        } catch (MailException | MessagingException e) {
            LOG.warn(
                    "letter {} could not be sent and is tried again: {}",
                    letter.id(),
                    e.getClass().getSimpleName());
            outbox.putBack(letter.id());
            return false;
        }
    }

    /** Lets the reader's own program stop notices by one press. Source: RFC 8058. */
    private static void header(MimeMessage message, String link) {
        try {
            message.setHeader("List-Unsubscribe", "<" + link + ">");
            message.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        } catch (MessagingException e) {
            throw new IllegalStateException("a header of letters and signs", e);
        }
    }
}
