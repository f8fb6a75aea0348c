package rhombus.e2e;

import java.lang.annotation.ElementType;
import java.lang.annotation.Inherited;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * A test that looks at pixels of the canvas, or at what only the whole browser does, such as printing: its pages draw. All others are given a graphics context that draws nothing, since
 * drawing is most of what a page costs where there is no graphics card. On a method of a class whose tests share a page it is too late.
 */
@Tag("drawn")
@Inherited
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.TYPE, ElementType.METHOD})
@ExtendWith(Drawn.Switch.class)
@interface Drawn {
    /** Lets the pages draw that are opened meanwhile. */
    final class Switch implements BeforeAllCallback, BeforeEachCallback, AfterEachCallback, AfterAllCallback {
        @Override
        public void beforeAll(ExtensionContext context) {
            Browser.draws = true;
        }

        @Override
        public void beforeEach(ExtensionContext context) {
            Browser.draws = true;
        }

        @Override
        public void afterEach(ExtensionContext context) {
            Browser.draws = false;
        }

        @Override
        public void afterAll(ExtensionContext context) {
            Browser.draws = false;
        }
    }
}
