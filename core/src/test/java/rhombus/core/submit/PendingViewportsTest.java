package rhombus.core.submit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PendingViewportsTest {
    private final PendingViewports u = new PendingViewports();

    @Test
    void whatWasDrawnWithLessDetailIsDrawnInFullOnceAndThenNobodyWaits() {
        assertThat(u.in(true)).isEqualTo(-1);
        u.drawn(2, false);
        u.drawn(0, false);
        u.owe(5);
        u.drawn(0, true);
        assertThat(u.in(true)).isEqualTo(DetailEasing.REST);
        assertThat(u.in(false)).isZero();
        assertThat(u.finish()).containsExactly(2, 5);
        assertThat(u.in(false)).isEqualTo(-1);
        assertThat(u.takeFinishing()).isTrue();
        assertThat(u.takeFinishing()).isFalse();
    }
}
