package app.brasskettle.server.shops;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A call that reads all of its caller's shops together where it is asked with {@code shops=all}; any other call refuses that. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface ShopsTogether {

    /** The parameter that asks for it. */
    String PARAMETER = "shops";

    /** What it says. */
    String ALL = "all";
}
