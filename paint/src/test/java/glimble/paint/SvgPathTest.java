package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Path2D;
import org.junit.jupiter.api.Test;

class SvgPathTest {

    @Test
    void every_kind_of_segment_is_written() {
        Path2D path = new Path2D.Double();
        path.moveTo(0, 0);
        path.lineTo(10, -0.5);
        path.quadTo(1, 2, 3, 4);
        path.curveTo(1, 2, 3, 4, 5.123, 6);
        path.closePath();
        assertThat(SvgPath.of(path)).isEqualTo("M0 0L10 -0.5Q1 2 3 4C1 2 3 4 5.12 6Z");
    }

    @Test
    void nothing_is_an_empty_text() {
        assertThat(SvgPath.of(new Path2D.Double())).isEmpty();
    }
}
