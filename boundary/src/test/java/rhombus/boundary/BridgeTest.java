package rhombus.boundary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.page.PageModule;
import rhombus.core.page.PageSession;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.BinaryArrays;

class BridgeTest {
    /** Every kind of value that crosses. */
    public record Row(String id, @OrNull Double size, @Maybe List<Vec3> points, double[] numbers, boolean on) {}

    static final class Part {
        @PageCall
        public int[] numbers() {
            return new int[0];
        }
    }

    static final class Sample {
        @PageCall
        public Part part() {
            return new Part();
        }

        @PageCall
        @OrNull
        public Row row(String id, @OrNull String view, double x) {
            return null;
        }

        @PageCall(keepsEqual = true)
        public List<Row> rows(Map<String, String> layout) {
            return List.of();
        }

        @PageCall(patches = true)
        public Row change(int view) {
            return null;
        }

        @PageCall
        public void open(BinaryArrays file, Map<String, Object> more, double[] numbers, Vec3 at) {}

        public void notForThePage() {}
    }

    static final class Overloaded {
        @PageCall
        public void same(int a) {}

        @PageCall
        public void same(String a) {}
    }

    static final class KeepsTooMuch {
        @PageCall(keepsEqual = true)
        public List<Row> rows(String of) {
            return List.of();
        }
    }

    static final class Unknown {
        @PageCall
        public void take(Thread t) {}
    }

    @Test
    void typesOfTypeScriptFollowTheMethodsThatThePageCalls() {
        assertThat(TypeScript.calls(Sample.class).lines())
                .containsExactly(
                        "export interface Sample {",
                        "  change(view: number, target: Row, fresh: boolean): void;",
                        "  open(file: ArrayBuffer, more: Plain, numbers: Float64Array<ArrayBuffer>, at: Vec): void;",
                        "  readonly part: Part;",
                        "  row(id: string, view: string | null, x: number): Row | null;",
                        "  rows(): Row[];",
                        "}");
        assertThat(TypeScript.of(Row.class).lines())
                .containsExactly(
                        "export interface Row {",
                        "  id: string;",
                        "  size: number | null;",
                        "  points?: Vec[];",
                        "  numbers: number[];",
                        "  on: boolean;",
                        "}");
    }

    @Test
    void argumentsAndResultsAreConvertedByTheirTypes() {
        String bridge = Bridge.sources("p", Sample.class).get("SampleBridge");
        assertThat(bridge)
                .contains(
                        "of.open(new JsArrays(file, 0), JsPlain.map(more), numbers.toJavaArray(), JsPlain.vector(at));")
                .contains("return rowsKept.of(of.rows(layout));")
                .contains("return JsRecords.of(of.row(id, view, x));")
                .contains("part = new PartBridge(of.part(), layout);")
                .contains("JsRecords.change(fresh ? null : changeLast.get(key), now, target);")
                .doesNotContain("notForThePage");
        assertThat(Bridge.sources("p", Part.class).get("PartBridge")).contains("return JsArrays.of(of.numbers());");
    }

    @Test
    void partsAndRecordsAreFoundFromTheRoot() {
        assertThat(PageClasses.from(Sample.class)).containsExactly(Sample.class, Part.class);
        assertThat(PageClasses.records(PageClasses.from(Sample.class))).containsExactly(Row.class);
    }

    @Test
    void whatCannotCrossIsRefusedByName() {
        assertThatThrownBy(() -> Bridge.sources("p", Overloaded.class)).hasMessageContaining("two methods same");
        assertThatThrownBy(() -> Bridge.sources("p", Unknown.class)).hasMessageContaining("java.lang.Thread");
        assertThatThrownBy(() -> Bridge.sources("p", KeepsTooMuch.class)).hasMessageContaining("rows");
    }

    /** Javac sees the same when the module of the browser is built; here it is told which method is at fault. */
    @Test
    void everyMethodThatThePageCallsCanCross() {
        var all = PageClasses.from(PageSession.class);
        all.add(PageModule.class);
        assertThat(all).hasSizeGreaterThan(20);
        for (Class<?> c : all) {
            assertThat(Bridge.sources("p", c))
                    .containsOnlyKeys(c.getSimpleName() + "Api", c.getSimpleName() + "Bridge");
            assertThat(TypeScript.calls(c)).startsWith("export interface " + c.getSimpleName());
        }
        assertThat(JsRecords.source("p", "JsRecords", PageClasses.records(all))).contains("final class JsRecords");
    }

    @Test
    void aCompilerThatWrapsCallsInAnotherWayIsNoticed() {
        assertThatThrownBy(() -> Calls.quick("function() {}")).isInstanceOf(IllegalArgumentException.class);
    }
}
