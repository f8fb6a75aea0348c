package rhombus.boundary;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** On a method that the page calls: what the browser object that it gives, or takes, stands for. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.METHOD, ElementType.PARAMETER})
public @interface Gives {
    /** A record; {@code Map.class} for plain data, {@code String.class} for texts. */
    Class<?> value();

    /** Whether it is a list of them. */
    boolean list() default false;

    /** Whether it may be null. */
    boolean orNull() default false;
}
