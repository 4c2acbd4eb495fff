package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** Corners for the tests of this package. */
final class CornersOfTest {
    private CornersOfTest() {}

    static Length mm(double mm) {
        return Length.mm(mm);
    }

    static Section section(double w, double t, double rw, double rd) {
        return new Section(Species.named("white ash"), mm(w), mm(t), Rabbet.plain(mm(rw), mm(rd)));
    }

    static CornerWood wood(double interior, double before, double after, Section section) {
        return new CornerWood(new Corner(Angle.ofDegrees(interior), mm(before), mm(after)), CornerJoint.MITER, section,
                mm(5));
    }

    /** Ash 30 × 20 with a 6 × 12 rabbet, square corner. */
    static CornerWood square() {
        return wood(90, 30, 30, section(30, 20, 6, 12));
    }

    /** Wide enough for anything: 70 × 25 with an 8 × 12 rabbet. */
    static CornerWood wide() {
        return wood(90, 70, 70, section(70, 25, 8, 12));
    }

    static JoinedCorner joined(CornerWood wood, Reinforcement... all) {
        return JoinedCorner.of(wood, List.of(all));
    }

    static Reinforcement of(ReinforcementKind kind, double size, double thin, double wide, int count) {
        return Reinforcement.of(kind, mm(size), mm(thin), mm(wide), count);
    }
}
