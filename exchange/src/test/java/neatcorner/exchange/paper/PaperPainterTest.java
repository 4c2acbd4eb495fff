package neatcorner.exchange.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.station.section.SectionFields;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;

class PaperPainterTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);
    private static final Notation INCH = new Notation(ReadingStep.INCH_32ND, Spelling.US);

    private final Pen pen = mock(Pen.class);

    private void paint(Notation notation, Drawing.Primitive primitive) {
        new PaperPainter(pen, notation).paint(new Drawing(100, 100, 1, 0, 0, List.of(primitive)));
    }

    @Test
    void shapesAndLinesGoToThePenAsTheyAre() {
        List<Point> shape = List.of(new Point(0, 0), new Point(5, 0), new Point(5, 5));
        paint(MM, new Drawing.Fill(shape, Tint.MAT));
        paint(MM, new Drawing.Stroke(shape, Tint.CUT, 2, true));
        verify(pen).fill(shape, Tint.MAT);
        verify(pen).stroke(shape, Tint.CUT, 2, true);
        verifyNoMoreInteractions(pen);
    }

    @Test
    void aValueStandsOnABlankGroundWithoutItsUnit() {
        paint(MM, new Drawing.Value(50, 40, Anchor.MIDDLE, Length.mm(739), "Width", null));
        InOrder order = inOrder(pen);
        order.verify(pen).blank(anyDouble(), anyDouble(), anyDouble(), anyDouble());
        order.verify(pen).write(anyDouble(), anyDouble(), eq(Anchor.START), eq("739"), anyDouble(),
                eq(Pen.Face.FIGURES), eq(Tint.INK));
        verify(pen, never()).write(anyDouble(), anyDouble(), any(), eq("mm"), anyDouble(), any(), any());
    }

    @Test
    void anAngleKeepsItsDegreeSign() {
        paint(MM, new Drawing.Value(50, 40, Anchor.START, Angle.ofDegrees(22.5), "Miter", null));
        verify(pen).write(anyDouble(), anyDouble(), any(), eq("22.5"), anyDouble(), any(), any());
        verify(pen).write(anyDouble(), anyDouble(), any(), eq("°"), anyDouble(), any(), any());
    }

    @Test
    void fractionsAreStackedWithALineBetween() {
        paint(INCH, new Drawing.Value(50, 40, Anchor.END, Length.inches(15, 3, 32), "Width", null));
        verify(pen).write(anyDouble(), anyDouble(), any(), eq("15"), anyDouble(), any(), any());
        verify(pen).write(anyDouble(), anyDouble(), eq(Anchor.MIDDLE), eq("3"), anyDouble(), any(), any());
        verify(pen).write(anyDouble(), anyDouble(), eq(Anchor.MIDDLE), eq("32"), anyDouble(), any(), any());
        verify(pen).stroke(any(), eq(Tint.INK), anyDouble(), anyBoolean());
    }

    @Test
    void handlesAreForScreensOnly() {
        paint(MM, new Drawing.Handle(5, 5, SectionFields.THICKNESS, 0, 1));
        verifyNoMoreInteractions(pen);
    }

    @Test
    void widthIsWhatWritingTakes() {
        for (Length length : List.of(Length.mm(739), Length.inches(15, 3, 32), Length.inches(0, 1, 2),
                Length.mm(-3))) {
            for (Notation notation : List.of(MM, INCH)) {
                double end = new PaperPainter(pen, notation).write(7, 0, notation.figures(length), 12,
                        Pen.Face.FIGURES);
                assertEquals(PaperPainter.width(notation.figures(length), 12), end - 7, 1e-9,
                        notation.text(length));
            }
        }
    }

    /** Contrast as WCAG 2.1 defines it: what is written must stand out from white paper by 4.5 to 1. */
    @Test
    void whatIsWrittenCanBeReadOnWhitePaper() {
        for (Tint tint : List.of(Tint.INK, Tint.FAINT_INK, Tint.CUT, Tint.DEFECT)) {
            assertTrue(1.05 / (luminance(PaperInks.rgb(tint)) + 0.05) > 4.5, tint.name());
        }
        for (Tint tint : Tint.values()) {
            if (tint.name().startsWith("WOOD_") && tint != Tint.WOOD_INK) {
                double contrast = (luminance(PaperInks.rgb(tint)) + 0.05)
                        / (luminance(PaperInks.rgb(tint.letters())) + 0.05);
                assertTrue(contrast > 4.5, tint + " under letters: " + contrast);
            }
        }
    }

    /** Only wood is warm: everything else has at least as much blue as red. */
    @Test
    void onlyWoodIsWarm() {
        for (Tint tint : Tint.values()) {
            int rgb = PaperInks.rgb(tint);
            boolean warm = (rgb >> 16) > (rgb & 0xff);
            boolean wood = tint.name().startsWith("WOOD_") || tint.name().startsWith("GRAIN_");
            assertTrue(wood == warm || tint == Tint.HIGHLIGHT, tint.name());
        }
    }

    private static double luminance(int rgb) {
        return 0.2126 * channel(rgb >> 16) + 0.7152 * channel(rgb >> 8 & 0xff) + 0.0722 * channel(rgb & 0xff);
    }

    private static double channel(int value) {
        double share = value / 255.0;
        return share <= 0.03928 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }
}
