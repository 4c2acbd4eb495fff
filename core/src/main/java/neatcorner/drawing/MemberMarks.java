package neatcorner.drawing;

import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.job.CutRing;
import neatcorner.member.MadeMember;
import neatcorner.outline.Contours;
import neatcorner.outline.Vertex;
import neatcorner.plan.Plan;

/** What belongs to a frame besides its rings, as it is seen from the front or from behind. */
public final class MemberMarks {
    private final Plan plan;
    private final Marks marks;
    private final UnaryOperator<Point> at;

    /** @param at where a place of the front, the middle of its sight opening at 0, 0, is drawn */
    public MemberMarks(Plan plan, Marks marks, UnaryOperator<Point> at) {
        this.plan = plan;
        this.marks = marks;
        this.at = at;
    }

    /** Those that lie so deep. */
    public void draw(MadeMember.Depth depth) {
        int seed = 131;
        for (MadeMember member : plan.members()) {
            for (MadeMember.Shape shape : member.shapes()) {
                if (shape.depth() == depth) {
                    draw(member, shape, seed);
                }
                seed++;
            }
        }
    }

    private void draw(MadeMember member, MadeMember.Shape shape, int seed) {
        List<Point> outline = placed(shape.outline());
        switch (member.member().kind().matter()) {
            case WOOD -> marks.woodRound(outline, placed(shape.opening()),
                    shape.parts().stream().map(this::placed).toList(), Tint.wood(member.member().wood()),
                    grain(shape.grain()), seed);
            case METAL -> marks.area(outline, Tint.METAL, Tint.INK, 1);
            case AIR -> marks.area(outline, Tint.TABLE, Tint.INK, 1);
        }
    }

    private double grain(double angle) {
        Point along = at.apply(new Point(Math.cos(angle), Math.sin(angle)));
        Point from = at.apply(new Point(0, 0));
        return Math.atan2(along.y() - from.y(), along.x() - from.x());
    }

    private List<Point> placed(List<Vertex> outline) {
        return outline.stream().map(FrameFront::point).map(at).toList();
    }

    /** The box round the frame's own and all rings and parts that stand out of it, from the front. */
    public static Box around(Plan plan, Box frame) {
        Box all = frame;
        for (CutRing ring : plan.rings()) {
            Contours edges = ring.contours();
            all = edges == null ? all : both(all, FrameFront.box(edges.outside()));
        }
        for (MadeMember member : plan.members()) {
            for (MadeMember.Shape shape : member.shapes()) {
                all = both(all, FrameFront.box(shape.outline().stream().map(FrameFront::point).toList()));
            }
        }
        return all;
    }

    private static Box both(Box one, Box other) {
        return new Box(Math.min(one.left(), other.left()), Math.min(one.top(), other.top()),
                Math.max(one.right(), other.right()), Math.max(one.bottom(), other.bottom()));
    }
}
