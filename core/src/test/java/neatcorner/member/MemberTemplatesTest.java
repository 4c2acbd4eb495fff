package neatcorner.member;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Template;
import neatcorner.outline.Vertex;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** Templates laid under a compass: every point of an arc is as far from its centre as Pythagoras has it. */
class MemberTemplatesTest {
    private static final double NEAR = 1e-3;
    private static final Species PINE = Species.named("pine");
    private static final Section SIDE = new Section(PINE, Length.mm(40), Length.mm(20), Rabbet.NONE);
    /** 480 wide and 380 high outside, somewhere. */
    private static final Ground GROUND = new Ground(Contours.straight(new Loop(List.of(new Vertex(17, 9),
            new Vertex(417, 9), new Vertex(417, 309), new Vertex(17, 309))), 0, Collections.nCopies(4, Length.mm(40))),
            Outline.of(new Shape.Rectangle()), SIDE);
    private static final double RISE = 100;
    /** (480² ÷ 4 + 100²) ÷ 200. */
    private static final double RADIUS = 338;

    private static List<MemberTemplates.Named> of(MemberKind kind, double width, Ground ground) {
        Member member = new Member("it", "", kind, PINE, Length.mm(width), Length.mm(8));
        return MemberTemplates.of(Placing.of(member, ground), ground);
    }

    private static void isArc(List<Vertex> fine, Vertex from, Vertex to, Vertex centre, double radius) {
        int first = index(fine, from);
        int last = index(fine, to);
        assertTrue(last - first >= 4, "fine enough");
        for (Vertex at : fine.subList(first, last + 1)) {
            assertEquals(radius, at.distanceTo(centre), NEAR);
        }
        for (int i = first; i < last; i++) {
            double chord = fine.get(i).distanceTo(fine.get(i + 1));
            double sagitta = radius - Math.sqrt(radius * radius - chord * chord / 4);
            assertTrue(sagitta <= 0.0201, sagitta + " mm off the curve");
        }
    }

    private static int index(List<Vertex> fine, Vertex at) {
        for (int i = 0; i < fine.size(); i++) {
            if (fine.get(i).distanceTo(at) < NEAR) {
                return i;
            }
        }
        throw new AssertionError(at + " is no part of " + fine);
    }

    private static void fills(Template template) {
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        template.cut().fine().forEach(at -> {
            box[0] = Math.min(box[0], at.x());
            box[1] = Math.min(box[1], at.y());
            box[2] = Math.max(box[2], at.x());
            box[3] = Math.max(box[3], at.y());
        });
        for (Vertex corner : List.of(new Vertex(box[0], box[1]), new Vertex(box[2], box[1]), new Vertex(box[2], box[3]),
                new Vertex(box[0], box[3]))) {
            assertTrue(template.blank().stream().anyMatch(at -> at.distanceTo(corner) < 0.05),
                    corner + ": " + template.blank());
        }
    }

    @Test
    void aHeadIsAnArchOnABoard() {
        MemberTemplates.Named head = of(new MemberKind.Head(Length.mm(RISE)), 50, GROUND).getFirst();
        assertEquals("", head.part());
        Template.Path cut = head.template().cut();
        assertEquals(List.of(new Vertex(0, 100), new Vertex(480, 100), new Vertex(480, 150), new Vertex(0, 150)),
                cut.places());
        assertEquals(List.of(RADIUS, 0.0, 0.0, 0.0), cut.radii());
        isArc(cut.fine(), new Vertex(0, 100), new Vertex(480, 100), new Vertex(240, RADIUS), RADIUS);
        fills(head.template());
    }

    /** Its inner arc has the same centre, and ends where it is a band's width inside both ends. */
    @Test
    void aBandKeepsItsWidthRoundAnArch() {
        Ground arched = GROUND.with(Length.mm(50), Length.mm(RISE));
        MemberTemplates.Named band = of(new MemberKind.Trim(2), 30, arched).getFirst();
        Template.Path cut = band.template().cut();
        double inner = RADIUS - 30;
        double foot = RADIUS - Math.sqrt(inner * inner - 210 * 210);
        assertEquals(List.of(RADIUS, 0.0, -inner, 0.0), cut.radii());
        Vertex centre = new Vertex(240, RADIUS);
        isArc(cut.fine(), new Vertex(0, 100), new Vertex(480, 100), centre, RADIUS);
        isArc(cut.fine(), new Vertex(450, foot), new Vertex(30, foot), centre, inner);
        fills(band.template());
        assertEquals(List.of(), of(new MemberKind.Trim(2), 30, GROUND), "without an arch all of it is straight");
    }

    @Test
    void aFaceHasAnArcAndACorner() {
        MemberKind.Face face = new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.mm(9));
        List<MemberTemplates.Named> both = of(face, 1, GROUND);
        double chord = SheetFace.scallops(face, GROUND.outside()).chord();
        double radius = (chord * chord / 4 + 81) / 18;
        Template.Path one = both.get(0).template().cut();
        isArc(one.fine(), new Vertex(0, 0), new Vertex(chord, 0), new Vertex(chord / 2, radius - 9), radius);
        assertEquals(new Vertex(chord, chord / 2), one.places().get(2));
        fills(both.get(0).template());
        Template.Path corner = both.get(1).template().cut();
        isArc(corner.fine(), new Vertex(0, chord), new Vertex(0, 0), new Vertex(radius - 9, chord / 2), radius);
        List<Vertex> second = corner.fine().subList(corner.fine().lastIndexOf(new Vertex(0, 0)) < 0
                ? index(corner.fine(), new Vertex(0, 0)) + 1
                : corner.fine().lastIndexOf(new Vertex(0, 0)), corner.fine().size());
        isArc(second, new Vertex(0, 0), new Vertex(chord, 0), new Vertex(chord / 2, radius - 9), radius);
        fills(both.get(1).template());
        assertTrue(!both.get(0).part().isBlank() && !both.get(1).part().equals(both.get(0).part()));
    }

    @Test
    void whatHasNoPlaceHasNoTemplate() {
        assertEquals(List.of(), of(new MemberKind.Head(Length.mm(300)), 50, GROUND));
        assertEquals(List.of(), of(new MemberKind.Blocks(), 50, GROUND));
    }
}
