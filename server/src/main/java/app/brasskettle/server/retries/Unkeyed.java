package app.brasskettle.server.retries;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A call of a changing method that runs outside the one transaction of a call and takes no key: it changes nothing, changes only
 * who is signed in, or keeps what it does step by step because it outlives its own answer.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.METHOD, ElementType.TYPE})
public @interface Unkeyed {

    /** Why a repetition does no harm. */
    String value();
}
