package neatcorner.exchange.template;

import java.util.List;
import java.util.Locale;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.outline.Template;
import neatcorner.outline.Vertex;

/**
 * A template as a DXF drawing (release 12, ASCII), in millimetres, y upwards: layers CUT, RABBET and BLANK, each a polyline.
 */
public final class TemplateDxf {
    private final StringBuilder text = new StringBuilder();

    private TemplateDxf() {}

    /** The text of the file, release 12, in millimetres. */
    public static String write(Template template) {
        TemplateDxf dxf = new TemplateDxf();
        dxf.pair(999, "millimeters");
        dxf.pair(0, "SECTION").pair(2, "HEADER").pair(9, "$ACADVER").pair(1, "AC1009").pair(0, "ENDSEC");
        dxf.pair(0, "SECTION").pair(2, "ENTITIES");
        dxf.polyline("CUT", template.cut(), true);
        if (!template.rabbet().places().isEmpty()) {
            dxf.polyline("RABBET", template.rabbet(), false);
        }
        dxf.polyline("BLANK", template.blank(), true);
        dxf.pair(0, "ENDSEC").pair(0, "EOF");
        return dxf.text.toString();
    }

    /** A part of a jig: layers CUT, MARK and DRILL, the last with circles. */
    public static String write(JigDesign.Template template) {
        TemplateDxf dxf = new TemplateDxf();
        dxf.pair(999, "millimeters");
        dxf.pair(0, "SECTION").pair(2, "HEADER").pair(9, "$ACADVER").pair(1, "AC1009").pair(0, "ENDSEC");
        dxf.pair(0, "SECTION").pair(2, "ENTITIES");
        dxf.polyline("CUT", template.outline(), true);
        template.lines().forEach(line -> dxf.polyline("MARK", line, false));
        for (JigDesign.Hole hole : template.holes()) {
            dxf.pair(0, "CIRCLE").pair(8, "DRILL").pair(10, number(hole.at().x())).pair(20, number(-hole.at().y()))
                    .pair(40, number(hole.diameter() / 2));
        }
        dxf.pair(0, "ENDSEC").pair(0, "EOF");
        return dxf.text.toString();
    }

    private TemplateDxf pair(int code, String value) {
        text.append(String.format(Locale.ROOT, "%3d", code)).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private void polyline(String layer, List<Vertex> places, boolean closed) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, closed ? "1" : "0");
        for (Vertex v : places) {
            pair(0, "VERTEX").pair(8, layer).pair(10, number(v.x())).pair(20, number(-v.y()));
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    /** Arcs as bulges: the tangent of a quarter of their angle, positive counter-clockwise with y upwards. */
    private void polyline(String layer, Template.Path path, boolean closed) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, closed ? "1" : "0");
        for (int i = 0; i < path.places().size(); i++) {
            Vertex v = path.places().get(i);
            pair(0, "VERTEX").pair(8, layer).pair(10, number(v.x())).pair(20, number(-v.y()));
            double radius = path.radii().get(i);
            if (radius != 0) {
                double chord = v.distanceTo(path.places().get(i + 1));
                double angle = 2 * Math.asin(Math.min(1, chord / 2 / Math.abs(radius)));
                pair(42, String.format(Locale.ROOT, "%.9f", -Math.signum(radius) * Math.tan(angle / 4)));
            }
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value == 0 ? 0.0 : value);
    }
}
