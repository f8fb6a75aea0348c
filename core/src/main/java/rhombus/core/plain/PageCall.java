package rhombus.core.plain;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * On a method that the page calls: the build writes the bridge to JavaScript from it. A method without parameters that gives an
 * object with such methods is a property of the page's object. A parameter {@code Map<String, String> layout} is not the page's:
 * the bridge fills in what the user's keyboard prints on its keys.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface PageCall {
    /** Whether the page gets the same list, and the same objects in it, as long as they are equal to those before. */
    boolean keepsEqual() default false;

    /** Whether the page hands in an object, into which only the parts that have changed since the last call are written. */
    boolean patches() default false;
}
