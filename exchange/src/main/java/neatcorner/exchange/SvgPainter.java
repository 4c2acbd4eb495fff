package neatcorner.exchange;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neatcorner.figure.Anchor;
import neatcorner.figure.Drawing;
import neatcorner.figure.Figure;
import neatcorner.figure.Point;
import neatcorner.figure.Tint;
import neatcorner.measure.Notation;

/** A figure as SVG 1.1, with its title, readable by any browser or drawing program. */
public final class SvgPainter {

    private SvgPainter() {}

    /** The figure laid out in a picture of that size in pixels. */
    public static String write(Figure figure, double width, double height, Notation notation) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
            xml.writeAttribute("width", number(width));
            xml.writeAttribute("height", number(height));
            xml.writeAttribute("viewBox", "0 0 " + number(width) + " " + number(height));
            xml.writeStartElement("title");
            xml.writeCharacters(notation.words(figure.title()));
            xml.writeEndElement();
            SvgPen pen = new SvgPen(xml);
            pen.blank(0, 0, width, height);
            new PaperPainter(pen, notation).paint(Drawing.of(figure, width, height, notation));
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
        public void blank(double x, double y, double width, double height) {
            element("rect", "x", number(x), "y", number(y), "width", number(width), "height", number(height), "fill",
                    "#ffffff");
        }

        @Override
        public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {
            element("polyline", "points", points(points), "fill", "none", "stroke", color(tint), "stroke-width",
                    number(weight), "stroke-dasharray", dashed ? "6 4" : "none");
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
                xml.writeCharacters(text);
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
