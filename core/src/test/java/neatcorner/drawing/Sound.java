package neatcorner.drawing;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Units;
import neatcorner.plan.Slate;

/** What is asked of any picture and any slate, whatever the job. */
public final class Sound {
    private static final List<Notation> BOTH = List.of(Notation.of(Units.MILLIMETRES), Notation.of(Units.INCHES));

    private Sound() {}

    /** A picture has something in it, all of it somewhere. */
    public static void assertSound(Figure figure) {
        assertFalse(figure.title().isBlank());
        assertTrue(figure.bounds().width() >= 0 && figure.bounds().height() >= 0, figure.title());
        assertFalse(figure.marks().isEmpty(), figure.title());
        for (Mark mark : figure.marks()) {
            points(mark).forEach(
                    p -> assertTrue(Double.isFinite(p.x()) && Double.isFinite(p.y()), figure.title() + ": " + mark));
        }
    }

    /** Each figure is a number in both unit systems, and its working is filled in. */
    public static void assertSound(Slate slate) {
        for (Slate.Row row : slate.rows()) {
            assertFalse(row.readings().isEmpty(), row.name());
            for (Reading reading : row.readings()) {
                for (Notation notation : BOTH) {
                    String working = reading.working(notation);
                    assertFalse(working.contains("{") || working.contains("NaN") || working.contains("Infinity")
                            || working.contains("∞"), row.name() + ": " + working);
                    assertTrue(working.chars().anyMatch(Character::isDigit) || reading.isGiven(), working);
                }
            }
        }
    }

    private static Stream<Point> points(Mark mark) {
        return switch (mark) {
            case Mark.Area area -> area.outline().stream();
            case Mark.Shaded shaded -> shaded.outline().stream();
            case Mark.Painted painted -> painted.outline().stream();
            case Mark.Photo photo -> Stream.concat(photo.outline().stream(), photo.box().corners().stream());
            case Mark.Line line -> line.points().stream();
            case Mark.Path path -> Stream.concat(path.points().stream(), path.fine().stream());
            case Mark.Wood wood -> Stream.concat(wood.outline().stream(), wood.parts().stream().flatMap(List::stream));
            case Mark.Hatch hatch -> hatch.outline().stream();
            case Mark.Dimension dimension -> Stream.of(dimension.from(), dimension.to());
            case Mark.Value value -> Stream.of(value.at());
            case Mark.Label label -> Stream.of(label.at());
            case Mark.Handle handle -> Stream.of(handle.at());
            case Mark.CornerAngle angle -> Stream.of(angle.at());
            case Mark.Thing thing -> thing.outline().stream();
            case Mark.CornerHandle handle -> Stream.of(handle.at());
        };
    }
}
