package app.brasskettle.server.quotes;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/** A quote as an e-mail with its pages: sent where a mail server is set ({@code spring.mail.host}), else as a file to send by hand. */
@Component
class QuoteMail {

    private static final Logger LOG = LoggerFactory.getLogger(QuoteMail.class);

    private final Optional<JavaMailSender> sender;
    private final String from;

    QuoteMail(ObjectProvider<JavaMailSender> sender, @Value("${brasskettle.mail-from:}") String from) {
        this.sender = Optional.ofNullable(sender.getIfAvailable());
        this.from = from;
    }

    /**
     * What became of an e-mail.
     *
     * @param sent whether a mail server took it
     * @param why why not
     * @param file the message (RFC 5322) where none took it, to be sent by hand
     */
    record Mailed(boolean sent, String why, Optional<String> file) {}

    /**
     * Refuses what is no address of one person.
     *
     * @throws InvalidInputException at {@code to}
     */
    static InternetAddress recipient(String to) {
        try {
            InternetAddress[] all = InternetAddress.parse(to == null ? "" : to, true);
            if (all.length == 1 && all[0].getAddress().contains("@")) {
                return all[0];
            }
        } catch (AddressException wrong) {
            // Told below in the same words as none or several.
        }
        throw new InvalidInputException(List.of(new Problem(
                "to", Problem.Code.SYNTAX, "to is “" + (to == null ? "" : to) + "”; one e-mail address is wanted")));
    }

    /** Empty when the mail server took it; why not otherwise. */
    private String sent(MimeMessage message) {
        if (sender.isEmpty()) {
            return "No mail server is set";
        }
        try {
            sender.get().send(message);
            return "";
        } catch (MailException refused) {
            LOG.warn("The mail server did not take a quote", refused);
            return "The mail server did not take it";
        }
    }

    Mailed send(InternetAddress to, QuoteContent quote, String letter, byte[] pdf) {
        try {
            MimeMessage message = sender.map(JavaMailSender::createMimeMessage)
                    .orElseGet(() -> new MimeMessage(Session.getInstance(new Properties())));
            MimeMessageHelper helper = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
            helper.setTo(to);
            if (!from.isBlank()) {
                helper.setFrom(from);
            }
            helper.setSubject("Quote " + quote.version() + " for " + quote.machine() + " (" + quote.tag() + ")");
            helper.setText(letter);
            helper.addAttachment(
                    quote.tag() + "-quote-" + quote.version() + ".pdf", new ByteArrayResource(pdf), "application/pdf");
            String why = sent(message);
            if (why.isEmpty()) {
                return new Mailed(true, "", Optional.empty());
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            message.writeTo(out);
            return new Mailed(false, why, Optional.of(out.toString(StandardCharsets.UTF_8)));
        } catch (MessagingException | IOException broken) {
            throw new IllegalStateException("The e-mail could not be written", broken);
        }
    }
}
