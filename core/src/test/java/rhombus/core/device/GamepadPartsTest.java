package rhombus.core.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Parts of a gamepad against the table of the standard mapping in the W3C Gamepad specification (from memory): 17 buttons,
 * by cluster and place, and four axes.
 */
class GamepadPartsTest {
    /** What the table says of each index, and our name for it. */
    private static final List<String[]> STANDARD = List.of(
            row("Bottom button in right cluster", "right-bottom"),
            row("Right button in right cluster", "right-right"),
            row("Left button in right cluster", "right-left"),
            row("Top button in right cluster", "right-top"),
            row("Top left front button", "front-left"),
            row("Top right front button", "front-right"),
            row("Bottom left front button", "low-front-left"),
            row("Bottom right front button", "low-front-right"),
            row("Left button in center cluster", "middle-left"),
            row("Right button in center cluster", "middle-right"),
            row("Left stick pressed button", "stick-left"),
            row("Right stick pressed button", "stick-right"),
            row("Top button in left cluster", "left-top"),
            row("Bottom button in left cluster", "left-bottom"),
            row("Left button in left cluster", "left-left"),
            row("Right button in left cluster", "left-right"),
            row("Center button in center cluster", "middle"));

    private static String[] row(String told, String name) {
        return new String[] {told, name};
    }

    @Test
    void buttonsStandInTheOrderOfTheStandardMapping() {
        assertThat(GamepadParts.BUTTONS)
                .containsExactlyElementsOf(STANDARD.stream().map(r -> r[1]).toList());
    }

    /** The table: axes 0 and 1 are the left stick's, 2 and 3 the right one's; negative is left and up. */
    @Test
    void axesAreThoseOfTheSticksWithUpPositive() {
        assertThat(GamepadParts.axes(new double[] {-1, -0.5, 0.25, 1}, new double[0]))
                .containsExactly(-1, 0.5, 0.25, -1, 0);
        assertThat(GamepadParts.AXES.subList(0, 4)).containsExactly("left-x", "left-y", "right-x", "right-y");
    }

    @Test
    void theLowerFrontButtonsAreAnAxisTogether() {
        double[] buttons = new double[17];
        buttons[7] = 0.75;
        buttons[6] = 0.25;
        assertThat(GamepadParts.axes(new double[4], buttons)[4]).isEqualTo(0.5);
    }

    @Test
    void whatIsNotThereOrNoNumberIsInItsMiddle() {
        assertThat(GamepadParts.axes(new double[] {Double.NaN, 7}, new double[] {1}))
                .containsExactly(0, -1, 0, 0, 0);
        assertThat(GamepadParts.pressed(new double[] {Double.NaN, -3, 9}, 0)).isZero();
        assertThat(GamepadParts.pressed(new double[] {Double.NaN, -3, 9}, 1)).isZero();
        assertThat(GamepadParts.pressed(new double[] {Double.NaN, -3, 9}, 2)).isEqualTo(1);
        assertThat(GamepadParts.pressed(new double[0], 16)).isZero();
    }
}
