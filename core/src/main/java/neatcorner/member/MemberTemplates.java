package neatcorner.member;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Loop;
import neatcorner.outline.Template;
import neatcorner.outline.Vertex;

/** Full-size templates of what is sawn to a line: heads, the curved part of a trim band, one arc of a face and its corner. */
public final class MemberTemplates {
    private static final Template.Path NONE = new Template.Path(List.of(), List.of(), List.of());
    private static final double STEP = 0.02;

    private MemberTemplates() {}

    /**
     * One template.
     *
     * @param part what of the member it is; empty for all of it
     */
    public record Named(Member member, String part, Template template) {}

    /** Those of a member that has its place; none where nothing is sawn to a curve. */
    public static List<Named> of(MadeMember made, Ground ground) {
        Member member = made.member();
        return made.fault() == null ? SettingOut.of(member.kind()).templates().apply(member, ground) : List.of();
    }

    /** Of the board that an arched head is sawn from. */
    static List<Named> head(Member member, MemberKind.Head head, Ground ground) {
        Loop out = ground.outside();
        double across = out.right() - out.left();
        double rise = head.rise().toMm();
        double low = rise + member.width().toMm();
        Line line = new Line();
        line.arc(new Vertex(0, rise), new Vertex(across, rise), Scallops.radius(across, rise));
        line.to(new Vertex(across, low));
        line.to(new Vertex(0, low));
        return List.of(new Named(member, "", new Template(line.path(), NONE, box(0, 0, across, low))));
    }

    /** Of a band's part over an arched head; one that is straight throughout has none. */
    static List<Named> band(Member member, Ground ground) {
        Loop out = ground.outside();
        double width = member.width().toMm();
        double rise = ground.shoulder().toMm();
        if (rise <= 0) {
            return List.of();
        }
        double across = out.right() - out.left();
        double radius = Scallops.radius(across, rise);
        double half = across / 2 - width;
        double foot = radius - Math.sqrt(Math.max(0, (radius - width) * (radius - width) - half * half));
        Line line = new Line();
        line.arc(new Vertex(0, rise), new Vertex(across, rise), radius);
        line.arc(new Vertex(across - width, foot), new Vertex(width, foot), -(radius - width));
        return List.of(new Named(member, "", new Template(line.path(), NONE, box(0, 0, across, Math.max(rise, foot)))));
    }

    /** One arc down to as deep as its chord is long, and the corner with an arc on either side. */
    static List<Named> face(Member member, MemberKind.Face face, Ground ground) {
        Scallops scallops = SheetFace.scallops(face, ground.outside());
        double chord = scallops.chord();
        double wave = face.wave().toMm();
        double radius = scallops.radius(wave);
        Line one = new Line();
        one.arc(new Vertex(0, 0), new Vertex(chord, 0), radius);
        one.to(new Vertex(chord, chord / 2));
        one.to(new Vertex(0, chord / 2));
        Line corner = new Line();
        corner.arc(new Vertex(0, chord), new Vertex(0, 0), radius);
        corner.arc(new Vertex(0, 0), new Vertex(chord, 0), radius);
        corner.to(new Vertex(chord, chord));
        return List.of(new Named(member, MemberTexts.ARC, new Template(one.path(), NONE,
                box(0, -wave, chord, chord / 2))),
                new Named(member, MemberTexts.CORNER, new Template(corner.path(), NONE,
                        box(-wave, -wave, chord, chord))));
    }

    private static List<Vertex> box(double left, double top, double right, double bottom) {
        return List.of(new Vertex(left, top), new Vertex(right, top), new Vertex(right, bottom),
                new Vertex(left, bottom));
    }

    /** A closed line in the making. */
    private static final class Line {
        private final List<Vertex> places = new ArrayList<>();
        private final List<Double> radii = new ArrayList<>();
        private final List<Vertex> fine = new ArrayList<>();

        void to(Vertex place) {
            places.add(place);
            radii.add(0.0);
            fine.add(place);
        }

        /** From one place to another; a negative radius turns counter-clockwise. */
        void arc(Vertex from, Vertex to, double radius) {
            places.add(from);
            radii.add(radius);
            double chord = from.distanceTo(to);
            double r = Math.abs(radius);
            double half = Math.asin(Math.min(1, chord / 2 / r));
            double ux = (to.x() - from.x()) / chord;
            double uy = (to.y() - from.y()) / chord;
            double side = Math.signum(radius);
            double deep = Math.sqrt(Math.max(0, r * r - chord * chord / 4));
            Vertex center = new Vertex((from.x() + to.x()) / 2 - side * uy * deep,
                    (from.y() + to.y()) / 2 + side * ux * deep);
            int steps = Math.max(4, (int) Math.ceil(half / Math.acos(1 - Math.min(1, STEP / r))));
            for (int i = 0; i <= steps; i++) {
                double turn = half * (2.0 * i / steps - 1);
                double along = r * Math.sin(turn);
                double up = r * Math.cos(turn);
                fine.add(center.plus(ux * along + side * uy * up, uy * along - side * ux * up));
            }
            places.add(to);
            radii.add(0.0);
        }

        Template.Path path() {
            return new Template.Path(places, radii, fine);
        }
    }
}
