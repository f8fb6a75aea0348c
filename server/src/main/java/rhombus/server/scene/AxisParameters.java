package rhombus.server.scene;

import org.springframework.http.HttpStatus;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.LengthUnit;
import rhombus.server.common.RequestRefused;

/** Axes and units as requests name them. */
public final class AxisParameters {
    private AxisParameters() {}

    /**
     * The axis of a word.
     *
     * @param field what the request calls it
     * @param word Y or Z in either case, or null
     * @return null for null
     * @throws RequestRefused with 422 for anything else
     */
    public static UpAxis up(String field, String word) {
        for (UpAxis u : UpAxis.values()) {
            if (u.name().equalsIgnoreCase(word)) {
                return u;
            }
        }
        if (word == null) {
            return null;
        }
        String words = "\"%s\" must be \"y\" or \"z\".".formatted(field);
        throw new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, words);
    }

    /**
     * The unit of a sign.
     *
     * @return null for null
     * @throws RequestRefused with 422 for a sign that is not known
     */
    public static LengthUnit unit(String sign) {
        LengthUnit unit = LengthUnit.of(sign);
        if (unit == null && sign != null) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "\"unit\" must be one of \"m\", \"cm\", \"mm\", \"micron\", \"in\" and \"ft\".");
        }
        return unit;
    }
}
