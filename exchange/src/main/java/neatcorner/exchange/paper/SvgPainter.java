package neatcorner.exchange.paper;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;
import neatcorner.exchange.PlainText;
import neatcorner.measure.Notation;
import neatcorner.section.Face;

/** A figure as SVG 1.1, with its title, readable by any browser or drawing program. */
public final class SvgPainter {

    /** CSS pixels: 96 to the inch. */
    private static final double PIXELS_PER_MM = 96 / 25.4;

    private SvgPainter() {}

    /** The figure laid out in a picture of that size in pixels. */
    public static String write(Figure figure, double width, double height, Notation notation) {
        return write(figure.title(), Drawing.of(figure, width, height, notation), "", notation);
    }

    /** The figure as large as it is: 1:1 when printed without fitting it to the page. */
    public static String fullSize(Figure figure, Notation notation) {
        return write(figure.title(), Drawing.atScale(figure, PIXELS_PER_MM, notation), "mm", notation);
    }

    private static String write(String title, Drawing drawing, String unit, Notation notation) {
        double per = unit.isEmpty() ? 1 : PIXELS_PER_MM;
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
            xml.writeAttribute("width", number(drawing.width() / per) + unit);
            xml.writeAttribute("height", number(drawing.height() / per) + unit);
            xml.writeAttribute("viewBox", "0 0 " + number(drawing.width()) + " " + number(drawing.height()));
            xml.writeStartElement("title");
            xml.writeCharacters(PlainText.line(notation.words(title)));
            xml.writeEndElement();
            SvgPen pen = new SvgPen(xml);
            pen.blank(0, 0, drawing.width(), drawing.height());
            new PaperPainter(pen, notation).paint(drawing);
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing XML to memory failed", e);
        }
        return text.toString();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String color(Tint tint) {
        return String.format(Locale.ROOT, "#%06x", PaperInks.rgb(tint));
    }

    private record SvgPen(XMLStreamWriter xml) implements Pen {

        @Override
        public void fill(List<Point> outline, Tint tint) {
            element("polygon", "points", points(outline), "fill", color(tint));
        }

        @Override
        public void paint(List<Point> outline, Shade color, double opacity) {
            element("polygon", "points", points(outline), "fill", color.toString(), "fill-opacity", number(opacity));
        }

        /** Trimmed to its box; an outline that is no box is left to what is drawn over it. */
        @Override
        public void photo(List<Point> outline, Box box, String name) {
            element("image", "x", number(box.left()), "y", number(box.top()), "width", number(box.width()), "height",
                    number(box.height()), "preserveAspectRatio", "xMidYMid slice", "href", name);
        }

        @Override
        public void blank(double x, double y, double width, double height) {
            element("rect", "x", number(x), "y", number(y), "width", number(width), "height", number(height), "fill",
                    "#ffffff");
        }

        @Override
        public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {
            element("polyline", "points", points(points), "fill", "none", "stroke", color(tint), "stroke-width",
                    number(weight), "stroke-dasharray", dashed ? "6 4" : "none");
        }

        /** As an elliptical arc of SVG 1.1, chapter 8.3.8: radii, rotation, large-arc flag, sweep flag, end. */
        @Override
        public void path(Drawing.Path path) {
            StringBuilder data = new StringBuilder();
            for (int i = 0; i < path.points().size(); i++) {
                Point at = path.points().get(i);
                double radius = i == 0 ? 0 : path.radii().get(i - 1);
                String to = exact(at.x()) + "," + exact(at.y());
                data.append(i == 0
                        ? "M"
                        : radius == 0
                                ? " L"
                                : " A" + exact(Math.abs(radius)) + "," + exact(Math.abs(radius)) + " 0 0 "
                                        + (radius > 0 ? "1 " : "0 "))
                        .append(to);
            }
            Drawing.Stroke stroke = path.fine();
            element("path", "d", data.toString(), "fill", "none", "stroke", color(stroke.tint()), "stroke-width",
                    number(stroke.weight()), "stroke-dasharray", stroke.dashed() ? "6 4" : "none");
        }

        private static String exact(double value) {
            return String.format(Locale.ROOT, "%.4f", value);
        }

        @Override
        public void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint) {
            boolean figures = face == Face.FIGURES || face == Face.BOLD_FIGURES;
            boolean bold = face == Face.BOLD || face == Face.BOLD_FIGURES;
            try {
                xml.writeStartElement("text");
                attributes("x", number(x), "y", number(y), "text-anchor", anchor.name().toLowerCase(Locale.ROOT),
                        "font-family",
                        figures ? "Atkinson Hyperlegible Mono, monospace" : "Atkinson Hyperlegible Next, sans-serif",
                        "font-size", number(size), "font-weight", bold ? "700" : "400", "fill", color(tint));
                xml.writeCharacters(PlainText.line(text));
                xml.writeEndElement();
            } catch (XMLStreamException e) {
                throw new IllegalStateException("writing XML to memory failed", e);
            }
        }

        private void element(String name, String... attributes) {
            try {
                xml.writeEmptyElement(name);
                attributes(attributes);
            } catch (XMLStreamException e) {
                throw new IllegalStateException("writing XML to memory failed", e);
            }
        }

        private void attributes(String... pairs) throws XMLStreamException {
            for (int i = 0; i < pairs.length; i += 2) {
                xml.writeAttribute(pairs[i], pairs[i + 1]);
            }
        }

        private static String points(List<Point> points) {
            return points.stream().map(p -> number(p.x()) + "," + number(p.y())).collect(Collectors.joining(" "));
        }
    }
}
