package app.brasskettle.server.pages;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PublicAddressTest {

    /** Whatever host a call names, a printed code leads to the shop. */
    @Test
    void theShopsOwnAddressIsWhatIsPrinted() {
        assertThat(new PublicAddress(" https://shop.example/bench ").of("/jobs/{tag}", "TQ-0401"))
                .isEqualTo("https://shop.example/bench/jobs/TQ-0401");
        assertThat(new PublicAddress("https://shop.example").of("/quote/{secret}", "a/b c"))
                .isEqualTo("https://shop.example/quote/a/b%20c");
    }
}
