package app.brasskettle.core.worksheet;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How a form asks for a component of a record, where its name says it badly; nothing at all where an instrument fills it in. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Asked {

    /** The label of the field; empty where nobody is asked. */
    String value();
}
