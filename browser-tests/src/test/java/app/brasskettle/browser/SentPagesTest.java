package app.brasskettle.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the front end weighs on the wire. */
@ExtendWith(Product.class)
class SentPagesTest {

    private static final Pattern ASSET = Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.(?:js|css))\"");
    private static final int FIRST_LOAD_BYTES = 350_000;

    private static HttpResponse<byte[]> get(Product.Running product, String path, String encoding)
            throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(product.address() + path))
                                .header("Accept-Encoding", encoding)
                                .build(),
                        BodyHandlers.ofByteArray());
    }

    @Test
    void scriptsAndStylesAreSentPackedToWhoeverTakesThemSo(Product.Running product)
            throws IOException, InterruptedException {
        String page = new String(get(product, "/", "identity").body());
        List<String> assets = Stream.of(ASSET.matcher(page))
                .flatMap(m -> m.results().map(r -> r.group(1)))
                .toList();
        assertThat(assets).isNotEmpty();
        long sent = 0;
        for (String asset : assets) {
            HttpResponse<byte[]> packed = get(product, asset, "gzip");
            HttpResponse<byte[]> plain = get(product, asset, "identity");
            assertThat(packed.statusCode()).isEqualTo(200);
            assertThat(packed.headers().firstValue("Content-Type"))
                    .isEqualTo(plain.headers().firstValue("Content-Type"));
            assertThat(packed.headers().allValues("Vary")).anyMatch(v -> v.contains("Accept-Encoding"));
            assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
            if (plain.body().length > 10_000) {
                assertThat(packed.headers().firstValue("Content-Encoding"))
                        .as(asset)
                        .contains("gzip");
                assertThat(packed.body().length).isLessThan(plain.body().length / 2);
            }
            sent += packed.body().length;
        }
        assertThat(sent).isBetween(50_000L, (long) FIRST_LOAD_BYTES);
    }

    /** A link deep into the pages is the page itself, packed or not, and a file that is not there is not it. */
    @Test
    void aDeepLinkIsThePage(Product.Running product) throws IOException, InterruptedException {
        for (String encoding : List.of("identity", "gzip")) {
            HttpResponse<byte[]> deep = get(product, "/jobs/TQ-0401/bench/surge", encoding);
            assertThat(deep.statusCode()).isEqualTo(200);
            assertThat(deep.headers().firstValue("Content-Type").orElse("")).startsWith("text/html");
            assertThat(deep.headers().firstValue("Cache-Control").orElse("")).contains("no-cache");
            assertThat(get(product, "/assets/none.js", encoding).statusCode()).isEqualTo(404);
        }
        Matcher script = ASSET.matcher(new String(get(product, "/", "identity").body()));
        assertThat(script.find()).isTrue();
        assertThat(get(product, script.group(1), "gzip")
                        .headers()
                        .firstValue("Cache-Control")
                        .orElse(""))
                .contains("immutable");
    }
}
