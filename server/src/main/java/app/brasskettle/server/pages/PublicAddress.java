package app.brasskettle.server.pages;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * The address by which the shop is reached, for what is printed and sent. Where none is set it is the one a call came by, which is
 * only as good as its caller: a shop that prints codes sets its own.
 */
@Component
public class PublicAddress {

    private final String set;

    PublicAddress(@Value("${brasskettle.public-address}") String set) {
        this.set = set.strip();
    }

    /** The address of a page; {@code path} with its variables filled in. */
    public String of(String path, Object... variables) {
        UriComponentsBuilder base = set.isEmpty()
                ? ServletUriComponentsBuilder.fromCurrentContextPath()
                : UriComponentsBuilder.fromUriString(set);
        return base.path(path).buildAndExpand(variables).encode().toUriString();
    }
}
