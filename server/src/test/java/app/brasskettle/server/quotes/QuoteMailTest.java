package app.brasskettle.server.quotes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetupTest;
import jakarta.mail.Multipart;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.support.StaticListableBeanFactory;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class QuoteMailTest {

    /** No mail server is set in a test: the message comes as a file, with the pages and an address that opens the quote. */
    @Test
    void withoutAMailServerTheMessageIsAFile(Visitor visitor) throws Exception {
        visitor.as("office").post("/api/jobs/TQ-0409/quotes", Map.of()).with(200);
        int version =
                visitor.get("/api/jobs/TQ-0409/quotes").json().at("/0/version").asInt();
        JsonNode mailed = visitor.post(
                        "/api/jobs/TQ-0409/quotes/" + version + "/mail",
                        Map.of("to", "R. Ashe <ashe@creamery.example>"))
                .with(200)
                .json();
        assertThat(mailed.get("sent").asBoolean()).isFalse();
        MimeMessage message = new MimeMessage(
                Session.getInstance(new Properties()),
                new ByteArrayInputStream(mailed.get("file").asString().getBytes(StandardCharsets.UTF_8)));
        assertThat(message.getAllRecipients()[0].toString()).contains("ashe@creamery.example");
        assertThat(message.getSubject()).startsWith("Quote " + version).contains("TQ-0409");
        Multipart parts = (Multipart) message.getContent();
        assertThat(parts.getBodyPart(1).getFileName()).isEqualTo("TQ-0409-quote-" + version + ".pdf");
        assertThat(parts.getBodyPart(1).getInputStream().readNBytes(5)).isEqualTo("%PDF-".getBytes());
        assertThat(visitor.get("/api/jobs/TQ-0409/journal").text()).contains("ashe@creamery.example");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nobody", "a@b.example, c@d.example", "a@b.example\r\nBcc: c@d.example"})
    void whatIsNoOneAddressIsRefused(String to) {
        assertThatThrownBy(() -> QuoteMail.recipient(to)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    void withAMailServerItIsSent(Visitor visitor, RunningServer.Running server) throws Exception {
        visitor.as("office").post("/api/jobs/TQ-0409/quotes", Map.of()).with(200);
        QuoteBook quotes = server.context().getBean(QuoteBook.class);
        QuoteContent quote = server.context()
                .getBean(CurrentShop.class)
                .in(
                        Shop.FIRST,
                        () -> quotes.find("TQ-0409", quotes.newest("TQ-0409").orElseThrow())
                                .content());
        GreenMail postOffice = new GreenMail(ServerSetupTest.SMTP.dynamicPort());
        postOffice.start();
        try {
            JavaMailSenderImpl sender = new JavaMailSenderImpl();
            sender.setHost("127.0.0.1");
            sender.setPort(postOffice.getSmtp().getPort());
            StaticListableBeanFactory beans = new StaticListableBeanFactory(Map.of("sender", sender));
            QuoteMail mail = new QuoteMail(beans.getBeanProvider(JavaMailSender.class), "office@tarnquay.example");
            assertThat(mail.send(QuoteMail.recipient("ashe@creamery.example"), quote, "the letter", new byte[] {1, 2})
                            .sent())
                    .isTrue();
            MimeMessage[] received = postOffice.getReceivedMessages();
            assertThat(received).hasSize(1);
            assertThat(received[0].getFrom()[0].toString()).isEqualTo("office@tarnquay.example");
            postOffice.stop();
            QuoteMail.Mailed refused =
                    mail.send(QuoteMail.recipient("ashe@creamery.example"), quote, "the letter", new byte[] {1, 2});
            assertThat(refused.sent()).isFalse();
            assertThat(refused.why()).contains("did not take it");
            assertThat(refused.file().orElseThrow()).contains("the letter");
        } finally {
            postOffice.stop();
        }
    }
}
